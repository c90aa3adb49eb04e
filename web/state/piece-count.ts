// The count of a piece, memoized between keystrokes. Apart from the basis, so that the frame loads without it.
import { weakMapMemoize } from '@reduxjs/toolkit';
import type { Fix } from '../../core/metal/fix.ts';
import { computeStep, stepEach } from '../../core/piece/bench-time.ts';
import { computeJoin } from '../../core/piece/compute-join.ts';
import { computePart } from '../../core/piece/compute-part.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { countPiece, type PieceCount } from '../../core/price/piece/count-piece.ts';
import type { Rates } from '../../core/studio/rates.ts';
import type { Basis } from './basis.ts';

/** Functions of a recipe that return the same object while a row has not changed. */
export const recipeFunctions = {
  part: weakMapMemoize(computePart),
  join: weakMapMemoize(computeJoin),
  step: weakMapMemoize(computeStep),
  minutes: weakMapMemoize(stepEach),
};
const rememberedPiece = weakMapMemoize((piece: Piece, rates: Rates, fix: Fix | null, size?: string) =>
  countPiece(piece, rates, fix, { size, compute: recipeFunctions }),
);

/** @param size  id of one of its sizes; the first when left out */
export function pieceCount(piece: Piece, { rates, fix }: Basis, size?: string): PieceCount {
  return rememberedPiece(piece, rates, fix, size);
}
