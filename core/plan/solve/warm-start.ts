// Warm start: generates a schedule from one found elsewhere, by the solver or by hand. Its steps keep the order of
// their starts and their makers. Idle time is closed up, so it never ends later.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { Precedence } from '../model/precedence.ts';
import { topologicalOrder } from './priority-rules.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { hasRoom, loadsAlone, loadWith } from './shared-loads.ts';
import { type Solution, solutionOf } from './solution.ts';

/** Start and maker of a step in the other schedule. */
export interface WarmStartStep {
  readonly start: number;
  /** Index; −1 for none or any. */
  readonly maker: number;
  /** Steps with the same number share a load. */
  readonly load?: number | undefined;
}

/**
 * @param placed  by step; a step that is not in it comes last
 * @returns null when there is no place for all
 */
export function warmStart(indexed: IndexedProblem, placed: ReadonlyMap<number, WarmStartStep>): Solution | null {
  const sgs = new SerialScheduleGeneration(indexed);
  const order = topologicalOrder(indexed, (step) => placed.get(step)?.start ?? Infinity);
  for (const [step, { maker }] of placed) sgs.chosen[step] = indexed.able[step]?.includes(maker) ? maker : -1;
  sgs.loads.set(loadsKept(indexed, placed));
  return sgs.generate(order) ? solutionOf(sgs, order) : null;
}

/** Loads of another schedule, as far as they may still be shared. */
export function loadsKept(
  indexed: IndexedProblem,
  placed: ReadonlyMap<number, Pick<WarmStartStep, 'load'>>,
): Int32Array {
  const loads = loadsAlone(indexed);
  const firsts = new Map<number, number>();
  const precedence = new Precedence(indexed);
  for (const [step, { load }] of placed) {
    if (load === undefined) continue;
    const first = firsts.get(load);
    if (first === undefined) firsts.set(load, step);
    else if (hasRoom(indexed, loads, step, first, precedence)) loadWith(loads, step, first);
  }
  return loads;
}
