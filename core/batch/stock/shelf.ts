// The shelf: what stock lies there, bar by bar and sheet by sheet. Entries only; what lies there is their sum.
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { z } from 'zod';
import { readLength } from '../../measure/read/read-length.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { readCount } from '../../measure/read/read-number.ts';
import { currencySchema, noteSchema, typedSchema } from '../../measure/typed.ts';
import { densityOf } from '../../metal/alloy.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { partSchema, tempers } from '../../piece/part.ts';
import { readSection } from '../../stock/read-section.ts';
import { gaugeSystemOf } from '../../stock/gauged.ts';
import { massPerArea, massPerLength, type Section } from '../../stock/section.ts';
import type { Issue } from '../../measure/issue.ts';
import { stockKey } from '../cut-list.ts';

/**
 * What happened to stock: it came in; it was cut up for a batch; what was left of it came back as an offcut or fell as scrap;
 * a batch gave it back; it was counted anew.
 */
const shelfHows = ['in', 'cut', 'offcut', 'scrap', 'back', 'counted'] as const;

const sizeSchema = z.union([
  z.strictObject({ lengthMm: z.number().positive() }),
  z.strictObject({ widthMm: z.number().positive(), heightMm: z.number().positive() }),
]);
export type StockSize = z.infer<typeof sizeSchema>;

/** Stock of one size, one or several alike. */
export const lotSchema = z.object({
  id: z.string().min(1).max(40),
  alloy: z.string().min(1).max(40),
  /** Sizes in mm, as `Section` has them. */
  section: z.record(z.string(), z.union([z.string(), z.number()])),
  size: sizeSchema,
  temper: z.enum(tempers),
  /** g, of one. */
  grams: z.number().positive(),
  /** Paid for one, minor units; null when nobody knows. */
  paidMinor: z.int().min(0).nullable(),
  currency: currencySchema,
  isOffcut: z.boolean(),
});
export type Lot = z.infer<typeof lotSchema>;

export const shelfLotSchema = lotSchema.extend({ count: z.int().min(0) });
export type ShelfLot = z.infer<typeof shelfLotSchema>;

export const shelfEntrySchema = z.object({
  id: z.int(),
  at: z.iso.datetime(),
  lot: lotSchema.nullable(),
  how: z.enum(shelfHows),
  /** How many more lie there since. */
  change: z.int(),
  /** g that came or went. */
  grams: z.number(),
  batchId: z.string().nullable(),
  why: z.string(),
});
export type ShelfEntry = z.infer<typeof shelfEntrySchema>;
export type NewShelfEntry = Omit<ShelfEntry, 'id' | 'at'>;

/** Stock as a maker writes it down. */
export const newLotSchema = z.strictObject({
  alloy: z.string().min(1).max(40),
  section: partSchema.shape.section,
  /** Of a bar or a coil. */
  length: typedSchema.default(''),
  /** Of a sheet. */
  width: typedSchema.default(''),
  height: typedSchema.default(''),
  count: typedSchema.default('1'),
  temper: z.enum(tempers).default(''),
  /** In all. */
  paid: typedSchema.default(''),
  why: noteSchema.default(''),
});
export type NewLot = z.infer<typeof newLotSchema>;

export const sectionOf = ({ section }: Pick<Lot, 'section'>) => section as unknown as Section;
export const keyOfLot = (lot: Pick<Lot, 'alloy' | 'section'>) => stockKey(lot.alloy, sectionOf(lot));

/** g of a piece of stock; 0 of a metal whose density nobody knows. @throws RangeError for grain, which has no size */
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
 * Reads stock as written down.
 * @returns the lot without its id and how many of it, or what cannot be read
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
