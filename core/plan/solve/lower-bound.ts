// Lower bound of any schedule: every chain takes its time, and a station or a group of makers has limited capacity
// (Carlier 1982: least head, all the work, least tail, over the steps with large enough heads and tails).
import type { IndexedProblem } from '../model/indexed-problem.ts';
import type { Bound } from '../model/problem.ts';
import { heads } from './heads.ts';
import { loadableSteps } from './shared-loads.ts';
import { tailsOf } from './tails.ts';

const HAIR = 1e-6;

interface Task {
  readonly head: number;
  readonly length: number;
  /** Tail: from the end of the step to the end of its job. */
  readonly tail: number;
  readonly job: number;
}

/** The earliest end of an amount of work from a time on. */
type Done = (from: number, work: number) => number;

/** Lower bound of the tardiness, and of makespan and completion whatever the tardiness. */
export function scheduleLowerBound(indexed: IndexedProblem): Bound {
  const { start, end } = heads(indexed);
  const tail = tailsOf(indexed);
  let makespan = 0;
  const lateness = new Float64Array(indexed.due.length);
  const ends = new Float64Array(indexed.due.length);
  for (let step = 0; step < indexed.size; step += 1) {
    const job = indexed.job[step] ?? 0;
    const done = (end[step] ?? 0) + (tail[step] ?? 0);
    makespan = Math.max(makespan, done);
    ends[job] = Math.max(ends[job] ?? 0, done);
    lateness[job] = Math.max(lateness[job] ?? 0, done - (indexed.due[job] ?? Infinity));
  }
  let tardiness = lateness.reduce((sum, late, job) => sum + late * (indexed.weight[job] ?? 0), 0);
  const taskOf = (step: number, length: number): Task => ({
    head: start[step] ?? 0,
    length,
    tail: tail[step] ?? 0,
    job: indexed.job[step] ?? 0,
  });
  const loadable = new Set(loadableSteps(indexed).flat());
  const mayShare = (step: number) => loadable.has(step);
  const free = Array.from({ length: indexed.size }, (_, step) => step).filter((step) => !indexed.fixed[step]);
  for (let station = 0; station < indexed.stations.length; station += 1) {
    const count = indexed.stations[station]?.count ?? 1;
    const tasks = free
      // A load that several steps share holds its station once.
      .filter((step) => indexed.station[step] === station && !mayShare(step))
      .map((step) => taskOf(step, (indexed.attended[step] ?? 0) + (indexed.unattended[step] ?? 0)));
    take(tasks, (from, work) => from + work / count);
  }
  for (const hands of new Map(free.map((step) => [indexed.able[step]?.join() ?? '', indexed.able[step]])).values()) {
    if (!hands || hands.length === 0) continue;
    // Work that only these makers can do.
    const tasks = free
      .filter(
        (step) => (indexed.able[step]?.length ?? 0) > 0 && indexed.able[step]?.every((maker) => hands.includes(maker)),
      )
      .map((step) => ({
        ...taskOf(step, (indexed.attended[step] ?? 0) - (mayShare(step) ? (indexed.onceALoad[step] ?? 0) : 0)),
        tail: (tail[step] ?? 0) + (indexed.unattended[step] ?? 0),
      }));
    take(tasks, workedBy(Array.from(hands, (maker) => indexed.shifts[maker] ?? new Float64Array())));
  }
  const completion = ends.reduce((sum, end, job) => sum + end * (indexed.weight[job] ?? 0), 0);
  return { tardiness: neat(tardiness), makespan: neat(makespan), completion: neat(completion) };

  function take(tasks: readonly Task[], done: Done): void {
    makespan = Math.max(makespan, leastEnd(tasks, done));
    tardiness = Math.max(tardiness, leastLate(indexed, tasks, done));
  }
}

// Rounded down: a bound is never above the optimum.
const neat = (minutes: number) => Math.floor(minutes * 1e6 + 1e-3) / 1e6;

/** Over all thresholds of tails, and of heads among them. */
function leastEnd(tasks: readonly Task[], done: Done): number {
  let least = 0;
  const byHead = tasks.toSorted((a, b) => b.head - a.head);
  for (const tail of new Set(tasks.map((task) => task.tail))) {
    let work = 0;
    for (const task of byHead) {
      if (task.tail < tail) continue;
      work += task.length;
      least = Math.max(least, done(task.head, work) + tail);
    }
  }
  return least;
}

/** Of the steps due by a time, one is at least as late as the work before it makes it. */
function leastLate(indexed: IndexedProblem, tasks: readonly Task[], done: Done): number {
  let least = 0;
  const dueOf = ({ job, tail }: Task) => (indexed.due[job] ?? Infinity) - tail;
  const byHead = tasks.filter((task) => Number.isFinite(dueOf(task))).sort((a, b) => b.head - a.head);
  for (const due of new Set(byHead.map(dueOf))) {
    let [work, weight] = [0, Infinity];
    for (const task of byHead) {
      if (dueOf(task) > due) continue;
      work += task.length;
      weight = Math.min(weight, indexed.weight[task.job] ?? 0);
      least = Math.max(least, (done(task.head, work) - due) * weight);
    }
  }
  return least;
}

/** By several makers at once, each in their shifts. */
function workedBy(shifts: readonly Float64Array[]): Done {
  const times = [...new Set(shifts.flatMap((own) => Array.from(own)))].filter(Number.isFinite).sort((a, b) => a - b);
  /** Makers at work from each of the times on, and the minutes they have worked until then together. */
  const hands = times.map(() => 0);
  const worked = times.map(() => 0);
  const indexOf = new Map(times.map((time, index) => [time, index]));
  for (const own of shifts)
    for (let at = 0; at < own.length; at += 2) {
      const until = indexOf.get(own[at + 1] ?? 0) ?? times.length;
      for (let index = indexOf.get(own[at] ?? 0) ?? 0; index < until; index += 1)
        hands[index] = (hands[index] ?? 0) + 1;
    }
  for (let at = 1; at < times.length; at += 1)
    worked[at] = (worked[at - 1] ?? 0) + (hands[at - 1] ?? 0) * ((times[at] ?? 0) - (times[at - 1] ?? 0));
  return (from, work) => {
    const began = lastNotAbove(times, from);
    const before = began < 0 ? 0 : (worked[began] ?? 0) + (hands[began] ?? 0) * (from - (times[began] ?? 0));
    if (work <= 0) return from;
    const ended = Math.max(0, lastNotAbove(worked, before + work));
    const left = before + work - (worked[ended] ?? 0);
    // Done with a shift, within rounding errors: the next has not started.
    if (left <= HAIR) return lastWorked(ended);
    const now = hands[ended] ?? 0;
    return now > 0 ? (times[ended] ?? 0) + left / now : Infinity;
  };

  function lastWorked(at: number): number {
    let index = at;
    while (index > 0 && worked[index - 1] === worked[index]) index -= 1;
    return times[index] ?? 0;
  }
}

/** Index of the last of rising numbers that is not above a value; −1 where all are. */
function lastNotAbove(rising: readonly number[], most: number): number {
  let [low, high] = [0, rising.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((rising[middle] ?? 0) <= most) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}
