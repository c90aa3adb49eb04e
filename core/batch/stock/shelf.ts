// Stock by lot, bar by bar and sheet by sheet. What is in stock is the sum of the entries of the account.
import { z } from 'zod';
import { fineMetals, mgOf } from '../../account/entry.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import type { Issue } from '../../measure/issue.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { readCount, readGrams } from '../../measure/read/read-number.ts';
import { currencySchema, nameSchema, noteSchema, typedSchema } from '../../measure/typed.ts';
import { densityOf } from '../../metal/alloy.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { partSchema, tempers } from '../../piece/part.ts';
import { gaugeSystemOf } from '../../stock/gauged.ts';
import { readSection } from '../../stock/read-section.ts';
import { massPerArea, massPerLength, type Section } from '../../stock/section.ts';
import { stockKey } from '../cut-list.ts';

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

/** A kind of lot. */
export type LotKind = 'bar' | 'sheet' | 'offcut' | 'grain' | 'ingot';

const lotLabelSchema = z.object({
  /** Short number, to write on the metal. */
  number: z.int().min(1),
  supplier: z.string(),
  /** A customer whose metal it is; '' for the studio's own. */
  owner: z.string(),
  /** Drawer, rack or box; '' where nobody said. */
  where: z.string(),
  /** ISO day it was entered. */
  since: z.string(),
});
/** A lot with the number in stock. */
export const shelfLotSchema = lotSchema.extend({ count: z.int().min(0), ...lotLabelSchema.shape });
/** A lot with the number in stock. */
export type ShelfLot = z.infer<typeof shelfLotSchema>;

/** Metal that is weighed, not measured: grain and ingots. */
export const bulkLotSchema = z.object({
  id: z.string().min(1).max(40),
  kind: z.enum(['grain', 'ingot']),
  alloy: z.string().min(1).max(40),
  ...lotLabelSchema.shape,
  /** Whole mg that are left, and the fine metal in them. */
  mg: z.int(),
  fine: z.record(z.enum(fineMetals), z.int()),
});
/** Metal that is weighed, not measured. */
export type BulkLot = z.infer<typeof bulkLotSchema>;

/** A lot that is about to be added. */
export interface NewLotRow {
  readonly id: string;
  readonly kind: LotKind;
  readonly owner: string;
  readonly supplier: string;
  /** Null for metal that is weighed. */
  readonly lot: Lot | null;
  readonly alloy: string;
}

/** Kind of a lot that is measured. */
export function kindOfLot({ isOffcut, size }: Pick<Lot, 'isOffcut' | 'size'>): LotKind {
  if (isOffcut) return 'offcut';
  return 'lengthMm' in size ? 'bar' : 'sheet';
}

/** Whole mg of one of a lot. */
export const mgEach = ({ grams }: Pick<Lot, 'grams'>) => mgOf(grams);

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
  /** What all of it weighed on the scale; blank for the calculated weight. */
  weighed: typedSchema.default(''),
  supplier: nameSchema.default(''),
  where: nameSchema.default(''),
  /** A customer whose metal it is; blank for the studio's own. */
  owner: nameSchema.default(''),
  /** Whether it lay here before the ledger: then nothing was bought. */
  isOpening: z.boolean().default(false),
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

/** Received stock, read. */
export interface ReadLot {
  readonly lot: Omit<Lot, 'id'>;
  readonly count: number;
  /** Paid for all of it, minor units; null when unknown. */
  readonly paidMinor: number | null;
  /** g of one by its measures; `lot.grams` is by the scale where it was weighed. */
  readonly calculatedGrams: number;
}

/**
 * Reads received stock.
 * @returns the lot without its id and its number, or the problems
 */
export function readLot(
  typed: NewLot,
  alloys: ReadonlyMap<string, Alloy>,
  currency: string,
): ReadLot | { readonly problems: readonly Issue[] } {
  const problems: Issue[] = [];
  const report = (problem: Issue) => problems.push(problem);
  const alloy = alloys.get(typed.alloy);
  if (!alloy) return { problems: [{ path: 'alloy', sentence: 'This metal is not in the book.' }] };
  const reading = readSection(typed.section, gaugeSystemOf(alloy.family, typed.section.form), report);
  const form = typed.section.form;
  if (form === 'grain') return { problems: [{ path: 'section', sentence: 'Grain has no length to cut from.' }] };
  const mm = (path: 'length' | 'width' | 'height', what: string) => readSide(typed[path], path, what, report);
  const size: StockSize =
    form === 'sheet'
      ? { widthMm: mm('width', 'width of the sheet'), heightMm: mm('height', 'length of the sheet') }
      : { lengthMm: mm('length', 'length') };
  const count = readCount(typed.count);
  if (!count.ok) problems.push({ path: 'count', sentence: count.sentence });
  const paid = typed.paid.trim() ? readMoney(typed.paid, currency, 'amount') : null;
  if (paid && !paid.ok) problems.push({ path: 'paid', sentence: paid.sentence });
  const weighed = readWeighed(typed.weighed, report);
  if (!reading || problems.length > 0 || !count.ok) return { problems };
  const calculatedGrams = gramsOf(reading.section, size, alloy);
  return {
    lot: {
      alloy: alloy.id,
      section: { ...reading.section },
      size,
      temper: typed.temper,
      grams: weighed === null ? calculatedGrams : weighed / count.value,
      paidMinor: paid?.ok ? roundHalfAwayFromZero(paid.value / count.value) : null,
      currency,
      isOffcut: false,
    },
    count: count.value,
    paidMinor: paid?.ok ? roundHalfAwayFromZero(paid.value) : null,
    calculatedGrams,
  };
}

type Report = (problem: Issue) => void;

/** Whole micrometres: nobody measures stock finer. */
function readSide(text: string, path: string, what: string, report: Report): number {
  const length = readLength(text, { what, gauge: 'none' });
  if (!length.ok) report({ path, sentence: length.sentence });
  return length.ok ? Math.round(length.value * 1000) / 1000 : 0;
}

/** @returns g of all of it; null when it was not weighed */
function readWeighed(text: string, report: Report): number | null {
  if (!text.trim()) return null;
  const grams = readGrams(text);
  if (!grams.ok || grams.value <= 0)
    report({ path: 'weighed', sentence: grams.ok ? 'Give what it weighed.' : grams.sentence });
  return grams.ok && grams.value > 0 ? grams.value : null;
}
