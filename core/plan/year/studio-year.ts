// A simulated studio year: batches arrive and are promised, the plan is followed and made again each morning, and the
// year goes otherwise than planned. The same seed gives the same year, whatever the policy.
import { MINUTES_A_DAY } from '../../measure/days.ts';
import { logNormal, seeded } from '../../measure/random.ts';
import { type IndexedProblem, indexProblem } from '../model/indexed-problem.ts';
import type { Fixed, ScheduledStep, ScheduleProblem, ScheduleStep } from '../model/problem.ts';
import { topologicalOrder } from '../solve/priority-rules.ts';
import { searchPlan } from '../solve/search.ts';
import { SerialScheduleGeneration } from '../solve/serial-schedule-generation.ts';
import { loadsAlone } from '../solve/shared-loads.ts';
import { chanceBy, type Disturbances, safeEnd, simulate } from '../solve/simulate.ts';
import { type Solution, solutionOf } from '../solve/solution.ts';
import { type ArrivingBatch, arrivingBatches, kindsOf, yearStations } from './arriving-batches.ts';
import { type StepEstimate, YearMemory } from './year-memory.ts';
import type { Policy, YearTerms } from './year-terms.ts';

/** What came of a year. */
export interface YearResult {
  /** Promises made at this confidence, and how many were kept. */
  readonly promised: number;
  readonly kept: number;
  /** Mean of the chance that was told with each promise. */
  readonly told: number;
  /** Days late over all batches, rush orders included. */
  readonly daysLate: number;
  /** Batches in hand on a morning, on average. */
  readonly inHand: number;
  /** Days from arrival to the end, on average. */
  readonly daysTaken: number;
  /** Steps due the next working day that another maker does or that another day does, a day. */
  readonly moves: number;
}

/** How the year is run. */
export interface YearRun {
  readonly seed: number;
  readonly policy: Policy;
  /** Of a promise. */
  readonly confidence: number;
  readonly disturbances: Disturbances;
  /** Whether minutes and their spread are learned from finished batches; left out: no. */
  readonly learns?: boolean;
  /** Promises before this day are not counted; left out: all are. */
  readonly countFrom?: number;
}

const [OPENS, NOON, AFTER, CLOSES] = [540, 750, 795, 1020] as const;
/** Days ahead that are planned. */
const AHEAD = 60;
/** Runs of the simulation behind a promise. */
const RUNS = 120;
/** Tries of the search each morning: a small studio's plan needs few. */
const TRIES = 60;
/** A step as the standard times and the studio's settings have it. */
const USUAL: StepEstimate = { factor: 1, spread: 0.15 };

interface Open {
  readonly batch: ArrivingBatch;
  /** Promised minute of the year. */
  due: number;
  /** By step: where it is, in minutes of the year. */
  readonly fixed: Map<string, Fixed>;
  /** By step, as the studio knew it when the batch arrived. */
  readonly estimates: ReadonlyMap<string, StepEstimate>;
  /** Whether its promise is counted. */
  readonly isCounted: boolean;
}

/** Runs a year. */
export function studioYear(terms: YearTerms, run: YearRun): YearResult {
  const { seed, policy, confidence, disturbances, learns = false, countFrom = 0 } = run;
  const random = seeded(seed);
  const batches = arrivingBatches(terms, kindsOf(terms, random), random);
  const makers = Array.from({ length: terms.makers }, (_, at) => ({ id: `m${String(at)}`, pace: logNormal(terms.makerSpread, random) })); // prettier-ignore
  const ill = Array.from({ length: terms.days + AHEAD }, () => makers.map(() => random() < terms.ill));
  const broken = Array.from({ length: terms.days + AHEAD }, () => yearStations.map(() => random() < terms.broken));
  const pace = Array.from({ length: terms.days + AHEAD }, () => logNormal(terms.daySpread, random));
  const memory = new YearMemory();
  let open: Open[] = [];
  let next = 0;
  let last: readonly ScheduledStep[] = [];
  const sum = { promised: 0, kept: 0, told: 0, daysLate: 0, inHand: 0, daysTaken: 0, moves: 0, done: 0 };
  const end = terms.days + AHEAD / 2;
  for (let day = 0; day < end; day += 1) {
    const now = day * MINUTES_A_DAY;
    const fresh: Open[] = [];
    for (; (batches[next]?.day ?? Infinity) === day; next += 1) {
      const batch = batches[next];
      const isCounted = day >= countFrom;
      if (batch)
        fresh.push({ batch, due: Infinity, fixed: new Map(), estimates: estimatesOf(batch, memory), isCounted });
    }
    open.push(...fresh);
    if (day < terms.days) sum.inHand += open.length;
    if (open.length === 0) continue;
    // In the morning the studio knows who is ill and what is broken today.
    const problem = problemOf(open, now, makers, ill[day] ?? [], broken[day] ?? []);
    const plan = planOf(problem, policy, last);
    if (!plan) continue;
    if (fresh.length > 0) promise(problem, plan, open, fresh, now, confidence, disturbances, sum);
    sum.moves += movesOf(last, plan.steps, now);
    last = plan.steps;
    // The day as it really goes: the order of the plan, the true minutes.
    const truth = trueProblem(problem, open, makers, pace[day] ?? 1);
    const worked = follow(truth, plan);
    for (const one of open)
      for (const step of one.batch.steps) {
        const placed = worked.get(`${one.batch.id} ${step.id}`);
        if (placed && placed.start < now + MINUTES_A_DAY) one.fixed.set(step.id, placed);
      }
    const before = open;
    open = open.filter((one) => !closeIfDone(one, now, sum));
    if (!learns || open.length === before.length) continue;
    const meanPace = makers.reduce((total, maker) => total + maker.pace, 0) / makers.length;
    for (const one of before) if (!open.includes(one)) memory.finished(one.batch, day, meanPace * (pace[day] ?? 1));
    memory.learn(day);
  }
  const made = Math.max(1, sum.done);
  return {
    promised: sum.promised,
    kept: sum.kept,
    told: sum.told / Math.max(1, sum.promised),
    daysLate: sum.daysLate,
    inHand: sum.inHand / terms.days,
    daysTaken: sum.daysTaken / made,
    moves: sum.moves / terms.days,
  };
}

type Sum = Record<'promised' | 'kept' | 'told' | 'daysLate' | 'inHand' | 'daysTaken' | 'moves' | 'done', number>;

/** What is open, from this morning on. Steps that have begun are fixed; work that is not over by now goes on. */
function problemOf(
  open: readonly Open[],
  now: number,
  makers: readonly { readonly id: string }[],
  ill: readonly boolean[],
  broken: readonly boolean[],
): ScheduleProblem {
  const days = Array.from({ length: AHEAD }, (_, ahead) => now + ahead * MINUTES_A_DAY);
  const shiftsOf = (isIll: boolean) =>
    days.slice(isIll ? 1 : 0).flatMap((from): [number, number][] => [
      [from + OPENS, from + NOON],
      [from + AFTER, from + CLOSES],
    ]);
  return {
    objective: ['tardiness', 'completion'],
    makers: makers.map(({ id }, at) => ({
      id,
      skills: ['bench'],
      shifts: shiftsOf(ill[at] ?? false),
      lastStart: 10,
      prefers: [],
    })),
    stations: yearStations,
    jobs: [
      ...open.map(({ batch, due, fixed, estimates }) => ({
        id: batch.id,
        release: now + OPENS,
        weight: batch.isRush ? 100 : 10,
        ...(batch.isRush ? { due: now } : Number.isFinite(due) ? { due } : {}),
        steps: batch.steps
          .filter(({ id }) => (fixed.get(id)?.end ?? Infinity) > now)
          .map((step, _index, left) => stepNow(step, fixed.get(step.id), left, estimates.get(step.id))),
      })),
      ...broken.flatMap((isBroken, at) => (isBroken ? outage(yearStations[at], now) : [])),
    ],
  };
}

function stepNow(
  step: ScheduleStep,
  fixed: Fixed | undefined,
  left: readonly ScheduleStep[],
  { factor } = USUAL,
): ScheduleStep {
  const after = step.after.filter((id) => left.some((other) => other.id === id));
  return { ...step, ...stretched(step, step.attended * factor), after, ...(fixed && { fixed }) };
}

/** How the studio expects the steps of a batch to go, by what it knows on the day. */
function estimatesOf({ steps }: ArrivingBatch, memory: YearMemory): ReadonlyMap<string, StepEstimate> {
  return new Map(steps.map((step) => [step.id, memory.estimateOf(step, USUAL)]));
}

function outage(station: ScheduleProblem['stations'][number] | undefined, now: number): ScheduleProblem['jobs'] {
  if (!station) return [];
  const fixed = { maker: null, start: now, attendedEnd: now, end: now + MINUTES_A_DAY };
  const step = { after: [], skill: null, station: station.id, attended: 0, unattended: MINUTES_A_DAY };
  const free = { pausable: false, anyHour: true, anyStart: true, fixed };
  const steps = Array.from({ length: station.count }, (_, at) => ({ ...step, ...free, id: String(at) }));
  return [{ id: `out ${station.id}`, release: 0, weight: 0, steps }];
}

function planOf(problem: ScheduleProblem, policy: Policy, last: readonly ScheduledStep[]): Solution | null {
  const indexed = indexProblem(problem);
  const rank = ruleOf(policy, indexed);
  const was = new Map(last.map(({ job, step, start }) => [`${job} ${step}`, start]));
  const names = problem.jobs.flatMap((job) => job.steps.map((step) => `${job.id} ${step.id}`));
  const chosen = new Int32Array(indexed.size).fill(-1);
  const order = topologicalOrder(indexed, rank ?? ((step) => was.get(names[step] ?? '') ?? 1e9 + step));
  const search = searchPlan(indexed, {
    seed: 1,
    tries: rank ? 0 : TRIES,
    from: { order, chosen, loads: loadsAlone(indexed) },
  });
  if (rank) {
    const sgs = new SerialScheduleGeneration(indexed);
    if (policy === 'one at a time') oneMakerEach(sgs);
    return sgs.generate(order) ? solutionOf(sgs, order) : null;
  }
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

/** The rules a maker might follow by hand; null for the plan. */
function ruleOf(policy: Policy, { job, due }: IndexedProblem): ((step: number) => number) | null {
  if (policy === 'plan') return null;
  // Batches are listed as they arrive.
  if (policy === 'due date') return (step) => Math.min(due[job[step] ?? 0] ?? 1e9, 1e9) + (job[step] ?? 0) * 1e-3;
  return (step) => job[step] ?? 0;
}

/** One batch at a time: a maker takes a whole batch, and the next one when it is done. */
function oneMakerEach({ indexed, chosen }: SerialScheduleGeneration): void {
  indexed.able.forEach((able, step) => {
    const batch = Number(indexed.problem.jobs[indexed.job[step] ?? 0]?.id.slice(1));
    if (able.length > 0) chosen[step] = able[batch % able.length] ?? -1;
  });
}

function promise(
  problem: ScheduleProblem,
  plan: Solution,
  open: readonly Open[],
  fresh: readonly Open[],
  now: number,
  confidence: number,
  disturbances: Disturbances,
  sum: Sum,
): void {
  const openOf = new Map(open.map((one) => [one.batch.id, one]));
  const spreadOf = (job: string, step: string) => (openOf.get(job)?.estimates.get(step) ?? USUAL).spread;
  const { ends } = simulate(problem, plan.steps, { spreadOf, runs: RUNS, seed: now + 1, disturbances });
  for (const one of fresh) {
    if (one.batch.isRush) continue;
    const own = ends.get(one.batch.id) ?? [];
    const safe = safeEnd(own, confidence);
    if (safe === null) continue;
    one.due = safe;
    if (!one.isCounted) continue;
    sum.promised += 1;
    sum.told += chanceBy(own, safe) ?? 0;
  }
}

/** The same with the true minutes of what has not begun. */
function trueProblem(
  problem: ScheduleProblem,
  open: readonly Open[],
  makers: readonly { readonly pace: number }[],
  day: number,
): ScheduleProblem {
  const batchOf = new Map(open.map(({ batch }) => [batch.id, batch]));
  const pace = (makers.reduce((total, maker) => total + maker.pace, 0) / makers.length) * day;
  return {
    ...problem,
    jobs: problem.jobs.map((job) => ({
      ...job,
      steps: job.steps.map((step) => {
        const batch = batchOf.get(job.id);
        const standard = batch?.steps.find(({ id }) => id === step.id)?.attended ?? step.attended;
        return { ...step, ...stretched(step, standard * (batch?.truth.get(step.id) ?? 1) * pace) };
      }),
    })),
  };
}

/** Work that takes longer than the longest shift goes on after the break, whatever it is. */
const stretched = (step: ScheduleStep, attended: number) => ({
  attended,
  pausable: step.pausable || attended > NOON - OPENS,
});

/** The day as it goes: makers and order of the plan, and whoever is late delays what follows. */
function follow(truth: ScheduleProblem, plan: Solution): ReadonlyMap<string, Fixed> {
  const indexed = indexProblem(truth);
  const sgs = new SerialScheduleGeneration(indexed);
  const starts = plan.steps.map(({ start }) => start);
  const makerAt = new Map(truth.makers.map(({ id }, at) => [id, at]));
  plan.steps.forEach(({ maker }, step) => (sgs.chosen[step] = makerAt.get(maker ?? '') ?? -1));
  if (!sgs.generate(topologicalOrder(indexed, (step) => starts[step] ?? Infinity))) return new Map();
  return new Map(solutionOf(sgs, new Int32Array()).steps.map(({ job, step, ...placed }) => [`${job} ${step}`, placed]));
}

/** @returns whether all of a batch is done by the next morning; its end is counted then */
function closeIfDone({ batch, due, fixed, isCounted }: Open, now: number, sum: Sum): boolean {
  const ends = batch.steps.map(({ id }) => fixed.get(id)?.end ?? Infinity);
  const end = Math.max(...ends);
  if (end > now + MINUTES_A_DAY) return false;
  sum.done += 1;
  sum.daysTaken += (end - batch.day * MINUTES_A_DAY) / MINUTES_A_DAY;
  if (!Number.isFinite(due) || !isCounted) return true;
  if (end <= due + 1e-6) sum.kept += 1;
  else sum.daysLate += (end - due) / MINUTES_A_DAY;
  return true;
}

/** Steps due by tomorrow night that another maker does now, or that are done on another day. */
function movesOf(last: readonly ScheduledStep[], now: readonly ScheduledStep[], from: number): number {
  const was = new Map(last.map((step) => [`${step.job} ${step.step}`, step]));
  const dayOf = ({ start }: ScheduledStep) => Math.floor(start / MINUTES_A_DAY);
  return now.filter((step) => {
    const before = was.get(`${step.job} ${step.step}`);
    if (!before || before.start < from || before.start >= from + 2 * MINUTES_A_DAY) return false;
    return before.maker !== step.maker || dayOf(before) !== dayOf(step);
  }).length;
}
