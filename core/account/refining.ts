// Refining: what a jar should bring, from which weight sending it pays, and what settlements teach.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { type DayPrices, finePrice } from '../metal/fine-price.ts';
import type { ScrapKind } from '../metal/scrap-kinds.ts';
import { type Fine, fineMetals } from './entry.ts';
import type { JarKind } from './place.ts';

/** A refiner's terms for a jar. */
export interface RefinerTerms {
  /** Share paid of the fine metal, 0 to 1. */
  readonly paid: number;
  /** Share lost in melt and assay before anything is paid, 0 to 1. */
  readonly loss: number;
  /** Charge for a lot whatever it weighs, minor units. */
  readonly chargeMinor: number;
}

/** A metal in a jar: its fine mass and price. */
export interface FineValue {
  /** Whole mg. */
  readonly mg: number;
  /** Minor units per gram of fine metal. */
  readonly perGram: Figure;
}

/** What a consignment should bring, minor units; below zero where the charge is higher than the metal is worth. */
export function expectedSettlement(metals: readonly FineValue[], terms: RefinerTerms, currency: string): Figure {
  const share = (1 - terms.loss) * terms.paid;
  const lines = metals.map(({ mg, perGram }) => {
    const fine = given('fine metal', mg / 1000, 'g', 'the account');
    const how = () => `${inSum(fine.value)} × ${inSum(perGram.value, perGram.unit)} × ${inSum(share)}`;
    const factor = given('paid', share, '', `${percent(1 - terms.loss)} after the melt, of it ${percent(terms.paid)}`);
    return computed(perGram.label, fine.value * perGram.value * share, currency, how, [fine, perGram, factor]);
  });
  const worth = lines.reduce((sum, { value }) => sum + value, 0);
  const charge = given('charge of the lot', terms.chargeMinor, currency, 'the refiner’s terms');
  const how = () => `${inSum(worth, currency)} − ${inSum(charge.value, currency)}`;
  return computed('expected settlement', worth - charge.value, currency, how, [...lines, charge]);
}

/** Shares that refiners pay by kind of scrap, and what is lost before. */
interface ScrapShares {
  readonly share: Readonly<Record<ScrapKind, Figure>>;
  readonly assayLoss: Figure;
}

/**
 * What a jar should bring before the charge; null for mixed scrap, which needs an assay, and for metal without a price.
 * @param factor  what settlements taught: 0.97 where they came 3 % short
 */
export function jarSettlement(
  { kind, fine }: { readonly kind: JarKind; readonly fine: Fine },
  { share, assayLoss }: ScrapShares,
  prices: DayPrices,
  factor = 1,
): Figure | null {
  if (kind === 'mixed') return null;
  const metals = fineMetals.flatMap((metal) => {
    const perGram = finePrice(prices, metal);
    return perGram && fine[metal] > 0 ? [{ mg: fine[metal], perGram }] : [];
  });
  if (metals.length === 0) return null;
  const terms = { paid: share[kind].value * factor, loss: assayLoss.value, chargeMinor: 0 };
  return expectedSettlement(metals, terms, prices.currency);
}

const percent = (share: number) => `${inSum(Math.round(share * 1000) / 10)} %`;

/** When a jar should be sent. */
export interface WhenToSend {
  /** mg from which a lot brings more than its charge. */
  readonly paysFromMg: number;
  /** mg at which charge and waiting together cost least: the economic lot. */
  readonly bestMg: number;
  /** Months until the best weight at the present rate; 0 when it is reached, null when nothing comes in. */
  readonly monthsToBest: number | null;
  /** Share of the value that the charge takes if it is sent today, 0 to 1; null for an empty jar. */
  readonly chargeShare: number | null;
  readonly shouldSend: boolean;
}

/**
 * The economic order quantity, read for scrap: F. W. Harris, “How many parts to make at once” (1913). A lot costs a
 * fixed charge; metal that waits costs interest on its value.
 * @param mg          in the jar
 * @param perMgMinor  what a mg brings, before the charge, minor units
 * @param mgPerMonth  that come in
 * @param yearlyRate  cost of money that waits, 0 to 1 a year
 */
export function whenToSend(
  mg: number,
  perMgMinor: number,
  mgPerMonth: number,
  { chargeMinor }: Pick<RefinerTerms, 'chargeMinor'>,
  yearlyRate: number,
): WhenToSend {
  if (perMgMinor <= 0)
    return { paysFromMg: Infinity, bestMg: Infinity, monthsToBest: null, chargeShare: null, shouldSend: false };
  const paysFromMg = chargeMinor / perMgMinor;
  const yearly = mgPerMonth * 12;
  const eoq = yearlyRate > 0 ? Math.sqrt((2 * yearly * chargeMinor) / (perMgMinor * yearlyRate)) : Infinity;
  const bestMg = Math.max(eoq, paysFromMg);
  const monthsToBest = mg >= bestMg ? 0 : mgPerMonth > 0 ? (bestMg - mg) / mgPerMonth : null;
  const chargeShare = mg > 0 ? chargeMinor / (mg * perMgMinor) : null;
  return { paysFromMg, bestMg, monthsToBest, chargeShare, shouldSend: mg > 0 && mg >= bestMg };
}

/** A settlement beside what was expected of it, minor units before the charge. */
export interface Settled {
  readonly expectedMinor: number;
  readonly actualMinor: number;
}

/** How settlements of a refiner have compared. */
export interface LearnedTerms {
  /** Factor on the next expectation: 0.97 where they came 3 % short. */
  readonly factor: number;
  /** Standard deviation of the next settlement, as a share of the expectation. */
  readonly spread: number;
  readonly settlements: number;
}

/** Spread of a first settlement before any is known: assays of mixed scrap differ by some per cent (common practice). */
const PRIOR_SPREAD = 0.05;
/** Spread of one settlement around its refiner's mean. */
const OWN_SPREAD = 0.04;

/** The conjugate normal update of a mean with known variance, from a prior of 1. */
export function learnTerms(settled: readonly Settled[]): LearnedTerms {
  const ratios = settled
    .filter(({ expectedMinor }) => expectedMinor > 0)
    .map(({ expectedMinor, actualMinor }) => actualMinor / expectedMinor);
  const precision = 1 / PRIOR_SPREAD ** 2 + ratios.length / OWN_SPREAD ** 2;
  const sum = 1 / PRIOR_SPREAD ** 2 + ratios.reduce((total, ratio) => total + ratio, 0) / OWN_SPREAD ** 2;
  return {
    factor: sum / precision,
    spread: Math.sqrt(1 / precision + OWN_SPREAD ** 2),
    settlements: ratios.length,
  };
}
