// A part: a blank cut from stock, as the maker describes it. Measures stand as typed.
import { z } from 'zod';
import { blankSchema } from '../blank/blank.ts';
import { scrapKinds } from '../metal/scrap-kinds.ts';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import { sectionSchema } from '../stock/typed-section.ts';

export const tempers = ['', 'soft', 'half-hard', 'hard'] as const;

export const partSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  alloy: z.string().min(1).max(40),
  section: sectionSchema,
  blank: blankSchema,
  /** How many of it are in one piece, or in one of its group. */
  count: typedSchema,
  /** Lost of each blank to filing square, sanding or sawing to the line: off a length, or all round an outline. */
  trim: typedSchema,
  /** What becomes of the trim. */
  scrap: z.enum(scrapKinds).default('clean'),
  /** Width of the cut that parts each blank from the stock; it falls as filings. */
  kerf: typedSchema.default(''),
  /** As bought; blank when it does not matter. */
  temper: z.enum(tempers).default(''),
  /** The sub-assembly it belongs to; blank for none. */
  group: z.string().max(40).default(''),
  /** Half of them are made left, half right. */
  paired: z.boolean().default(false),
  /** Drilled through it; blank for none. */
  hole: typedSchema.default(''),
  /** Its cut ends touch the wearer. */
  endsTouchSkin: z.boolean().default(false),
  /** What one would cost bought ready made. */
  buyPrice: typedSchema.default(''),
  /** Bought ready made instead of being cut. */
  bought: z.boolean().default(false),
  /** Spares cut for a batch, over what it needs. */
  spare: typedSchema.default(''),
});

export type Part = z.infer<typeof partSchema>;
/** A part as written down: what is left out is as usual. */
export type PartTyped = z.input<typeof partSchema>;
