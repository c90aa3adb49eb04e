// The studio's settings as they are stored: labour rate, working hours, pricing and more.
import { z } from 'zod';
import { currencySchema, nameSchema, noteSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import { alloyFamilies } from '../metal/alloys.ts';
import { pricingMethods } from './pricing-methods.ts';

/** Over the metal price, per gram; for base metals without a price, the whole price. */
const makingChargeSchema = z.strictObject({
  id: rowIdSchema,
  family: z.enum(alloyFamilies),
  /** For stock up to this thickness; blank for any. Thin stock costs more to roll and draw. */
  upTo: typedSchema.default(''),
  wire: typedSchema,
  /** Half-round, D, triangle, oval, patterned; blank: as wire. */
  shaped: typedSchema.default(''),
  sheet: typedSchema,
  tube: typedSchema,
});

/** A maker; steps without a maker are done by any, at the studio's labour rate. */
const makerSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** Blank: the studio's rate. */
  rate: typedSchema,
  /** `Mon-Thu 9:00-13:00; Sat 10-14`; blank: the studio's hours. */
  hours: z.string().max(200).default(''),
  /** Time off: `2026-12-24 to 2027-01-02, 2027-02-05`. */
  away: z.string().max(400).default(''),
  /** Stations this maker works at, separated by commas; blank: all. */
  does: z.string().max(200).default(''),
  /** Work the maker likes, the best liked first, with best hours: `set stones 9:00-12:00, solder`; blank: all alike. */
  prefers: z.string().max(400).default(''),
});

/** A station and its number of places; nobody waits for a station that is not listed. */
const stationSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  count: typedSchema.default('1'),
  /** Days out of service: `2026-12-01 to 2026-12-03`. */
  out: z.string().max(400).default(''),
  /** Whether unattended work here may run while nobody is at the bench. */
  overnight: z.enum(['no', 'yes']).default('no'),
  /** Whether a load may hold pieces of several batches. */
  loads: z.enum(['shared', 'own']).default('shared'),
});

/** Stations of most small benches (common practice). */
const usualStations = ['torch', 'pickle', 'motor', 'tumbler'].map((name) => ({
  id: name,
  name,
  count: '1',
  out: '',
  overnight: 'no' as const,
  loads: 'shared' as const,
}));

/** A cost that is paid whether or not anybody works. */
const overheadCostSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  amount: typedSchema,
  per: z.enum(['week', 'month', 'year']),
});

/** Hallmarking charge for an article up to a weight; blank weight: any heavier one. */
const assayChargeSchema = z.strictObject({ id: rowIdSchema, upTo: typedSchema, charge: typedSchema });

const channelKinds = ['wholesale', 'retail', 'consignment'] as const;
/** A sales channel: to shops, direct, or on consignment with a shop that keeps a commission. */
const channelSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  kind: z.enum(channelKinds),
  /** Of the price: card fee, marketplace fee. */
  feeShare: typedSchema,
  /** For each sale, on top of that. */
  feeEach: typedSchema,
  /** Commission, of the retail price. */
  shopKeeps: typedSchema,
});

/** Volume discount off the wholesale price, from this many pieces on. */
const volumeBreakSchema = z.strictObject({ id: rowIdSchema, from: typedSchema, off: typedSchema });

const metalBases = ['replacement', 'average', 'last'] as const;
/** A stock valuation. */
export type MetalBasis = (typeof metalBases)[number];

/** The studio's own alloy, by its supplier's data or its own scale. */
const ownAlloySchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  family: z.enum(alloyFamilies),
  /** Its precious metal and the parts per thousand; blank for a base metal. */
  fineMetal: z.enum(['', 'Ag', 'Au', 'Pt', 'Pd', 'Cu']),
  fineness: typedSchema,
  density: typedSchema,
});

/** Below `below` prices go in steps of `step`; the last band has no end. */
const pricePointSchema = z.strictObject({ id: rowIdSchema, below: typedSchema, step: typedSchema });

const consumableSchools = ['hour', 'use', 'share'] as const;
/** A way of counting consumables. */
export type ConsumableSchool = (typeof consumableSchools)[number];

/** The studio's settings as they are stored. */
export const studioSchema = z.strictObject({
  name: nameSchema,
  /** Printed on papers: postal address; phone, mail or web address. */
  address: noteSchema.default(''),
  contact: nameSchema.default(''),
  /** Photo of the logo, printed on papers; blank for none. */
  logo: z.string().max(80).default(''),
  /** The studio's own terms, printed on quotes. */
  quoteTerms: noteSchema.default(''),
  /** ISO 3166-1 alpha-2. */
  country: z.string().regex(/^[A-Z]{2}$/, 'A country is two capital letters, for example GB.'),
  currency: currencySchema,
  /** Units of a bare number: millimetres, or inches for lengths and gauge for thicknesses. */
  units: z.enum(['mm', 'inch']),
  hourlyRate: typedSchema,
  overheadPerHour: typedSchema,
  /** How consumables are counted unless a piece sets it: by bench hour, by use, or as a share of metal and labour. */
  consumablesBy: z.enum(consumableSchools).default('hour'),
  consumablesPerHour: typedSchema,
  consumablesPerJoint: typedSchema.default(''),
  consumablesPerPiece: typedSchema.default(''),
  consumablesPerLoad: typedSchema.default(''),
  consumablesShare: typedSchema.default(''),
  /** Scrap credit for clean scrap, per cent of its metal content. */
  scrapShare: typedSchema,
  /** The same for soldered scrap, and for filings where they have no share of their own. */
  mixedScrapShare: typedSchema.default('60 %'),
  filingsShare: typedSchema.default(''),
  /** The refiner's charge for a lot, the usual weight of a lot, and the refining loss. */
  lotCharge: typedSchema.default(''),
  lotGrams: typedSchema.default(''),
  assayLoss: typedSchema.default(''),
  /** Stock valuation: replacement cost, average cost or last cost. */
  metalBasis: z.enum(metalBases).default('replacement'),
  makers: z.array(makerSchema).max(12).default([]),
  stations: z.array(stationSchema).max(40).default(usualStations),
  /** The worksheet of the overhead; an hourly amount typed by hand overrides it. */
  overheadCosts: z.array(overheadCostSchema).max(40).default([]),
  benchHoursPerWeek: typedSchema.default(''),
  weeksPerYear: typedSchema.default(''),
  packaging: typedSchema.default(''),
  assayCharges: z.array(assayChargeSchema).max(20).default([]),
  school: z.enum(pricingMethods).default('build-up'),
  wholesaleFactor: typedSchema,
  retailFactor: typedSchema,
  /** Target margin of the wholesale price. */
  margin: typedSchema.default(''),
  markUpMetal: typedSchema.default(''),
  markUpFindings: typedSchema.default(''),
  markUpLabour: typedSchema.default(''),
  /** Price points below the first band, typed as a list. */
  ladder: z.string().max(200, 'Price points have 200 characters at most.').default(''),
  leastWholesale: typedSchema.default(''),
  leastRetail: typedSchema.default(''),
  /** What a shop makes of its buying price; the studio's own retail price must not undercut it. */
  shopFactor: typedSchema.default('2'),
  leastOrder: typedSchema.default(''),
  volumeBreaks: z.array(volumeBreakSchema).max(6).default([]),
  channels: z.array(channelSchema).max(12).default([]),
  taxHow: z.enum(['none', 'on-top', 'included']).default('none'),
  taxRate: typedSchema.default(''),
  /** Usual variation of minutes and weights, one standard deviation as a share. */
  spreadMinutes: typedSchema.default('15 %'),
  spreadWeight: typedSchema.default('3 %'),
  /** The share of batches whose cost the floor price covers. */
  floorAt: z.enum(['80', '90']).default('80'),
  /** Minutes at the end of a shift in which nothing is started; blank for none. */
  lastStart: typedSchema.default('10'),
  /** Whether work that may pause is started even then. */
  lateStarts: z.enum(['no', 'yes']).default('no'),
  /** Better plans are offered; or taken at once as long as nobody has looked at the plan. */
  betterPlans: z.enum(['offer', 'unseen']).default('offer'),
  /** Learned times are offered; or small changes are taken when a batch is finished. */
  learnedTimes: z.enum(['offer', 'small']).default('offer'),
  /** Minutes of proposed steps by kind of work, as a share of the starting values: `120 %`. */
  standardTimes: z
    .array(z.strictObject({ kind: z.string().min(1).max(40), share: typedSchema }))
    .max(80)
    .default([]),
  pricePoints: z.array(pricePointSchema).max(12),
  /** Price ending: 0.05 makes 20 into 19.95. */
  justBelow: typedSchema,
  /** Monday first: `9:00-12:30, 13:15-17:30`; blank is a day off. */
  hours: z.array(typedSchema).length(7),
  makingCharges: z.array(makingChargeSchema).max(40),
  ownAlloys: z.array(ownAlloySchema).max(100),
});

/** The studio's settings as they are stored. */
export type Studio = z.infer<typeof studioSchema>;
/** A row of fabrication charges. */
export type MakingCharge = Studio['makingCharges'][number];
/** An alloy of the studio's own. */
export type OwnAlloy = Studio['ownAlloys'][number];
/** A kind of sales channel. */
export type ChannelKind = Studio['channels'][number]['kind'];

/** What the first-run page asks; the other settings come from `startingStudio`. */
export const firstRunSchema = studioSchema.pick({
  name: true,
  country: true,
  currency: true,
  units: true,
  hourlyRate: true,
});
/** Answers of the first-run page. */
export type FirstRun = z.infer<typeof firstRunSchema>;

/**
 * Settings of a new studio. Multipliers and working hours are usual values (common practice) that can be changed. The
 * costs start empty, because nobody's rent is usual.
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
      { id: 'table', name: 'Direct', kind: 'retail', feeShare: '', feeEach: '', shopKeeps: '' },
      { id: 'left', name: 'Sale or return', kind: 'consignment', feeShare: '', feeEach: '', shopKeeps: '40 %' },
    ],
  });
}
