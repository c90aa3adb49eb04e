// Loads in the constraint solver, against exhaustive search.
import fc from 'fast-check';
import { afterAll, expect, test } from 'vitest';
import { scheduleFaults } from '../core/plan/fixtures/check-schedule.ts';
import { bestOfAll } from '../core/plan/fixtures/exhaustive-search.ts';
import { type IndexedProblem, indexProblem } from '../core/plan/model/indexed-problem.ts';
import { type ScheduleProblem, scheduleProblemSchema } from '../core/plan/model/problem.ts';
import { constraintModel, type Output } from '../core/plan/solve/constraint-model.ts';
import { searchPlan } from '../core/plan/solve/search.ts';
import type { Solution } from '../core/plan/solve/solution.ts';
import { warmStart } from '../core/plan/solve/warm-start.ts';
import { ConstraintSolver } from './minizinc.ts';

const solver = new ConstraintSolver();
afterAll(() => {
  solver.stop();
});

const joint = fc.record({
  solder: fc.integer({ min: 1, max: 3 }),
  loading: fc.integer({ min: 1, max: 2 }),
  minutes: fc.integer({ min: 2, max: 4 }),
  share: fc.constantFrom(0.3, 0.5, 0.7),
  release: fc.integer({ min: 0, max: 2 }),
});

/** Each job is soldered and then tumbled; loads hold two to three of them. */
function tumbled(
  jobs: readonly { solder: number; loading: number; minutes: number; share: number; release: number }[],
  makers: number,
): ScheduleProblem {
  return scheduleProblemSchema.parse({
    makers: Array.from({ length: makers }, (_, at) => ({ id: `m${String(at)}`, skills: ['bench'] })),
    stations: [{ id: 'tumbler', count: 1 }],
    jobs: jobs.map(({ solder, loading, minutes, share, release }, at) => ({
      id: `j${String(at)}`,
      release,
      steps: [
        { id: 'solder', skill: 'bench', attended: solder },
        {
          id: 'tumble',
          after: ['solder'],
          skill: 'bench',
          station: 'tumbler',
          attended: loading,
          unattended: minutes,
          load: { kind: 'steel shot', share, once: 1 },
        },
      ],
    })),
  });
}

test('search and constraint model share loads as exhaustive search does', async () => {
  let shared = 0;
  for (const jobs of fc.sample(fc.array(joint, { minLength: 2, maxLength: 3 }), { numRuns: 4, seed: 5 }))
    for (const makers of [1, 2]) {
      const problem = tumbled(jobs, makers);
      const sure = bestOfAll(problem, 16)!;
      const indexed = indexProblem(problem);
      const model = constraintModel(indexed, { least: 'makespan', tardiness: 0, known: 40 })!;
      const found: Output[] = [];
      const onSolution = (printed: string) => found.push(JSON.parse(printed) as Output);
      const outcome = await solver.ask({ text: model.text, data: model.data, seconds: 60, onSolution });
      expect(solver.complaint).toBe('');
      expect(outcome).not.toBe('stopped');
      const last = found.at(-1)!;
      expect(model.objectiveOf(last)).toBe(sure.second);
      const warm = warmStart(indexed, model.read(last))!;
      expect(scheduleFaults(problem, warm)).toEqual([]);
      expect(warm.objective.makespan).toBe(sure.second);
      const searched = bestWithin(indexed, 2000);
      expect(scheduleFaults(problem, searched)).toEqual([]);
      expect(searched.objective.makespan).toBe(sure.second);
      if (searched.steps.some(({ load }) => load !== undefined)) shared += 1;
    }
  expect(shared).toBeGreaterThan(2);
});

function bestWithin(indexed: IndexedProblem, tries: number): Solution {
  const search = searchPlan(indexed, { seed: 1, tries });
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value!;
}
