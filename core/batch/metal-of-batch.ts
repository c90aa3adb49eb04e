// The metal of a batch by the estimate: its share of each alloy, and what in its pieces is not metal of the account.
import { goodsOfRun } from './buying/goods.ts';
import type { BatchCount } from './count-batch.ts';

/** The metal of a batch by the estimate. */
export interface MetalOfBatch {
  /** g of each alloy in all good pieces. */
  readonly shares: ReadonlyMap<string, number>;
  /** Whole mg of solder and findings in all good pieces. */
  readonly otherMg: number;
  /** Whole mg of metal in all good pieces. */
  readonly netMg: number;
}

/** @param count  of the batch */
export function metalOfBatch(count: BatchCount): MetalOfBatch {
  const shares = new Map<string, number>();
  let otherMg = 0;
  for (const run of count.runs) {
    const { parts } = run.count.recipe.piece;
    for (const [index, { alloy, net }] of run.count.parts.entries()) {
      if (alloy && net && !parts[index]?.bought)
        shares.set(alloy.id, (shares.get(alloy.id) ?? 0) + run.quantity * net.value);
    }
    // Goods are counted for the pieces started.
    const good = run.start.value > 0 ? run.quantity / run.start.value : 0;
    for (const { figure, grams, unit } of goodsOfRun(run))
      otherMg += 1000 * good * (unit === 'g' ? figure.value : (grams?.value ?? 0));
  }
  const netMg = 1000 * [...shares.values()].reduce((sum, grams) => sum + grams, 0);
  return { shares, otherMg: Math.round(otherMg), netMg: Math.round(netMg) };
}
