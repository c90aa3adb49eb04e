// The basis of all computation, and the computations of core memoized between keystrokes.
import { weakMapMemoize } from '@reduxjs/toolkit';
import type { Issue } from '../../core/measure/issue.ts';
import type { Fix } from '../../core/metal/fix.ts';
import type { Receipt } from '../../core/metal/receipt.ts';
import { computeStep, stepEach } from '../../core/piece/bench-time.ts';
import { computeJoin } from '../../core/piece/compute-join.ts';
import { computePart } from '../../core/piece/compute-part.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { countPiece, type PieceCount } from '../../core/price/piece/count-piece.ts';
import { type Rates, readRates } from '../../core/studio/rates.ts';
import type { Studio } from '../../core/studio/studio.ts';

/** Functions of a recipe that return the same object while a row has not changed. */
export const recipeFunctions = {
  part: weakMapMemoize(computePart),
  join: weakMapMemoize(computeJoin),
  step: weakMapMemoize(computeStep),
  minutes: weakMapMemoize(stepEach),
};
/** The rates of a studio version, computed once. */
export const rememberedRates = weakMapMemoize(readRates);
const rememberedPiece = weakMapMemoize((piece: Piece, rates: Rates, fix: Fix | null, size?: string) =>
  countPiece(piece, rates, fix, { size, compute: recipeFunctions }),
);

/** The basis of all computation: the studio's accepted settings and the current metal prices. */
export interface Basis {
  readonly studio: Studio;
  /** Of the studio. */
  readonly revision: number;
  readonly rates: Rates;
  readonly fix: Fix | null;
  /** Metal received, latest first. */
  readonly receipts: readonly Receipt[];
}

/** @param size  id of one of its sizes; the first when left out */
export function pieceCount(piece: Piece, { rates, fix }: Basis, size?: string): PieceCount {
  return rememberedPiece(piece, rates, fix, size);
}

/** The issues below a path, with the path cut off: of `parts.2`, `{ 'section.diameter': '...' }`. */
export function issuesAt(problems: readonly Issue[], path: string): Readonly<Record<string, string>> {
  const below = problems.filter((problem) => problem.path.startsWith(`${path}.`));
  return Object.fromEntries(below.map((problem) => [problem.path.slice(path.length + 1), problem.sentence]));
}
