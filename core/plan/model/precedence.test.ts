import fc from 'fast-check';
import { expect, test } from 'vitest';
import { problems } from '../fixtures/random-problems.ts';
import { indexProblem } from './indexed-problem.ts';
import { Precedence } from './precedence.ts';
import { scheduleProblemSchema } from './problem.ts';

test('steps wait for what they name, for what that waits for, and for no step of another job', () => {
  const steps = [{ id: 'c', after: ['b'] }, { id: 'a' }, { id: 'b', after: ['a'] }, { id: 'd' }];
  const jobs = ['one', 'two'].map((id) => ({ id, steps }));
  const precedence = new Precedence(indexProblem(scheduleProblemSchema.parse({ makers: [], jobs })));
  const [c, a, b, d] = [0, 1, 2, 3];
  expect([precedence.precedes(a, b), precedence.precedes(b, c), precedence.precedes(a, c)]).toEqual([true, true, true]);
  expect([precedence.precedes(c, a), precedence.precedes(a, a), precedence.precedes(a, d)]).toEqual([
    false,
    false,
    false,
  ]);
  expect(precedence.precedes(a, b + 4)).toBe(false);
});

test('it is transitive and never both ways', () => {
  fc.assert(
    fc.property(problems({ jobs: 2, steps: 6, minutes: 5, shift: 8 }), (problem) => {
      const indexed = indexProblem(problem);
      const precedence = new Precedence(indexed);
      const all = Array.from({ length: indexed.size }, (_, step) => step);
      for (const a of all)
        for (const b of all) {
          if (!precedence.precedes(a, b)) continue;
          expect(precedence.precedes(b, a)).toBe(false);
          for (const c of all) if (precedence.precedes(b, c)) expect(precedence.precedes(a, c)).toBe(true);
        }
    }),
    { numRuns: 60, seed: 4 },
  );
});
