// Orders to a supplier: what was ordered, what came, and how weight and price differ.
import { z } from 'zod';
import { minorDigits } from '../../figure/figure.ts';
import { roundLinesToTotal } from '../../figure/round-money.ts';
import { isoDateSchema, noteSchema, rowIdSchema, typedSchema } from '../../measure/typed.ts';
import { goodsUnits } from './goods.ts';
import { supplierItemSchema } from './price-list.ts';

const orderLineSchema = z.strictObject({
  id: rowIdSchema,
  /** The item as it was in the price list. */
  item: supplierItemSchema,
  packs: z.int().min(1).max(100_000),
  /** Price of all packs, minor units. */
  paidMinor: z.int().min(0),
  /** Key and unit of solder, findings and consumables; null for metal. */
  goods: z.strictObject({ key: z.string().min(1).max(160), unit: z.enum(goodsUnits) }).nullable(),
});
/** A line of an order. */
export type OrderLine = z.infer<typeof orderLineSchema>;

/** An order as it is sent. */
export const newOrderSchema = z.strictObject({
  supplier: z.string().trim().min(1).max(120),
  on: isoDateSchema,
  note: noteSchema,
  lines: z.array(orderLineSchema).min(1, 'Choose what to order.').max(500),
});
/** An order as it is sent. */
export type NewOrder = z.infer<typeof newOrderSchema>;

/** An order with what came of it. */
export const orderSchema = newOrderSchema.extend({
  id: z.string(),
  isCancelled: z.boolean(),
  receipts: z.array(
    z.object({ line: z.string(), on: z.string(), packs: z.number(), paidMinor: z.int(), entryId: z.int().nullable() }),
  ),
});
/** An order with what came of it. */
export type Order = z.infer<typeof orderSchema>;

/** What came, as it is typed. */
export const orderReceiptSchema = z.strictObject({
  on: isoDateSchema,
  /** Postage of the parcel, shared out by price. */
  postage: typedSchema,
  lines: z
    .array(
      z.strictObject({
        line: rowIdSchema,
        packs: typedSchema,
        /** What all of it weighs; blank for the calculated weight. */
        weighed: typedSchema,
        /** Price of what came; blank for the ordered price. */
        paid: typedSchema,
      }),
    )
    .min(1, 'Enter what came.')
    .max(500),
});
/** What came, as it is typed. */
export type OrderReceipt = z.infer<typeof orderReceiptSchema>;

/** Packs of a line that have not come; 0 for a cancelled order. */
export function openPacks(
  { receipts, isCancelled }: Pick<Order, 'receipts' | 'isCancelled'>,
  { id, packs }: OrderLine,
): number {
  if (isCancelled) return 0;
  const came = receipts.filter(({ line }) => line === id).reduce((sum, receipt) => sum + receipt.packs, 0);
  return Math.max(0, packs - came);
}

/**
 * Shares an amount out in proportion, in whole minor units that sum to it exactly (largest remainder).
 * @param weights  at least 0; all alike where they are all 0
 */
export function shareOut(amountMinor: number, weights: readonly number[]): number[] {
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return roundLinesToTotal(
    weights.map((weight) => amountMinor * (sum === 0 ? 1 / weights.length : weight / sum)),
    amountMinor,
  );
}

/** The order as text for a letter or a mail. */
export function orderInWords(
  { supplier, lines, note }: Pick<NewOrder, 'supplier' | 'lines' | 'note'>,
  studio: string,
): string {
  const rows = lines.map(({ item, packs }) => `${String(packs)} × ${item.item}  ${item.name} (${packOf(item)})`);
  return [`Order to ${supplier}`, '', ...rows, '', ...(note ? [note, ''] : []), studio].join('\n');
}

/** Rows of cells, the column heads first. */
export function orderTable({ supplier, on, lines }: Pick<NewOrder, 'supplier' | 'on' | 'lines'>): string[][] {
  const rows = lines.map(({ item, packs, paidMinor }) => {
    const digits = minorDigits(item.currency);
    return [supplier, on, item.item, item.name, String(packs), packOf(item), (paidMinor / 10 ** digits).toFixed(digits), item.currency]; // prettier-ignore
  });
  return [['supplier', 'ordered on', 'item', 'name', 'packs', 'pack', 'to pay', 'currency'], ...rows];
}

const packOf = ({ pack, per }: OrderLine['item']) => `${String(pack)}${per === 'g' ? ' g' : ''}`;
