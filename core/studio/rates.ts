// The studio's settings read into numbers, each remembering where it came from.
import { given, type Figure } from '../figure/figure.ts';
import { alloysWith } from '../metal/alloy.ts';
import type { Alloy } from '../metal/alloys.ts';
import { readMoney, readPricePerGram } from '../measure/read-money.ts';
import { readFactor, readPlain, readShare } from '../measure/read-number.ts';
import { readAlloyDensity } from '../metal/read-density.ts';
import type { Reading } from '../measure/reading.ts';
import { readHours, type Shift } from './hours.ts';
import type { ConsumableSchool, MakingCharge, OwnAlloy, Studio } from './studio.ts';

/** Something that cannot be reckoned with: where it stands in the document, and the sentence shown beside it. */
export interface Problem {
  readonly path: string;
  readonly sentence: string;
  /** The description is sound but a price is missing today: shown, but nothing is kept from being accepted. */
  readonly onlyPrice?: true;
}

/** Whether a problem keeps the document from being accepted. */
export function blocks(problem: Problem): boolean {
  return !problem.onlyPrice;
}

/** Which column of the making charges a section falls under. */
export type ChargeForm = 'wire' | 'sheet' | 'tube';

/** Up to `belowMinor` (exclusive) prices go in steps of `stepMinor`. */
export interface PriceBand {
  readonly belowMinor: number;
  readonly stepMinor: number;
}

/** What small things cost that are used up: flux, blades, grit, gas. */
export interface ConsumableRates {
  readonly by: ConsumableSchool;
  readonly perHour: Figure;
  readonly perJoint: Figure;
  readonly perPiece: Figure;
  readonly perLoad: Figure;
  /** 0 to 1, of what metal and hands cost. */
  readonly share: Figure;
}

export interface Rates {
  readonly currency: string;
  readonly alloys: ReadonlyMap<string, Alloy>;
  /** Money per bench hour. */
  readonly labour: Figure;
  readonly overhead: Figure;
  readonly consumables: ConsumableRates;
  /** 0 to 1, of clean scrap. */
  readonly scrapShare: Figure;
  /** 0 to 1, of scrap with solder on it and of filings. */
  readonly mixedScrapShare: Figure;
  readonly country: string;
  readonly wholesaleFactor: Figure;
  readonly retailFactor: Figure;
  readonly priceBands: readonly PriceBand[];
  readonly justBelowMinor: number;
  /** Monday first. */
  readonly week: readonly (readonly Shift[])[];
  readonly makingCharge: (family: string, form: ChargeForm) => Figure;
  readonly problems: readonly Problem[];
}

/**
 * Reads the studio's settings. What cannot be read counts as nothing and is named in `problems`.
 * @param revision  named as the source of each rate
 */
export function readRates(studio: Studio, revision: number): Rates {
  const { currency } = studio;
  const problems: Problem[] = [];
  const source = revision > 0 ? `Studio, revision ${String(revision)}` : 'Studio';

  const value = (path: string, reading: Reading): number => {
    if (reading.ok) return reading.value;
    problems.push({ path, sentence: reading.sentence });
    return 0;
  };
  const hourly = (label: string, path: 'hourlyRate' | 'overheadPerHour' | 'consumablesPerHour') =>
    given(
      label,
      value(path, readMoney(studio[path], currency, 'rate')),
      `${currency}/h`,
      `${source}: ${studio[path].trim() || 'none entered'}`,
    );
  const amount = (label: string, path: 'consumablesPerJoint' | 'consumablesPerPiece' | 'consumablesPerLoad') =>
    given(label, value(path, readMoney(studio[path], currency)), currency, source);
  const share = (label: string, path: 'scrapShare' | 'mixedScrapShare' | 'consumablesShare') =>
    given(label, value(path, readShare(studio[path], 'share')), '', source);
  const factor = (label: string, path: 'wholesaleFactor' | 'retailFactor') =>
    given(label, value(path, readFactor(studio[path], label)), '', source);

  const charges = new Map<string, Figure>();
  studio.makingCharges.forEach((row, index) => {
    for (const form of ['wire', 'sheet', 'tube'] as const) {
      charges.set(`${row.family} ${form}`, makingCharge(row, form, index));
    }
  });
  const noCharge = given('making charge', 0, `${currency}/g`, 'none entered in Studio');

  function makingCharge(row: MakingCharge, form: ChargeForm, index: number): Figure {
    const perGram = value(
      `makingCharges.${String(index)}.${form}`,
      readPricePerGram(row[form], currency, 'making charge'),
    );
    return given(
      `making charge, ${form}`,
      perGram,
      `${currency}/g`,
      `${source}: ${row[form].trim() || 'none entered'}`,
    );
  }

  return {
    currency,
    alloys: alloysWith(studio.ownAlloys.map((row, index) => ownAlloy(row, index, problems))),
    labour: hourly('maker’s rate', 'hourlyRate'),
    overhead: hourly('studio overhead', 'overheadPerHour'),
    consumables: {
      by: studio.consumablesBy,
      perHour: hourly('consumables', 'consumablesPerHour'),
      perJoint: amount('consumables for a joint', 'consumablesPerJoint'),
      perPiece: amount('consumables for a piece', 'consumablesPerPiece'),
      perLoad: amount('consumables for a load', 'consumablesPerLoad'),
      share: share('consumables, share', 'consumablesShare'),
    },
    scrapShare: share('paid for scrap', 'scrapShare'),
    mixedScrapShare: share('paid for soldered scrap and filings', 'mixedScrapShare'),
    country: studio.country,
    wholesaleFactor: factor('wholesale factor', 'wholesaleFactor'),
    retailFactor: factor('retail factor', 'retailFactor'),
    priceBands: priceBands(studio, value),
    justBelowMinor: value('justBelow', readMoney(studio.justBelow, currency, 'amount')),
    week: studio.hours.map((text, day) => {
      const shifts = readHours(text);
      if (!('sentence' in shifts)) return shifts;
      problems.push({ path: `hours.${String(day)}`, sentence: shifts.sentence });
      return [];
    }),
    makingCharge: (family, form) => charges.get(`${family} ${form}`) ?? noCharge,
    problems,
  };
}

function priceBands(studio: Studio, value: (path: string, reading: Reading) => number): PriceBand[] {
  return studio.pricePoints.map(({ below, step }, index) => ({
    belowMinor: below.trim()
      ? value(`pricePoints.${String(index)}.below`, readMoney(below, studio.currency))
      : Infinity,
    stepMinor: Math.max(
      1,
      Math.round(value(`pricePoints.${String(index)}.step`, readMoney(step, studio.currency, 'step'))),
    ),
  }));
}

function ownAlloy(row: OwnAlloy, index: number, problems: Problem[]): Alloy {
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
