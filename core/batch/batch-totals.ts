// Totals over several batches.
import { type Figure, renamed, totalOf } from '../figure/figure.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { BatchCount } from './count-batch.ts';

/** A counted batch with its name. */
export interface NamedCount {
  readonly name: string;
  readonly count: BatchCount;
}

/** Adds one figure of every batch up, with a line for each batch. */
export function batchTotals(
  label: string,
  unit: string,
  batches: readonly NamedCount[],
  of: (count: BatchCount) => Figure,
): Figure {
  return totalOf(
    label,
    unit,
    batches.map(({ name, count }) => renamed(of(count), name)),
  );
}

/** Grams of each alloy over all batches, in the order the alloys first appear. */
export function metalTotals(batches: readonly NamedCount[]): { readonly alloy: Alloy; readonly grams: Figure }[] {
  const issued = batches.flatMap(({ name, count }) =>
    count.issue.map(({ alloy, grams }) => ({ alloy, grams: renamed(grams, name) })),
  );
  const alloys = [...new Map(issued.map(({ alloy }) => [alloy.id, alloy])).values()];
  return alloys.map((alloy) => ({
    alloy,
    grams: totalOf(
      alloy.name,
      'g',
      issued.filter((line) => line.alloy.id === alloy.id).map(({ grams }) => grams),
    ),
  }));
}
