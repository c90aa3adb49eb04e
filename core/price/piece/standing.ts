// Whether a price that was set once still holds at today's cost.
import { z } from 'zod';
import { given, inSum, computed, type Figure } from '../../figure/figure.ts';
import type { Piece } from '../../piece/piece.ts';
import type { PieceCount } from './count-piece.ts';
import type { Prices } from '../methods/prices.ts';

/** How a price came about: by the rule, at acceptance or a new fix; by hand, one or a group; left as it was; taken back. */
export const priceHows = ['accepted', 'fix', 'set', 'group', 'left', 'undone'] as const;

const sizePriceSchema = z.object({ wholesaleMinor: z.int().min(0), retailMinor: z.int().min(0) });
/** Prices set by hand for single sizes, by the size's id, in whole minor units. */
export const sizePricesSchema = z.record(z.string().max(80), sizePriceSchema);
export type SizePrices = z.infer<typeof sizePricesSchema>;

/** What a piece was priced at last, and what it cost then, in whole minor units. */
export const pricedSchema = z.object({
  currency: z.string(),
  fixOn: z.string().nullable(),
  costMinor: z.int(),
  wholesaleMinor: z.int(),
  retailMinor: z.int(),
  how: z.enum(priceHows).default('accepted'),
  /** Where each size has its own price: those set by hand. The others follow the rule. */
  sizes: sizePricesSchema.default({}),
});
export type Priced = z.infer<typeof pricedSchema>;

/**
 * What a size sells for. A price of the piece holds for its first size, and for all of them at one price; another size
 * has one set by hand, or the rule's.
 * @param size  its place among the sizes; 0 for a piece that has none
 */
export function sizePrice(
  priced: Priced | null,
  { sizes }: Pick<Piece, 'sizes'>,
  size: number,
  { wholesale, retail }: Prices,
): { readonly wholesale: number; readonly retail: number; readonly isSet: boolean } {
  const own = sizes.price === 'each' && size > 0 ? priced?.sizes[sizes.rows[size]?.id ?? ''] : priced;
  return own
    ? { wholesale: own.wholesaleMinor, retail: own.retailMinor, isSet: true }
    : { wholesale: wholesale.value, retail: retail.value, isSet: false };
}

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
    left: computed('left at the price as set', then.value - cost.value, cost.unit, how, [then, cost]),
  };
}
