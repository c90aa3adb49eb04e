// Which tint a batch has in a plan: the same on every page, as long as the same batches are open.
import type { StudioJob } from '../../core/plan/studio/studio-problem.ts';

const TINTS = 8;

export function tintsOf(jobs: readonly StudioJob[]): ReadonlyMap<string, number> {
  return new Map(jobs.map(({ id }, index) => [id, index % TINTS]));
}
