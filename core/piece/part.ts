// A part: a blank cut from stock. Measures are kept as typed.
import { z } from 'zod';
import { blankSchema } from '../blank/blank.ts';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import { scrapKinds } from '../metal/scrap-kinds.ts';
import { sectionSchema } from '../stock/typed-section.ts';

/** Tempers of stock; '' when it does not matter. */
export const tempers = ['', 'soft', 'half-hard', 'hard'] as const;

/** A part as it is stored. */
export const partSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  alloy: z.string().min(1).max(40),
  section: sectionSchema,
  blank: blankSchema,
  /** Number in one piece, or in one sub-assembly. */
  count: typedSchema,
  /**
   * Removed from each blank by filing square, sanding or sawing to the line: from a length, or all round an outline.
   */
  trim: typedSchema,
  /** Kind of scrap the trim becomes. */
  scrap: z.enum(scrapKinds).default('clean'),
  /** Kerf of the cut that parts each blank from the stock; it becomes filings. */
  kerf: typedSchema.default(''),
  /** Temper as bought; blank when it does not matter. */
  temper: z.enum(tempers).default(''),
  /** The sub-assembly it belongs to; blank for none. */
  group: z.string().max(40).default(''),
  /** Half of them are made left, half right. */
  paired: z.boolean().default(false),
  /** Diameter of a drilled hole; blank for none. */
  hole: typedSchema.default(''),
  /** Number of such holes in one; blank: 1. */
  holes: typedSchema.default(''),
  /** Whether its cut ends are worn against skin. */
  endsTouchSkin: z.boolean().default(false),
  /** Price of one bought ready made. */
  buyPrice: typedSchema.default(''),
  /** Whether it is bought ready made instead of being cut. */
  bought: z.boolean().default(false),
  /** Extras cut for a batch. */
  spare: typedSchema.default(''),
});

/** A part as it is stored. */
export type Part = z.infer<typeof partSchema>;
/** A part as written in a file: fields may be left out. */
export type PartTyped = z.input<typeof partSchema>;
