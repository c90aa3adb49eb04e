// A simulated year: the same seed gives the same year, and what goes wrong shows in it.
import { expect, test } from 'vitest';
import { undisturbed, usualDisturbances } from '../solve/simulate.ts';
import { studioYear } from './studio-year.ts';
import { usualYear, type YearTerms } from './year-terms.ts';

const short: YearTerms = { ...usualYear, days: 40 };
/** Everything takes as long as it should, and nobody is ill. */
const quiet: YearTerms = { ...short, rush: 0, kindSpread: 0, makerSpread: 0, daySpread: 0, stepSpread: 0, again: 0, lost: 0, ill: 0, broken: 0 }; // prettier-ignore
const run = { seed: 5, policy: 'plan', confidence: 0.9, disturbances: usualDisturbances } as const;

test('the same seed gives the same year', () => {
  expect(studioYear(short, run)).toEqual(studioYear(short, run));
});

test('in a year without trouble every promise is kept', () => {
  const { promised, kept, daysLate } = studioYear(quiet, { ...run, disturbances: usualDisturbances });
  expect(promised).toBeGreaterThan(40);
  expect(kept).toBe(promised);
  expect(daysLate).toBe(0);
});

test('trouble makes batches late, and promises that count on none are kept less often', () => {
  const usual = studioYear(short, run);
  const blind = studioYear(short, { ...run, disturbances: undisturbed });
  expect(usual.promised).toBe(blind.promised);
  expect(usual.daysLate).toBeGreaterThan(0);
  expect(blind.kept).toBeLessThan(usual.kept);
});

test('the policies see the same batches, and the plan has less work in hand than one batch at a time', () => {
  const plan = studioYear(short, run);
  for (const policy of ['first come', 'due date', 'one at a time'] as const) {
    const other = studioYear(short, { ...run, policy });
    expect(other.promised).toBe(plan.promised);
    expect(plan.daysTaken).toBeLessThan(other.daysTaken * 1.02);
  }
});

/** Share kept and chance told of the promises after a studio has learned for forty days. */
function promisesOf(terms: YearTerms, learns: boolean) {
  const years = [11, 12].map((seed) => studioYear({ ...terms, days: 120 }, { ...run, seed, learns, countFrom: 40 }));
  const promised = years.reduce((sum, year) => sum + year.promised, 0);
  return {
    promised,
    kept: years.reduce((sum, year) => sum + year.kept, 0) / promised,
    told: years.reduce((sum, year) => sum + year.told * year.promised, 0) / promised,
  };
}

test('with learned times promises are kept as often as they tell', () => {
  const { promised, kept, told } = promisesOf(usualYear, true);
  expect(promised).toBeGreaterThan(250);
  expect(Math.abs(kept - told)).toBeLessThan(0.05);
});

test('where work takes longer than the standard times, learned times keep promises that standard times break', () => {
  const slower: YearTerms = { ...usualYear, arrivals: 1.5, slower: 1.4 };
  const [standard, learned] = [promisesOf(slower, false), promisesOf(slower, true)];
  expect(standard.kept).toBeLessThan(standard.told - 0.1);
  expect(learned.kept).toBeGreaterThan(learned.told - 0.03);
});
