// Entries of the metal account. Each moves metal between places; its lines sum to zero, gross and fine. An entry never
// changes: a counter-entry corrects it.
import { z } from 'zod';
import { currencySchema, isoDateSchema } from '../measure/typed.ts';
import type { Alloy } from '../metal/alloys.ts';
import { chargeForms } from '../metal/charge-form.ts';
import type { Place } from './place.ts';

/** Kinds of entries. */
const entryKinds = [
  'opening',
  'received',
  'issued',
  'returned',
  'scrapped',
  'converted',
  'sent',
  'settled',
  'counted',
  'customer-in',
  'customer-out',
  'sold',
  'paid',
  'reversed',
] as const;
/** What happened. */
export type EntryKind = (typeof entryKinds)[number];

/** Metals whose fine content is kept. */
export const fineMetals = ['Ag', 'Au', 'Pt', 'Pd'] as const;
/** A metal whose fine content is kept. */
export type FineMetal = (typeof fineMetals)[number];

/** Whole milligrams of each precious metal. */
export type Fine = Readonly<Record<FineMetal, number>>;

const mgSchema = z.int();
/** A place; its text is checked where it is made. */
export const placeSchema = z.string().min(1).max(120) as unknown as z.ZodType<Place>;

/** A line of an entry: the change at one place. */
const metalLineSchema = z.object({
  place: placeSchema,
  /** Id of the lot; null where metal lies loose, as in a jar. */
  lot: z.string().min(1).max(40).nullable(),
  alloy: z.string().min(1).max(40),
  /** Bars, sheets or pieces. */
  pieces: z.int(),
  /** Gross, whole mg. */
  mg: mgSchema,
  fine: z.object({ Ag: mgSchema, Au: mgSchema, Pt: mgSchema, Pd: mgSchema }),
  /** Minor units paid for metal that came in or received for metal that left; null when unknown. */
  paidMinor: z.int().nullable(),
  /** Short number of the lot; the ledger knows it. */
  lotNumber: z.int().optional(),
});
/** A line of an entry. */
export type MetalLine = Readonly<z.infer<typeof metalLineSchema>>;

/** What an entry knows beside its lines. */
const detailSchema = z.object({
  /** What was paid for metal, as typed; it feeds average and last cost. */
  receipt: z
    .object({
      alloy: z.string(),
      form: z.enum(chargeForms),
      grams: z.string(),
      paid: z.string(),
      source: z.string(),
    })
    .optional(),
  /** Order and line that a receipt fulfils. */
  order: z.object({ id: z.string(), line: z.string() }).optional(),
  /** Good pieces that came back with a batch, and mg of it that are not metal of the account. */
  finished: z.object({ pieces: z.int(), otherMg: z.int() }).optional(),
  /** A consignment to a refiner. */
  consignment: z.string().optional(),
  refiner: z.string().optional(),
  /** Minor units before the charge: by the refiner’s terms, after what settlements taught, and as settled. */
  estimateMinor: z.int().optional(),
  expectedMinor: z.int().optional(),
  settledMinor: z.int().optional(),
  chargeMinor: z.int().optional(),
  /** Whether a settlement came as credit for new metal. */
  isCredit: z.boolean().optional(),
  /** How a conversion was done. */
  conversion: z.enum(['melt', 'draw', 'granulate', 'alloy', 'solder']).optional(),
});
/** What an entry knows beside its lines. */
export type EntryDetail = z.infer<typeof detailSchema>;

/** An entry that is about to be added. */
export const newMetalEntrySchema = z.object({
  kind: z.enum(entryKinds),
  on: isoDateSchema,
  batchId: z.string().nullable(),
  why: z.string().max(4000),
  /** Number of the entry that this one reverses. */
  corrects: z.int().nullable(),
  currency: currencySchema,
  detail: detailSchema,
  lines: z.array(metalLineSchema).readonly(),
});
/** An entry as it is stored. */
export const metalEntrySchema = newMetalEntrySchema.extend({
  id: z.int(),
  at: z.iso.datetime(),
  /** Number of the entry that reversed it. */
  correctedBy: z.int().nullable(),
});

/** An entry that is about to be added. */
export type NewMetalEntry = Readonly<z.infer<typeof newMetalEntrySchema>>;
/** An entry as it is stored. */
export type MetalEntry = Readonly<z.infer<typeof metalEntrySchema>>;

const NO_FINE: Fine = { Ag: 0, Au: 0, Pt: 0, Pd: 0 };

/** Whole milligrams of grams. */
export const mgOf = (grams: number) => Math.round(grams * 1000);

/** Fine content of a mass of an alloy, each metal rounded to whole mg; none for an unknown alloy. */
export function fineOf(alloy: Alloy | undefined, mg: number): Fine {
  if (!alloy) return NO_FINE;
  const of = (metal: FineMetal) => Math.round(mg * fineShare(alloy, metal)) || 0;
  return { Ag: of('Ag'), Au: of('Au'), Pt: of('Pt'), Pd: of('Pd') };
}

/** Share of a precious metal, 0 to 1: the named fineness for the main metal, the composition for the others. */
function fineShare({ composition, fineness }: Alloy, metal: FineMetal): number {
  const share = composition[metal] ?? 0;
  const most = Math.max(...fineMetals.map((one) => composition[one] ?? 0));
  return fineness !== null && share > 0 && share === most ? fineness / 1000 : share;
}

/** One end of a move. */
export interface End {
  readonly place: Place;
  readonly lot?: string;
  readonly pieces?: number;
  readonly paidMinor?: number | null;
}

/** Metal on the move: its alloy, gross and fine, whole mg, at least 0. */
export interface MetalMass {
  readonly alloy: string;
  readonly mg: number;
  readonly fine: Fine;
}

/** Metal of an alloy as it enters the account. @param known  undefined for an alloy that is not in the book */
export function metalMass(alloy: string, known: Alloy | undefined, mg: number): MetalMass {
  return { alloy, mg, fine: fineOf(known, mg) };
}

/** A part of what lies somewhere, with its share of the fine metal: what is left over is never fine metal alone. */
export function partOf(all: MetalMass, mg: number): MetalMass {
  if (mg === all.mg) return { alloy: all.alloy, mg, fine: all.fine };
  const share = all.mg === 0 ? 0 : mg / all.mg;
  const of = (metal: FineMetal) => Math.round(all.fine[metal] * share) || 0;
  return { alloy: all.alloy, mg, fine: { Ag: of('Ag'), Au: of('Au'), Pt: of('Pt'), Pd: of('Pd') } };
}

/** Metal that moves from one place to another: two lines that cancel out. */
export function move({ alloy, mg, fine }: MetalMass, from: End, to: End): MetalLine[] {
  const line = ({ place, lot, pieces, paidMinor }: End, sign: 1 | -1): MetalLine => ({
    place,
    lot: lot ?? null,
    alloy,
    pieces: sign * (pieces ?? 0) || 0,
    mg: sign * mg || 0,
    fine: times(fine, sign),
    paidMinor: paidMinor ?? null,
  });
  return [line(from, -1), line(to, 1)];
}

/** The line that closes an entry at a place, and null where its lines sum to zero already. */
export function closingLine(lines: readonly MetalLine[], place: Place, alloy: string): MetalLine | null {
  const { mg, fine } = sumOf(lines);
  if (mg === 0 && fineMetals.every((metal) => fine[metal] === 0)) return null;
  return { place, lot: null, alloy, pieces: 0, mg: -mg || 0, fine: times(fine, -1), paidMinor: null };
}

/** Gross and fine of lines together. */
export function sumOf(lines: readonly Pick<MetalLine, 'mg' | 'fine'>[]): { readonly mg: number; readonly fine: Fine } {
  const fine = { ...NO_FINE };
  let mg = 0;
  for (const line of lines) {
    mg += line.mg;
    for (const metal of fineMetals) fine[metal] += line.fine[metal];
  }
  return { mg, fine };
}

/** Whether nothing appears or vanishes: gross and each fine metal sum to zero. */
export function isBalanced(lines: readonly MetalLine[]): boolean {
  const { mg, fine } = sumOf(lines);
  return mg === 0 && fineMetals.every((metal) => fine[metal] === 0);
}

/** The counter-entry of an entry. */
export function reversed(entry: MetalEntry, on: string, why: string): NewMetalEntry {
  const lines = entry.lines.map((line): MetalLine => ({
    ...line,
    pieces: -line.pieces || 0,
    mg: -line.mg || 0,
    fine: times(line.fine, -1),
    paidMinor: line.paidMinor === null ? null : -line.paidMinor || 0,
  }));
  const { batchId, currency } = entry;
  return { kind: 'reversed', on, batchId, why, corrects: entry.id, currency, detail: {}, lines };
}

function times(fine: Fine, sign: 1 | -1): Fine {
  return { Ag: sign * fine.Ag || 0, Au: sign * fine.Au || 0, Pt: sign * fine.Pt || 0, Pd: sign * fine.Pd || 0 };
}
