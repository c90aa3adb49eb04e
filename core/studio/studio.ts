// The studio's settings: what an hour costs, when the bench is open, how prices are made.
import { z } from 'zod';
import { alloyFamilies } from '../metal/alloys.ts';
import { currencySchema, nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

/** Over the metal's content, per gram; for base metals that the fix does not price, the whole price. */
const makingChargeSchema = z.strictObject({
  id: rowIdSchema,
  family: z.enum(alloyFamilies),
  wire: typedSchema,
  sheet: typedSchema,
  tube: typedSchema,
});

/** An alloy the book does not hold: as the studio's supplier or its own scale says. */
const ownAlloySchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  family: z.enum(alloyFamilies),
  /** The precious metal it is bought for, and its parts per thousand; blank for a base metal. */
  fineMetal: z.enum(['', 'Ag', 'Au', 'Pt', 'Pd', 'Cu']),
  fineness: typedSchema,
  density: typedSchema,
});

/** Below `below` prices go in steps of `step`; the last band has no end. */
const pricePointSchema = z.strictObject({ id: rowIdSchema, below: typedSchema, step: typedSchema });

const consumableSchools = ['hour', 'use', 'share'] as const;
export type ConsumableSchool = (typeof consumableSchools)[number];

export const studioSchema = z.strictObject({
  name: nameSchema,
  /** ISO 3166-1 alpha-2. */
  country: z.string().regex(/^[A-Z]{2}$/, 'A country is two capital letters, for example GB.'),
  currency: currencySchema,
  /** What a bare number means: millimetres, or inches for lengths and gauge for thicknesses. */
  units: z.enum(['mm', 'inch']),
  hourlyRate: typedSchema,
  overheadPerHour: typedSchema,
  /** How consumables are counted unless a piece says otherwise: by bench hour, by use, or as a share of metal and hands. */
  consumablesBy: z.enum(consumableSchools).default('hour'),
  consumablesPerHour: typedSchema,
  consumablesPerJoint: typedSchema.default(''),
  consumablesPerPiece: typedSchema.default(''),
  consumablesPerLoad: typedSchema.default(''),
  consumablesShare: typedSchema.default(''),
  /** What the refiner or the next melt gives back of clean scrap's metal content, per cent. */
  scrapShare: typedSchema,
  /** The same for scrap with solder on it, and for filings. */
  mixedScrapShare: typedSchema.default('60 %'),
  wholesaleFactor: typedSchema,
  retailFactor: typedSchema,
  pricePoints: z.array(pricePointSchema).max(12),
  /** Taken off each price point: 0.05 makes 20 into 19.95. */
  justBelow: typedSchema,
  /** Monday first: `9:00-12:30, 13:15-17:30`; blank is a day off. */
  hours: z.array(typedSchema).length(7),
  makingCharges: z.array(makingChargeSchema).max(40),
  ownAlloys: z.array(ownAlloySchema).max(100),
});

export type Studio = z.infer<typeof studioSchema>;
export type MakingCharge = Studio['makingCharges'][number];
export type OwnAlloy = Studio['ownAlloys'][number];

/** What the first-run page asks; the rest of the settings start from `startingStudio`. */
export const firstRunSchema = studioSchema.pick({
  name: true,
  country: true,
  currency: true,
  units: true,
  hourlyRate: true,
});
export type FirstRun = z.infer<typeof firstRunSchema>;

/**
 * Settings a new studio starts with. The factors and the open hours are habits of the trade (common practice), there to
 * be changed; the costs start empty, because nobody's rent is a habit.
 */
export function startingStudio(answers: FirstRun): Studio {
  const weekday = '9:00-12:30, 13:15-17:00';
  return {
    ...answers,
    overheadPerHour: '',
    consumablesBy: 'hour',
    consumablesPerHour: '',
    consumablesPerJoint: '',
    consumablesPerPiece: '',
    consumablesPerLoad: '',
    consumablesShare: '',
    scrapShare: '80 %',
    mixedScrapShare: '60 %',
    wholesaleFactor: '2',
    retailFactor: '2.2',
    pricePoints: [
      { id: 'to-50', below: '50', step: '1' },
      { id: 'to-200', below: '200', step: '2' },
      { id: 'above', below: '', step: '5' },
    ],
    justBelow: '',
    hours: [weekday, weekday, weekday, weekday, weekday, '', ''],
    makingCharges: [],
    ownAlloys: [],
  };
}
