// The offcut of a sheet along a whole edge.
import type { Rectangle, SheetProblem } from './sheet-problem.ts';

/**
 * The larger of the rectangles above all blanks and to their right, as far as they are worth keeping.
 * @param boxes     bounding boxes of the blanks, mm from the lower left corner
 * @param keepFrom  both sides of the smallest offcut worth keeping, mm
 * @returns null where none is left
 */
export function offcutBeside(
  { width, height }: { readonly width: number; readonly height: number },
  boxes: readonly Rectangle[],
  gap: number,
  keepFrom: SheetProblem['keepFrom'],
): Rectangle | null {
  const right = Math.max(0, ...boxes.map((box) => box.x + box.width + gap));
  const top = Math.max(0, ...boxes.map((box) => box.y + box.height + gap));
  const above = { x: 0, y: neat(top), width, height: neat(Math.max(0, height - top)) };
  const beside = { x: neat(right), y: 0, width: neat(Math.max(0, width - right)), height };
  const kept = [above, beside].filter((offcut) => isWorthKeeping(offcut, keepFrom));
  return kept.toSorted((a, b) => b.width * b.height - a.width * a.height)[0] ?? null;
}

/** Whether an offcut has area, and both its sides reach the least ones. */
function isWorthKeeping(
  { width, height }: Pick<Rectangle, 'width' | 'height'>,
  { short, long }: SheetProblem['keepFrom'],
): boolean {
  const [least, most] = [Math.min(width, height), Math.max(width, height)];
  return least > 0 && least >= Math.min(short, long) - 1e-9 && most >= Math.max(short, long) - 1e-9;
}

const neat = (mm: number) => Math.round(mm * 1e9) / 1e9;
