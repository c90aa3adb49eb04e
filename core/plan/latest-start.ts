// The last day a batch can be begun on and still be done when it is due.
import { dayAfter, daysBetween } from '../measure/days.ts';
import { MINUTES_A_DAY, shiftFrom, type Calendar } from './calendar.ts';
import { planForward, type PlanBatch } from './forward.ts';

/**
 * Of the days from the calendar's first to the due day, the last on which the batch, alone on the bench, may be begun.
 * @returns ISO day; the calendar's first when even that is too late; '' when nothing is promised or nobody ever works
 */
export function latestStart(batch: PlanBatch, calendar: Calendar): string {
  if (!batch.due) return '';
  // Later begun is later done: the days that are early enough come first.
  let [early, late] = [0, Math.max(0, daysBetween(calendar.firstDay, batch.due)) + 1];
  while (late - early > 1) {
    const day = Math.floor((early + late) / 2);
    if (isDoneInTime(batch, calendar, day)) early = day;
    else late = day;
  }
  return shiftFrom(calendar, 0) ? dayAfter(calendar.firstDay, early) : '';
}

function isDoneInTime(batch: PlanBatch, calendar: Calendar, day: number): boolean {
  const plan = planForward([batch], calendar, day * MINUTES_A_DAY);
  return !('sentence' in plan) && plan.done.every(({ daysLate }) => daysLate === 0);
}
