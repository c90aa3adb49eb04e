// The bench's clock. Plan time is whole-clock minutes after midnight of the plan's first day, as the wall clock shows
// them; no time zone and no summer time comes in.
import { dayAfter, weekdayOf } from '../measure/days.ts';
import type { Shift } from '../studio/hours.ts';

export const MINUTES_A_DAY = 24 * 60;
/** Nobody plans a bench further ahead; also where the search for an open hour stops. */
const HORIZON_DAYS = 3 * 366;

export interface Calendar {
  /** The plan's first day, `2026-11-12`. */
  readonly firstDay: string;
  /** Monday first. */
  readonly week: readonly (readonly Shift[])[];
}

/** The day a plan minute falls on. */
export function dayOf(calendar: Calendar, minute: number): string {
  return dayAfter(calendar.firstDay, Math.floor(minute / MINUTES_A_DAY));
}

/** Clock time of a plan minute, `14:05`. */
export function clockOf(minute: number): string {
  const ofDay = Math.round(minute) % MINUTES_A_DAY;
  return `${String(Math.floor(ofDay / 60))}:${String(ofDay % 60).padStart(2, '0')}`;
}

/** The shift that is open at a plan minute or opens next, in plan minutes; null when the bench never opens again. */
export function shiftFrom(calendar: Calendar, minute: number): { opens: number; closes: number } | null {
  const firstWeekday = weekdayOf(calendar.firstDay);
  const today = Math.floor(minute / MINUTES_A_DAY);
  for (let day = today; day < today + HORIZON_DAYS; day += 1) {
    for (const shift of calendar.week[(firstWeekday + day) % 7] ?? []) {
      const closes = day * MINUTES_A_DAY + shift.closesMin;
      if (closes > minute) return { opens: day * MINUTES_A_DAY + shift.opensMin, closes };
    }
  }
  return null;
}

/** When the bench closes for the day that a plan minute falls on; null on a day off. */
export function closingOf(calendar: Calendar, minute: number): number | null {
  const day = Math.floor(minute / MINUTES_A_DAY);
  const shifts = calendar.week[(weekdayOf(calendar.firstDay) + day) % 7] ?? [];
  const last = shifts.at(-1);
  return last ? day * MINUTES_A_DAY + last.closesMin : null;
}
