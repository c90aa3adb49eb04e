// Books an accepted cutting plan as entries of the account: stock cut up, offcuts returned, scrap into its jar.
import { z } from 'zod';
import {
  type End,
  type MetalEntry,
  type MetalLine,
  metalMass,
  mgOf,
  move,
  type NewMetalEntry,
  partOf,
} from '../../account/entry.ts';
import { jarOf } from '../../account/place.ts';
import { currencySchema } from '../../measure/typed.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { stockSectionSchema } from '../../stock/stock-section-schema.ts';
import {
  gramsOf,
  kindOfLot,
  type Lot,
  lotSchema,
  mgEach,
  type NewLotRow,
  sectionOf,
  type ShelfLot,
} from '../stock/shelf.ts';

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

/** Entries of the account that are about to be added, with their new lots. */
export interface Booking {
  readonly lots: readonly NewLotRow[];
  readonly entries: readonly NewMetalEntry[];
}

interface BookingInput {
  /** In stock. */
  readonly lots: readonly ShelfLot[];
  readonly alloys: ReadonlyMap<string, Alloy>;
  /** Makes an id for each new lot. */
  readonly newId: () => string;
  readonly batchId: string;
  /** ISO day. */
  readonly on: string;
}

/**
 * Books an accepted plan: what is bought for it is received, then its metal is issued.
 * @returns the booking, or why there is none: a missing lot, an offcut larger than its bar
 */
export function bookCut(cut: AcceptedCut, input: BookingInput): Booking | { readonly sentence: string } {
  const { lots, alloys, newId, batchId, on } = input;
  const added: NewLotRow[] = [];
  const received: MetalLine[] = [];
  const issued: MetalLine[] = [];
  const left = new Map(lots.map((lot) => [lot.id, lot.count]));
  for (const line of cut.stock) {
    const lot = line.lotId === null ? boughtLot(line, alloys, newId) : lots.find(({ id }) => id === line.lotId);
    if (!lot) return { sentence: 'A bar of this plan is no longer in stock. Plan the cutting again.' };
    const alloy = alloys.get(lot.alloy);
    if (!alloy) return { sentence: 'The metal of this plan is not in the book any more.' };
    const mass = metalMass(lot.alloy, alloy, mgEach(lot));
    if (line.lotId === null) {
      added.push(newRow(lot));
      received.push(
        ...move(mass, { place: 'supplier', paidMinor: lot.paidMinor }, { place: 'stock', lot: lot.id, pieces: 1 }),
      );
    } else {
      const count = left.get(lot.id) ?? 0;
      if (count < 1) return { sentence: 'Stock holds fewer bars than this plan uses. Plan the cutting again.' };
      left.set(lot.id, count - 1);
    }
    // A bar that was weighed weighs more or less than its measures say, and so does what is cut from it.
    const scale = lot.grams / gramsOf(sectionOf(lot), lot.size, alloy);
    const offcutGrams = line.offcut ? scale * gramsOf(sectionOf(lot), line.offcut, alloy) : 0;
    const scrap = lot.grams - scale * line.blankGrams - offcutGrams;
    if (scrap < -1e-6) return { sentence: 'A bar of this plan is shorter than its blanks. Plan the cutting again.' };
    const from: End = { place: 'stock', lot: lot.id, pieces: 1 };
    issued.push(...move(mass, from, { place: `work/${batchId}` }));
    if (line.offcut) {
      const offcut = { ...lot, id: newId(), size: line.offcut, grams: offcutGrams, isOffcut: true, paidMinor: null };
      added.push(newRow(offcut));
      const part = partOf(mass, mgEach(offcut));
      issued.push(...move(part, { place: `work/${batchId}` }, { place: 'stock', lot: offcut.id, pieces: 1 }));
    }
    const part = partOf(mass, Math.max(0, mgOf(scrap)));
    if (part.mg > 0) issued.push(...move(part, { place: `work/${batchId}` }, { place: jarOf('clean', lot.alloy) }));
  }
  const entry = { on, batchId, corrects: null, currency: cut.currency, detail: {} } as const;
  return {
    lots: added,
    entries: [
      ...(received.length > 0
        ? [{ ...entry, kind: 'received', why: 'bought for the batch', lines: received } as const]
        : []),
      { ...entry, kind: 'issued', why: '', lines: issued },
    ],
  };
}

function newRow(lot: Lot): NewLotRow {
  const { id, alloy } = lot;
  return { id, kind: kindOfLot(lot), owner: '', supplier: '', alloy, lot: lotSchema.parse(lot) };
}

function boughtLot({ bought }: CutStock, alloys: ReadonlyMap<string, Alloy>, newId: () => string): Lot | undefined {
  const alloy = bought && alloys.get(bought.alloy);
  if (!bought || !alloy) return undefined;
  const grams = gramsOf(sectionOf(bought), bought.size, alloy);
  return { ...bought, id: newId(), grams, isOffcut: false };
}

/** g of metal a batch holds: what was issued to it, less what came back. */
export function gramsHeld(entries: readonly MetalEntry[], batchId: string): number {
  const lines = entries.flatMap((entry) => entry.lines.filter(({ place }) => place === `work/${batchId}`));
  return lines.reduce((sum, { mg }) => sum + mg, 0) / 1000;
}
