// A fair: what it costs to be there, who comes by, what stands on the table, and what really sold. Measures as typed.
import { z } from 'zod';
import { isoDateSchema, nameSchema, noteSchema, rowIdSchema, typedSchema } from '../../measure/typed.ts';

/** One level of price on the table. */
const levelSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** A piece of the book that stands for the level; blank for none, and then its cost is typed. */
  piece: z.string().max(40),
  /** What one costs to make, typed; blank takes it from the piece. */
  cost: typedSchema,
  /** A price, or a ladder: `15 / 25 / 35`. */
  price: z.string().max(80),
  /** Share of the buyers who take this level. */
  share: typedSchema,
  /** Chance of one more after the first, and after the second. */
  second: typedSchema,
  third: typedSchema,
  /** Sold in the end; blank while it is not over. */
  sold: typedSchema,
});

export const fairSchema = z.strictObject({
  name: nameSchema,
  from: z.union([isoDateSchema, z.literal('')]),
  days: typedSchema,
  stallFee: typedSchema,
  /** Of the takings, where the fair asks for one. */
  takingsShare: typedSchema,
  travel: typedSchema,
  nights: typedSchema,
  nightCost: typedSchema,
  otherCosts: typedSchema,
  /** Hours of the makers' own, packing and travel included, and what one is worth; blank: the studio's hour. */
  hours: typedSchema,
  hourWorth: typedSchema,
  /** Who takes money, and what it keeps: a channel of the studio; blank for cash. */
  channel: z.string().max(40),
  visitors: typedSchema,
  /** How far the visitors may stray from that, one standard deviation as a share. */
  visitorSpread: typedSchema,
  /** Share of the visitors who buy. */
  buyers: typedSchema,
  levels: z.array(levelSchema).max(12, 'A table holds 12 levels of price at most.'),
  /** Taken in the end, in all. */
  taken: typedSchema,
  note: noteSchema,
});

export type Fair = z.infer<typeof fairSchema>;
export type Level = Fair['levels'][number];

export const emptyFair: Fair = {
  name: '',
  from: '',
  days: '1',
  stallFee: '',
  takingsShare: '',
  travel: '',
  nights: '',
  nightCost: '',
  otherCosts: '',
  hours: '',
  hourWorth: '',
  channel: '',
  visitors: '',
  visitorSpread: '25 %',
  buyers: '',
  levels: [],
  taken: '',
  note: '',
};

export const newLevel = (id: string): Level => ({
  id,
  name: '',
  piece: '',
  cost: '',
  price: '',
  share: '',
  second: '',
  third: '',
  sold: '',
});
