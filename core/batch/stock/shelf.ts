// The shelf: stock by lot, bar by bar and sheet by sheet. What is in stock is the sum of the entries.
import { z } from 'zod';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import type { Issue } from '../../measure/issue.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { readCount } from '../../measure/read/read-number.ts';
import { currencySchema, noteSchema, typedSchema } from '../../measure/typed.ts';
import { densityOf } from '../../metal/alloy.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { partSchema, tempers } from '../../piece/part.ts';
import { gaugeSystemOf } from '../../stock/gauged.ts';
import { readSection } from '../../stock/read-section.ts';
import { massPerArea, massPerLength, type Section } from '../../stock/section.ts';
import { stockKey } from '../cut-list.ts';

/**
 * What happened to a lot: received, cut for a batch, returned as an offcut or as scrap, given back by a batch, counted.
 */
const shelfHows = ['in', 'cut', 'offcut', 'scrap', 'back', 'counted'] as const;

const sizeSchema = z.union([
  z.strictObject({ lengthMm: z.number().positive() }),
  z.strictObject({ widthMm: z.number().positive(), heightMm: z.number().positive() }),
]);
/** Length of a bar, or sides of a sheet, mm. */
export type StockSize = z.infer<typeof sizeSchema>;

/** Stock of one size, one or several pieces alike. */
export const lotSchema = z.object({
  id: z.string().min(1).max(40),
  alloy: z.string().min(1).max(40),
  /** Sizes in mm, with the field names of `Section`. */
  section: z.record(z.string(), z.union([z.string(), z.number()])),
  size: sizeSchema,
  temper: z.enum(tempers),
  /** g of one. */
  grams: z.number().positive(),
  /** Price paid for one, minor units; null when unknown. */
  paidMinor: z.int().min(0).nullable(),
  currency: currencySchema,
  isOffcut: z.boolean(),
});
/** A lot: identical pieces of one stock item. */
export type Lot = z.infer<typeof lotSchema>;

/** A lot with the number in stock. */
export const shelfLotSchema = lotSchema.extend({ count: z.int().min(0) });
/** A lot with the number in stock. */
export type ShelfLot = z.infer<typeof shelfLotSchema>;

/** One entry of the shelf. */
export const shelfEntrySchema = z.object({
  id: z.int(),
  at: z.iso.datetime(),
  lot: lotSchema.nullable(),
  how: z.enum(shelfHows),
  /** Change of the number in stock. */
  change: z.int(),
  /** g received or taken. */
  grams: z.number(),
  batchId: z.string().nullable(),
  why: z.string(),
});
/** One entry of the shelf. */
export type ShelfEntry = z.infer<typeof shelfEntrySchema>;
/** An entry that is about to be added. */
export type NewShelfEntry = Omit<ShelfEntry, 'id' | 'at'>;

/** Received stock as a maker types it. */
export const newLotSchema = z.strictObject({
  alloy: z.string().min(1).max(40),
  section: partSchema.shape.section,
  /** Length of a bar or coil. */
  length: typedSchema.default(''),
  /** Side of a sheet. */
  width: typedSchema.default(''),
  height: typedSchema.default(''),
  count: typedSchema.default('1'),
  temper: z.enum(tempers).default(''),
  /** Price of all of it. */
  paid: typedSchema.default(''),
  why: noteSchema.default(''),
});
/** Received stock as it is sent. */
export type NewLot = z.infer<typeof newLotSchema>;

/** The section of a lot. */
export const sectionOf = ({ section }: Pick<Lot, 'section'>) => section as unknown as Section;
/** Key of the lot's stock item. */
export const keyOfLot = (lot: Pick<Lot, 'alloy' | 'section'>) => stockKey(lot.alloy, sectionOf(lot));

/**
 * Mass of one piece of stock. @returns g; 0 for an alloy of unknown density. @throws RangeError for grain, which has no
 * size
 */
export function gramsOf(section: Section, size: StockSize, alloy: Alloy): number {
  const density = densityOf(alloy)?.value;
  if (density === undefined) return 0;
  if (section.form === 'grain') throw new RangeError('Grain is weighed, not measured.');
  if (section.form === 'sheet')
    return 'widthMm' in size ? size.widthMm * size.heightMm * massPerArea(section.thicknessMm, density) : 0;
  const perMm = section.form === 'patterned' ? section.gramsPerMm : massPerLength(section, density);
  return 'lengthMm' in size ? size.lengthMm * perMm : 0;
}

/**
 * Reads received stock.
 * @returns the lot without its id and its number, or the problems
 */
export function readLot(
  typed: NewLot,
  alloys: ReadonlyMap<string, Alloy>,
  currency: string,
): { readonly lot: Omit<Lot, 'id'>; readonly count: number } | { readonly problems: readonly Issue[] } {
  const problems: Issue[] = [];
  const report = (problem: Issue) => problems.push(problem);
  const alloy = alloys.get(typed.alloy);
  if (!alloy) return { problems: [{ path: 'alloy', sentence: 'This metal is not in the book.' }] };
  const reading = readSection(typed.section, gaugeSystemOf(alloy.family, typed.section.form), report);
  const mm = (path: 'length' | 'width' | 'height', what: string) => {
    const length = readLength(typed[path], { what, gauge: 'none' });
    if (!length.ok) problems.push({ path, sentence: length.sentence });
    // Whole micrometres: nobody measures stock finer.
    return length.ok ? Math.round(length.value * 1000) / 1000 : 0;
  };
  const form = typed.section.form;
  if (form === 'grain') return { problems: [{ path: 'section', sentence: 'Grain has no length to cut from.' }] };
  const size: StockSize =
    form === 'sheet'
      ? { widthMm: mm('width', 'width of the sheet'), heightMm: mm('height', 'length of the sheet') }
      : { lengthMm: mm('length', 'length') };
  const count = readCount(typed.count);
  if (!count.ok) problems.push({ path: 'count', sentence: count.sentence });
  const paid = typed.paid.trim() ? readMoney(typed.paid, currency, 'amount') : null;
  if (paid && !paid.ok) problems.push({ path: 'paid', sentence: paid.sentence });
  if (!reading || problems.length > 0 || !count.ok) return { problems };
  return {
    lot: {
      alloy: alloy.id,
      section: { ...reading.section },
      size,
      temper: typed.temper,
      grams: gramsOf(reading.section, size, alloy),
      paidMinor: paid?.ok ? roundHalfAwayFromZero(paid.value / count.value) : null,
      currency,
      isOffcut: false,
    },
    count: count.value,
  };
}
