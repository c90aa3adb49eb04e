// Looks for better plans away from the page, and tells of each; it is stopped by ending it.
import './strict.ts';
import { takenUp, type Placed } from '../../core/plan/improve.ts';
import type { ScheduleProblem } from '../../core/plan/problem.ts';
import type { Found } from '../../core/plan/found.ts';
import { searchPlan } from '../../core/plan/search.ts';
import { scheduleBound } from '../../core/plan/bound.ts';
import { shopOf } from '../../core/plan/shop.ts';

export interface PlanningAsked {
  readonly problem: ScheduleProblem;
  readonly seconds: number;
  readonly seed: number;
  /** By step, a plan to begin with. */
  readonly from: readonly (readonly [number, Placed])[];
}

export type PlanningTold = Pick<Found, 'objective' | 'steps'> & { readonly isDone: boolean };

addEventListener('message', ({ data }: MessageEvent<PlanningAsked>) => {
  const began = performance.now();
  const shop = shopOf(data.problem);
  const from = data.from.length > 0 ? takenUp(shop, new Map(data.from)) : null;
  const search = searchPlan(shop, {
    seed: data.seed,
    tries: Infinity,
    bound: scheduleBound(shop),
    from: from ?? undefined,
  });
  let best: Found | null = null;
  let step = search.next();
  while (!step.done && performance.now() - began < data.seconds * 1000) {
    if (step.value) {
      best = step.value;
      tell(best, false);
    }
    step = search.next();
  }
  if (best) tell(best, true);
});

function tell({ objective, steps }: Found, isDone: boolean): void {
  postMessage({ objective, steps, isDone } satisfies PlanningTold);
}
