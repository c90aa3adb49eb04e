// A part: a blank cut from stock, as the maker describes it. Measures stand as typed.
import { z } from 'zod';
import { ringSizeSystems } from '../measure/ring-size.ts';
import { scrapKinds } from '../metal/scrap-kinds.ts';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

const shaped = { width: typedSchema, height: typedSchema };

const sectionSchema = z.discriminatedUnion('form', [
  z.strictObject({ form: z.literal('round'), diameter: typedSchema }),
  z.strictObject({ form: z.literal('square'), side: typedSchema }),
  z.strictObject({ form: z.literal('strip'), width: typedSchema, thickness: typedSchema }),
  z.strictObject({ form: z.literal('half-round'), ...shaped }),
  z.strictObject({ form: z.literal('d'), ...shaped }),
  z.strictObject({ form: z.literal('triangle'), ...shaped }),
  z.strictObject({ form: z.literal('oval'), ...shaped }),
  /** Bought with a pattern rolled in: what it weighs a length is measured, not reckoned. */
  z.strictObject({ form: z.literal('patterned'), width: typedSchema, thickness: typedSchema, weight: typedSchema }),
  z.strictObject({ form: z.literal('tube'), outside: typedSchema, wall: typedSchema }),
  z.strictObject({ form: z.literal('square-tube'), outside: typedSchema, wall: typedSchema }),
  z.strictObject({ form: z.literal('sheet'), thickness: typedSchema }),
  /** Casting grain, or scrap to be melted: taken by weight. */
  z.strictObject({ form: z.literal('grain') }),
]);

const sized = <Rule extends string, Field extends string>(rule: Rule, ...fields: Field[]) =>
  z.strictObject({
    rule: z.literal(rule),
    ...(Object.fromEntries(fields.map((field) => [field, typedSchema])) as Record<Field, typeof typedSchema>),
  });

/** How the metal is cut: from wire, strip and tube by length, from sheet by outline, of grain by weight. */
const blankSchema = z.discriminatedUnion('rule', [
  sized('straight', 'length'),
  z.strictObject({
    rule: z.literal('ring-band'),
    system: z.enum(ringSizeSystems),
    size: typedSchema,
    /** A wide band is made larger by habit; `exact` makes it to the size itself. */
    ease: z.enum(['habit', 'exact']).default('habit'),
  }),
  /** Inside diameter as if it were closed; blank opening for a closed bangle. */
  sized('bangle', 'inside', 'opening'),
  /** `passes`: the thickest thing it has to let through. */
  z.strictObject({ rule: z.literal('jump-ring'), inside: typedSchema, passes: typedSchema.default('') }),
  /** Round links, each in the next, to a length of chain. */
  sized('chain', 'length', 'inside'),
  /** Wrapped or woven links of a measured pitch, each of a measured length of wire. */
  sized('woven', 'length', 'pitch', 'each'),
  /** Wire wound round a core. */
  sized('wrap', 'turns', 'core'),
  /** The strand of a twist; `length` is the finished twist. */
  sized('twist', 'length', 'strands', 'turns'),
  /** Wire with a ball melted at one end or both. */
  sized('balled', 'length', 'ball', 'ends'),
  /** A snippet that melts into a grain of this diameter. */
  sized('granule', 'diameter'),
  /** Strip round a stone of the piece, or a length round. */
  z.strictObject({ rule: z.literal('bezel'), stone: z.string().max(40), around: typedSchema, clearance: typedSchema }),
  /** Rings side by side round a girth, standing for a bezel. */
  sized('ring-bezel', 'girth', 'inside'),
  /** Tube cut into the knuckles of a hinge. */
  sized('knuckles', 'width', 'knuckles'),
  /** The pin of a hinge of that width. */
  sized('hinge-pin', 'width'),
  /** Forged, rolled or drawn to another section of the same volume; blank thickness: round. */
  sized('worked', 'length', 'width', 'thickness'),
  sized('disc', 'diameter'),
  sized('washer', 'outside', 'inside'),
  sized('rectangle', 'width', 'length'),
  sized('oval', 'width', 'length'),
  sized('teardrop', 'width', 'length'),
  /** Corners as `x,y` in mm: `0,0 24,0 12,18`. */
  z.strictObject({ rule: z.literal('outline'), points: z.string().max(400) }),
  /** The disc for a dome. */
  sized('dome', 'across', 'height'),
  /** Pressed in a die; the excess all round is sawn off after. */
  sized('pressed', 'width', 'length', 'depth', 'excess'),
  sized('weight', 'grams'),
]);

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
export type PartSection = z.infer<typeof sectionSchema>;
export type Blank = z.infer<typeof blankSchema>;
export type SectionForm = PartSection['form'];
export type BlankRule = Blank['rule'];

const bent = ['straight', 'ring-band', 'bangle'] as const;
const wire = [...bent, 'jump-ring', 'chain', 'ring-bezel', 'worked', 'woven', 'wrap'] as const;

/** Which blanks can be cut from which stock; the first is offered first. */
export const blankRulesByForm = {
  round: [...wire, 'twist', 'balled', 'granule', 'hinge-pin'],
  square: [...wire, 'twist'],
  strip: [...bent, 'bezel', 'worked', 'woven', 'wrap'],
  'half-round': [...bent, 'jump-ring', 'wrap'],
  d: bent,
  triangle: bent,
  oval: [...bent, 'jump-ring', 'wrap'],
  patterned: [...bent, 'bezel'],
  tube: ['straight', 'knuckles', 'ring-band', 'bangle'],
  'square-tube': ['straight', 'bangle'],
  sheet: ['disc', 'rectangle', 'washer', 'oval', 'teardrop', 'outline', 'dome', 'pressed'],
  grain: ['weight'],
} as const satisfies Record<SectionForm, readonly BlankRule[]>;
