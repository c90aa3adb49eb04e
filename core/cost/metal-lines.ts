// The metal lines of the cost column: what is cut, the solder, what scrap brings back, and what is lost for good.
import { given, inSum, reckoned, totalOf, type Figure } from '../figure/figure.ts';
import type { ScrapKind } from '../metal/scrap-kinds.ts';
import { scrapNames } from '../piece/reckon-part.ts';
import type { ScrapTerms } from '../studio/rates.ts';

/** A part's metal as bought: grams cut for it, and the price of one. */
export interface PricedPart {
  readonly name: string;
  readonly gross: Figure;
  /** What of it stays in the piece. */
  readonly net: Figure;
  readonly scrap: Readonly<Partial<Record<ScrapKind, Figure>>>;
  /** Minor units per gram as bought. */
  readonly bought: Figure;
  /** Minor units per gram for the metal's content alone. */
  readonly content: Figure;
}

export interface PricedSolder {
  readonly grams: Figure;
  readonly bought: Figure;
}

interface MetalLine {
  readonly takes: Figure;
  readonly each: Figure;
}

const atPrice = (label: string, grams: Figure, price: Figure, currency: string): Figure =>
  reckoned(
    label,
    grams.value * price.value,
    currency,
    () => `${inSum(grams.value)} × ${inSum(price.value, price.unit)}`,
    [grams, price],
  );

/** Metal cut for one piece. */
export function metalLine(parts: readonly PricedPart[], currency: string): MetalLine {
  const grams = parts.map((part) => part.gross);
  const money = parts.map(({ name, gross, bought }) => atPrice(name, gross, bought, currency));
  return { takes: totalOf('metal cut', 'g', grams), each: totalOf('metal', currency, money) };
}

export function solderLine(solders: readonly PricedSolder[], currency: string): MetalLine | null {
  if (solders.length === 0) return null;
  const grams = solders.map((one) => one.grams);
  const money = solders.map(({ grams, bought }) => atPrice(grams.label, grams, bought, currency));
  return { takes: totalOf('solder', 'g', grams), each: totalOf('solder', currency, money) };
}

export interface ScrapReturned extends MetalLine {
  /** Money for the metal in the scrap that nobody pays back. */
  readonly lost: Figure;
}

/** What the scrap of one piece brings back, below 0 as it comes off the cost; null without any. */
export function scrapLine(parts: readonly PricedPart[], terms: ScrapTerms, currency: string): ScrapReturned | null {
  const grams: Figure[] = [];
  const money: Figure[] = [];
  const lost: Figure[] = [];
  for (const { name, scrap, content } of parts) {
    for (const kind of ['clean', 'soldered', 'filings'] as const) {
      const mass = scrap[kind];
      if (!mass) continue;
      const label = kind === 'clean' ? name : `${name}, ${scrapNames[kind]}`;
      const less = reckoned(label, -mass.value, 'g', () => `−${inSum(mass.value)}`, [mass]);
      const credit = scrapCredit(label, kind, less, content, terms, currency);
      grams.push(less);
      money.push(credit);
      const full = mass.value * content.value;
      const how = () =>
        `${inSum(mass.value)} × ${inSum(content.value, content.unit)} + (${inSum(credit.value, currency)})`;
      lost.push(reckoned(label, full + credit.value, currency, how, [mass, content, credit]));
    }
  }
  if (grams.length === 0) return null;
  return {
    takes: totalOf('scrap returned', 'g', grams),
    each: totalOf('scrap returned', currency, money),
    lost: totalOf('lost for good', currency, lost),
  };
}

/**
 * What scrap of a kind brings back. Clean scrap is melted in the studio or traded in; what has solder or dirt in it goes
 * to a refiner, whose melt and assay lose some and whose charge for the lot falls on every gram of it. Never a loss: scrap
 * that would cost more than it brings is kept.
 * @param less  grams, below 0
 */
function scrapCredit(
  label: string,
  kind: ScrapKind,
  less: Figure,
  content: Figure,
  { share, assayLoss, lotCharge }: ScrapTerms,
  currency: string,
): Figure {
  const paid = share[kind];
  const isRefined = kind !== 'clean' && (assayLoss.value > 0 || lotCharge.value > 0);
  const sum = () => `(${inSum(less.value)}) × ${inSum(content.value, content.unit)} × ${inSum(paid.value)}`;
  if (!isRefined) return reckoned(label, less.value * content.value * paid.value, currency, sum, [less, content, paid]);
  const perGram = Math.max(0, content.value * paid.value * (1 - assayLoss.value) - lotCharge.value);
  const how = () =>
    `${sum()} × (1 − ${inSum(assayLoss.value)}) − (${inSum(less.value)}) × ${inSum(lotCharge.value, lotCharge.unit)}`;
  return reckoned(label, less.value * perGram, currency, how, [less, content, paid, assayLoss, lotCharge]);
}

/** What the metal left in a spoilt piece brings back, as soldered scrap. @returns money, 0 or more */
export function spoiltMetal(parts: readonly PricedPart[], terms: ScrapTerms, currency: string): Figure {
  const lines = parts.map(({ name, net, content }) => {
    const less = given(name, -net.value, 'g', 'left in the spoilt piece');
    const credit = scrapCredit(name, 'soldered', less, content, terms, currency);
    return reckoned(name, -credit.value, currency, () => `−(${credit.how})`, [credit]);
  });
  return totalOf('metal of a spoilt piece', currency, lines);
}
