// One line of the price book: what a piece costs at some prices of metal, what it sells for, and whether that holds.
import type { FixMetal } from '../../metal/fix.ts';
import type { Rates } from '../../studio/rates.ts';
import type { SellingChannel } from '../../studio/selling.ts';
import { keepsOf } from '../piece/channels.ts';
import { priceMinor } from '../methods/prices.ts';
import type { Priced } from '../piece/standing.ts';
import { revalue, type Valuation } from './valuation.ts';

/** All money in whole minor units. */
export interface PriceLine {
  readonly cost: number;
  /** As set last; by the rule where it never was. */
  readonly wholesale: number;
  readonly retail: number;
  /** What the studio's rule asks at these prices of metal. */
  readonly ruleWholesale: number;
  readonly ruleRetail: number;
  /** What comes in of the price asked, once the channel's fees, its share and the tax are off. */
  readonly received: number;
  /** What is left of that over the cost, and that as a share of the price asked. */
  readonly left: number;
  readonly margin: number;
  /** Pay for a bench hour; null when no time is entered. */
  readonly perHour: number | null;
  /** What the cost stays below in so many batches of a hundred. */
  readonly floor: number;
  readonly isUnderFloor: boolean;
  /** Whether the rule asks no more than the price as set. */
  readonly holds: boolean;
}

/** Standard normal quantiles of the shares a floor may cover. */
const normalQuantile: Readonly<Record<number, number>> = { 0.8: 0.8416, 0.9: 1.2816 };

/**
 * @param prices  of fine metal, minor units per gram
 * @param priced  what it sells for; null before it was ever priced
 * @param channel  how it is sold, for what is left and what it pays; null: wholesale without a fee
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

/** What some prices of metal do to a whole book. */
export interface BookEffects {
  readonly failing: number;
  readonly underFloor: number;
  /** Margin and pay for a bench hour of the piece in the middle; null in an empty book. */
  readonly margin: number | null;
  readonly perHour: number | null;
}

export function bookEffects(lines: readonly PriceLine[]): BookEffects {
  return {
    failing: lines.filter(({ holds }) => !holds).length,
    underFloor: lines.filter(({ isUnderFloor }) => isUnderFloor).length,
    margin: middle(lines.map(({ margin }) => margin)),
    perHour: middle(lines.flatMap(({ perHour }) => perHour ?? [])),
  };
}

// Of an even number the upper one: it is a piece of the book, not a sum between two.
function middle(values: readonly number[]): number | null {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? null;
}

/** A change of many prices at once. */
export type GroupChange =
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'amount'; readonly minor: number }
  | { readonly kind: 'rule' };

/** The wholesale and retail price a change makes of a line, on price points; never below nothing. */
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
