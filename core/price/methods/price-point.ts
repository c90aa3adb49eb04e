// Pricing method: back from a target retail price.
import { inSum } from '../../figure/figure.ts';
import type { PriceRule } from '../../studio/selling.ts';
import type { PricingMethodDefinition } from './pricing-method.ts';

/** Wholesale is what a chosen retail price leaves once tax and the retail multiplier are taken out. */
export const backFromPricePoint: PricingMethodDefinition = {
  wholesale: (_, rule, target) => withoutTax(target, rule) / rule.retailFactor.value,
  calculation: ({ cost, target }, rule) => ({
    how: () => `${inSum(withoutTax(target.value, rule), cost.unit)} ÷ ${inSum(rule.retailFactor.value)}`,
    from: [target, rule.retailFactor],
  }),
};

/** A retail price without the tax in it. */
function withoutTax(retail: number, { tax }: PriceRule): number {
  return tax.how === 'included' ? retail / (1 + tax.rate.value) : retail;
}
