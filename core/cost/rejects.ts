// Rejects: the good pieces of a batch pay for those that were lost.
import { computed, type Figure, given, inSum, totalOf } from '../figure/figure.ts';

/** A step with a yield, in the order of the work. */
export interface Spoiling {
  readonly name: string;
  /** Yield, 0 to 1. */
  readonly yield: number;
  /** Labour, overhead and consumables spent on a piece up to this step and with it, minor units. */
  readonly spent: number;
}

/** Rejects and their cost for each good piece. */
export interface Rejects {
  /** Rejected pieces for each good one, per cent. */
  readonly takes: Figure;
  readonly each: Figure;
}

/**
 * Cost of the rejects for each good piece: their metal less its scrap value, and the work up to the step that lost
 * them. Findings and stones are assumed to be saved.
 * @param metal  minor units lost with a piece
 * @returns null when every step has a yield of 100 %
 */
export function rejectsEach(steps: readonly Spoiling[], metal: Figure, currency: string): Rejects | null {
  if (steps.every((step) => step.yield >= 1)) return null;
  let entering = steps.reduce((product, step) => product / Math.max(step.yield, LEAST_YIELD), 1);
  const lines: Figure[] = [];
  let spoilt = 0;
  for (const { name, yield: share, spent } of steps) {
    const lost = entering * (1 - Math.max(share, LEAST_YIELD));
    entering -= lost;
    if (lost === 0) continue;
    spoilt += lost;
    const count = given(`spoilt for each good one, at ${inSum(share * 100)} % good`, lost, '', 'the step’s yield');
    const work = given('work up to then', spent, currency, 'the steps before');
    const how = () => `${inSum(lost)} × (${inSum(metal.value, currency)} + ${inSum(spent, currency)})`;
    lines.push(computed(name || 'a step', lost * (metal.value + spent), currency, how, [count, metal, work]));
  }
  return {
    takes: given('spoilt for each good one', spoilt * 100, '%', 'from the yields of the steps'),
    each: totalOf('rejects', currency, lines),
  };
}

/** A yield below one in a thousand is a typing error: nothing would ever be finished. */
const LEAST_YIELD = 0.001;
