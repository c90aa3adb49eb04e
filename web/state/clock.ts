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

let lastStamp = '';
let stampMs = 0;

/**
 * Day, minute and millisecond of an entry that is made now. Two entries of this page never have the same, so that their
 * order is kept.
 */
export function stampNow(): { on: string; minute: number; ms: number } {
  const moment = now();
  const { day, minute } = dayAndMinuteOf(moment);
  const stamp = `${day} ${String(minute)}`;
  const ms = moment.getSeconds() * 1000 + moment.getMilliseconds();
  stampMs = stamp === lastStamp ? Math.max(ms, stampMs + 1) : ms;
  lastStamp = stamp;
  return { on: day, minute, ms: Math.min(stampMs, 59_999) };
}
