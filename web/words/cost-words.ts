// Names of cost lines and pricing methods, the same on every page and chart.
import type { CostKey } from '../../core/cost/column.ts';
import type { PricingMethod } from '../../core/studio/pricing-methods.ts';

export const costNames = {
  metal: 'Metal',
  solder: 'Solder',
  scrap: 'Scrap returned',
  findings: 'Findings',
  stones: 'Stones',
  outwork: 'Work sent out',
  consumables: 'Consumables',
  labour: 'Bench time',
  overhead: 'Studio overhead',
  rejects: 'Rejects',
  packaging: 'Packing',
  marks: 'Hallmark and assay',
} as const satisfies Record<CostKey, string>;

export const schoolNames = {
  'build-up': 'cost times a factor',
  'mark-ups': 'a mark-up for each kind',
  margin: 'a margin on the price',
  'price-point': 'back from a price point',
} as const satisfies Record<PricingMethod, string>;
