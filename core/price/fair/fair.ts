// A fair: its costs, visitors, price levels and sales. Measures are kept as typed.
import { z } from 'zod';
import { isoDateSchema, nameSchema, noteSchema, rowIdSchema, typedSchema } from '../../measure/typed.ts';

/** One price level on the table. */
const levelSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** A piece that stands for the level; blank for none, and then its cost is typed. */
  piece: z.string().max(40),
  /** Cost of one, typed; blank takes that of the piece. */
  cost: typedSchema,
  /** A price, or a multi-buy price for one, two and more: `18 / 32 / 45`. */
  price: z.string().max(80),
  /** Share of the buyers who take this level. */
  share: typedSchema,
  /** Chance of a second piece, and of a third. */
  second: typedSchema,
  third: typedSchema,
  /** Pieces sold; blank while the fair is not over. */
  sold: typedSchema,
});

/** A fair as it is stored. */
export const fairSchema = z.strictObject({
  name: nameSchema,
  from: z.union([isoDateSchema, z.literal('')]),
  days: typedSchema,
  stallFee: typedSchema,
  /** Commission of the fair on the takings. */
  takingsShare: typedSchema,
  travel: typedSchema,
  nights: typedSchema,
  nightCost: typedSchema,
  otherCosts: typedSchema,
  /** Hours of the makers, packing and travel included, and the value of an hour; blank for the studio's labour rate. */
  hours: typedSchema,
  hourWorth: typedSchema,
  /** Sales channel that takes the money; blank for cash. */
  channel: z.string().max(40),
  visitors: typedSchema,
  /** Variation of the number of visitors, one standard deviation as a share. */
  visitorSpread: typedSchema,
  /** Share of the visitors who buy. */
  buyers: typedSchema,
  levels: z.array(levelSchema).max(12, 'A table holds 12 levels of price at most.'),
  /** Visitors that came; blank where nobody counted. */
  visitorsCame: typedSchema.default(''),
  /** Total takings. */
  taken: typedSchema,
  note: noteSchema,
});

/** A fair as it is stored. */
export type Fair = z.infer<typeof fairSchema>;
/** A price level as it is stored. */
export type Level = Fair['levels'][number];

/** A fair before anything is typed. */
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
  visitorsCame: '',
  taken: '',
  note: '',
};

/** A price level before anything is typed. */
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
