// The cost column: everything one piece takes, in grams, minutes and money, adding up to what it costs.
import { given, inSum, reckoned, totalOf, type Figure } from '../figure/figure.ts';
import { settle } from '../figure/settle.ts';
import type { ScrapKind } from '../piece/part.ts';
import { scrapNames } from '../piece/reckon-part.ts';

/** One line of the column: what it takes, and what that costs for one piece. */
export interface CostLine {
  readonly key: 'metal' | 'solder' | 'scrap' | 'findings' | 'consumables' | 'labour' | 'overhead';
  readonly takes: Figure;
  readonly each: Figure;
}

export interface CostColumn {
  readonly lines: readonly CostLine[];
  /** Whole minor units; its lines add up to it. */
  readonly cost: Figure;
}

/** A part's metal as bought: grams cut for it, and the price of one. */
export interface PricedPart {
  readonly name: string;
  readonly gross: Figure;
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

export interface PricedFinding {
  readonly name: string;
  readonly count: number;
  /** Minor units each. */
  readonly price: Figure;
}

export interface HourlyRates {
  readonly labour: Figure;
  readonly overhead: Figure;
  /** 0 to 1 of the content of clean scrap. */
  readonly scrapShare: Figure;
  /** 0 to 1 of the content of soldered scrap and filings. */
  readonly mixedScrapShare: Figure;
}

export interface ColumnInputs {
  readonly parts: readonly PricedPart[];
  readonly solders: readonly PricedSolder[];
  readonly findings: readonly PricedFinding[];
  /** Attended, for one piece, set-up spread. */
  readonly minutes: Figure;
  /** Makes the line of consumables from what metal and hands cost. */
  readonly consumables: (metal: Figure, labour: Figure) => { readonly takes: Figure; readonly each: Figure };
}

/**
 * Makes the cost column of one piece.
 * @param rates    money per bench hour, and what scrap brings back
 * @param currency ISO 4217
 */
export function costColumn(inputs: ColumnInputs, rates: HourlyRates, currency: string): CostColumn {
  const { parts, solders, findings, minutes } = inputs;
  const metalLine: CostLine = {
    key: 'metal',
    takes: totalOf(
      'metal cut',
      'g',
      parts.map((part) => part.gross),
    ),
    each: metal(parts, currency),
  };
  const labour = hourly('bench time', minutes, rates.labour, currency);
  const exact: CostLine[] = [
    metalLine,
    ...(solders.length > 0 ? [soldered(solders, currency)] : []),
    ...scrapReturned(parts, rates, currency),
    ...(findings.length > 0 ? [bought(findings, currency)] : []),
    { key: 'consumables', ...inputs.consumables(metalLine.each, labour) },
    { key: 'labour', takes: minutes, each: labour },
    { key: 'overhead', takes: minutes, each: hourly('studio overhead', minutes, rates.overhead, currency) },
  ];
  const cost = settle(
    totalOf(
      'cost',
      currency,
      exact.map((line) => line.each),
    ),
  );
  return { cost, lines: exact.map((line, index) => ({ ...line, each: cost.from[index] ?? line.each })) };
}

function metal(parts: readonly PricedPart[], currency: string): Figure {
  const lines = parts.map(({ name, gross, bought: price }) =>
    reckoned(
      name,
      gross.value * price.value,
      currency,
      () => `${inSum(gross.value)} × ${inSum(price.value, price.unit)}`,
      [gross, price],
    ),
  );
  return totalOf('metal', currency, lines);
}

function soldered(solders: readonly PricedSolder[], currency: string): CostLine {
  const lines = solders.map(({ grams, bought: price }) => {
    const how = () => `${inSum(grams.value)} × ${inSum(price.value, price.unit)}`;
    return reckoned(grams.label, grams.value * price.value, currency, how, [grams, price]);
  });
  const grams = solders.map((one) => one.grams);
  return { key: 'solder', takes: totalOf('solder', 'g', grams), each: totalOf('solder', currency, lines) };
}

function scrapReturned(parts: readonly PricedPart[], rates: HourlyRates, currency: string): CostLine[] {
  const lost: Figure[] = [];
  const money: Figure[] = [];
  for (const { name, scrap, content } of parts) {
    for (const kind of ['clean', 'soldered', 'filings'] as const) {
      const mass = scrap[kind];
      if (!mass) continue;
      const share = kind === 'clean' ? rates.scrapShare : rates.mixedScrapShare;
      const label = kind === 'clean' ? name : `${name}, ${scrapNames[kind]}`;
      const less = reckoned(label, -mass.value, 'g', () => `−${inSum(mass.value)}`, [mass]);
      const how = () => `(${inSum(less.value)}) × ${inSum(content.value, content.unit)} × ${inSum(share.value)}`;
      lost.push(less);
      money.push(reckoned(label, less.value * content.value * share.value, currency, how, [less, content, share]));
    }
  }
  if (lost.length === 0) return [];
  return [
    { key: 'scrap', takes: totalOf('scrap returned', 'g', lost), each: totalOf('scrap returned', currency, money) },
  ];
}

function bought(findings: readonly PricedFinding[], currency: string): CostLine {
  const lines = findings.map(({ name, count, price }) =>
    reckoned(name, count * price.value, currency, () => `${String(count)} × ${inSum(price.value, currency)}`, [
      given('count', count, '', 'as typed'),
      price,
    ]),
  );
  const pieces = findings.reduce((sum, { count }) => sum + count, 0);
  return {
    key: 'findings',
    takes: given('findings', pieces, '', 'as listed'),
    each: totalOf('findings', currency, lines),
  };
}

/** Money for minutes at a rate an hour. */
export function hourly(label: string, minutes: Figure, rate: Figure, currency: string): Figure {
  const how = () => `${inSum(minutes.value)} ÷ 60 × ${inSum(rate.value, rate.unit)}`;
  return reckoned(label, (minutes.value / 60) * rate.value, currency, how, [minutes, rate]);
}
