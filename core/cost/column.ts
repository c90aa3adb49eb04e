// The cost column: everything one piece takes, in grams, minutes and money, adding up to what it costs.
import { given, inSum, reckoned, totalOf, type Figure } from '../figure/figure.ts';
import { settle } from '../figure/settle.ts';

/** One line of the column: what it takes, and what that costs for one piece. */
export interface CostLine {
  readonly key: 'metal' | 'scrap' | 'findings' | 'consumables' | 'labour' | 'overhead';
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
  readonly net: Figure;
  readonly gross: Figure;
  /** Minor units per gram as bought. */
  readonly bought: Figure;
  /** Minor units per gram for the metal's content alone. */
  readonly content: Figure;
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
  readonly consumables: Figure;
  /** 0 to 1 of the content of clean scrap. */
  readonly scrapShare: Figure;
}

/**
 * Makes the cost column of one piece.
 * @param minutes  attended, for one piece, set-up spread
 * @param rates    money per bench hour, and what scrap brings back
 * @param currency ISO 4217
 */
export function costColumn(
  parts: readonly PricedPart[],
  findings: readonly PricedFinding[],
  minutes: Figure,
  rates: HourlyRates,
  currency: string,
): CostColumn {
  const exact: CostLine[] = [
    {
      key: 'metal',
      takes: totalOf(
        'metal cut',
        'g',
        parts.map((part) => part.gross),
      ),
      each: metal(parts, currency),
    },
    ...scrap(parts, rates.scrapShare, currency),
    ...(findings.length > 0 ? [bought(findings, currency)] : []),
    { key: 'consumables', takes: minutes, each: hourly('consumables', minutes, rates.consumables, currency) },
    { key: 'labour', takes: minutes, each: hourly('bench time', minutes, rates.labour, currency) },
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

function scrap(parts: readonly PricedPart[], share: Figure, currency: string): CostLine[] {
  const trimmed = parts.filter(({ net, gross }) => gross.value > net.value);
  if (trimmed.length === 0) return [];
  const grams = trimmed.map(({ name, net, gross }) =>
    reckoned(name, net.value - gross.value, 'g', () => `${inSum(net.value)} − ${inSum(gross.value)}`, [net, gross]),
  );
  const money = trimmed.map(({ name, content }, index) => {
    const lost = grams[index] ?? given(name, 0, 'g', '');
    const how = () => `(${inSum(lost.value)}) × ${inSum(content.value, content.unit)} × ${inSum(share.value)}`;
    return reckoned(name, lost.value * content.value * share.value, currency, how, [lost, content, share]);
  });
  return [
    { key: 'scrap', takes: totalOf('scrap returned', 'g', grams), each: totalOf('scrap returned', currency, money) },
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

function hourly(label: string, minutes: Figure, rate: Figure, currency: string): Figure {
  const how = () => `${inSum(minutes.value)} ÷ 60 × ${inSum(rate.value, rate.unit)}`;
  return reckoned(label, (minutes.value / 60) * rate.value, currency, how, [minutes, rate]);
}
