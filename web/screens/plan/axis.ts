// The time axis of the plan: working hours only, day beside day; nights are not drawn, and a day off is a narrow gap.
import { MINUTES_A_DAY } from '../../../core/measure/days.ts';
import type { ScheduleProblem } from '../../../core/plan/model/problem.ts';

interface AxisDay {
  /** Days after the plan's first. */
  readonly day: number;
  /** Minutes of the day that are drawn. */
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly width: number;
  readonly isOff: boolean;
}

export interface Axis {
  readonly days: readonly AxisDay[];
  readonly width: number;
  /** px of a plan minute; minutes outside working hours lie at the edge of their day. */
  readonly x: (minute: number) => number;
  /** The plan minute at a px. */
  readonly minuteAt: (x: number) => number;
}

const OFF_WIDTH = 10;
const GAP = 2;

/** @param last  the last plan minute that the axis must hold */
export function axisOf({ makers }: Pick<ScheduleProblem, 'makers'>, last: number, pxPerHour: number): Axis {
  const shifts = makers.flatMap(({ shifts: own = [] }) => own);
  const count = Math.floor(Math.max(0, last - 1) / MINUTES_A_DAY) + 1;
  let x = 0;
  const days = Array.from({ length: count }, (_, day): AxisDay => {
    const midnight = day * MINUTES_A_DAY;
    const own = shifts.filter(([begin, end]) => begin < midnight + MINUTES_A_DAY && end > midnight);
    const isOff = own.length === 0;
    const from = isOff ? 0 : Math.floor((Math.min(...own.map(([begin]) => begin)) - midnight) / 60) * 60;
    const to = isOff ? MINUTES_A_DAY : Math.ceil((Math.max(...own.map(([, end]) => end)) - midnight) / 60) * 60;
    const width = isOff ? OFF_WIDTH : ((to - from) / 60) * pxPerHour;
    const here: AxisDay = { day, from, to, x, width, isOff };
    x += width + GAP;
    return here;
  });
  const dayAt = (index: number) => days[Math.max(0, Math.min(days.length - 1, index))];
  return {
    days,
    width: x,
    x: (minute) => {
      const day = dayAt(Math.floor(minute / MINUTES_A_DAY));
      if (!day) return 0;
      if (minute >= count * MINUTES_A_DAY) return x;
      const ofDay = Math.max(day.from, Math.min(day.to, minute - day.day * MINUTES_A_DAY));
      return day.x + ((ofDay - day.from) / (day.to - day.from)) * day.width;
    },
    minuteAt: (px) => {
      const day = days.findLast((one) => one.x <= px) ?? days[0];
      if (!day) return 0;
      const share = Math.max(0, Math.min(1, (px - day.x) / day.width));
      return day.day * MINUTES_A_DAY + day.from + share * (day.to - day.from);
    },
  };
}
