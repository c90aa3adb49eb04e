// The studio's standard times: the minutes of proposed steps, by kind of work, as a share of the starting values.
import { readMinutes } from '../measure/read/read-number.ts';
import { type Step, stepKindOf } from './step.ts';

/** By kind of work: 1.2 takes 120 % of the starting values. */
export type StandardTimes = ReadonlyMap<string, number>;

/** The step with set-up and each in the studio's own time; blank minutes stay blank. */
export function withStandardTimes<Proposed extends Pick<Step, 'kind' | 'name' | 'setUp' | 'each'>>(
  step: Proposed,
  times: StandardTimes,
): Proposed {
  const share = times.get(stepKindOf(step)) ?? 1;
  if (share === 1) return step;
  return { ...step, setUp: scaled(step.setUp, share), each: scaled(step.each, share) };
}

function scaled(typed: string, share: number): string {
  const reading = readMinutes(typed);
  if (typed.trim() === '' || !reading.ok) return typed;
  return String(Number((reading.value * share).toPrecision(2)));
}
