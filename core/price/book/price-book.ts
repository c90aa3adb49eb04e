// One line of the price book: cost at given metal prices, prices, and whether they are out of date.
import type { FixMetal } from '../../metal/fine-price.ts';
import type { Rates } from '../../studio/rates.ts';
import type { SellingChannel } from '../../studio/selling.ts';
import { priceMinor } from '../methods/prices.ts';
import { keepsOf } from '../piece/channels.ts';
import type { Priced } from '../piece/standing.ts';
import { revalue, type Valuation } from './valuation.ts';

/** All money in whole minor units. */
export interface PriceLine {
  readonly cost: number;
  /** As set last, or by the rule where none was set. */
  readonly wholesale: number;
  readonly retail: number;
  /** Suggested price by the studio's rule at these metal prices. */
  readonly ruleWholesale: number;
  readonly ruleRetail: number;
  /** Net received of the price, after the channel's fees, its commission and tax. */
  readonly received: number;
  /** Profit, and the profit as a share of the price. */
  readonly left: number;
  readonly margin: number;
  /** Earnings per bench hour; null without bench time. */
  readonly perHour: number | null;
  /** The cost is below this in so many batches of a hundred. */
  readonly floor: number;
  readonly isUnderFloor: boolean;
  /** Whether the suggested price is no higher than the price as set. */
  readonly holds: boolean;
}

/** Standard normal quantiles of the shares a floor price may cover. */
const normalQuantile: Readonly<Record<number, number>> = { 0.8: 0.8416, 0.9: 1.2816 };

/**
 * @param prices   of fine metal, minor units per gram
 * @param priced   its prices; null before it was priced
 * @param channel  sales channel; null: wholesale without a fee
 */
export function priceLine(
  valuation: Valuation,
  priced: Priced | null,
  { selling, spread, currency }: Rates,
  prices: Readonly<Partial<Record<FixMetal, number>>>,
  channel: SellingChannel | null = null,
): PriceLine {
  const { cost, groups, labour } = revalue(valuation, prices);
  const rule = priceMinor(groups, valuation.pricing, selling.rule);
  const isSet = priced?.currency === currency && priced.wholesaleMinor > 0;
  const wholesale = isSet ? priced.wholesaleMinor : rule.wholesale;
  const retail = isSet ? priced.retailMinor : rule.retail;
  const asked = channel && channel.kind !== 'wholesale' ? retail : wholesale;
  const received = channel ? asked * keepsOf(channel, selling.rule) - channel.feeEach.value : asked;
  const left = received - cost;
  const floor = Math.ceil(cost + (normalQuantile[spread.floorAt] ?? 0) * valuation.deviation);
  return {
    cost,
    wholesale,
    retail,
    ruleWholesale: rule.wholesale,
    ruleRetail: rule.retail,
    received,
    left,
    margin: asked > 0 ? left / asked : 0,
    perHour: valuation.minutes > 0 ? ((left + labour) / valuation.minutes) * 60 : null,
    floor,
    isUnderFloor: wholesale < floor,
    holds: rule.wholesale <= wholesale,
  };
}

/** Effects of metal prices on the whole price book. */
export interface BookEffects {
  readonly failing: number;
  readonly underFloor: number;
  /** Margin and earnings per bench hour of the median piece; null without pieces. */
  readonly margin: number | null;
  readonly perHour: number | null;
}

/** Effects of metal prices on all lines. */
export function bookEffects(lines: readonly PriceLine[]): BookEffects {
  return {
    failing: lines.filter(({ holds }) => !holds).length,
    underFloor: lines.filter(({ isUnderFloor }) => isUnderFloor).length,
    margin: middle(lines.map(({ margin }) => margin)),
    perHour: middle(lines.flatMap(({ perHour }) => perHour ?? [])),
  };
}

// Of an even number the upper one: it is a piece of the book, not an average of two.
function middle(values: readonly number[]): number | null {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? null;
}

/** A change of many prices at once. */
export type GroupChange =
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'amount'; readonly minor: number }
  | { readonly kind: 'rule' };

/** The prices that a change makes of a line, on price points; never below 0. */
export function changed(
  line: Pick<PriceLine, 'wholesale' | 'retail' | 'ruleWholesale' | 'ruleRetail'>,
  change: GroupChange,
  onPoint: (minor: number) => number,
): { readonly wholesale: number; readonly retail: number } {
  if (change.kind === 'rule') return { wholesale: line.ruleWholesale, retail: line.ruleRetail };
  const to = (minor: number) =>
    onPoint(Math.max(0, change.kind === 'share' ? minor * (1 + change.share) : minor + change.minor));
  return { wholesale: to(line.wholesale), retail: to(line.retail) };
}
