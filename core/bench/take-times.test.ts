import { expect, test } from 'vitest';
import { computeStep } from '../piece/bench-time.ts';
import { type Step, stepSchema } from '../piece/step.ts';
import { changeOf, hasTaken, isWorthTaking, type TakenTimes, withLearnedTimes } from './take-times.ts';

const step: Step = stepSchema.parse({ id: 's', name: 'Solder', station: 'torch', setUp: '6', each: '3', unattended: '', overlaps: false }); // prettier-ignore
const learned = (more: Partial<TakenTimes> = {}): TakenTimes => ({
  stepId: 's',
  batches: 4,
  spread: 0.18,
  setUpMin: 6,
  eachMin: 3,
  learnedSetUpMin: 6,
  learnedEachMin: 4.23,
  again: null,
  lost: null,
  ...more,
});

test('learned minutes replace those of the step, as a maker would type them', () => {
  expect(withLearnedTimes(step, learned())).toMatchObject({
    setUp: '6',
    each: '4.2',
    spread: '18 %',
    again: '',
    yield: '',
  });
  expect(withLearnedTimes(step, learned({ learnedEachMin: 23.4 })).each).toBe('23');
});

test('what is done again is not counted twice', () => {
  const again = { share: 0.1, likely: [0.05, 0.2], hits: 5, of: 50 } as const;
  const taken = withLearnedTimes(step, learned({ learnedEachMin: 4.4, again }));
  expect(taken).toMatchObject({ again: '10 %', each: '4' });
  expect(computeStep(taken).eachMin).toBeCloseTo(4.4, 6);
});

test('a lost piece is a yield', () => {
  const lost = { share: 0.04, likely: [0.02, 0.08], hits: 2, of: 40 } as const;
  expect(withLearnedTimes(step, learned({ lost })).yield).toBe('96 %');
});

test('only what differs is offered', () => {
  expect(changeOf(learned({ learnedEachMin: 3.09 }))).toBeCloseTo(0.03, 9);
  expect(isWorthTaking(learned({ learnedEachMin: 3.09 }), step)).toBe(false);
  expect(isWorthTaking(learned(), step)).toBe(true);
  expect(isWorthTaking(learned({ batches: 0 }), step)).toBe(false);
});

test('a step that has taken what was learned is not offered it again, until it is typed over', () => {
  const again = { share: 0.1, likely: [0.05, 0.2], hits: 5, of: 50 } as const;
  const told = learned({ learnedEachMin: 4.4, again });
  const taken = withLearnedTimes(step, told);
  expect(hasTaken(step, step, told)).toBe(false);
  expect(hasTaken(taken, step, told)).toBe(true);
  expect(hasTaken({ ...taken, each: '5' }, step, told)).toBe(false);
});
