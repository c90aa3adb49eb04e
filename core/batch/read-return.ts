// What came back from a batch, read: the page shows its loss while it is typed, the server books it.
import { z } from 'zod';
import { mgOf } from '../account/entry.ts';
import { type JarKind, jarKinds } from '../account/place.ts';
import type { Issue } from '../measure/issue.ts';
import { readCount, readGrams } from '../measure/read/read-number.ts';
import type { Reading } from '../measure/read/reading.ts';
import { isoDateSchema, noteSchema, typedSchema } from '../measure/typed.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { BatchCount } from './count-batch.ts';
import { metalOfBatch } from './metal-of-batch.ts';
import { type Lot, mgEach, newLotSchema, readLot } from './stock/shelf.ts';

/** Metal that came back from a batch, as it is sent. */
export const batchReturnSchema = z.strictObject({
  on: isoDateSchema,
  /** What all finished pieces weigh together. */
  finished: typedSchema,
  /** Good pieces. */
  pieces: typedSchema,
  /** Of the weight solder, findings and stones; blank for the estimate. */
  other: typedSchema,
  scrap: z
    .array(z.strictObject({ kind: z.enum(jarKinds), alloy: z.string().min(1).max(40), grams: typedSchema }))
    .max(60),
  /** Offcuts, and grain that was not used. */
  offcuts: z.array(newLotSchema).max(60),
  why: noteSchema,
});
/** Metal that came back from a batch, as it is sent. */
export type TypedReturn = z.infer<typeof batchReturnSchema>;

/** An offcut that came back; without a lot where it is grain. */
interface ReadOffcut {
  readonly alloy: string;
  readonly mg: number;
  readonly count: number;
  readonly lot: Omit<Lot, 'id'> | null;
}

/** What came back, in whole mg. */
export interface ReadReturn {
  readonly pieces: number;
  /** Solder and findings in the pieces. */
  readonly otherMg: number;
  /** Metal of the account in the pieces. */
  readonly finishedMg: number;
  readonly scrap: readonly { readonly kind: JarKind; readonly alloy: string; readonly mg: number }[];
  readonly scrapMg: number;
  readonly offcuts: readonly ReadOffcut[];
  readonly offcutMg: number;
  readonly issuedMg: number;
  /** What is missing; below zero where more came back than was issued. */
  readonly lossMg: number;
  readonly issues: readonly Issue[];
}

interface ReturnBasis {
  /** What the batch holds, by alloy. */
  readonly held: readonly { readonly alloy: string; readonly mg: number }[];
  readonly count: BatchCount;
  readonly alloys: ReadonlyMap<string, Alloy>;
  readonly currency: string;
}

/** Reads what came back. A field that cannot be read counts as nothing, and is among the issues. */
export function readReturn(typed: TypedReturn, { held, count, alloys, currency }: ReturnBasis): ReadReturn {
  const issues: Issue[] = [];
  const read = (path: string, reading: Reading) => {
    if (!reading.ok) issues.push({ path, sentence: reading.sentence });
    return reading.ok ? reading.value : 0;
  };
  const grams = (path: string, text: string) => (text.trim() ? mgOf(read(path, readGrams(text))) : 0);
  const pieces = read('pieces', readCount(typed.pieces, 0));
  if (pieces > 0 && !typed.finished.trim()) issues.push({ path: 'finished', sentence: 'Give what the pieces weigh.' });
  const weighedMg = grams('finished', typed.finished);
  const otherMg = typed.other.trim() ? grams('other', typed.other) : estimatedOtherMg(count, pieces);
  if (otherMg > weighedMg && weighedMg > 0)
    issues.push({ path: 'other', sentence: 'Solder and findings weigh more than the pieces.' });
  const scrap = typed.scrap
    .map(({ kind, alloy, grams: text }, at) => ({ kind, alloy, mg: grams(`scrap.${String(at)}.grams`, text) }))
    .filter(({ mg }) => mg > 0);
  const offcuts = typed.offcuts.flatMap((offcut, at): ReadOffcut[] => {
    const path = `offcuts.${String(at)}`;
    if (offcut.section.form === 'grain')
      return [{ alloy: offcut.alloy, mg: grams(`${path}.weighed`, offcut.weighed), count: 1, lot: null }];
    const reading = readLot(offcut, alloys, currency);
    if ('problems' in reading) {
      issues.push(...reading.problems.map((one) => ({ ...one, path: `${path}.${one.path}` })));
      return [];
    }
    const lot = { ...reading.lot, isOffcut: true, paidMinor: null };
    return [{ alloy: offcut.alloy, mg: reading.count * mgEach(lot), count: reading.count, lot }];
  });
  if ([...scrap, ...offcuts].some(({ alloy }) => !held.some((one) => one.alloy === alloy)))
    issues.push({ path: 'scrap', sentence: 'This metal was not issued to the batch.' });
  const finishedMg = Math.max(0, weighedMg - otherMg);
  const [scrapMg, offcutMg, issuedMg] = [sumMg(scrap), sumMg(offcuts), sumMg(held)];
  const lossMg = issuedMg - finishedMg - scrapMg - offcutMg;
  return { pieces, otherMg, finishedMg, scrap, scrapMg, offcuts, offcutMg, issuedMg, lossMg, issues };
}

/** Whole mg of solder and findings in a number of pieces by the estimate. */
function estimatedOtherMg(count: BatchCount, pieces: number): number {
  return count.quantity > 0 ? Math.round((metalOfBatch(count).otherMg / count.quantity) * pieces) : 0;
}

const sumMg = (parts: readonly { readonly mg: number }[]) => parts.reduce((sum, { mg }) => sum + mg, 0);
