// A supplier's price list: what is sold, in what packs, for how much, and how long it takes to come.
import { z } from 'zod';
import { currencySchema, nameSchema } from '../../measure/typed.ts';
import { lotSchema } from '../stock/shelf.ts';

const priceBreakSchema = z.strictObject({
  /** Packs from which the price holds. */
  from: z.int().min(1),
  /** Of one pack. */
  priceMinor: z.int().min(0),
});
export type PriceBreak = z.infer<typeof priceBreakSchema>;

export const supplierItemSchema = z.strictObject({
  supplier: nameSchema.min(1),
  /** The supplier's own number. */
  item: nameSchema.min(1),
  name: nameSchema,
  /** A bar or a sheet; null for solder and findings, which are known by their name. */
  stock: z
    .strictObject({ alloy: lotSchema.shape.alloy, section: lotSchema.shape.section, size: lotSchema.shape.size })
    .nullable(),
  /** What a pack holds: so many of it, or so many grams. */
  pack: z.number().positive(),
  per: z.enum(['each', 'g']),
  /** Fewest packs first, the first from one. */
  breaks: z.array(priceBreakSchema).min(1).max(20),
  currency: currencySchema,
  leadDays: z.int().min(0).max(730),
});
export type SupplierItem = z.infer<typeof supplierItemSchema>;

export const priceListSchema = z.array(supplierItemSchema).min(1, 'There is nothing in this price list.').max(5000);

/** Packs to order for an amount, never fewer than it takes; 0 for nothing. */
export function packsFor({ pack }: Pick<SupplierItem, 'pack'>, amount: number): number {
  // A hair of floating point over is not another pack.
  return amount <= 0 ? 0 : Math.ceil(amount / pack - 1e-9);
}

/** The break so many packs come under; the first below the fewest. */
export function breakFor({ breaks }: Pick<SupplierItem, 'breaks'>, packs: number): PriceBreak {
  const [first = { from: 1, priceMinor: 0 }] = breaks;
  return breaks.reduce((held, one) => (packs >= one.from ? one : held), first);
}

/**
 * Packs to order, and what they cost. Where more packs cost less in all than those needed, more are ordered: ten at the
 * price of ten may be cheaper than nine.
 */
export function orderOf(item: SupplierItem, amount: number): { readonly packs: number; readonly paidMinor: number } {
  const least = packsFor(item, amount);
  if (least === 0) return { packs: 0, paidMinor: 0 };
  const tried = [least, ...item.breaks.map(({ from }) => from).filter((from) => from > least)];
  return tried
    .map((packs) => ({ packs, paidMinor: packs * breakFor(item, packs).priceMinor }))
    .reduce((best, one) => (one.paidMinor < best.paidMinor ? one : best));
}
