import { describe, expect, test } from 'vitest';
import type { StepComputation } from '../piece/bench-time.ts';
import { learnedFigure } from './learned-figure.ts';
import { learnedMinutes } from './learned-minutes.ts';
import type { LearnedStep } from './learned-times.ts';
import type { CountedObservation } from './observations.ts';

const time: StepComputation = {
  setUpMin: 6,
  eachMin: 8,
  loadMin: 0,
  load: Infinity,
  unattendedMin: 0,
  drivers: 2,
  again: 0,
  yield: 1,
  yieldOf: null,
  spread: null,
  problems: [],
};
const observed = (at: number, more: Partial<CountedObservation> = {}): CountedObservation => ({
  stepId: 'p/s',
  kind: 'solder',
  batchId: `b${String(at)}`,
  maker: 'ann',
  day: 1000 + at,
  pieces: 10,
  drivers: 20,
  actualMin: 103,
  expectedMin: 86,
  onceMin: 6,
  good: 0,
  again: 0,
  lost: 0,
  ...more,
});
const learnedStep = (used: readonly CountedObservation[], factor = 1.2): LearnedStep => ({
  stepId: 'p/s',
  factor,
  low: 1.1,
  high: 1.3,
  spread: 0.2,
  makers: new Map(),
  used,
  setApart: [],
});

describe('minutes of a step as learned', () => {
  test('batches of one size scale set-up and each alike', () => {
    const told = learnedMinutes({ per: 'joint' }, time, learnedStep([observed(0), observed(1)]), 1010);
    expect(told).toMatchObject({ setUpMin: 6, eachMin: 4, isApart: false });
    expect(told.learnedSetUpMin).toBeCloseTo(7.2, 9);
    expect(told.learnedEachMin).toBeCloseTo(4.8, 9);
    expect(told.eachLikely[0]).toBeCloseTo(4.4, 9);
  });

  test('what is done again is not in the minutes of one driver', () => {
    const told = learnedMinutes(
      { per: 'joint' },
      { ...time, eachMin: 8.8, again: 0.1 },
      learnedStep([observed(0)]),
      1010,
    );
    expect(told.eachMin).toBeCloseTo(4, 9);
  });

  test('a step of the batch has one time', () => {
    const told = learnedMinutes({ per: 'batch' }, time, learnedStep([observed(0)]), 1010);
    expect(told).toMatchObject({ setUpMin: 0, eachMin: 6 });
    expect(told.learnedEachMin).toBeCloseTo(7.2, 9);
  });

  // Jeffreys’ interval would need no prior; here the step’s own share counts as ten pieces.
  test('counted shares lean on the share of the step', () => {
    const told = learnedMinutes({ per: 'joint' }, time, learnedStep([observed(10, { good: 8, lost: 2 })]), 1010);
    expect(told.lost).toMatchObject({ hits: 2, of: 10 });
    expect(told.lost?.share).toBeGreaterThan(0.05);
    expect(told.lost?.share).toBeLessThan(0.2);
    expect(learnedMinutes({ per: 'joint' }, time, learnedStep([observed(0)]), 1010).lost).toBeNull();
  });
});

describe('a learned time as a figure', () => {
  const page = {
    batches: 2,
    factor: 1.2,
    likely: [1.1, 1.3] as const,
    setUpMin: 6,
    eachMin: 4,
    learnedSetUpMin: 7.2,
    learnedEachMin: 4.8,
    isApart: false,
    used: [
      { on: '2026-03-02', pieces: 10, actualMin: 103, expectedMin: 86 },
      { on: '2026-04-02', pieces: 1, actualMin: 12, expectedMin: 10 },
    ],
  };

  test('opens down to its batches', () => {
    const figure = learnedFigure(page, 'joint');
    expect(figure).toMatchObject({ value: 4.8, unit: 'min', label: 'each joint, learned' });
    expect(figure.how).toBe('4 × 1.2');
    expect(figure.from[1]?.how).toBe('2 batches, 80 % likely 1.1 to 1.3');
    expect(figure.from[1]?.from.map(({ how }) => how)).toEqual(['103 ÷ 86', '12 ÷ 10']);
  });

  test('where sizes told set-up and each apart, says so', () => {
    expect(learnedFigure({ ...page, isApart: true }, 'joint').how).toContain('set-up 7.2 min');
  });

  test('a step with a set-up only shows that', () => {
    expect(learnedFigure({ ...page, eachMin: 0 }, 'batch')).toMatchObject({ label: 'set-up, learned', value: 7.2 });
  });
});
