// A moment of the bench log as a day and a time of the wall clock.
import { clockInWords } from '../format/days.ts';
import { dayAfter, MINUTES_A_DAY } from '../measure/days.ts';
import { EPOCH } from './bench-entry.ts';

/** The time of day of a moment, as the studio's country writes it: `12:30`. */
export function timeOfDay(moment: number): string {
  return clockInWords(momentAsDay(moment).minute);
}

/** @param moment  see `momentOf` */
export function momentAsDay(moment: number): { on: string; minute: number; ms: number } {
  const day = Math.floor(moment / MINUTES_A_DAY);
  const inDay = moment - day * MINUTES_A_DAY;
  const minute = Math.floor(inDay + 1e-9);
  return { on: dayAfter(EPOCH, day), minute, ms: Math.max(0, Math.min(59_999, Math.round((inDay - minute) * 60_000))) };
}
