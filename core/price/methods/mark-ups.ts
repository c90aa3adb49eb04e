// Pricing method: a markup for each category of the cost.
import { inSum, totalOf } from '../../figure/figure.ts';
import { costGroupOf, type CostGroups } from './cost-groups.ts';
import type { PricingMethodDefinition } from './pricing-method.ts';

/** Wholesale is metal, findings and labour, each with a markup of its own. */
export const markUpByCategory: PricingMethodDefinition = {
  wholesale: ({ metal, findings, labour }, { markUps }) =>
    metal * (1 + markUps.metal.value) + findings * (1 + markUps.findings.value) + labour * (1 + markUps.labour.value),
  calculation: ({ cost, lines }, { markUps }) => {
    const amountOf = (label: string, group: keyof CostGroups) => {
      const ofGroup = lines.filter(({ key }) => costGroupOf[key] === group).map(({ each }) => each);
      return totalOf(label, cost.unit, ofGroup);
    };
    const terms = [
      { amount: amountOf('metal', 'metal'), markUp: markUps.metal },
      { amount: amountOf('findings and stones', 'findings'), markUp: markUps.findings },
      { amount: amountOf('hands and studio', 'labour'), markUp: markUps.labour },
    ].filter(({ amount }) => amount.value !== 0);
    return {
      how: () =>
        terms.map(({ amount, markUp }) => `${inSum(amount.value, cost.unit)} × ${inSum(1 + markUp.value)}`).join(' + '),
      from: terms.flatMap(({ amount, markUp }) => [amount, markUp]),
    };
  },
};
