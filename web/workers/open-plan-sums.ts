// Opens the worker that computes what a change would do to a plan.

/** The worker that says what a change would do to a plan. */
export function openPlanSums(): Worker {
  return new Worker(new URL('./plan-sums.ts', import.meta.url), { type: 'module' });
}
