// The price of a piece as set beside the price that this batch calculates: a batch smaller or larger than usual costs
// another amount per piece.
import { readCount } from '../measure/read/read-number.ts';
import { sizesOf } from '../piece/all-sizes.ts';
import { type Priced, sizePrice } from '../price/piece/standing.ts';
import type { BatchRun } from './batch-run.ts';

/** A set price and the calculated one, minor units. */
export interface RunPrice {
  readonly name: string;
  /** Batch size that the piece is priced for. */
  readonly usual: number;
  /** Pieces of this line in the batch. */
  readonly here: number;
  readonly set: number;
  readonly calculated: number;
}

/** Differences up to this share are not worth a note. */
const SMALL = 0.05;

/**
 * Runs whose set price differs from what this batch calculates, because the batch is not the usual one.
 * @param pricedOf  the prices of a piece by its id; null before it was priced
 */
export function runPrices(
  runs: readonly BatchRun[],
  pricedOf: (pieceId: string) => Priced | null,
  currency: string,
): RunPrice[] {
  return runs.flatMap(({ line, piece, size, name, count }): RunPrice[] => {
    const priced = pricedOf(line.pieceId);
    const usual = readCount(piece.batchSize);
    // Units measured one by one have prices of their own.
    if (line.units.length > 0) return [];
    if (priced?.currency !== currency || !usual.ok || usual.value === count.batchSize) return [];
    const row = Math.max(
      0,
      sizesOf(piece).findIndex(({ id }) => id === size),
    );
    const { wholesale: set, isSet } = sizePrice(priced, piece, row, count.prices);
    const calculated = count.prices.wholesale.value;
    if (!isSet || set === 0 || Math.abs(calculated - set) <= SMALL * set) return [];
    return [{ name, usual: usual.value, here: count.batchSize, set, calculated }];
  });
}
