import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { logNormal, normal, seeded } from '../measure/random.ts';
import { factorOfKind, learnKind, type StepObservation } from './learned-times.ts';
import { learningCurve } from './learning-curve.ts';
import { median, outliers } from './outliers.ts';
import { setUpAndEach } from './set-up-and-each.ts';

const done = (stepId: string, at: number, actualMin: number, more: Partial<StepObservation> = {}): StepObservation => ({
  stepId,
  kind: 'solder',
  batchId: `b${String(at)}`,
  maker: 'ann',
  day: 1000 + at,
  pieces: 10,
  drivers: 10,
  expectedMin: 50,
  actualMin,
  ...more,
});

describe('learned times', () => {
  test('a step that takes longer is believed more with each batch', () => {
    const after = (batches: number) =>
      learnKind(Array.from({ length: batches }, (_, at) => done('a', at, 65)), 1010).get('a'); // prettier-ignore
    expect(after(1)?.factor).toBeGreaterThan(1.2);
    expect(after(6)?.factor).toBeCloseTo(1.3, 1);
    const width = (batches: number) => (after(batches)?.high ?? 0) - (after(batches)?.low ?? 0);
    expect(width(6)).toBeLessThan(width(2));
    expect(width(2)).toBeLessThan(width(1));
  });

  test('a step done once leans on its kind', () => {
    const others = ['b', 'c', 'd', 'e'].flatMap((id) => [0, 1, 2, 3].map((at) => done(id, at, 80)));
    const alone = learnKind([done('a', 9, 50)], 1010).get('a');
    const among = learnKind([...others, done('a', 9, 50)], 1010).get('a');
    expect(alone?.factor).toBeCloseTo(1, 2);
    expect(among?.factor).toBeGreaterThan(1.02);
    expect(among?.factor).toBeLessThan(1.3);
    expect(factorOfKind(others, 1010).factor).toBeCloseTo(1.6, 0);
  });

  test('makers at one step are told apart', () => {
    const rows = [0, 1, 2, 3, 4].flatMap((at) => [
      done('a', at, 40, { batchId: `x${String(at)}` }),
      done('a', at, 60, { maker: 'bo', batchId: `y${String(at)}` }),
    ]);
    const makers = learnKind(rows, 1010).get('a')?.makers;
    expect(makers?.get('ann')).toBeLessThan(0.95);
    expect(makers?.get('bo')).toBeGreaterThan(1.05);
  });

  test('what was left running over lunch is set apart, and shown', () => {
    const rows = [50, 54, 47, 52, 190].map((minutes, at) => done('a', at, minutes));
    const learnedA = learnKind(rows, 1010).get('a');
    expect(learnedA?.setApart.map(({ actualMin }) => actualMin)).toEqual([190]);
    expect(learnedA?.factor).toBeCloseTo(1, 1);
  });

  test('old batches fade', () => {
    const rows = [...[0, 1, 2].map((at) => done('a', at, 100)), ...[0, 1, 2].map((at) => done('a', at + 1500, 50))];
    expect(learnKind(rows, 2505).get('a')?.factor).toBeLessThan(1.15);
  });

  test('the order in which entries arrive does not matter', () => {
    const rows = Array.from({ length: 12 }, (_, at) =>
      done(at % 3 === 0 ? 'a' : 'b', at, 40 + 3 * at, { maker: at % 2 === 0 ? 'ann' : 'bo' }),
    );
    const inOrder = learnKind(rows, 1020);
    fc.assert(
      fc.property(fc.shuffledSubarray(rows, { minLength: rows.length }), (shuffled) => {
        const other = learnKind(shuffled, 1020);
        expect(other.get('a')?.factor).toBe(inOrder.get('a')?.factor);
        expect(other.get('b')?.low).toBe(inOrder.get('b')?.low);
      }),
      { numRuns: 25 },
    );
  });

  test('no observation of zero minutes breaks anything', () => {
    expect(learnKind([done('a', 1, 0), done('a', 2, 50, { expectedMin: 0 })], 1010).size).toBe(0);
  });
});

// A studio whose recipes are wrong by about 40 % a step, and whose days vary by 20 %.
test('the error halves after three batches and is within 10 % in the median after ten', () => {
  const random = seeded(7);
  const errors: number[][] = Array.from({ length: 11 }, () => []);
  for (let studio = 0; studio < 12; studio += 1) {
    const steps = Array.from({ length: 10 }, (_, at) => ({
      id: `s${String(at)}`,
      truth: Math.exp(0.4 * normal(random)),
    }));
    const rows: StepObservation[] = [];
    for (let batch = 0; batch <= 10; batch += 1) {
      const known = learnKind(rows, 1000 + 14 * batch);
      for (const { id, truth } of steps) {
        errors[batch]?.push(Math.abs((known.get(id)?.factor ?? 1) / truth - 1));
        rows.push(done(id, 14 * batch, 50 * truth * logNormal(0.2, random), { batchId: `${id} ${String(batch)}` }));
      }
    }
  }
  const [first = 0] = errors.map(median);
  expect(median(errors[3] ?? [])).toBeLessThan(first / 2);
  expect(median(errors[10] ?? [])).toBeLessThan(0.1);
});

test('bounds of 80 % hold about four times in five', () => {
  const random = seeded(8);
  let held = 0;
  for (let turn = 0; turn < 600; turn += 1) {
    const truth = Math.exp(0.3 * normal(random));
    const rows = Array.from({ length: 4 }, (_, at) => done('a', at, 50 * truth * logNormal(0.2, random)));
    const { low = 0, high = 0 } = learnKind(rows, 1010).get('a') ?? {};
    if (low <= truth && truth <= high) held += 1;
  }
  expect(held / 600).toBeGreaterThan(0.76);
});

test('outliers by the modified z-score (Iglewicz and Hoaglin 1993)', () => {
  expect(outliers([0, 0.1, -0.1, 0.05, 1.4])).toEqual([false, false, false, false, true]);
  // Alike observations are not all outliers for want of deviation.
  expect(outliers([0.2, 0.2, 0.2, 0.3])).toEqual([false, false, false, false]);
  expect(outliers([0.9])).toEqual([false]);
  expect(outliers([2.5])).toEqual([true]);
});

describe('set-up and each', () => {
  test('batches of different sizes tell them apart', () => {
    const rows = [4, 6, 12, 24, 40].map((drivers) => ({ drivers, actualMin: 20 + 3 * drivers, weight: 1 }));
    const told = setUpAndEach(rows, { setUpMin: 6, eachMin: 4, factor: 1 });
    expect(told?.eachMin).toBeCloseTo(3, 0);
    expect(told?.setUpMin).toBeGreaterThan(14);
    expect(told?.eachLikely[0]).toBeLessThan(3.05);
    expect(told?.eachLikely[1]).toBeGreaterThan(2.95);
  });

  test('batches of one size say nothing', () => {
    const rows = [10, 10, 10, 12].map((drivers) => ({ drivers, actualMin: 50, weight: 1 }));
    expect(setUpAndEach(rows, { setUpMin: 6, eachMin: 4, factor: 1 })).toBeNull();
  });
});

describe('learning curve', () => {
  // Wright 1936: an 80 % curve; the 2nd piece takes 80 % of the first, the 4th 64 %.
  test('an 80 % curve is found', () => {
    const batches = [1, 2, 4, 8, 16, 32].map((pieces, at) => {
      const made = [1, 2, 4, 8, 16, 32].slice(0, at).reduce((sum, value) => sum + value, 0) + (pieces + 1) / 2;
      return { pieces, minutesEach: 60 * made ** Math.log2(0.8) };
    });
    const curve = learningCurve(batches);
    expect(curve?.perDoubling).toBeCloseTo(0.8, 2);
    expect(curve?.nextMin).toBeCloseTo(60 * 64 ** Math.log2(0.8), 0);
  });

  test('minutes that only vary are no learning curve', () => {
    const random = seeded(3);
    const told = Array.from({ length: 40 }, () =>
      learningCurve(Array.from({ length: 8 }, () => ({ pieces: 6, minutesEach: 10 * logNormal(0.2, random) }))),
    ).filter((curve) => curve !== null);
    expect(told.length).toBeLessThanOrEqual(3);
  });
});
