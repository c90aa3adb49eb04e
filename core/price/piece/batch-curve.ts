// Cost of a piece by batch size: set-up is spread, and loads are filled.
import type { Figure } from '../../figure/figure.ts';
import type { Fix } from '../../metal/fix.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Rates } from '../../studio/rates.ts';
import { leftOf, marginOf } from '../methods/prices.ts';
import { type CountOptions, countPiece, type PieceCount } from './count-piece.ts';

/** Batch sizes that are compared (common practice: a sample, half a dozen, a dozen, two, five). */
export const usualBatches = [1, 6, 12, 24, 60] as const;

/** One point of the curve. */
export interface CurvePoint {
  readonly batchSize: number;
  readonly count: PieceCount;
  /** Margin at the price of the piece's usual batch, %; null at a price of 0. */
  readonly margin: Figure | null;
}

/** Counts at the usual batch sizes and the piece's own. */
export function batchCurve(piece: Piece, rates: Rates, fix: Fix | null, options: CountOptions = {}): CurvePoint[] {
  const usual = countPiece(piece, rates, fix, options);
  const { wholesale } = usual.prices;
  const sizes = [...new Set([...usualBatches, usual.batchSize])].sort((a, b) => a - b);
  return sizes.map((batchSize) => {
    const count = countPiece(piece, rates, fix, { ...options, batchSize });
    return { batchSize, count, margin: marginOf(wholesale, leftOf(wholesale, count.column.cost)) };
  });
}
