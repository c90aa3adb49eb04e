// The studio's settings: what an hour costs, when the bench is open, how prices are made.
import { z } from 'zod';
import { alloyFamilies } from '../metal/alloys.ts';
import { pricingMethods } from './pricing-methods.ts';
import { currencySchema, nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

/** Over the metal's content, per gram; for base metals that the fix does not price, the whole price. */
const makingChargeSchema = z.strictObject({
  id: rowIdSchema,
  family: z.enum(alloyFamilies),
  /** Holds for stock up to this thickness; blank for any. Thin stock costs more to roll and draw. */
  upTo: typedSchema.default(''),
  wire: typedSchema,
  /** Half-round, D, triangle, oval, patterned; blank: as wire. */
  shaped: typedSchema.default(''),
  sheet: typedSchema,
  tube: typedSchema,
});

/** A pair of hands; steps that name nobody are done by any, at the studio's rate. */
const makerSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** Blank: the studio's rate. */
  rate: typedSchema,
  /** `Mon-Thu 9:00-13:00; Sat 10-14`; blank: the studio's hours. */
  hours: z.string().max(200).default(''),
  /** Days off: `2026-12-24 to 2027-01-02, 2027-02-05`. */
  away: z.string().max(400).default(''),
  /** Stations this maker works at, parted by commas; blank: all. */
  does: z.string().max(200).default(''),
});

/** A place where work is done, so many of it; what is not listed is never waited for. */
const stationSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  count: typedSchema.default('1'),
  /** Days it is out of use: `2026-12-01 to 2026-12-03`. */
  out: z.string().max(400).default(''),
  /** Whether what works by itself here may run while nobody is there. */
  overnight: z.enum(['no', 'yes']).default('no'),
});

/** What most small benches have one of (common practice). */
const usualStations = ['torch', 'pickle', 'motor', 'tumbler'].map((name) => ({
  id: name,
  name,
  count: '1',
  out: '',
  overnight: 'no' as const,
}));

/** What the studio pays for whether or not anybody is at the bench. */
const overheadCostSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  amount: typedSchema,
  per: z.enum(['week', 'month', 'year']),
});

/** What the assay office asks for an article up to a weight; blank weight: any heavier one. */
const assayChargeSchema = z.strictObject({ id: rowIdSchema, upTo: typedSchema, charge: typedSchema });

const channelKinds = ['wholesale', 'retail', 'consignment'] as const;
/** A way of selling: to shops, over one's own table, or left with a shop that keeps a share when it sells. */
const channelSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  kind: z.enum(channelKinds),
  /** Of the price: card, marketplace. */
  feeShare: typedSchema,
  /** For each sale, on top of the share. */
  feeEach: typedSchema,
  /** Of the retail price, kept by the shop it is left with. */
  shopKeeps: typedSchema,
});

/** From so many pieces on, so much off the wholesale price. */
const volumeBreakSchema = z.strictObject({ id: rowIdSchema, from: typedSchema, off: typedSchema });

const metalBases = ['replacement', 'average', 'last'] as const;
export type MetalBasis = (typeof metalBases)[number];

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
  /** The same for scrap with solder on it, and for filings where they have no share of their own. */
  mixedScrapShare: typedSchema.default('60 %'),
  filingsShare: typedSchema.default(''),
  /** The refiner's charge for a lot, how heavy a lot is usually sent, and what assay and melt lose of it. */
  lotCharge: typedSchema.default(''),
  lotGrams: typedSchema.default(''),
  assayLoss: typedSchema.default(''),
  /** What metal is costed at: what it costs to replace, or what was paid, on average or last. */
  metalBasis: z.enum(metalBases).default('replacement'),
  makers: z.array(makerSchema).max(12).default([]),
  stations: z.array(stationSchema).max(40).default(usualStations),
  /** The worksheet behind the overhead of an hour; the hour typed by hand comes first. */
  overheadCosts: z.array(overheadCostSchema).max(40).default([]),
  benchHoursPerWeek: typedSchema.default(''),
  weeksPerYear: typedSchema.default(''),
  packaging: typedSchema.default(''),
  assayCharges: z.array(assayChargeSchema).max(20).default([]),
  school: z.enum(pricingMethods).default('build-up'),
  wholesaleFactor: typedSchema,
  retailFactor: typedSchema,
  /** What of the wholesale price is to be left over its cost, for the school of margins. */
  margin: typedSchema.default(''),
  markUpMetal: typedSchema.default(''),
  markUpFindings: typedSchema.default(''),
  markUpLabour: typedSchema.default(''),
  /** Prices the studio goes by before its steps begin: `15, 25, 35, 48`. */
  ladder: z.string().max(200, 'A ladder of prices has 200 characters at most.').default(''),
  leastWholesale: typedSchema.default(''),
  leastRetail: typedSchema.default(''),
  /** What a shop makes of its buying price; the studio's own retail price must not undercut it. */
  shopFactor: typedSchema.default('2'),
  leastOrder: typedSchema.default(''),
  volumeBreaks: z.array(volumeBreakSchema).max(6).default([]),
  channels: z.array(channelSchema).max(12).default([]),
  taxHow: z.enum(['none', 'on-top', 'included']).default('none'),
  taxRate: typedSchema.default(''),
  /** How far minutes and weights usually stray from what was reckoned: one standard deviation, as a share. */
  spreadMinutes: typedSchema.default('15 %'),
  spreadWeight: typedSchema.default('3 %'),
  /** The share of batches whose cost the floor price is to cover. */
  floorAt: z.enum(['80', '90']).default('80'),
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
export type ChannelKind = Studio['channels'][number]['kind'];

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
  return studioSchema.parse({
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
    channels: [
      { id: 'shops', name: 'Shops', kind: 'wholesale', feeShare: '', feeEach: '', shopKeeps: '' },
      { id: 'table', name: 'Over the table', kind: 'retail', feeShare: '', feeEach: '', shopKeeps: '' },
      { id: 'left', name: 'Left with a shop', kind: 'consignment', feeShare: '', feeEach: '', shopKeeps: '40 %' },
    ],
  });
}
