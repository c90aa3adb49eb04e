// A simulated studio year, many times: promises kept, tardiness, work in hand and moves a day, by policy.
import { usualDisturbances } from '../core/plan/solve/simulate.ts';
import { studioYear, type YearResult } from '../core/plan/year/studio-year.ts';
import { type Policy, usualYear } from '../core/plan/year/year-terms.ts';
import type { Measured } from './measured.ts';

const YEARS = 200;
const CONFIDENCE = 0.9;
/** The other policies differ by more than chance long before. */
const YEARS_OF_OTHERS = 60;
const runs: readonly { readonly policy: Policy; readonly learns: boolean }[] = [
  { policy: 'plan', learns: false },
  { policy: 'plan', learns: true },
  { policy: 'first come', learns: false },
  { policy: 'due date', learns: false },
  { policy: 'one at a time', learns: false },
];

/** Prints a line for each policy. */
export function simulatedYears(): Measured[] {
  const off = { standard: 0, learned: 0 };
  for (const { policy, learns } of runs) {
    const years = Array.from({ length: policy === 'plan' && !learns ? YEARS : YEARS_OF_OTHERS }, (_, year) =>
      studioYear(usualYear, {
        seed: year + 101,
        policy,
        confidence: CONFIDENCE,
        disturbances: usualDisturbances,
        learns,
      }),
    );
    const mean = (of: (result: YearResult) => number) =>
      years.reduce((sum, result) => sum + of(result), 0) / years.length;
    const kept = mean((one) => one.kept) / mean((one) => one.promised);
    if (policy === 'plan') off[learns ? 'learned' : 'standard'] = Math.abs(kept - CONFIDENCE) * 100;
    console.log(
      `${(learns ? 'plan, learned' : policy).padEnd(14)} kept ${(kept * 100).toFixed(1)} %, ${mean((one) => one.daysLate).toFixed(1)} days late a year, ` +
        `${mean((one) => one.inHand).toFixed(1)} batches in hand, ${mean((one) => one.daysTaken).toFixed(2)} days a batch, ` +
        `${mean((one) => one.moves).toFixed(2)} moves a day`,
    );
  }
  return [
    { what: `${String(YEARS)} years: promises at 90 %, how far off they are kept`, measured: off.standard, bound: 3, unit: 'points' }, // prettier-ignore
    { what: `${String(YEARS_OF_OTHERS)} years: the same with learned times`, measured: off.learned, bound: 4, unit: 'points' }, // prettier-ignore
  ];
}
