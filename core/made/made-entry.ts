// Entries of finished pieces. Each moves pieces between places; its lines sum to zero for each item. An entry never
// changes: a counter-entry reverses it.
import { z } from 'zod';
import { currencySchema, isoDateSchema, noteSchema } from '../measure/typed.ts';
import type { MadePlace } from './made-place.ts';

/** Kinds of entries. */
const madeKinds = [
  'made',
  'opening',
  'moved',
  'sold',
  'refunded',
  'melted',
  'given',
  'lost',
  'counted',
  'graded',
  'reversed',
] as const;
/** What happened. */
export type MadeKind = (typeof madeKinds)[number];

/** Grades of pieces: for sale, second choice, and samples that are shown. */
export const grades = ['good', 'second', 'sample'] as const;
/** A grade. */
export type Grade = (typeof grades)[number];

/** Amounts of a line; those of all its pieces. */
const amountKeys = [
  'costMinor',
  'estimateMinor',
  'labourMinor',
  'minutes',
  'estimateMinutes',
  'paidMinor',
  'taxMinor',
  'commissionMinor',
  'feeMinor',
] as const;
type AmountKey = (typeof amountKeys)[number];

const placeSchema = z.string().min(1).max(80) as unknown as z.ZodType<MadePlace>;
const minorSchema = z.int().default(0);

/** A line of an entry: the change at one place. Money and minutes are those of all its pieces. */
const madeLineSchema = z.object({
  place: placeSchema,
  item: z.string().min(1).max(40),
  grade: z.enum(grades),
  count: z.int(),
  /** What they cost to make, and the estimate; minor units, on the line of the place `made` or `opening`. */
  costMinor: minorSchema,
  estimateMinor: minorSchema,
  /** Of the cost, labour. */
  labourMinor: minorSchema,
  /** Bench minutes as they were, and by the estimate. */
  minutes: z.number().default(0),
  estimateMinutes: z.number().default(0),
  /** On the line of the place `sold`: paid by the customer, and of it tax, commission and fees; minor units. */
  paidMinor: minorSchema,
  taxMinor: minorSchema,
  commissionMinor: minorSchema,
  feeMinor: minorSchema,
});
/** A line of an entry. */
export type MadeEntryLine = Readonly<z.infer<typeof madeLineSchema>>;

/** An entry that is about to be added. */
export const newMadeEntrySchema = z.object({
  kind: z.enum(madeKinds),
  on: isoDateSchema,
  /** Id of the sales channel of the studio; '' where none took part. */
  channel: z.string().max(40),
  /** Who bought: a shop or a customer; '' where nobody asked. */
  buyer: z.string().max(120),
  /** Customers of a sale: a fair that is ticked off has many. */
  customers: z.int().min(0).default(1),
  batchId: z.string().nullable(),
  why: noteSchema,
  /** Number of the entry that this one reverses. */
  corrects: z.int().nullable(),
  currency: currencySchema,
  /** What another program calls this sale; imported twice, it counts once. '' for none. */
  reference: z.string().max(200),
  lines: z.array(madeLineSchema).readonly(),
});
/** An entry as it is stored. */
export const madeEntrySchema = newMadeEntrySchema.extend({
  id: z.int(),
  at: z.iso.datetime(),
  /** Number of the entry that reversed it. */
  correctedBy: z.int().nullable(),
});
/** An entry that is about to be added. */
export type NewMadeEntry = Readonly<z.infer<typeof newMadeEntrySchema>>;
/** An entry as it is stored. */
export type MadeEntry = Readonly<z.infer<typeof madeEntrySchema>>;

const optional = z.number().optional();
/** An entry on its way to the browser: amounts of zero are left out, and most of them are zero. */
export const compactEntrySchema = madeEntrySchema.extend({
  lines: z
    .array(
      z.object({
        ...madeLineSchema.pick({ place: true, item: true, grade: true, count: true }).shape,
        ...(Object.fromEntries(amountKeys.map((key) => [key, optional])) as Record<AmountKey, typeof optional>),
      }),
    )
    .readonly(),
});
/** An entry on its way to the browser. */
export type CompactEntry = Readonly<z.infer<typeof compactEntrySchema>>;

/** Leaves amounts of zero out. */
export function compactEntry({ lines, ...entry }: MadeEntry): CompactEntry {
  return {
    ...entry,
    lines: lines.map((line) => {
      const { place, item, grade, count } = line;
      const amounts = amountKeys.flatMap((key) => (line[key] === 0 ? [] : [[key, line[key]] as const]));
      return { place, item, grade, count, ...Object.fromEntries(amounts) };
    }),
  };
}

/** The entry with all its amounts. */
export function wholeEntry({ lines, ...entry }: CompactEntry): MadeEntry {
  return { ...entry, lines: lines.map((line) => ({ ...NOTHING, ...line })) };
}

/** Amounts of a line beside its count. */
export type LineAmounts = Partial<Omit<MadeEntryLine, 'place' | 'item' | 'grade' | 'count'>>;

const NOTHING = Object.fromEntries(amountKeys.map((key) => [key, 0])) as Record<AmountKey, 0>;

/** Order of entries: by day, those of one day as they were entered. Plain comparison: days are ISO, and many. */
export function byDay(a: Pick<MadeEntry, 'on' | 'id'>, b: Pick<MadeEntry, 'on' | 'id'>): number {
  return a.on < b.on ? -1 : a.on > b.on ? 1 : a.id - b.id;
}

/** One end of a move. */
export interface MadeEnd {
  readonly place: MadePlace;
  readonly grade?: Grade;
  /** Amounts that stand at this end. */
  readonly amounts?: LineAmounts;
}

/** Pieces that move from one place to another: two lines that cancel out. */
export function movePieces(item: string, count: number, from: MadeEnd, to: MadeEnd): MadeEntryLine[] {
  const line = ({ place, grade = 'good', amounts }: MadeEnd, sign: 1 | -1): MadeEntryLine => ({
    ...NOTHING,
    ...amounts,
    place,
    item,
    grade,
    count: sign * count || 0,
  });
  return [line(from, -1), line(to, 1)];
}

/** Whether no piece appears or vanishes. */
export function keepsPieces(lines: readonly MadeEntryLine[]): boolean {
  const sums = new Map<string, number>();
  for (const { item, count } of lines) sums.set(item, (sums.get(item) ?? 0) + count);
  return [...sums.values()].every((sum) => sum === 0);
}

/** The counter-entry of an entry. */
export function reversedMade(entry: MadeEntry, on: string, why: string): NewMadeEntry {
  const { channel, buyer, customers, batchId, currency, id } = entry;
  const lines = entry.lines.map((line) => ({ ...line, count: -line.count || 0, ...negated(line) }));
  return {
    kind: 'reversed',
    on,
    channel,
    buyer,
    customers,
    batchId,
    why,
    corrects: id,
    currency,
    reference: '',
    lines,
  };
}

/** The amounts of a line, all negative. */
export function negated(line: LineAmounts): Required<LineAmounts> {
  return Object.fromEntries(amountKeys.map((key) => [key, -(line[key] ?? 0) || 0])) as Required<LineAmounts>;
}
