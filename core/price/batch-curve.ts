// What a piece costs by how many are made at once: set-up is spread over them, loads are filled.
import type { Fix } from '../metal/fix.ts';
import type { Piece } from '../piece/piece.ts';
import type { Rates } from '../studio/rates.ts';
import { countPiece, type CountOptions, type PieceCount } from './count.ts';

/** Batches worth looking at (common practice: a sample, half a dozen, a dozen, two, five). */
export const usualBatches = [1, 6, 12, 24, 60] as const;

export interface CurvePoint {
  readonly batchSize: number;
  readonly count: PieceCount;
}

/** Counts at the usual batch sizes, and at the piece's own among them. */
export function batchCurve(piece: Piece, rates: Rates, fix: Fix | null, options: CountOptions = {}): CurvePoint[] {
  const own = countPiece(piece, rates, fix, options).batchSize;
  const sizes = [...new Set([...usualBatches, own])].sort((a, b) => a - b);
  return sizes.map((batchSize) => ({ batchSize, count: countPiece(piece, rates, fix, { ...options, batchSize }) }));
}
