// The metal lines of the cost column: metal cut, solder, scrap credit, and metal lost for good.
import { computed, type Figure, given, inSum, sumTo, totalOf } from '../figure/figure.ts';
import { type ScrapKind, scrapKinds } from '../metal/scrap-kinds.ts';
import { scrapNames } from '../piece/compute-part.ts';
import type { ScrapTerms } from '../studio/rates.ts';

/** A part's metal as bought: grams cut for it, and the price per gram. */
export interface PricedPart {
  readonly name: string;
  readonly gross: Figure;
  /** Grams that stay in the piece. */
  readonly net: Figure;
  readonly scrap: Readonly<Partial<Record<ScrapKind, Figure>>>;
  /** Price as bought, minor units per gram. */
  readonly bought: Figure;
  /** Value of the content alone, minor units per gram. */
  readonly content: Figure;
}

/** Solder with its price. */
export interface PricedSolder {
  readonly grams: Figure;
  readonly bought: Figure;
}

interface MetalLine {
  readonly takes: Figure;
  readonly each: Figure;
}

const atPrice = (label: string, grams: Figure, price: Figure, currency: string): Figure =>
  computed(
    label,
    grams.value * price.value,
    currency,
    () => `${inSum(grams.value)} × ${inSum(price.value, price.unit)}`,
    [grams, price],
  );

/** Metal cut for one piece. */
export function metalLine(parts: readonly PricedPart[], currency: string): MetalLine {
  const grams = parts.map((part) => part.gross);
  const money = () => parts.map(({ name, gross, bought }) => atPrice(name, gross, bought, currency));
  const sum = parts.reduce((total, { gross, bought }) => total + gross.value * bought.value, 0);
  return { takes: totalOf('metal cut', 'g', grams), each: sumTo('metal', currency, money, sum) };
}

/** The line of solder; null without any. */
export function solderLine(solders: readonly PricedSolder[], currency: string): MetalLine | null {
  if (solders.length === 0) return null;
  const grams = solders.map((one) => one.grams);
  const money = solders.map(({ grams, bought }) => atPrice(grams.label, grams, bought, currency));
  return { takes: totalOf('solder', 'g', grams), each: totalOf('solder', currency, money) };
}

/** The line of scrap, with what is lost. */
export interface ScrapReturned extends MetalLine {
  /** Value of the metal in the scrap that is lost, as money. */
  readonly lost: Figure;
}

/** Scrap credit of one piece, below 0 since it lowers the cost; null without scrap. */
export function scrapLine(parts: readonly PricedPart[], terms: ScrapTerms, currency: string): ScrapReturned | null {
  const { grams, money, lost } = scrapSums(parts, terms);
  if (grams === 0) return null;
  let made: readonly ScrapCredit[] | null = null;
  const credits = () => (made ??= creditsOf(parts, terms, currency));
  return {
    takes: sumTo('scrap returned', 'g', () => credits().map(({ less }) => less), -grams),
    each: sumTo('scrap returned', currency, () => credits().map(({ credit }) => credit), -money),
    lost: sumTo('metal loss', currency, () => credits().map((one) => lostOf(one, currency)), lost),
  };
}

function scrapSums(parts: readonly PricedPart[], terms: ScrapTerms) {
  let grams = 0;
  let money = 0;
  let lost = 0;
  for (const { scrap, content } of parts) {
    for (const kind of scrapKinds) {
      const mass = scrap[kind]?.value ?? 0;
      const back = mass * paidPerGram(kind, content.value, terms);
      grams += mass;
      money += back;
      lost += mass * content.value - back;
    }
  }
  return { grams, money, lost };
}

interface ScrapCredit {
  readonly mass: Figure;
  readonly content: Figure;
  /** Grams, below 0. */
  readonly less: Figure;
  readonly credit: Figure;
}

function creditsOf(parts: readonly PricedPart[], terms: ScrapTerms, currency: string): ScrapCredit[] {
  return parts.flatMap(({ name, scrap, content }) =>
    scrapKinds.flatMap((kind): ScrapCredit[] => {
      const mass = scrap[kind];
      if (!mass) return [];
      const label = kind === 'clean' ? name : `${name}, ${scrapNames[kind]}`;
      const less = computed(label, -mass.value, 'g', () => `−${inSum(mass.value)}`, [mass]);
      return [{ mass, content, less, credit: scrapCredit(label, kind, less, content, terms, currency) }];
    }),
  );
}

function lostOf({ mass, content, credit }: ScrapCredit, currency: string): Figure {
  const how = () => `${inSum(mass.value)} × ${inSum(content.value, content.unit)} + (${inSum(credit.value, currency)})`;
  return computed(credit.label, mass.value * content.value + credit.value, currency, how, [mass, content, credit]);
}

const isRefined = (kind: ScrapKind, { assayLoss, lotCharge }: ScrapTerms) =>
  kind !== 'clean' && (assayLoss.value > 0 || lotCharge.value > 0);

/**
 * Scrap value per gram. Clean scrap is melted in the studio or traded in. Scrap with solder or dirt goes to a refiner:
 * the melt and the assay lose some, and the charge for the lot is spread over its grams. It is never below 0: scrap
 * that would cost more than it brings is kept.
 * @param content  value of the metal, minor units per gram
 * @returns minor units per gram, 0 or more
 */
function paidPerGram(kind: ScrapKind, content: number, terms: ScrapTerms): number {
  const paid = content * terms.share[kind].value;
  return isRefined(kind, terms) ? Math.max(0, paid * (1 - terms.assayLoss.value) - terms.lotCharge.value) : paid;
}

/** @param less  grams, below 0 */
function scrapCredit(
  label: string,
  kind: ScrapKind,
  less: Figure,
  content: Figure,
  terms: ScrapTerms,
  currency: string,
): Figure {
  const { assayLoss, lotCharge } = terms;
  const paid = terms.share[kind];
  const value = less.value * paidPerGram(kind, content.value, terms);
  const sum = () => `(${inSum(less.value)}) × ${inSum(content.value, content.unit)} × ${inSum(paid.value)}`;
  if (!isRefined(kind, terms)) return computed(label, value, currency, sum, [less, content, paid]);
  const how = () =>
    `${sum()} × (1 − ${inSum(assayLoss.value)}) − (${inSum(less.value)}) × ${inSum(lotCharge.value, lotCharge.unit)}`;
  return computed(label, value, currency, how, [less, content, paid, assayLoss, lotCharge]);
}

/** Scrap value of the metal in a rejected piece, as soldered scrap. @returns money, 0 or more */
export function spoiltMetal(parts: readonly PricedPart[], terms: ScrapTerms, currency: string): Figure {
  const lines = parts.map(({ name, net, content }) => {
    const less = given(name, -net.value, 'g', 'left in the spoilt piece');
    const credit = scrapCredit(name, 'soldered', less, content, terms, currency);
    return computed(name, -credit.value, currency, () => `−(${credit.how})`, [credit]);
  });
  return totalOf('metal of a spoilt piece', currency, lines);
}
