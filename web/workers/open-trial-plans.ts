// Opens the worker that plans trials.

/** The worker that plans trials. */
export function openTrialPlans(): Worker {
  return new Worker(new URL('./trial-plans.ts', import.meta.url), { type: 'module' });
}
