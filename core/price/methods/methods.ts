// The pricing methods by their stored names, and the wholesale price each one gives.
import type { CostLine } from '../../cost/column.ts';
import { computed, type Figure, given } from '../../figure/figure.ts';
import type { PricingMethod } from '../../studio/pricing-methods.ts';
import type { PriceRule } from '../../studio/selling.ts';
import { buildUp } from './build-up.ts';
import { type CostGroups, costGroups } from './cost-groups.ts';
import { targetMargin } from './margin.ts';
import { markUpByCategory } from './mark-ups.ts';
import { backFromPricePoint } from './price-point.ts';
import type { PricingMethodDefinition } from './pricing-method.ts';

const methods: Readonly<Record<PricingMethod, PricingMethodDefinition>> = {
  'build-up': buildUp,
  'mark-ups': markUpByCategory,
  margin: targetMargin,
  'price-point': backFromPricePoint,
};

/**
 * The wholesale price before it is put on a price point.
 * @param groups  cost by category, minor units
 * @param target  the retail price to work back from, minor units; only the price point method uses it
 * @returns minor units, possibly a fraction; 0 for a price point of 0
 */
export function wholesaleByMethod(method: PricingMethod, groups: CostGroups, rule: PriceRule, target: number): number {
  return methods[method].wholesale(groups, rule, target);
}

/** The price of a method as a figure with its calculation, before it is put on a price point. */
export function methodFigure(
  method: PricingMethod,
  { cost, lines }: { readonly cost: Figure; readonly lines: readonly CostLine[] },
  rule: PriceRule,
  target: Figure,
): Figure {
  const groups = costGroups(lines.map(({ key, each }) => ({ key, amount: each.value })));
  const { how, from } = methods[method].calculation({ cost, lines, target }, rule);
  return computed('wholesale', wholesaleByMethod(method, groups, rule, target.value), cost.unit, how, from);
}

/** The target of the price point method. */
export function targetFigure(minor: number, currency: string, source: string): Figure {
  return given('retail price to go back from', minor, currency, source);
}
