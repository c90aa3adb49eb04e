// The packing problem of the beam searches, in whole cells: every length in steps of the greatest one that all blanks share.
import { greatestCommonDivisor } from '../../measure/gcd.ts';
import { countKeys, ReachableLengths } from './reachable-lengths.ts';

/** A rectangle that is wanted, grown by the gap. */
export interface BeamKind {
  readonly width: number;
  readonly height: number;
  readonly canTurn: boolean;
  readonly count: number;
}

/** A plate to fill. */
export interface BeamPlate {
  readonly width: number;
  readonly height: number;
}

/** Where a rectangle lies: lower left corner. */
export interface BeamPlace {
  readonly plate: number;
  readonly kind: number;
  readonly x: number;
  readonly y: number;
  readonly isTurned: boolean;
}

/** Terms of a search. */
export interface BeamTerms {
  /** States kept at each level. */
  readonly width: number;
  /** How much large rectangles are preferred first: 0 not at all to 1. */
  readonly largeFirst: number;
  /** How much each step of the skyline counts against a state. */
  readonly ragged: number;
  /** Random share of the guide. */
  readonly noise: number;
  readonly random: () => number;
  readonly isOver: () => boolean;
}

/** Longest side of a plate, in cells, for which reachable lengths are computed. */
const MOST_CELLS = 6000;
/** A little waste everywhere, so that the first states differ by more than nothing: a share of a plate. */
const BASE_WASTE = 0.003;

/** A key of the blanks that are left. */
export function keyOfLeft(left: Int16Array, keys: Float64Array): number {
  return left.reduce((key, count, kind) => key + count * (keys[kind] ?? 0), 0);
}

/** A packing problem in cells. */
export interface CellProblem {
  readonly kinds: readonly BeamKind[];
  readonly plates: readonly BeamPlate[];
  /** Number of all rectangles. */
  readonly total: number;
  /** Cells that may stay empty; below 0 where there is no room. */
  readonly spare: number;
  /** Cells that count as wasted at the start. */
  readonly base: number;
  /** null where the plates have too many cells. */
  readonly reachable: ReachableLengths | null;
  /** By kind; the sum over all blanks that are left is their key. */
  readonly keys: Float64Array;
}

/**
 * Packs in cells: lengths that are no sum of sides are cut off the plates.
 * @returns what `pack` found, in the units of the kinds
 */
export function packInCells(
  kinds: readonly BeamKind[],
  plates: readonly BeamPlate[],
  pack: (problem: CellProblem) => readonly BeamPlace[] | null,
): readonly BeamPlace[] | null {
  const sides = kinds.flatMap(({ width, height, count }) => (count > 0 ? [width, height] : []));
  const step = greatestCommonDivisor(sides) || 1;
  const inCells = <Sides extends BeamPlate>(rows: readonly Sides[]) =>
    rows.map((row) => ({ ...row, width: Math.floor(row.width / step), height: Math.floor(row.height / step) }));
  const [own, on] = [inCells(kinds), inCells(plates)];
  const total = own.reduce((sum, { count }) => sum + count, 0);
  const holds = on.reduce((sum, { width, height }) => sum + width * height, 0);
  const spare = holds - own.reduce((sum, { width, height, count }) => sum + width * height * count, 0);
  if (spare < 0 || total === 0) return null;
  const longest = Math.max(0, ...on.flatMap(({ width, height }) => [width, height]));
  const found = pack({
    kinds: own,
    plates: on,
    total,
    spare,
    base: (BASE_WASTE * holds) / on.length,
    keys: countKeys(own.length),
    reachable: longest <= MOST_CELLS ? new ReachableLengths(own, longest) : null,
  });
  return found?.map((place) => ({ ...place, x: place.x * step, y: place.y * step })) ?? null;
}
