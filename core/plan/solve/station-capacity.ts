// When a station of several places has one free.
import { type BusyIntervals, HAIR } from './busy-intervals.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */
/** When a station of several places is free for [start, end): `start` itself, or the next time worth trying. */
export function freeFrom(held: BusyIntervals, count: number, start: number, end: number): number {
  const first = held.firstReaching(start);
  let last = first;
  let overlapping = 0;
  while (last < held.size && held.from[last]! < end - HAIR) {
    if (held.to[last]! > start + HAIR) overlapping += 1;
    last += 1;
  }
  if (overlapping < count) return start;
  // The station is fullest where one of them starts.
  let soonest = Infinity;
  for (let at = first - 1; at < last; at += 1) {
    const time = at < first ? start : held.from[at]!;
    if (at >= first && time <= start) continue;
    let holding = 0;
    let firstEnd = Infinity;
    for (let other = first; other < last && held.from[other]! <= time + HAIR; other += 1) {
      const to = held.to[other]!;
      if (to <= time + HAIR) continue;
      holding += 1;
      if (to < firstEnd) firstEnd = to;
    }
    if (holding >= count && firstEnd < soonest) soonest = firstEnd;
  }
  return soonest === Infinity ? start : soonest;
}
