// Whether a price that was set once still holds at today's cost.
import { z } from 'zod';
import { given, inSum, reckoned, type Figure } from '../figure/figure.ts';
import type { PieceCount } from './count.ts';

/** How a price came about: by the rule, at acceptance or a new fix; by hand, one or a group; left as it was; taken back. */
export const priceHows = ['accepted', 'fix', 'set', 'group', 'left', 'undone'] as const;

/** What a piece was priced at last, and what it cost then, in whole minor units. */
export const pricedSchema = z.object({
  currency: z.string(),
  fixOn: z.string().nullable(),
  costMinor: z.int(),
  wholesaleMinor: z.int(),
  retailMinor: z.int(),
  how: z.enum(priceHows).default('accepted'),
});
export type Priced = z.infer<typeof pricedSchema>;

export interface PriceStanding {
  readonly holds: boolean;
  /** The wholesale price as set then. */
  readonly then: Figure;
  /** What that price leaves over today's cost. */
  readonly left: Figure;
}

/**
 * A price holds while the studio's rule asks for no more than it does at today's cost.
 * @returns null when nothing was priced yet, or in another currency
 */
export function priceStanding(priced: Priced | null, now: PieceCount): PriceStanding | null {
  const { wholesale } = now.prices;
  const { cost } = now.column;
  if (!priced || priced.currency !== cost.unit || priced.wholesaleMinor === 0) return null;
  const source = priced.fixOn ? `set at the noon fix of ${priced.fixOn}` : 'set before the first noon fix';
  const then = given('wholesale as set', priced.wholesaleMinor, cost.unit, source);
  const how = `${inSum(then.value, cost.unit)} − ${inSum(cost.value, cost.unit)}`;
  return {
    holds: wholesale.value <= then.value,
    then,
    left: reckoned('left at the price as set', then.value - cost.value, cost.unit, how, [then, cost]),
  };
}
