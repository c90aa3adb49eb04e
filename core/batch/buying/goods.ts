// Goods: solder, findings and consumables. They are known by name and counted in grams or by number. The amount in
// stock is the sum of the entries.
import { z } from 'zod';
import { computed, type Figure, given, inSum, totalOf } from '../../figure/figure.ts';
import type { Issue } from '../../measure/issue.ts';
import { readCount, readGrams, readPlain } from '../../measure/read/read-number.ts';
import { nameSchema, typedSchema } from '../../measure/typed.ts';
import type { BatchRun } from '../batch-run.ts';

/** Units goods are counted in: grams, or '' for a number. */
export const goodsUnits = ['g', ''] as const;

const goodsSchema = z.object({
  /** `solder silver solder, easy`, `finding brooch pin`, `consumable saw blades 3/0`. */
  key: z.string().min(1).max(160),
  name: nameSchema.min(1),
  /** g, or '' for a number. */
  unit: z.enum(goodsUnits),
});
/** A kind of goods. */
export type GoodsName = z.infer<typeof goodsSchema>;

/** The amount in stock of one kind of goods. */
export const stockedSchema = goodsSchema.extend({
  there: z.number().min(0),
  /** Reorder level: below it, more is bought. */
  least: z.number().min(0),
  /** Used in each of the last six months, oldest first; none before anything was used. */
  usedByMonth: z.array(z.number()).optional(),
});
/** A kind of goods with its amount in stock. */
export type Stocked = z.infer<typeof stockedSchema>;

/** An entry that is about to be added. */
export interface NewGoodsEntry extends GoodsName {
  /** A count, a use for a batch, or a return from a batch. */
  readonly how: 'counted' | 'used' | 'back';
  /** Change of the amount in stock. */
  readonly change: number;
  readonly least: number;
  readonly batchId: string | null;
}

/** A count as a maker types it. */
export const goodsCountedSchema = goodsSchema.strict().extend({ there: typedSchema, least: typedSchema });
/** A count as it is sent. */
export type GoodsCounted = z.infer<typeof goodsCountedSchema>;

const amountIn = (typed: string) => readPlain(typed.trim() || '0', 'number', '12', () => undefined);

/** @returns the entry that brings the amount in stock to the count, null when nothing changes, or the problems */
export function readGoodsCount(
  { there, least, ...name }: GoodsCounted,
  before: Stocked | undefined,
): NewGoodsEntry | null | { readonly problems: readonly Issue[] } {
  const [now, floor] = [amountIn(there), amountIn(least)];
  const problems = [
    ...(now.ok ? [] : [{ path: 'there', sentence: now.sentence }]),
    ...(floor.ok ? [] : [{ path: 'least', sentence: floor.sentence }]),
  ];
  if (!now.ok || !floor.ok) return { problems };
  const change = neat(now.value - (before?.there ?? 0));
  if (before && change === 0 && floor.value === before.least) return null;
  return { ...name, how: 'counted', change, least: floor.value, batchId: null };
}

/** Solder, findings and bought parts of one run of a batch, with the amount of each. */
export interface GoodsWant extends GoodsName {
  readonly figure: Figure;
  /** g of findings whose weight is known; null for solder, which is itself weighed. */
  readonly grams: Figure | null;
}

/** Goods that one run of a batch needs. */
export function goodsOfRun({ start, count, name: run }: BatchRun): GoodsWant[] {
  const times = (each: Figure) =>
    computed(run, start.value * each.value, each.unit, () => `${inSum(start.value)} × ${inSum(each.value)}`, [
      start,
      each,
    ]);
  const want = (
    sort: string,
    named: string,
    unit: GoodsName['unit'],
    each: Figure,
    grams: Figure | null,
  ): GoodsWant => {
    return {
      key: `${sort} ${named.toLowerCase()}`,
      name: named,
      unit,
      figure: times(each),
      grams: grams && times(grams),
    };
  };
  const { parts, findings } = count.recipe.piece;
  const solder = count.joins.flatMap(({ solder: one, grams }) =>
    one && grams ? [want('solder', one.name, 'g', grams, null)] : [],
  );
  const ready = [
    ...findings.filter(({ kind }) => kind !== 'customer' && kind !== 'sent-out'),
    ...parts.filter(({ bought }) => bought),
  ].flatMap((row) => {
    const many = readCount(row.count, 0);
    const named = row.name.trim();
    if (!many.ok || !named) return [];
    const inPiece = given('in a piece', many.value, '', 'the piece');
    const weighs = 'grams' in row ? readGrams(row.grams) : null;
    const grams = weighs?.ok && weighs.value > 0 ? weighs.value * many.value : 0;
    const weight = grams > 0 ? given('weighs, in a piece', grams, 'g', 'as typed with the finding') : null;
    return [want('finding', named, '', inPiece, weight)];
  });
  return [...solder, ...ready].filter(({ figure }) => figure.value > 0);
}

/** The same goods of several runs or batches, joined. */
export function goodsTogether<Want extends GoodsWant>(
  wants: readonly Want[],
): (GoodsName & { readonly need: Figure; readonly grams: Figure | null; readonly wants: readonly Want[] })[] {
  return [...new Set(wants.map(({ key }) => key))].flatMap((key) => {
    const of = wants.filter((want) => want.key === key);
    const [first] = of;
    if (!first) return [];
    const { name, unit } = first;
    const figures = of.map(({ figure }) => figure);
    const weights = of.flatMap(({ grams }) => grams ?? []);
    const grams = weights.length > 0 ? totalOf(name, 'g', weights) : null;
    return [{ key, name, unit, need: totalOf(name, unit, figures), grams, wants: of }];
  });
}

/** What a batch takes of the counted goods, as far as there are any. */
export function entriesOfUse(
  runs: readonly BatchRun[],
  stocked: readonly Stocked[],
  batchId: string,
): readonly NewGoodsEntry[] {
  return goodsTogether(runs.flatMap(goodsOfRun)).flatMap(({ key, name, unit, need }): NewGoodsEntry[] => {
    const lies = stocked.find((one) => one.key === key);
    const used = Math.min(lies?.there ?? 0, neat(need.value));
    return lies && used > 0 ? [{ key, name, unit, how: 'used', change: -used, least: lies.least, batchId }] : [];
  });
}

/** Entries that return all of it. @param entries  of the batch */
export function entriesOfGoodsReturn(entries: readonly NewGoodsEntry[]): readonly NewGoodsEntry[] {
  return [...new Set(entries.map(({ key }) => key))].flatMap((key): NewGoodsEntry[] => {
    const own = entries.filter((entry) => entry.key === key);
    const change = neat(-own.reduce((sum, entry) => sum + entry.change, 0));
    const last = own.at(-1);
    return last && change > 0 ? [{ ...last, how: 'back', change }] : [];
  });
}

/** A milligram is the finest that anybody weighs. */
const neat = (amount: number) => Math.round(amount * 1000) / 1000;
