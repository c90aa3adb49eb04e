// Rejects: pieces spoilt on the way are paid for by those that come out good.
import { given, inSum, computed, totalOf, type Figure } from '../figure/figure.ts';

/** A step that spoils some, in the order of the work. */
export interface Spoiling {
  readonly name: string;
  /** 0 to 1. */
  readonly yield: number;
  /** Hands, studio and consumables spent on a piece up to and with this step, minor units. */
  readonly spent: number;
}

export interface Rejects {
  /** Pieces spoilt for each good one, in per cent. */
  readonly takes: Figure;
  readonly each: Figure;
}

/**
 * What the spoilt pieces cost each good one: their metal, less what its scrap brings, and the work up to the step that
 * spoilt them. Findings and stones are taken to be saved.
 * @param metal  minor units lost with a piece
 * @returns null when every step comes out good
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

/** Below one good in a thousand a yield is a slip, and nothing would ever be finished. */
const LEAST_YIELD = 0.001;
