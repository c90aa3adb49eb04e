// A supplier's price list: items with pack sizes, price breaks and lead times.
import { z } from 'zod';
import { currencySchema, nameSchema } from '../../measure/typed.ts';
import { lotSchema } from '../stock/shelf.ts';

const priceBreakSchema = z.strictObject({
  /** Number of packs from which the price applies. */
  from: z.int().min(1),
  /** Price of one pack, minor units. */
  priceMinor: z.int().min(0),
});
/** A price from a number of packs on. */
export type PriceBreak = z.infer<typeof priceBreakSchema>;

/** One item of a supplier's price list. */
export const supplierItemSchema = z.strictObject({
  supplier: nameSchema.min(1),
  /** The supplier's item number. */
  item: nameSchema.min(1),
  name: nameSchema,
  /** A bar or a sheet; null for solder and findings, which are known by name. */
  stock: z
    .strictObject({ alloy: lotSchema.shape.alloy, section: lotSchema.shape.section, size: lotSchema.shape.size })
    .nullable(),
  /** Contents of a pack: a number, or grams. */
  pack: z.number().positive(),
  per: z.enum(['each', 'g']),
  /** Fewest packs first; the first break is from one pack. */
  breaks: z.array(priceBreakSchema).min(1).max(20),
  currency: currencySchema,
  leadDays: z.int().min(0).max(730),
});
/** One item of a supplier's price list. */
export type SupplierItem = z.infer<typeof supplierItemSchema>;

/** The items of one file. */
export const priceListSchema = z.array(supplierItemSchema).min(1, 'This price list is empty.').max(5000);

/** Packs that hold an amount; 0 for nothing. */
export function packsFor({ pack }: Pick<SupplierItem, 'pack'>, amount: number): number {
  // A rounding error does not need another pack.
  return amount <= 0 ? 0 : Math.ceil(amount / pack - 1e-9);
}

/** The price break for a number of packs; the first break below the fewest. */
export function breakFor({ breaks }: Pick<SupplierItem, 'breaks'>, packs: number): PriceBreak {
  const [first = { from: 1, priceMinor: 0 }] = breaks;
  return breaks.reduce((held, one) => (packs >= one.from ? one : held), first);
}

/**
 * Packs to order and their price. More packs are ordered where they cost less than those needed: ten at the price of
 * ten may be cheaper than nine.
 */
export function orderOf(item: SupplierItem, amount: number): { readonly packs: number; readonly paidMinor: number } {
  const least = packsFor(item, amount);
  if (least === 0) return { packs: 0, paidMinor: 0 };
  const tried = [least, ...item.breaks.map(({ from }) => from).filter((from) => from > least)];
  return tried
    .map((packs) => ({ packs, paidMinor: packs * breakFor(item, packs).priceMinor }))
    .reduce((best, one) => (one.paidMinor < best.paidMinor ? one : best));
}
