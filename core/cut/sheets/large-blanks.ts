// Bounds by large blanks: those of which no two fit on one sheet each need a sheet, and small ones beside them count by
// dual feasible functions.
import type { SheetPiece, SheetProblem } from './sheet-problem.ts';

const SLACK = 1e-9;
/** Most thresholds of the dual feasible functions each way. */
const MOST_THRESHOLDS = 24;

interface Side {
  readonly width: number;
  readonly height: number;
}

/** Lower bound of the cost by large blanks: a sheet for each of those of which no two fit together, and by scales. */
export function boundByLargeBlanks(problem: SheetProblem): number {
  const [first, ...others] = problem.sheets;
  const isOneSize = first && others.every(({ width, height }) => width === first.width && height === first.height);
  const least = Math.max(mostApart(problem), isOneSize ? sheetsByScales(problem, first) : 0);
  // The cheapest sheets that are there.
  let [cost, left] = [0, least];
  for (const sheet of problem.sheets.toSorted((a, b) => a.cost - b.cost)) {
    const used = Math.min(left, sheet.count ?? Infinity);
    cost += used * sheet.cost;
    left -= used;
  }
  return cost;
}

/** Number of blanks of which no two fit on one sheet. */
function mostApart(problem: SheetProblem): number {
  const widest = { width: Math.max(...problem.sheets.map(({ width }) => width)), height: Math.max(...problem.sheets.map(({ height }) => height)) }; // prettier-ignore
  // The largest first: a greedy clique.
  const large: SheetPiece[] = [];
  let count = 0;
  for (const piece of problem.pieces.filter((one) => one.count > 0).toSorted((a, b) => sizeOf(b) - sizeOf(a))) {
    if (piece.shape === 'outline' || large.some((other) => canShare(piece, other, widest, problem))) continue;
    const isAlone = !canShare(piece, piece, widest, problem);
    large.push(piece);
    count += isAlone ? piece.count : 1;
  }
  return count;
}

const sizeOf = (piece: SheetPiece) =>
  piece.shape === 'rect' ? Math.min(piece.width, piece.height) : piece.shape === 'outline' ? 0 : diameterOf(piece);
const diameterOf = (piece: SheetPiece) =>
  piece.shape === 'disc' ? piece.diameter : piece.shape === 'washer' ? piece.outside : 0;

/** Whether two blanks fit on a sheet of this size, in any way they may lie: in opposite corners. */
function canShare(a: SheetPiece, b: SheetPiece, { width, height }: Side, { gap, margin }: SheetProblem): boolean {
  // A disc may lie in the hole of a washer.
  if (a.shape === 'washer' || b.shape === 'washer') return true;
  const [w, h] = [width - 2 * margin, height - 2 * margin];
  return sidesOf(a).some((own) =>
    sidesOf(b).some((other) => {
      const [dx, dy] = [w - own.width - other.width, h - own.height - other.height];
      if (a.shape === 'rect' && b.shape === 'rect') return Math.max(dx, dy) >= gap - SLACK;
      if (a.shape === 'disc' && b.shape === 'disc') {
        const [ra, rb] = [a.diameter / 2, b.diameter / 2];
        const [acrossMm, upMm] = [w - ra - rb, h - ra - rb];
        return acrossMm >= -SLACK && upMm >= -SLACK && Math.hypot(acrossMm, upMm) >= ra + rb + gap - SLACK;
      }
      const radius = (a.shape === 'disc' ? a.diameter : b.shape === 'disc' ? b.diameter : 0) / 2;
      return Math.hypot(Math.max(0, dx + radius), Math.max(0, dy + radius)) >= radius + gap - SLACK;
    }),
  );
}

function sidesOf(piece: SheetPiece): Side[] {
  if (piece.shape !== 'rect') return [{ width: diameterOf(piece), height: diameterOf(piece) }];
  const { width, height } = piece;
  return piece.rotatable && width !== height ? [{ width, height }, { width: height, height: width }] : [{ width, height }]; // prettier-ignore
}

/**
 * Least number of sheets of one size for rectangles and discs, by dual feasible functions of both sides (Fekete and
 * Schepers, Mathematical Methods of Operations Research 60, 2004): sides longer than the sheet less a threshold count
 * as the whole sheet, shorter ones than the threshold as nothing. A disc counts as the square in it.
 */
export function sheetsByScales({ pieces, gap, margin, cutting }: SheetProblem, sheet: Side): number {
  const [w, h] = [sheet.width - 2 * margin + gap, sheet.height - 2 * margin + gap];
  const grown = pieces.flatMap((piece) => {
    if (piece.count === 0 || piece.shape === 'outline' || piece.shape === 'washer') return [];
    const shrink = piece.shape === 'disc' && cutting === 'free' ? Math.SQRT1_2 : 1;
    return [{ count: piece.count, sides: sidesOf(piece).map(({ width, height }) => ({ width: (width + gap) * shrink, height: (height + gap) * shrink })) }]; // prettier-ignore
  });
  const thresholds = (full: number) => {
    const all = grown.flatMap(({ sides }) => sides.flatMap(({ width, height }) => [width, height]));
    const useful = [...new Set(all.flatMap((side) => [side, full - side + SLACK]))].filter((one) => one > 0 && one <= full / 2); // prettier-ignore
    return [0, ...useful.sort((a, b) => b - a).slice(0, MOST_THRESHOLDS)];
  };
  const scaled = (side: number, full: number, from: number) =>
    from === 0 ? side : side > full - from + SLACK ? full : side < from - SLACK ? 0 : side;
  let most = 0;
  for (const p of thresholds(w))
    for (const q of thresholds(h)) {
      const area = grown.reduce((sum, { count, sides }) => {
        const each = sides.map(({ width, height }) => scaled(width, w, p) * scaled(height, h, q));
        return sum + count * Math.min(...each);
      }, 0);
      most = Math.max(most, Math.ceil(area / (w * h) - 1e-7));
    }
  return most;
}
