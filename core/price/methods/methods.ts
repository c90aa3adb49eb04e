// Pricing methods: four ways from the cost of a piece to its wholesale price.
import { given, inSum, computed, totalOf, type Figure } from '../../figure/figure.ts';
import type { CostKey, CostLine } from '../../cost/column.ts';
import type { PriceRule } from '../../studio/selling.ts';
import type { PricingMethod } from '../../studio/pricing-methods.ts';

/** The cost in groups that have a markup each. */
export interface CostGroups {
  /** Metal and solder, less scrap credit. */
  readonly metal: number;
  /** Findings, stones and outwork. */
  readonly findings: number;
  /** Labour, overhead and all the rest. */
  readonly labour: number;
}

const groupByKey = {
  metal: 'metal',
  solder: 'metal',
  scrap: 'metal',
  findings: 'findings',
  stones: 'findings',
  outwork: 'findings',
  consumables: 'labour',
  labour: 'labour',
  overhead: 'labour',
  rejects: 'labour',
  packaging: 'labour',
  marks: 'labour',
} as const satisfies Record<CostKey, keyof CostGroups>;

/** @param lines  keys and amounts, in any unit of money */
export function costGroups(lines: readonly { readonly key: CostKey; readonly amount: number }[]): CostGroups {
  const groups = { metal: 0, findings: 0, labour: 0 };
  for (const { key, amount } of lines) groups[groupByKey[key]] += amount;
  return groups;
}

/**
 * The wholesale price before it is put on a price point.
 * @param target  the retail price to work back from, minor units; only the price point method uses it
 * @returns minor units, possibly a fraction; 0 for a price point of 0 or less
 */
export function wholesaleByMethod(school: PricingMethod, groups: CostGroups, rule: PriceRule, target: number): number {
  const { metal, findings, labour } = groups;
  const cost = metal + findings + labour;
  switch (school) {
    case 'build-up':
      return cost * rule.wholesaleFactor.value;
    case 'mark-ups': {
      const { markUps } = rule;
      return (
        metal * (1 + markUps.metal.value) +
        findings * (1 + markUps.findings.value) +
        labour * (1 + markUps.labour.value)
      );
    }
    case 'margin':
      return cost / (1 - rule.margin.value);
    case 'price-point':
      return withoutTax(target, rule) / rule.retailFactor.value;
  }
}

/** A retail price without the tax in it. */
function withoutTax(retail: number, { tax }: PriceRule): number {
  return tax.how === 'included' ? retail / (1 + tax.rate.value) : retail;
}

/** The price of a method as a figure with its calculation, before it is put on a price point. */
export function methodFigure(
  school: PricingMethod,
  { cost, lines }: { readonly cost: Figure; readonly lines: readonly CostLine[] },
  rule: PriceRule,
  target: Figure,
): Figure {
  const unit = cost.unit;
  const groups = costGroups(lines.map(({ key, each }) => ({ key, amount: each.value })));
  const exact = wholesaleByMethod(school, groups, rule, target.value);
  const money = (value: number) => inSum(value, unit);
  switch (school) {
    case 'build-up':
      return computed('wholesale', exact, unit, () => `${money(cost.value)} × ${inSum(rule.wholesaleFactor.value)}`, [
        cost,
        rule.wholesaleFactor,
      ]);
    case 'mark-ups': {
      const of = (label: string, key: keyof CostGroups) => {
        const ofGroup = lines.filter((line) => groupByKey[line.key] === key).map(({ each }) => each);
        return totalOf(label, unit, ofGroup);
      };
      const terms = [
        { amount: of('metal', 'metal'), markUp: rule.markUps.metal },
        { amount: of('findings and stones', 'findings'), markUp: rule.markUps.findings },
        { amount: of('hands and studio', 'labour'), markUp: rule.markUps.labour },
      ].filter(({ amount }) => amount.value !== 0);
      const how = () =>
        terms.map(({ amount, markUp }) => `${money(amount.value)} × ${inSum(1 + markUp.value)}`).join(' + ');
      return computed(
        'wholesale',
        exact,
        unit,
        how,
        terms.flatMap(({ amount, markUp }) => [amount, markUp]),
      );
    }
    case 'margin':
      return computed('wholesale', exact, unit, () => `${money(cost.value)} ÷ (1 − ${inSum(rule.margin.value)})`, [
        cost,
        rule.margin,
      ]);
    case 'price-point': {
      const net = withoutTax(target.value, rule);
      const how = () => `${money(net)} ÷ ${inSum(rule.retailFactor.value)}`;
      return computed('wholesale', exact, unit, how, [target, rule.retailFactor]);
    }
  }
}

/** The target of the price point method. */
export function targetFigure(minor: number, currency: string, source: string): Figure {
  return given('retail price to go back from', minor, currency, source);
}
