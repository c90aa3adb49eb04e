// Whether a price that was set is out of date at today's cost.
import { z } from 'zod';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { sizesOf } from '../../piece/all-sizes.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Prices } from '../methods/prices.ts';
import type { PieceCount } from './count-piece.ts';

/**
 * How a price came about: by the rule, at acceptance or with new metal prices; by hand, for one piece or a group; kept;
 * or undone.
 */
export const priceHows = ['accepted', 'fix', 'set', 'group', 'left', 'undone'] as const;

const sizePriceSchema = z.object({ wholesaleMinor: z.int().min(0), retailMinor: z.int().min(0) });
/** Prices of single sizes set by hand, by id of the size, in whole minor units. */
export const sizePricesSchema = z.record(z.string().max(80), sizePriceSchema);
/** Prices of single sizes. */
export type SizePrices = z.infer<typeof sizePricesSchema>;

/** The last prices of a piece and its cost then, in whole minor units. */
export const pricedSchema = z.object({
  currency: z.string(),
  fixOn: z.string().nullable(),
  costMinor: z.int(),
  wholesaleMinor: z.int(),
  retailMinor: z.int(),
  how: z.enum(priceHows).default('accepted'),
  /** Prices of single sizes set by hand; the other sizes follow the rule. */
  sizes: sizePricesSchema.default({}),
});
/** Prices of a piece. */
export type Priced = z.infer<typeof pricedSchema>;

/**
 * Price of a size. The price of the piece is that of its first size, or of all sizes where they share one; another size
 * has a price set by hand, or the rule's.
 * @param size  index of the size; 0 for a piece without sizes
 */
export function sizePrice(
  priced: Priced | null,
  { sizes }: Pick<Piece, 'sizes'>,
  size: number,
  { wholesale, retail }: Prices,
): { readonly wholesale: number; readonly retail: number; readonly isSet: boolean } {
  const own = sizes.price === 'each' && size > 0 ? priced?.sizes[sizesOf({ sizes })[size]?.id ?? ''] : priced;
  return own
    ? { wholesale: own.wholesaleMinor, retail: own.retailMinor, isSet: true }
    : { wholesale: wholesale.value, retail: retail.value, isSet: false };
}

/**
 * The retail price of a piece in a size, minor units: the set price, otherwise that of the price rule.
 * @param size  id of the size; '' for a piece without sizes
 */
export function retailInSize(priced: Priced | null, body: Pick<Piece, 'sizes'>, size: string, prices: Prices): Figure {
  const row = Math.max(
    0,
    sizesOf(body).findIndex(({ id }) => id === size),
  );
  const { retail, isSet } = sizePrice(priced, body, row, prices);
  return isSet && priced ? given('retail price as set', retail, priced.currency, 'the price book') : prices.retail;
}

/** Whether a price is up to date. */
export interface PriceStanding {
  readonly holds: boolean;
  /** The wholesale price as set. */
  readonly then: Figure;
  /** Profit of that price at today's cost. */
  readonly left: Figure;
}

/**
 * A price is up to date while the studio's rule suggests no higher one at today's cost.
 * @returns null without a price, or with one in another currency
 */
export function priceStanding(priced: Priced | null, now: PieceCount): PriceStanding | null {
  const { wholesale } = now.prices;
  const { cost } = now.column;
  if (!priced || priced.currency !== cost.unit || priced.wholesaleMinor === 0) return null;
  const source = priced.fixOn ? `set at metal prices of ${priced.fixOn}` : 'set before the first metal prices';
  const then = given('wholesale as set', priced.wholesaleMinor, cost.unit, source);
  const how = `${inSum(then.value, cost.unit)} − ${inSum(cost.value, cost.unit)}`;
  return {
    holds: wholesale.value <= then.value,
    then,
    left: computed('left at the price as set', then.value - cost.value, cost.unit, how, [then, cost]),
  };
}
