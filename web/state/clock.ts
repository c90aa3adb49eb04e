// The page's clock: the one place of the web application that reads the time. Workers are sent the time they need.

import { localDay } from '../../core/measure/days.ts';

/** The present moment by this device's clock. */
function now(): Date {
  return new Date();
}

/** This moment by this device's clock, ms since 1970. */
export function rightNowMs(): number {
  return now().getTime();
}

/** Today and the minute of the day by this device's clock. */
export function rightNow(): { day: string; minute: number } {
  return dayAndMinuteOf(now());
}

/** Day and minute of a moment by this device's clock. */
export function dayAndMinuteOf(moment: Date): { day: string; minute: number } {
  return { day: localDay(moment), minute: moment.getHours() * 60 + moment.getMinutes() };
}
