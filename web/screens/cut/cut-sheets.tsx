// A plan for sheets, each drawn to scale with its blanks and its offcut. Drag a blank, or use arrow keys: 1 mm, with
// Shift 0.1 mm.
import { useState } from 'react';
import { type LaidMove, moveBlankOnSheet } from '../../../core/cut/sheets/move-blank-on-sheet.ts';
import type {
  Placement,
  PlannedSheet,
  SheetPiece,
  SheetPlan,
  SheetProblem,
} from '../../../core/cut/sheets/sheet-problem.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { polygonArea } from '../../../core/geometry/convex-polygon.ts';

interface CutSheetsProps {
  readonly problem: SheetProblem;
  readonly plan: SheetPlan;
  readonly names: ReadonlyMap<string, { readonly letter: string; readonly name: string }>;
  readonly stockName: (id: string) => string;
  readonly tint: string;
  readonly onPlan: (plan: SheetPlan) => void;
}

/** Largest scale, px a mm: a small sheet is not enlarged over the page. */
const MOST_SCALE = 4;
const MOST_HEIGHT_PX = 360;

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

interface Dragged {
  readonly from: number;
  readonly index: number;
  /** px on the screen where the drag started. */
  readonly startX: number;
  readonly startY: number;
  /** mm it has been moved. */
  readonly byX: number;
  readonly byY: number;
}

export function CutSheets({ problem, plan, names, stockName, tint, onPlan }: CutSheetsProps) {
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const [refusal, setRefusal] = useState('');
  const put = (move: LaidMove) => {
    const moved = moveBlankOnSheet(problem, plan, move);
    setRefusal('sentence' in moved ? moved.sentence : '');
    if (!('sentence' in moved)) onPlan(moved);
  };
  const by = (from: number, index: number, byX: number, byY: number) => {
    const placement = plan.sheets[from]?.placements[index];
    if (placement) put({ from, index, to: from, x: placement.x + byX, y: placement.y + byY });
  };
  // Over another sheet it moves there, to the place of the pointer.
  const drop = (event: React.PointerEvent, { from, index, byX, byY, scale }: Dragged & { readonly scale: number }) => {
    const over = document
      .elementsFromPoint(event.clientX, event.clientY)
      .map((element) => element.closest<SVGSVGElement>('svg[data-sheet]'))
      .find((svg) => svg !== null);
    const to = Number(over?.dataset['sheet'] ?? from);
    const held = plan.sheets[from]?.placements[index];
    const size = problem.sheets.find(({ id }) => id === plan.sheets[to]?.sheet);
    if (!over || to === from || !held || !size) {
      by(from, index, byX, byY);
      return;
    }
    const box = over.getBoundingClientRect();
    const own = event.currentTarget.getBoundingClientRect();
    put({ from, index, to, x: (own.left - box.left) / scale, y: (box.bottom - own.bottom) / scale });
  };
  return (
    <>
      <ol className="mt-2 flex flex-wrap items-start gap-5">
        {plan.sheets.map((sheet, index) => {
          const size = problem.sheets.find(({ id }) => id === sheet.sheet);
          if (!size) return null;
          const scale = Math.min(
            MOST_SCALE,
            Math.min(720, window.innerWidth - 48) / size.width,
            MOST_HEIGHT_PX / size.height,
          );
          return (
            <li key={index}>
              <svg
                width={size.width * scale}
                height={size.height * scale}
                viewBox={`0 0 ${String(size.width)} ${String(size.height)}`}
                data-sheet={index}
                role="group"
                className="overflow-visible"
                aria-label={`Sheet ${String(index + 1)}: ${inWords(sheet, names)}`}
              >
                <rect
                  width={size.width}
                  height={size.height}
                  fill="var(--page)"
                  stroke="var(--rule)"
                  strokeWidth={1 / scale}
                />
                {/* Sheets count from the lower left corner, pictures from the upper left. */}
                <g transform={`translate(0 ${String(size.height)}) scale(1 -1)`}>
                  {sheet.offcut && (
                    <rect
                      {...sheet.offcut}
                      fill="none"
                      stroke="var(--good)"
                      strokeWidth={1.4 / scale}
                      strokeDasharray={`${String(5 / scale)} ${String(4 / scale)}`}
                    />
                  )}
                  {sheet.placements.map((placement, at) => {
                    const piece = problem.pieces.find(({ id }) => id === placement.piece);
                    return (
                      piece && (
                        <Blank
                          key={at}
                          piece={piece}
                          placement={carried(
                            placement,
                            dragged?.from === index && dragged.index === at ? dragged : null,
                          )}
                          label={`${names.get(piece.id)?.name ?? piece.id}, on sheet ${String(index + 1)}`}
                          onKeyDown={(event) => {
                            const [right = 0, up = 0] = arrows[event.key] ?? [];
                            if (right === 0 && up === 0) return;
                            event.preventDefault();
                            const step = event.shiftKey ? 0.1 : 1;
                            by(index, at, right * step, up * step);
                          }}
                          onPointerDown={(event) => {
                            event.currentTarget.setPointerCapture(event.pointerId);
                            setDragged({
                              from: index,
                              index: at,
                              startX: event.clientX,
                              startY: event.clientY,
                              byX: 0,
                              byY: 0,
                            });
                          }}
                          onPointerMove={(event) => {
                            if (!dragged) return;
                            const byX = (event.clientX - dragged.startX) / scale;
                            const byY = (dragged.startY - event.clientY) / scale;
                            setDragged({ ...dragged, byX, byY });
                          }}
                          onPointerUp={(event) => {
                            if (dragged && Math.hypot(dragged.byX, dragged.byY) > 0) drop(event, { ...dragged, scale });
                            setDragged(null);
                          }}
                          fill={tint}
                          line={1 / scale}
                          letter={names.get(piece.id)?.letter ?? ''}
                          fontSize={13 / scale}
                        />
                      )
                    );
                  })}
                </g>
              </svg>
              <p className="aside">
                {stockName(sheet.sheet)}; {inWords(sheet, names)}
                {sheet.offcut &&
                  `; leaves ${showNumber(sheet.offcut.width, 0)} × ${showNumber(sheet.offcut.height, 0)} mm`}
              </p>
            </li>
          );
        })}
      </ol>
      <p className="problem" role="alert">
        {refusal}
      </p>
    </>
  );
}

interface BlankProps {
  readonly piece: SheetPiece;
  readonly placement: Placement;
  readonly fill: string;
  readonly line: number;
  readonly letter: string;
  readonly fontSize: number;
  readonly label: string;
}

type Handles = Pick<React.SVGAttributes<SVGGElement>, 'onKeyDown' | 'onPointerDown' | 'onPointerMove' | 'onPointerUp'>;

function carried(placement: Placement, dragged: Dragged | null): Placement {
  return dragged ? { ...placement, x: placement.x + dragged.byX, y: placement.y + dragged.byY } : placement;
}

function Blank({ piece, placement, fill, line, letter, fontSize, label, ...handles }: BlankProps & Handles) {
  const drawn = cornersOf(piece, placement);
  const paint = { fill, stroke: 'var(--metal-line)', strokeWidth: line };
  const middle = 'r' in drawn ? drawn : middleOf(drawn.corners);
  const isLarge = 'r' in drawn ? drawn.r * 2 > fontSize : polygonArea(drawn.corners) > fontSize ** 2;
  return (
    <g {...handles} tabIndex={0} role="button" aria-label={label} className="cursor-grab touch-none">
      {'r' in drawn ? (
        <>
          <circle cx={drawn.x} cy={drawn.y} r={drawn.r} {...paint} />
          {drawn.hole > 0 && <circle cx={drawn.x} cy={drawn.y} r={drawn.hole} {...paint} fill="var(--page)" />}
        </>
      ) : (
        <path d={`M${drawn.corners.map(({ x, y }) => `${String(x)} ${String(y)}`).join('L')}Z`} {...paint} />
      )}
      {isLarge && (
        <text
          transform={`translate(${String(middle.x)} ${String(middle.y)}) scale(1 -1)`}
          dy="0.35em"
          textAnchor="middle"
          fontSize={fontSize}
          fill="#000"
        >
          {letter}
        </text>
      )}
    </g>
  );
}

type Drawn =
  | { readonly x: number; readonly y: number; readonly r: number; readonly hole: number }
  | { readonly corners: readonly { readonly x: number; readonly y: number }[] };

// Where the outline of a blank lies on the sheet.
function cornersOf(piece: SheetPiece, { x, y, rotated, turn = 0 }: Placement): Drawn {
  if (piece.shape === 'disc')
    return { x: x + piece.diameter / 2, y: y + piece.diameter / 2, r: piece.diameter / 2, hole: 0 };
  if (piece.shape === 'washer')
    return { x: x + piece.outside / 2, y: y + piece.outside / 2, r: piece.outside / 2, hole: piece.inside / 2 };
  if (piece.shape === 'rect') {
    const [w, h] = rotated ? [piece.height, piece.width] : [piece.width, piece.height];
    return { corners: [{ x, y }, { x: x + w, y }, { x: x + w, y: y + h }, { x, y: y + h }] }; // prettier-ignore
  }
  const angle = (turn * Math.PI) / 180;
  const spun = piece.points.map(([px, py]) => ({
    x: px * Math.cos(angle) - py * Math.sin(angle),
    y: px * Math.sin(angle) + py * Math.cos(angle),
  }));
  const [left, bottom] = [Math.min(...spun.map((one) => one.x)), Math.min(...spun.map((one) => one.y))];
  return { corners: spun.map((one) => ({ x: one.x - left + x, y: one.y - bottom + y })) };
}

function middleOf(corners: readonly { readonly x: number; readonly y: number }[]) {
  const mean = (of: 'x' | 'y') => corners.reduce((sum, corner) => sum + corner[of], 0) / corners.length;
  return { x: mean('x'), y: mean('y') };
}

function inWords({ placements }: PlannedSheet, names: CutSheetsProps['names']): string {
  const counts = new Map<string, number>();
  for (const { piece } of placements) counts.set(piece, (counts.get(piece) ?? 0) + 1);
  return [...counts].map(([piece, count]) => `${String(count)} × ${names.get(piece)?.letter ?? '?'}`).join(', ');
}
