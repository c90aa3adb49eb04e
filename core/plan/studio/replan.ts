// A step, or a whole load, tried at another place by hand: the others stay where they are, and give way where they must. Fast enough to
// follow a drag.
import { type NewBenchEntry, standingKey } from '../../bench/bench-entry.ts';
import type { Standing } from '../../bench/standing.ts';
import { dayAfter, MINUTES_A_DAY } from '../../measure/days.ts';
import { followPlan } from './follow-plan.ts';
import { planLines } from './plan-document.ts';
import type { StudioPlan } from './studio-plan.ts';
import type { StudioJob, StudioTerms } from './studio-problem.ts';

/** The entry of a trial place. @param start  plan minute */
export function pinEntry(
  batchId: string,
  step: string,
  maker: string | null,
  start: number,
  firstDay: string,
): NewBenchEntry {
  return {
    batchId,
    step,
    how: 'pinned',
    maker: maker ?? '',
    on: dayAfter(firstDay, Math.floor(start / MINUTES_A_DAY)),
    minute: Math.round(start % MINUTES_A_DAY),
  };
}

/** @returns null when the other steps have no place */
export function tryPin(
  jobs: readonly StudioJob[],
  terms: StudioTerms,
  before: StudioPlan,
  entries: readonly NewBenchEntry[],
): StudioPlan | null {
  const pins = entries.map((entry): [string, Standing] => {
    const key = standingKey(entry.batchId, entry.step);
    return [key, { done: false, started: terms.standings.get(key)?.started ?? null, pinned: entry }];
  });
  const tried = { ...terms, standings: new Map([...terms.standings, ...pins]) };
  return (
    followPlan(
      jobs,
      tried,
      planLines(before, () => ''),
    )?.plan ?? null
  );
}
