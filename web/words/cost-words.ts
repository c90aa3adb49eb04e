// Names of cost lines and pricing methods, the same on every page and chart.
import type { CostKey } from '../../core/cost/column.ts';
import { local } from '../../core/format/variants.ts';
import type { PricingMethod } from '../../core/studio/pricing-methods.ts';

const costNames = {
  metal: 'Metal',
  solder: 'Solder',
  scrap: 'Scrap credit',
  findings: 'Findings',
  stones: 'Stones',
  outwork: 'Outwork',
  consumables: 'Consumables',
  labour: 'Bench time',
  overhead: 'Overhead',
  rejects: 'Rejects',
  packaging: 'Packaging',
  marks: 'Hallmarking',
} as const satisfies Record<CostKey, string>;

export const schoolNames = {
  'build-up': 'cost × multiplier',
  'mark-ups': 'markup by category',
  margin: 'target margin',
  'price-point': 'back from a retail price',
} as const satisfies Record<PricingMethod, string>;

/** The name of a cost line. */
export function costName(key: CostKey): string {
  return local(costNames[key]);
}
