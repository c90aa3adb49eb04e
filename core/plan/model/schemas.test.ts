// The JSON Schema in the documentation is that of the code; `UPDATE=1 npx vitest run core/plan/schemas` writes it anew.
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { jsonSchemaOf } from '../../measure/fixtures/json-schema.ts';
import { scheduleFaults } from '../fixtures/check-schedule.ts';
import { scheduleLowerBound } from '../solve/lower-bound.ts';
import { quickPlan } from '../solve/quick-plan.ts';
import { indexProblem } from './indexed-problem.ts';
import { type Schedule, scheduleProblemSchema } from './problem.ts';

test('docs/formats/schedule.schema.json is the schema of the code', () => {
  const path = 'docs/formats/schedule.schema.json';
  const made = jsonSchemaOf(scheduleProblemSchema);
  if (process.env['UPDATE']) writeFileSync(path, `${JSON.stringify(made, null, 2)}\n`);
  expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(made);
});

test('the example on the page is a problem, and its answer is the plan made for it', () => {
  const page = readFileSync('docs/formats/schedule.md', 'utf8');
  const [problem, plan] = [...page.matchAll(/```json\n([\s\S]*?)```/g)].map(
    ([, text = '']) => JSON.parse(text) as unknown,
  );
  const read = scheduleProblemSchema.parse(problem);
  const stated = plan as Schedule;
  expect(scheduleFaults(read, stated)).toEqual([]);
  expect(quickPlan(read)).toMatchObject({ objective: stated.objective, steps: stated.steps });
  expect(scheduleLowerBound(indexProblem(read)).makespan).toBeLessThanOrEqual(stated.bound.makespan);
});
