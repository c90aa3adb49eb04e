// What a pricing method is: one way from the cost of a piece to its wholesale price, with its calculation.
import type { CostLine } from '../../cost/column.ts';
import type { Figure } from '../../figure/figure.ts';
import type { PriceRule } from '../../studio/selling.ts';
import type { CostGroups } from './cost-groups.ts';

/** What a method makes its price of, as figures. */
interface MethodInputs {
  readonly cost: Figure;
  readonly lines: readonly CostLine[];
  /** The retail price to work back from; only the price point method uses it. */
  readonly target: Figure;
}

/** How a method came to its price. */
interface MethodCalculation {
  /** The sum in words, made when somebody opens it. */
  readonly how: () => string;
  /** The figures of the sum, in its order. */
  readonly from: readonly Figure[];
}

/** A pricing method. Each stands in a file of its own; `methods.ts` lists them. */
export interface PricingMethodDefinition {
  /**
   * The wholesale price before it is put on a price point.
   * @param groups  cost by category, minor units
   * @param target  the retail price to work back from, minor units; 0 for methods that go up from the cost
   * @returns minor units, possibly a fraction
   */
  readonly wholesale: (groups: CostGroups, rule: PriceRule, target: number) => number;
  /** The same sum as a maker reads it. */
  readonly calculation: (inputs: MethodInputs, rule: PriceRule) => MethodCalculation;
}
