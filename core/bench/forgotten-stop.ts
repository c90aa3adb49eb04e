// Work that nobody stopped: it went on over the end of its maker's shift. Proposes when it ended.
import { daysBetween, MINUTES_A_DAY, weekdayOf } from '../measure/days.ts';
import type { BenchMaker } from '../studio/bench.ts';
import { EPOCH } from './bench-entry.ts';
import type { Stretch } from './work-log.ts';

/** Minutes that work may go on after the end of a shift before anything is asked. */
const GRACE_MIN = 10;

/** A proposal: it was stopped at `end`; where it was taken up again at once, `again` says when. Moments, see `momentOf`. */
export interface ForgottenStop {
  readonly end: number;
  /** Start of the next shift, where it began before `now`; else null. */
  readonly again: number | null;
}

/**
 * @param now  moment at which it still goes on
 * @returns null where it stays within the shift it began in
 */
export function forgottenStop(
  { from }: Pick<Stretch, 'from'>,
  now: number,
  maker: BenchMaker | undefined,
): ForgottenStop | null {
  if (!maker) return null;
  const shifts = shiftsBetween(maker, Math.floor(from / MINUTES_A_DAY), Math.floor(now / MINUTES_A_DAY));
  const own = shifts.find(([opens, closes]) => from >= opens - GRACE_MIN && from < closes);
  // Begun outside of hours: it ends with the day.
  const end = own?.[1] ?? (Math.floor(from / MINUTES_A_DAY) + 1) * MINUTES_A_DAY;
  if (now <= end + GRACE_MIN) return null;
  return { end, again: shifts.findLast(([opens]) => opens >= end && opens < now)?.[0] ?? null };
}

function shiftsBetween(maker: BenchMaker, firstDay: number, lastDay: number): [number, number][] {
  const first = weekdayOf(EPOCH);
  const isAway = (day: number) =>
    maker.away.some(([from, to]) => day >= daysBetween(EPOCH, from) && day <= daysBetween(EPOCH, to));
  return Array.from({ length: lastDay - firstDay + 1 }, (_, ahead) => firstDay + ahead).flatMap((day) =>
    isAway(day)
      ? []
      : (maker.week[(first + day) % 7] ?? []).map(({ opensMin, closesMin }): [number, number] => [
          day * MINUTES_A_DAY + opensMin,
          day * MINUTES_A_DAY + closesMin,
        ]),
  );
}
