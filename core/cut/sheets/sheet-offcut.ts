// The offcut of a sheet along a whole edge.
import type { Rectangle } from './sheet-problem.ts';

/**
 * The larger of the rectangles above all blanks and to their right.
 * @param boxes  bounding boxes of the blanks, mm from the lower left corner
 * @returns null where nothing is left
 */
export function offcutBeside(
  { width, height }: { readonly width: number; readonly height: number },
  boxes: readonly Rectangle[],
  gap: number,
): Rectangle | null {
  const right = Math.max(0, ...boxes.map((box) => box.x + box.width + gap));
  const top = Math.max(0, ...boxes.map((box) => box.y + box.height + gap));
  const above = { x: 0, y: neat(top), width, height: neat(Math.max(0, height - top)) };
  const beside = { x: neat(right), y: 0, width: neat(Math.max(0, width - right)), height };
  const offcut = above.width * above.height >= beside.width * beside.height ? above : beside;
  return offcut.width * offcut.height > 0 ? offcut : null;
}

const neat = (mm: number) => Math.round(mm * 1e9) / 1e9;
