// Plan time: whole minutes after midnight of the plan's first day, by the wall clock. No time zone and no daylight
// saving is involved.
import { dayAfter, MINUTES_A_DAY } from '../../measure/days.ts';

/** The day a plan minute falls on. */
export function dayOf({ firstDay }: { readonly firstDay: string }, minute: number): string {
  return dayAfter(firstDay, Math.floor(minute / MINUTES_A_DAY));
}

/**
 * Clock time of a plan minute.
 * @example clockOf(845) // '14:05'
 */
export function clockOf(minute: number): string {
  const ofDay = Math.round(minute) % MINUTES_A_DAY;
  return `${String(Math.floor(ofDay / 60))}:${String(ofDay % 60).padStart(2, '0')}`;
}
