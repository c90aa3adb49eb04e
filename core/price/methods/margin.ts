// Pricing method: a target margin, as a share of the price.
import { inSum } from '../../figure/figure.ts';
import type { PricingMethodDefinition } from './pricing-method.ts';

/** Wholesale is the price of which the cost leaves the target margin. */
export const targetMargin: PricingMethodDefinition = {
  wholesale: ({ metal, findings, labour }, { margin }) => (metal + findings + labour) / (1 - margin.value),
  calculation: ({ cost }, { margin }) => ({
    how: () => `${inSum(cost.value, cost.unit)} ÷ (1 − ${inSum(margin.value)})`,
    from: [cost, margin],
  }),
};
