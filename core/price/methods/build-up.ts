// Pricing method: cost × multiplier.
import { inSum } from '../../figure/figure.ts';
import type { PricingMethodDefinition } from './pricing-method.ts';

/** Wholesale is the whole cost times one multiplier. */
export const buildUp: PricingMethodDefinition = {
  wholesale: ({ metal, findings, labour }, { wholesaleFactor }) => (metal + findings + labour) * wholesaleFactor.value,
  calculation: ({ cost }, { wholesaleFactor }) => ({
    how: () => `${inSum(cost.value, cost.unit)} × ${inSum(wholesaleFactor.value)}`,
    from: [cost, wholesaleFactor],
  }),
};
