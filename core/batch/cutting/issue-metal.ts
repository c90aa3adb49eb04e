// Books an accepted cutting plan as entries: stock cut up, offcuts returned, scrap.
import { z } from 'zod';
import { currencySchema } from '../../measure/typed.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { stockSectionSchema } from '../../stock/stock-section-schema.ts';
import { gramsOf, type Lot, lotSchema, type NewShelfEntry, sectionOf, type ShelfLot } from '../stock/shelf.ts';

const cutStockSchema = z.strictObject({
  /** Id of a lot; null for stock bought for this batch. */
  lotId: z.string().nullable(),
  /** The size bought. */
  bought: lotSchema
    .omit({ id: true, isOffcut: true, grams: true })
    .refine(({ section }) => stockSectionSchema.safeParse(section).success, {
      path: ['section'],
      error: 'This section is not known.',
    })
    .optional(),
  /** g of blanks cut out of it. */
  blankGrams: z.number().min(0),
  /** The offcut that is kept; null for none. */
  offcut: lotSchema.shape.size.nullable(),
});
/** One bar or sheet of an accepted plan. */
export type CutStock = z.infer<typeof cutStockSchema>;

/** An accepted plan: one line a bar or sheet. */
export const acceptedCutSchema = z.strictObject({
  currency: currencySchema,
  stock: z.array(cutStockSchema).min(1).max(2000),
});
/** An accepted plan as it is sent. */
export type AcceptedCut = z.infer<typeof acceptedCutSchema>;

/**
 * Entries of an accepted plan.
 * @param lots   in stock
 * @param newId  makes an id for each new lot
 * @returns the entries in order, or why there are none: a missing lot, an offcut larger than its bar
 */
export function entriesOfCut(
  { stock }: AcceptedCut,
  lots: readonly ShelfLot[],
  alloys: ReadonlyMap<string, Alloy>,
  newId: () => string,
  batchId: string,
): readonly NewShelfEntry[] | { readonly sentence: string } {
  const entries: NewShelfEntry[] = [];
  const left = new Map(lots.map((lot) => [lot.id, lot.count]));
  for (const line of stock) {
    const lot = line.lotId === null ? boughtLot(line, alloys, newId) : lots.find(({ id }) => id === line.lotId);
    if (!lot) return { sentence: 'A bar of this plan is no longer in stock. Plan the cutting again.' };
    const alloy = alloys.get(lot.alloy);
    if (!alloy) return { sentence: 'The metal of this plan is not in the book any more.' };
    if (line.lotId === null)
      entries.push({ lot, how: 'in', change: 1, grams: lot.grams, batchId, why: 'bought for the batch' });
    else {
      const count = left.get(lot.id) ?? 0;
      if (count < 1) return { sentence: 'Stock holds fewer bars than this plan uses. Plan the cutting again.' };
      left.set(lot.id, count - 1);
    }
    const offcutGrams = line.offcut ? gramsOf(sectionOf(lot), line.offcut, alloy) : 0;
    const scrap = lot.grams - line.blankGrams - offcutGrams;
    if (scrap < -1e-6) return { sentence: 'A bar of this plan is shorter than its blanks. Plan the cutting again.' };
    entries.push({ lot, how: 'cut', change: -1, grams: -lot.grams, batchId, why: '' });
    if (line.offcut) {
      const offcut = { ...lot, id: newId(), size: line.offcut, grams: offcutGrams, isOffcut: true, paidMinor: null };
      entries.push({ lot: offcut, how: 'offcut', change: 1, grams: offcutGrams, batchId, why: '' });
    }
    if (scrap > 1e-9)
      entries.push({ lot: null, how: 'scrap', change: 0, grams: scrap, batchId, why: `${alloy.name}, of cutting` });
  }
  return entries;
}

function boughtLot({ bought }: CutStock, alloys: ReadonlyMap<string, Alloy>, newId: () => string): Lot | undefined {
  const alloy = bought && alloys.get(bought.alloy);
  if (!bought || !alloy) return undefined;
  const grams = gramsOf(sectionOf(bought), bought.size, alloy);
  return { ...bought, id: newId(), grams, isOffcut: false };
}

/**
 * Entries that give a batch's metal back: for every lot the opposite of all that the batch did to it.
 * @param entries  of the batch, in order
 * @param lots     in stock now
 * @returns the entries, or why there are none: an offcut of the batch has been used
 */
export function entriesOfReturn(
  entries: readonly HeldEntry[],
  lots: readonly ShelfLot[],
  batchId: string,
): readonly NewShelfEntry[] | { readonly sentence: string } {
  const byLot = new Map<string, { lot: Lot; change: number }>();
  for (const { lot, how, change } of entries) {
    // Stock that was bought for the batch stays in the studio.
    if (!lot || how === 'in') continue;
    byLot.set(lot.id, { lot, change: (byLot.get(lot.id)?.change ?? 0) + change });
  }
  const back: NewShelfEntry[] = [];
  for (const { lot, change } of byLot.values()) {
    if (change === 0) continue;
    const there = lots.find(({ id }) => id === lot.id)?.count ?? 0;
    if (there - change < 0)
      return { sentence: 'An offcut of this batch has been cut for another since. Its metal cannot be returned.' };
    const grams = -change * lot.grams;
    back.push({ lot, how: 'back', change: -change, grams, batchId, why: 'returned' });
  }
  const scrap = entries.reduce((sum, { lot, grams }) => sum + (lot ? 0 : grams), 0);
  if (Math.abs(scrap) > 1e-9)
    back.push({ lot: null, how: 'back', change: 0, grams: -scrap, batchId, why: 'scrap of cutting, returned' });
  return back;
}

type HeldEntry = Pick<NewShelfEntry, 'lot' | 'how' | 'change' | 'grams'>;

/** g of metal a batch holds: what was cut for it, less offcuts and scrap. */
export function gramsHeld(entries: readonly Pick<NewShelfEntry, 'grams' | 'how'>[]): number {
  return -entries.reduce((sum, { how, grams }) => sum + (how === 'in' ? 0 : grams), 0);
}
