// Prices of a piece by the studio's rule: wholesale by a pricing method, retail from it, each on a price point.
import type { CostColumn } from '../../cost/column.ts';
import { computed, type Figure, given, inSum, renamed } from '../../figure/figure.ts';
import { showValue } from '../../figure/show.ts';
import type { PricingMethod } from '../../studio/pricing-methods.ts';
import type { PriceRule } from '../../studio/selling.ts';
import type { CostGroups } from './cost-groups.ts';
import { earningsPerHour } from './earnings-per-hour.ts';
import { methodFigure, targetFigure, wholesaleByMethod } from './methods.ts';
import { upToPricePoint } from './price-points.ts';

/** Prices of a piece with their profit. */
export interface Prices {
  readonly school: PricingMethod;
  /** Whole minor units, on a price point. Without tax. */
  readonly wholesale: Figure;
  /** With tax, where the studio's prices include it. */
  readonly retail: Figure;
  /** Profit at wholesale. */
  readonly left: Figure;
  /** Margin at wholesale, %; null at a price of 0. */
  readonly margin: Figure | null;
  /** Earnings per bench hour at wholesale; null without bench time. */
  readonly perHour: Figure | null;
  /** What a shop with the usual multiplier would ask. */
  readonly shopAsks: Figure;
}

/** How a piece is priced: by the studio's method or its own. */
export interface Pricing {
  readonly school: PricingMethod;
  /** The retail price to work back from, minor units; 0 for none. */
  readonly targetMinor: number;
}

/** Without a target the price point method has no price, and cost × multiplier is used. */
function schoolIn({ school, targetMinor }: Pricing): PricingMethod {
  return school === 'price-point' && targetMinor === 0 ? 'build-up' : school;
}

/**
 * @param column   rounded, minor units
 * @param minutes  attended minutes of one piece
 * @param base     the column the price is built on, where it is that of another size
 */
export function pricesOf(
  column: CostColumn,
  minutes: Figure,
  pricing: Pricing,
  rule: PriceRule,
  base: CostColumn = column,
): Prices {
  const { cost } = column;
  const currency = cost.unit;
  const school = schoolIn(pricing);
  const target = targetFigure(pricing.targetMinor, currency, 'the piece, as typed');
  const exact = methodFigure(school, base, rule, target);
  const wholesale = onPoint('wholesale', exact, wholesaleMinor(exact.value, school, rule), rule.leastWholesaleMinor);
  const retail = retailFigure(wholesale, school, target, rule);
  const money = (value: number) => inSum(value, currency);
  const left = leftOf(wholesale, cost);
  const labour = column.lines.find((line) => line.key === 'labour')?.each ?? given('bench time', 0, currency, 'none');
  const asks = wholesale.value * rule.shopFactor.value * (rule.tax.how === 'included' ? 1 + rule.tax.rate.value : 1);
  return {
    school,
    wholesale,
    retail,
    left,
    margin: marginOf(wholesale, left),
    perHour: earningsPerHour(wholesale, cost, labour, minutes),
    shopAsks: computed(
      'what a shop would ask',
      asks,
      currency,
      () => `${money(wholesale.value)} × ${inSum(rule.shopFactor.value)}${taxWords(rule)}`,
      [wholesale, rule.shopFactor, ...(rule.tax.how === 'included' ? [rule.tax.rate] : [])],
    ),
  };
}

/** Profit at a wholesale price. */
export function leftOf(wholesale: Figure, cost: Figure): Figure {
  const { unit } = cost;
  const how = () => `${inSum(wholesale.value, unit)} − ${inSum(cost.value, unit)}`;
  return computed('profit at wholesale', wholesale.value - cost.value, unit, how, [wholesale, cost]);
}

/** Margin, %; null at a price of 0. A margin is a share of the price, a markup a share of the cost. */
export function marginOf(price: Figure, left: Figure): Figure | null {
  if (!(price.value > 0)) return null;
  const how = () => `${inSum(left.value, left.unit)} ÷ ${inSum(price.value, price.unit)}`;
  return computed('margin', (left.value / price.value) * 100, '%', how, [left, price]);
}

/** Wholesale and retail of a cost without their calculations, for whole books and live sliders. @returns minor units */
export function priceMinor(
  groups: CostGroups,
  pricing: Pricing,
  rule: PriceRule,
): { readonly wholesale: number; readonly retail: number } {
  const school = schoolIn(pricing);
  const wholesale = wholesaleMinor(wholesaleByMethod(school, groups, rule, pricing.targetMinor), school, rule);
  return { wholesale, retail: retailMinor(wholesale, school, pricing.targetMinor, rule) };
}

// Worked back from a retail price, the wholesale price must not exceed what that leaves: it is rounded down.
function wholesaleMinor(exact: number, school: PricingMethod, rule: PriceRule): number {
  const point = school === 'price-point' ? Math.floor(exact + 1e-6) : upToPricePoint(exact, rule.points);
  return Math.max(point, rule.leastWholesaleMinor);
}

function retailMinor(wholesale: number, school: PricingMethod, target: number, rule: PriceRule): number {
  if (school === 'price-point') return target;
  const taxed = rule.tax.how === 'included' ? 1 + rule.tax.rate.value : 1;
  return Math.max(upToPricePoint(wholesale * rule.retailFactor.value * taxed, rule.points), rule.leastRetailMinor);
}

function retailFigure(wholesale: Figure, school: PricingMethod, target: Figure, rule: PriceRule): Figure {
  const { unit } = wholesale;
  const value = retailMinor(wholesale.value, school, target.value, rule);
  if (school === 'price-point') return renamed(target, 'retail');
  const taxed = rule.tax.how === 'included' ? 1 + rule.tax.rate.value : 1;
  const exact = computed(
    'retail',
    wholesale.value * rule.retailFactor.value * taxed,
    unit,
    () => `${inSum(wholesale.value, unit)} × ${inSum(rule.retailFactor.value)}${taxWords(rule)}`,
    [wholesale, rule.retailFactor, ...(taxed === 1 ? [] : [rule.tax.rate])],
  );
  return onPoint('retail', exact, value, rule.leastRetailMinor);
}

const taxWords = ({ tax }: PriceRule) => (tax.how === 'included' ? ` × ${inSum(1 + tax.rate.value)}` : '');

function onPoint(label: string, exact: Figure, minor: number, leastMinor: number): Figure {
  const how = () => {
    if (minor === exact.value) return exact.how;
    const up = minor === leastMinor ? 'the studio’s minimum price' : 'up to the next price point';
    return `${exact.how} = ${showValue(exact.value, exact.unit)}, ${minor < exact.value ? 'down to whole coins' : up}`;
  };
  return computed(label, minor, exact.unit, how, exact.from);
}
