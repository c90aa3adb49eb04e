// The studio's settings read into numbers, each with its source.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import type { Issue } from '../measure/issue.ts';
import { readMoney } from '../measure/read/read-money.ts';
import { readGrams, readMarkUp, readPlain, readShare } from '../measure/read/read-number.ts';
import { alloysWith } from '../metal/alloy.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { ChargeForm } from '../metal/charge-form.ts';
import { readAlloyDensity } from '../metal/read-density.ts';
import { type PaidFor, paidFor, type Receipt } from '../metal/receipt.ts';
import type { ScrapKind } from '../metal/scrap-kinds.ts';
import { type Bench, readBench } from './bench.ts';
import { readHours, type Shift } from './hours.ts';
import { readMakingCharges } from './making-charges.ts';
import { overheadPerHour } from './overhead.ts';
import type { ReadSetting } from './read-setting.ts';
import { readSelling, type Selling } from './selling.ts';
import type { ConsumableSchool, MetalBasis, OwnAlloy, Studio } from './studio.ts';

/** Costs of consumables: flux, blades, grit, gas. */
export interface ConsumableRates {
  readonly by: ConsumableSchool;
  readonly perHour: Figure;
  readonly perJoint: Figure;
  readonly perPiece: Figure;
  readonly perLoad: Figure;
  /** 0 to 1, of the costs of metal and labour. */
  readonly share: Figure;
}

/** What a refiner, or the next melt, returns for scrap. */
export interface ScrapTerms {
  /** 0 to 1 of the metal price, by kind of scrap. */
  readonly share: Readonly<Record<ScrapKind, Figure>>;
  /** Refining loss, 0 to 1: lost in melt and assay before anything is paid. */
  readonly assayLoss: Figure;
  /** Refining fee for a lot, whatever it weighs. */
  readonly lot: Figure;
  /** Refining fee per gram sent: the charge for a lot over its usual weight. */
  readonly lotCharge: Figure;
}

interface AssayCharge {
  /** For articles up to this weight. */
  readonly upToG: number;
  readonly charge: Figure;
}

/** Variation of times and weights: standard deviations as shares. */
interface Spread {
  readonly minutes: number;
  readonly weight: number;
  /** The share of cases a floor price covers: 0.8 or 0.9. */
  readonly floorAt: number;
}

/** The studio's settings in numbers. */
export interface Rates {
  readonly currency: string;
  readonly country: string;
  readonly alloys: ReadonlyMap<string, Alloy>;
  /** Money per bench hour. */
  readonly labour: Figure;
  /** Labour rates of makers with one of their own, by id. */
  readonly makers: ReadonlyMap<string, Figure>;
  readonly overhead: Figure;
  readonly consumables: ConsumableRates;
  readonly scrap: ScrapTerms;
  readonly metalBasis: MetalBasis;
  /** What was paid for metal, where the studio costs by that; none until the receipts are known. */
  readonly paid: PaidFor;
  readonly packaging: Figure;
  /** Minutes of proposed steps by kind of work: 1.2 takes 120 % of the starting values. */
  readonly standardTimes: ReadonlyMap<string, number>;
  /** Lightest first. */
  readonly assayCharges: readonly AssayCharge[];
  readonly selling: Selling;
  readonly spread: Spread;
  /** Monday first. */
  readonly week: readonly (readonly Shift[])[];
  readonly bench: Bench;
  /** @param thicknessMm  of the stock; thin stock may cost more */
  readonly makingCharge: (family: string, form: ChargeForm, thicknessMm: number) => Figure;
  readonly problems: readonly Issue[];
}

/**
 * Reads the studio's settings. A setting that cannot be read counts as 0 and is listed in `problems`.
 * @param revision  named as the source of each rate
 */
export function readRates(studio: Studio, revision: number): Rates {
  const { currency } = studio;
  const problems: Issue[] = [];
  const source = revision > 0 ? `Settings, version ${String(revision)}` : 'Studio';

  const value: ReadSetting = (path, reading) => {
    if (reading.ok) return reading.value;
    problems.push({ path, sentence: reading.sentence });
    return 0;
  };
  const hourly = (label: string, path: 'hourlyRate' | 'consumablesPerHour') =>
    given(
      label,
      value(path, readMoney(studio[path], currency, 'rate')),
      `${currency}/h`,
      `${source}: ${studio[path].trim() || 'none entered'}`,
    );
  type AmountPath = 'consumablesPerJoint' | 'consumablesPerPiece' | 'consumablesPerLoad' | 'packaging';
  const amount = (label: string, path: AmountPath) =>
    given(label, value(path, readMoney(studio[path], currency)), currency, source);
  const share = (label: string, path: 'scrapShare' | 'mixedScrapShare' | 'filingsShare' | SharePath) =>
    given(label, value(path, readShare(studio[path], 'share')), '', source);

  const week = studio.hours.map((text, day) => {
    const shifts = readHours(text);
    if (!('sentence' in shifts)) return shifts;
    problems.push({ path: `hours.${String(day)}`, sentence: shifts.sentence });
    return [];
  });
  return {
    currency,
    alloys: alloysWith(studio.ownAlloys.map((row, index) => ownAlloy(row, index, problems))),
    labour: hourly('maker’s rate', 'hourlyRate'),
    makers: new Map(
      studio.makers.map(({ id, name, rate }, index) => {
        const own = rate.trim() || studio.hourlyRate;
        const perHour = value(`makers.${String(index)}.rate`, readMoney(own, currency, 'rate'));
        return [id, given(`${name.trim() || 'a maker'}’s rate`, perHour, `${currency}/h`, source)];
      }),
    ),
    overhead: overheadPerHour(studio, value, source),
    consumables: {
      by: studio.consumablesBy,
      perHour: hourly('consumables', 'consumablesPerHour'),
      perJoint: amount('consumables for a joint', 'consumablesPerJoint'),
      perPiece: amount('consumables for a piece', 'consumablesPerPiece'),
      perLoad: amount('consumables for a load', 'consumablesPerLoad'),
      share: share('consumables, share', 'consumablesShare'),
    },
    scrap: {
      share: {
        clean: share('paid for scrap', 'scrapShare'),
        soldered: share('paid for soldered scrap', 'mixedScrapShare'),
        filings: share('paid for filings', studio.filingsShare.trim() ? 'filingsShare' : 'mixedScrapShare'),
      },
      assayLoss: share('refining loss', 'assayLoss'),
      ...lotCharges(studio, value, source),
    },
    metalBasis: studio.metalBasis,
    paid: () => null,
    packaging: amount('packaging', 'packaging'),
    standardTimes: standardTimesOf(studio, problems),
    assayCharges: studio.assayCharges
      .map(({ upTo, charge }, index) => {
        const path = `assayCharges.${String(index)}`;
        const minor = value(`${path}.charge`, readMoney(charge, currency));
        return {
          upToG: upTo.trim() ? value(`${path}.upTo`, readGrams(upTo)) : Infinity,
          charge: given('hallmark and assay', minor, currency, source),
        };
      })
      .sort((a, b) => a.upToG - b.upToG),
    country: studio.country,
    selling: readSelling(studio, value, source),
    spread: {
      minutes: value('spreadMinutes', readShare(studio.spreadMinutes, 'spread')),
      weight: value('spreadWeight', readShare(studio.spreadWeight, 'spread')),
      floorAt: Number(studio.floorAt) / 100,
    },
    week,
    bench: readBench(studio, week, problems),
    makingCharge: readMakingCharges(studio, value, source),
    problems,
  };
}

/** Rates with what was paid for metal. @param receipts  latest first */
export function withReceipts(rates: Rates, receipts: readonly Receipt[]): Rates {
  return rates.metalBasis === 'replacement'
    ? rates
    : { ...rates, paid: paidFor(receipts, rates.metalBasis, rates.currency) };
}

type SharePath = 'consumablesShare' | 'assayLoss';

function lotCharges(
  { lotCharge, lotGrams, currency }: Studio,
  value: ReadSetting,
  source: string,
): Pick<ScrapTerms, 'lot' | 'lotCharge'> {
  const unit = `${currency}/g`;
  const charge = given('charge for a lot', value('lotCharge', readMoney(lotCharge, currency)), currency, source);
  const grams = given('weight of a lot', value('lotGrams', readGrams(lotGrams)), 'g', source);
  if (charge.value === 0 || grams.value === 0)
    return { lot: charge, lotCharge: given('refiner’s charge', 0, unit, 'none entered in Settings') };
  const how = () => `${inSum(charge.value, currency)} ÷ ${inSum(grams.value)}`;
  return {
    lot: charge,
    lotCharge: computed('refiner’s charge', charge.value / grams.value, unit, how, [charge, grams]),
  };
}

function ownAlloy(row: OwnAlloy, index: number, problems: Issue[]): Alloy {
  const path = `ownAlloys.${String(index)}`;
  const density = readAlloyDensity(row.density);
  if (!density.ok) problems.push({ path: `${path}.density`, sentence: density.sentence });
  const fineness = readPlain(row.fineness, 'fineness', '925', () => undefined);
  const perThousand = fineness.ok && fineness.value <= 1000 ? fineness.value : null;
  if (perThousand === null) {
    problems.push({
      path: `${path}.fineness`,
      sentence: fineness.ok ? 'Fineness is in parts per thousand: 1000 at most.' : fineness.sentence,
    });
  }
  return {
    id: row.id,
    name: row.name.trim() || 'Unnamed alloy',
    family: row.family,
    composition:
      (density.ok && density.composition) ||
      (row.fineMetal && perThousand ? { [row.fineMetal]: perThousand / 1000 } : {}),
    fineness: row.fineMetal ? perThousand : null,
    densityGPerCm3: density.ok ? density.density.value : null,
    ...(density.ok && density.density.kind !== 'input' && { densityWorking: density.density }),
    solidusC: null,
    liquidusC: null,
    fusible: false,
    densitySource:
      density.ok && density.composition ? 'ideal mixture until it is weighed' : 'Studio, own alloy, as typed',
  };
}

function standardTimesOf({ standardTimes }: Studio, problems: Issue[]): Rates['standardTimes'] {
  return new Map(
    standardTimes.map(({ kind, share }, index) => {
      const reading = readMarkUp(share);
      if (!reading.ok) problems.push({ path: `standardTimes.${String(index)}.share`, sentence: reading.sentence });
      return [kind, reading.ok && reading.value > 0 ? reading.value : 1];
    }),
  );
}
