// One day of a plan: makers at work, attended and unattended time, and what ends by noon and by evening.
import { computed, type Figure, totalOf } from '../../figure/figure.ts';
import { MINUTES_A_DAY } from '../../measure/days.ts';
import type { ScheduleProblem } from '../model/problem.ts';
import { blocksOn, type PlanBlock, type StudioPlan } from './studio-plan.ts';

/** One day of a plan. */
export interface DayBook {
  readonly blocks: readonly PlanBlock[];
  /** Ids of the makers at work. */
  readonly makers: readonly string[];
  /** From the first arrival to the last departure, minutes of the day; null on a day off. */
  readonly open: readonly [number, number] | null;
  /** Attended and unattended minutes that fall on the day. */
  readonly attendedMin: number;
  readonly unattendedMin: number;
  /** What ends by noon, and after it, in the order of the ends. */
  readonly byNoon: readonly PlanBlock[];
  readonly byEvening: readonly PlanBlock[];
  /** Unattended work that ends that day and calls for somebody, in order. */
  readonly calls: readonly PlanBlock[];
}

const NOON = 12 * 60;

/** @param day  days after the plan's first */
export function dayBook(plan: StudioPlan, problem: ScheduleProblem, day: number): DayBook {
  const [from, to] = [day * MINUTES_A_DAY, (day + 1) * MINUTES_A_DAY];
  const blocks = blocksOn(plan, day);
  const shifts = problem.makers.map(({ id, shifts: own = [] }) => ({
    id,
    own: own.filter(([begin, end]) => begin < to && end > from),
  }));
  const there = shifts.filter(({ own }) => own.length > 0);
  const times = there.flatMap(({ own }) => own.flat()).map((minute) => minute - from);
  const minutes = blocks.filter(({ isHead }) => isHead).map((block) => minutesOn(block, day));
  const ended = blocks.filter(({ end }) => end > from && end <= to).toSorted((a, b) => a.end - b.end);
  return {
    blocks,
    makers: there.map(({ id }) => id),
    open: times.length > 0 ? [Math.min(...times), Math.max(...times)] : null,
    attendedMin: minutes.reduce((sum, { attended }) => sum + attended, 0),
    unattendedMin: minutes.reduce((sum, { unattended }) => sum + unattended, 0),
    byNoon: ended.filter(({ end }) => end <= from + NOON),
    byEvening: ended.filter(({ end }) => end > from + NOON),
    calls: ended.filter(({ attendedEnd, end, isHead }) => isHead && end > attendedEnd),
  };
}

// Attended and unattended minutes of a step that fall on a day.
function minutesOn({ attended, attendedEnd, end }: PlanBlock, day: number) {
  const [from, to] = [day * MINUTES_A_DAY, (day + 1) * MINUTES_A_DAY];
  const within = (begin: number, until: number) => Math.max(0, Math.min(until, to) - Math.max(begin, from));
  return {
    attended: attended.reduce((sum, [begin, until]) => sum + within(begin, until), 0),
    unattended: within(attendedEnd, end),
  };
}

/**
 * Attended and unattended time of a day, h, with the steps it comes from.
 * @param day  days after the plan's first
 * @param inWords  the name of a block, and when it starts
 */
export function dayTotals(
  { blocks }: Pick<DayBook, 'blocks'>,
  day: number,
  inWords: (block: PlanBlock) => { readonly name: string; readonly start: string },
): { readonly attended: Figure; readonly unattended: Figure } {
  const hours = (label: 'attended' | 'unattended') => {
    const lines = blocks.flatMap((block) => {
      if (!block.isHead) return [];
      const minutes = minutesOn(block, day)[label];
      const { name, start } = inWords(block);
      return minutes > 0 ? [computed(name, minutes, 'min', `planned ${start}`, [])] : [];
    });
    const minutes = totalOf(`${label} minutes of the day`, 'min', lines);
    return computed(label, minutes.value / 60, 'h', `${String(Math.round(minutes.value))} ÷ 60`, [minutes]);
  };
  return { attended: hours('attended'), unattended: hours('unattended') };
}

/**
 * The day that the Day page opens on: today while a maker still works, else the next day on which one does.
 * @returns days after the plan's first; 0 when nobody ever works
 */
export function openingDay({ now }: Pick<StudioPlan, 'now'>, { makers }: Pick<ScheduleProblem, 'makers'>): number {
  const ahead = makers.flatMap(({ shifts = [] }) => shifts).filter(([, end]) => end > now);
  const [first = 0] = ahead.map(([begin]) => Math.floor(begin / MINUTES_A_DAY)).sort((a, b) => a - b);
  return first;
}
