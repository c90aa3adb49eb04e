// A price below cost is kept only with a reason.
import type { Issue } from '../../measure/issue.ts';

/** Wholesale prices of a piece that are about to be kept, minor units. */
export interface AskedWholesale {
  readonly wholesaleMinor: number;
  /** By id of the size; sizes without a price of their own are left out. */
  readonly sizes?: Readonly<Record<string, { readonly wholesaleMinor: number }>> | undefined;
}

/** Whether a wholesale price, or that of any size, lies below its cost. @param costOf  cost of a size, minor units */
export function isBelowCost(
  { wholesaleMinor, sizes = {} }: AskedWholesale,
  costOf: (size?: string) => number,
): boolean {
  return (
    wholesaleMinor < costOf() || Object.entries(sizes).some(([size, price]) => price.wholesaleMinor < costOf(size))
  );
}

/** The sentence about a price below cost. @param path  of the price in what was sent */
export function belowCostIssue(pieceName: string, path: string): Issue {
  return { path, sentence: `${pieceName.trim() || 'A piece'} would sell below its cost. Enter a reason to save it.` };
}
