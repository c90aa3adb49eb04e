// Opens the worker that computes the effect of a change on a plan.

/** The worker that computes the effect of a change on a plan. */
export function openPlanSums(): Worker {
  return new Worker(new URL('./plan-sums.ts', import.meta.url), { type: 'module' });
}
