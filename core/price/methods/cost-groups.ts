// The cost of a piece in the three categories that have a markup each.
import type { CostKey } from '../../cost/column.ts';

/** The cost by category, in one unit of money. */
export interface CostGroups {
  /** Metal and solder, less scrap credit. */
  readonly metal: number;
  /** Findings, stones and outwork. */
  readonly findings: number;
  /** Labour, overhead and all the rest. */
  readonly labour: number;
}

/** The category of each line of the cost. */
export const costGroupOf = {
  metal: 'metal',
  solder: 'metal',
  scrap: 'metal',
  findings: 'findings',
  stones: 'findings',
  outwork: 'findings',
  consumables: 'labour',
  labour: 'labour',
  overhead: 'labour',
  rejects: 'labour',
  packaging: 'labour',
  marks: 'labour',
} as const satisfies Record<CostKey, keyof CostGroups>;

/**
 * Adds up the cost by category.
 * @param lines  keys and amounts, in any one unit of money
 */
export function costGroups(lines: readonly { readonly key: CostKey; readonly amount: number }[]): CostGroups {
  const groups = { metal: 0, findings: 0, labour: 0 };
  for (const { key, amount } of lines) groups[costGroupOf[key]] += amount;
  return groups;
}
