// Compares two counts: weight, time, cost and prices.
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import type { PieceCount } from './count-piece.ts';

/** One line of a comparison. */
export interface Compared {
  readonly label: string;
  readonly one: Figure;
  readonly other: Figure;
  /** First minus second. */
  readonly more: Figure;
}

/** Compares two counts line by line. */
export function compareCounts(one: PieceCount, other: PieceCount): Compared[] {
  const lines: readonly (readonly [string, (count: PieceCount) => Figure])[] = [
    ['Finished weight', ({ weight }) => weight],
    ['Bench time', ({ minutes }) => minutes],
    ['Cost', ({ column }) => column.cost],
    ['Wholesale', ({ prices }) => prices.wholesale],
    ['Retail', ({ prices }) => prices.retail],
  ];
  return lines.map(([label, of]) => {
    const [a, b] = [of(one), of(other)];
    const how = () => `${inSum(a.value, a.unit)} − ${inSum(b.value, b.unit)}`;
    return { label, one: a, other: b, more: computed(label, a.value - b.value, a.unit, how, [a, b]) };
  });
}
