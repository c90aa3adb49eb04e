// The bench's clock. Plan time is whole-clock minutes after midnight of the plan's first day, as the wall clock shows
// them; no time zone and no summer time comes in.
import { dayAfter } from '../../measure/days.ts';

export const MINUTES_A_DAY = 24 * 60;

/** The day a plan minute falls on. */
export function dayOf({ firstDay }: { readonly firstDay: string }, minute: number): string {
  return dayAfter(firstDay, Math.floor(minute / MINUTES_A_DAY));
}

/** Clock time of a plan minute, `14:05`. */
export function clockOf(minute: number): string {
  const ofDay = Math.round(minute) % MINUTES_A_DAY;
  return `${String(Math.floor(ofDay / 60))}:${String(ofDay % 60).padStart(2, '0')}`;
}
