// The tint of each batch in a plan: the same on every page while the same batches are open.
import type { StudioJob } from '../../core/plan/studio/studio-problem.ts';

const TINTS = 8;

export function tintsOf(jobs: readonly StudioJob[]): ReadonlyMap<string, number> {
  return new Map(jobs.map(({ id }, index) => [id, index % TINTS]));
}
