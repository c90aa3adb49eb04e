// A schedule problem with every maker, station, job and step by its index, ready for thousands of evaluations.
import type { Fixed, ScheduleProblem, SecondAim } from './problem.ts';

/** A schedule problem by indices. */
export interface IndexedProblem {
  readonly problem: ScheduleProblem;
  /** Number of steps. */
  readonly size: number;
  readonly makers: number;
  readonly second: SecondAim;
  /** By maker: minutes at the end of a shift in which nothing is started. */
  readonly lastStart: Float64Array;
  /** By maker, the kinds of work that are not liked at any hour; by index of the kind. */
  readonly prefers: readonly ReadonlyMap<number, Preference>[];
  /** Start and end of each shift in turn, [from, to, from, to, ...]. */
  readonly shifts: readonly Float64Array[];
  readonly stations: readonly { readonly count: number; readonly open: Float64Array | null }[];
  /** Arrays by step follow. */
  readonly job: Int32Array;
  readonly attended: Float64Array;
  readonly unattended: Float64Array;
  readonly pausable: Uint8Array;
  /** 1 where its station's hours do not matter. */
  readonly anyHour: Uint8Array;
  readonly release: Float64Array;
  /** −1 for none. */
  readonly station: Int32Array;
  /** Makers that can do it; empty where no maker is needed. */
  readonly able: readonly Int32Array[];
  readonly before: readonly Int32Array[];
  readonly behind: readonly Int32Array[];
  /** Longest wait after the last step before it, minutes; Infinity for none. */
  readonly within: Float64Array;
  /** Steps that have to follow soon. */
  readonly soon: readonly Int32Array[];
  /** 1 where it may start at the end of a shift. */
  readonly anyStart: Uint8Array;
  readonly fixed: readonly (PlacedFixed | null)[];
  /** By kind of set-up; −1 for none. */
  readonly kind: Int32Array;
  /** Which steps may share a load; −1 for none. */
  readonly loadKind: Int32Array;
  /** What it takes of a full load. */
  readonly loadShare: Float64Array;
  /** Of its attended minutes, those needed once a load. */
  readonly onceALoad: Float64Array;
  /** Arrays by job follow. */
  readonly due: Float64Array;
  readonly weight: Float64Array;
  readonly stepsOf: readonly Int32Array[];
  /** Where the plan before had each step; null without one. */
  readonly last?: LastPlan | null;
}

/** The plan before, to stay near. Arrays by step. */
export interface LastPlan {
  /** Index; −1 for none. */
  readonly maker: Int32Array;
  /** Day and start in the plan before, minutes; −1 where the step was not in it. */
  readonly start: Float64Array;
  /** Price of another maker, or of another day, weighted minutes; 0 where a move costs nothing. */
  readonly price: Float64Array;
}

/** How a maker likes a kind of work. */
interface Preference {
  /** For each attended minute, 0 to 1. */
  readonly penalty: number;
  /** Best hours within the shifts, [from, to, from, to, ...]; null for any. */
  readonly hours: Float64Array | null;
}

interface PlacedFixed {
  readonly maker: number;
  readonly start: number;
  readonly attendedEnd: number;
  readonly end: number;
}

const ALWAYS = Float64Array.of(0, Infinity);

/** @param problem  as read through its schema, so that every id it names exists */
export function indexProblem(problem: ScheduleProblem): IndexedProblem {
  const makerAt = indexOf(problem.makers);
  const stationAt = indexOf(problem.stations);
  const steps = problem.jobs.flatMap((job, jobIndex) => job.steps.map((step) => ({ job, jobIndex, step })));
  const stepAt = new Map(steps.map(({ jobIndex, step }, index) => [keyOf(jobIndex, step.id), index]));
  const before = steps.map(({ jobIndex, step }) =>
    Int32Array.from(step.after, (id) => stepAt.get(keyOf(jobIndex, id)) ?? 0),
  );
  const behind = steps.map(() => [] as number[]);
  before.forEach((list, index) => list.forEach((other) => behind[other]?.push(index)));
  const kinds = numbersOf(steps.map(({ step: { kind } }) => kind));
  const isSoon = (index: number) => steps[index]?.step.within !== undefined && !steps[index].step.fixed;
  const makerOf = ({ maker }: Fixed) => (maker === null ? -1 : (makerAt.get(maker) ?? -1));
  return {
    problem,
    size: steps.length,
    makers: problem.makers.length,
    second: problem.objective[1],
    lastStart: Float64Array.from(problem.makers, ({ lastStart }) => lastStart),
    prefers: problem.makers.map(
      ({ prefers, shifts }) =>
        new Map(
          prefers
            .filter(({ penalty, hours }) => penalty > 0 || hours !== undefined)
            .map(({ kind, penalty, hours }) => [
              kinds.get(kind) ?? -2,
              { penalty, hours: hours ? Float64Array.from(common(hours, shifts ?? [[0, Infinity]]).flat()) : null },
            ]),
        ),
    ),
    shifts: problem.makers.map(({ shifts }) => (shifts ? Float64Array.from(joined(shifts).flat()) : ALWAYS)),
    stations: problem.stations.map(({ count, open }) => ({
      count,
      open: open ? Float64Array.from(joined(open).flat()) : null,
    })),
    job: Int32Array.from(steps, ({ jobIndex }) => jobIndex),
    attended: Float64Array.from(steps, ({ step }) => step.attended),
    unattended: Float64Array.from(steps, ({ step }) => step.unattended),
    pausable: Uint8Array.from(steps, ({ step }) => Number(step.pausable)),
    anyHour: Uint8Array.from(steps, ({ step }) => Number(step.anyHour)),
    release: Float64Array.from(steps, ({ job, step }) => Math.max(job.release, step.release ?? 0)),
    // A step without minutes holds no station.
    station: Int32Array.from(steps, ({ step: { station, attended, unattended } }) =>
      station === null || attended + unattended === 0 ? -1 : (stationAt.get(station) ?? -1),
    ),
    able: steps.map(({ step: { skill, attended } }) =>
      Int32Array.from(
        skill === null || attended === 0
          ? []
          : problem.makers.flatMap(({ skills }, index) => (skills.includes(skill) ? [index] : [])),
      ),
    ),
    before,
    behind: behind.map((list) => Int32Array.from(list)),
    within: Float64Array.from(steps, ({ step: { within } }) => within ?? Infinity),
    soon: behind.map((list) => Int32Array.from(list.filter(isSoon))),
    anyStart: Uint8Array.from(steps, ({ step }) => Number(step.anyStart)),
    fixed: steps.map(({ step: { fixed } }) =>
      fixed ? { maker: makerOf(fixed), start: fixed.start, attendedEnd: fixed.attendedEnd, end: fixed.end } : null,
    ),
    kind: Int32Array.from(steps, ({ step: { kind } }) => kinds.get(kind ?? '') ?? -1),
    loadKind: numbered(
      steps.map(({ step: { load, station, anyHour, attended, unattended } }) =>
        load && attended + unattended > 0 ? `${station ?? ''} ${load.kind} ${String(anyHour)}` : undefined,
      ),
    ),
    loadShare: Float64Array.from(steps, ({ step: { load } }) => load?.share ?? 1),
    onceALoad: Float64Array.from(steps, ({ step: { load } }) => load?.once ?? 0),
    due: Float64Array.from(problem.jobs, ({ due }) => due ?? Infinity),
    weight: Float64Array.from(problem.jobs, ({ weight }) => weight),
    stepsOf: problem.jobs.map((_job, index) =>
      Int32Array.from(steps.flatMap(({ jobIndex }, at) => (jobIndex === index ? [at] : []))),
    ),
  };
}

function indexOf(rows: readonly { readonly id: string }[]): ReadonlyMap<string, number> {
  return new Map(rows.map(({ id }, index) => [id, index]));
}

/** The same number for the same name; −1 for none. */
function numbered(names: readonly (string | undefined)[]): Int32Array {
  const numbers = numbersOf(names);
  return Int32Array.from(names, (name) => (name === undefined ? -1 : (numbers.get(name) ?? -1)));
}

function numbersOf(names: readonly (string | undefined)[]): ReadonlyMap<string, number> {
  const numbers = new Map<string, number>();
  for (const name of names) if (name !== undefined && !numbers.has(name)) numbers.set(name, numbers.size);
  return numbers;
}

const keyOf = (job: number, step: string) => `${String(job)} ${step}`;

// Shifts that touch are one: nobody stops for a break of no minutes.
function joined(windows: readonly (readonly [number, number])[]): [number, number][] {
  const all: [number, number][] = [];
  for (const [from, to] of windows) {
    const last = all.at(-1);
    if (last?.[1] === from) last[1] = to;
    else all.push([from, to]);
  }
  return all;
}

function common(some: readonly (readonly [number, number])[], others: readonly (readonly [number, number])[]) {
  const both: [number, number][] = [];
  for (let one = 0, other = 0; one < some.length && other < others.length;) {
    const [[from, to], [opens, closes]] = [some[one] ?? [0, 0], others[other] ?? [0, 0]];
    const [begin, end] = [Math.max(from, opens), Math.min(to, closes)];
    if (end > begin) both.push([begin, end]);
    if (to <= closes) one += 1;
    else other += 1;
  }
  return both;
}
