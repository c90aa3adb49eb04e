// What a piece costs by how many are made at once: set-up is spread over them, loads are filled.
import type { Figure } from '../../figure/figure.ts';
import type { Fix } from '../../metal/fix.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Rates } from '../../studio/rates.ts';
import { countPiece, type CountOptions, type PieceCount } from './count-piece.ts';
import { leftOf, marginOf } from '../methods/prices.ts';

/** Batches worth looking at (common practice: a sample, half a dozen, a dozen, two, five). */
export const usualBatches = [1, 6, 12, 24, 60] as const;

export interface CurvePoint {
  readonly batchSize: number;
  readonly count: PieceCount;
  /** At the price of the piece's usual batch, whatever it cost to make, %; null at no price. */
  readonly margin: Figure | null;
}

/** Counts at the usual batch sizes, and at the piece's own among them. */
export function batchCurve(piece: Piece, rates: Rates, fix: Fix | null, options: CountOptions = {}): CurvePoint[] {
  const usual = countPiece(piece, rates, fix, options);
  const { wholesale } = usual.prices;
  const sizes = [...new Set([...usualBatches, usual.batchSize])].sort((a, b) => a - b);
  return sizes.map((batchSize) => {
    const count = countPiece(piece, rates, fix, { ...options, batchSize });
    return { batchSize, count, margin: marginOf(wholesale, leftOf(wholesale, count.column.cost)) };
  });
}
