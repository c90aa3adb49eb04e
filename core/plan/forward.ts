// A forward plan for one maker: batches in the order they are due, each through its steps, starting now. While one works
// by itself the hands go on with whatever may go on.
import { daysBetween } from '../measure/days.ts';
import { closingOf, dayOf, shiftFrom, MINUTES_A_DAY, type Calendar } from './calendar.ts';

export interface PlanStep {
  readonly name: string;
  /** Hands, for the whole batch. */
  readonly attendedMin: number;
  /** After the hands are done. */
  readonly byItselfMin: number;
  /** May start while the step before works by itself. */
  readonly meanwhile: boolean;
}

export interface PlanBatch {
  readonly id: string;
  /** `2026-11-20`, or '' when nothing is promised. */
  readonly due: string;
  /** Before or after all others, whatever is promised. */
  readonly priority: '' | 'first' | 'last';
  readonly steps: readonly PlanStep[];
}

/** A stretch of the plan, in plan minutes. */
export interface PlanBar {
  readonly batch: string;
  readonly step: number;
  readonly kind: 'hands' | 'by-itself';
  readonly from: number;
  readonly to: number;
}

export interface Plan {
  readonly calendar: Calendar;
  readonly bars: readonly PlanBar[];
  /** When each batch is done, in plan minutes, in the order they were planned. */
  readonly done: readonly { readonly batch: string; readonly at: number; readonly daysLate: number }[];
}

/** Work is not taken up for less than this before something more urgent is ready (common practice: it is not worth it). */
const LEAST_SPELL_MIN = 10;

// Minutes are fractions: 12 × 1.6 + 5 leaves a hair of floating point over that no clock moves on by.
const SPENT_MIN = 1e-6;

interface Job {
  readonly batch: PlanBatch;
  next: number;
  /** Attended minutes still to do of the step. */
  left: number;
  /** When the next step may start. */
  ready: number;
  /** When the hands last left it, and when all that works by itself is done. */
  handsEnd: number;
  allEnd: number;
}

/**
 * Plans batches forward. Hands work only in open hours and may put work down at a break, at closing or when a more
 * urgent batch is ready; what works by itself goes on over breaks, and is started next morning when it would run past
 * closing (unless it is longer than the day, when it runs through).
 * @param batches  earliest due first goes first; without a due day last; of equals in the order given
 * @param now      plan minute to start from
 * @returns the plan, or a sentence when the bench is never open
 */
export function planForward(
  batches: readonly PlanBatch[],
  calendar: Calendar,
  now: number,
): Plan | { readonly sentence: string } {
  if (!shiftFrom(calendar, now))
    return { sentence: 'The bench has no open hours. Give them in Studio, and the plan follows.' };
  const bars: PlanBar[] = [];
  const jobs = [...batches].sort(soonerDue).map((batch): Job => {
    return { batch, next: 0, left: batch.steps[0]?.attendedMin ?? 0, ready: now, handsEnd: now, allEnd: now };
  });

  let at = now;
  for (let waiting = unfinished(jobs); waiting.length > 0; waiting = unfinished(jobs)) {
    at = Math.max(at, Math.min(...waiting.map((job) => job.ready)));
    const pick = pickJob(waiting, at);
    if ('until' in pick) {
      at = pick.until;
      continue;
    }
    at = workOn(pick.job, at, pick.limit, calendar, bars);
  }

  const done = jobs.map(({ batch, allEnd }) => ({
    batch: batch.id,
    at: allEnd,
    daysLate: batch.due ? Math.max(0, daysBetween(batch.due, dayOf(calendar, allEnd))) : 0,
  }));
  return { calendar, bars, done };
}

const ranks = { first: 0, '': 1, last: 2 } as const;

function soonerDue(a: PlanBatch, b: PlanBatch): number {
  if (a.priority !== b.priority) return ranks[a.priority] - ranks[b.priority];
  if (a.due === b.due) return 0;
  if (!a.due || !b.due) return a.due ? -1 : 1;
  return a.due < b.due ? -1 : 1;
}

function unfinished(jobs: readonly Job[]): Job[] {
  return jobs.filter((job) => job.next < job.batch.steps.length);
}

// The first in line that is ready; one behind it may fill in until a more urgent one comes ready.
function pickJob(waiting: readonly Job[], at: number): { job: Job; limit: number } | { until: number } {
  let limit = Infinity;
  for (const job of waiting) {
    if (job.ready <= at) {
      if (limit - at >= Math.min(LEAST_SPELL_MIN, job.left)) return { job, limit };
    } else {
      limit = Math.min(limit, job.ready);
    }
  }
  return { until: limit };
}

function workOn(job: Job, from: number, limit: number, calendar: Calendar, bars: PlanBar[]): number {
  const step = job.batch.steps[job.next];
  if (!step) return from;
  let at = from;
  while (job.left > SPENT_MIN) {
    const shift = shiftFrom(calendar, at);
    if (!shift) throw new Error('The bench opened once but never again.');
    const start = Math.max(at, shift.opens);
    if (start >= limit) return limit;
    const end = Math.min(start + job.left, shift.closes, limit);
    bars.push({ batch: job.batch.id, step: job.next, kind: 'hands', from: start, to: end });
    job.left -= end - start;
    at = end;
    if (at >= limit && job.left > SPENT_MIN) return at;
  }
  finishStep(job, step, at, calendar, bars);
  return at;
}

function finishStep(job: Job, step: PlanStep, at: number, calendar: Calendar, bars: PlanBar[]): void {
  job.handsEnd = at;
  job.allEnd = Math.max(job.allEnd, at);
  if (step.byItselfMin > 0) {
    const start = startByItself(at, step.byItselfMin, calendar);
    bars.push({ batch: job.batch.id, step: job.next, kind: 'by-itself', from: start, to: start + step.byItselfMin });
    job.allEnd = Math.max(job.allEnd, start + step.byItselfMin);
  }
  job.next += 1;
  const following = job.batch.steps[job.next];
  job.left = following?.attendedMin ?? 0;
  job.ready = following?.meanwhile ? job.handsEnd : job.allEnd;
}

// Nothing hot, no acid and no motor runs unwatched at night.
function startByItself(at: number, minutes: number, calendar: Calendar): number {
  const closing = closingOf(calendar, at);
  if (closing !== null && at + minutes <= closing) return at;
  const morning = shiftFrom(calendar, (Math.floor(at / MINUTES_A_DAY) + 1) * MINUTES_A_DAY);
  if (!morning) return at;
  const nextClosing = closingOf(calendar, morning.opens);
  return nextClosing !== null && morning.opens + minutes <= nextClosing ? morning.opens : at;
}
