// Times within the shifts of a maker, [from, to, from, to, ...].
import { HAIR } from './busy-intervals.ts';

/** Index of the shift that a time lies in or before. */
export function shiftAt(shifts: Float64Array, time: number): number {
  let [low, high] = [0, shifts.length >> 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((shifts[2 * middle + 1] ?? 0) > time + HAIR) high = middle;
    else low = middle + 1;
  }
  return 2 * low;
}

/** Minutes of windows that lie in a time. */
export function minutesWithin(windows: Float64Array, from: number, to: number): number {
  let minutes = 0;
  for (let at = shiftAt(windows, from); at < windows.length && (windows[at] ?? 0) < to; at += 2)
    minutes += Math.max(0, Math.min(windows[at + 1] ?? 0, to) - Math.max(windows[at] ?? 0, from));
  return minutes;
}

/** When work that pauses at the end of each shift is done; Infinity when there are not enough shifts. */
export function pausedEnd(shifts: Float64Array, shift: number, start: number, attended: number): number {
  let left = attended;
  for (let at = shift, from = start; at < shifts.length; at += 2, from = shifts[at] ?? 0) {
    const to = shifts[at + 1] ?? 0;
    if (from + left <= to + HAIR) return from + left;
    left -= to - from;
  }
  return Infinity;
}
