// A schedule problem as a constraint model (MiniZinc), and its solutions read back. First the least tardiness, then at
// that tardiness the least makespan. docs/decisions/012 says why and what was measured.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { Precedence } from '../model/precedence.ts';
import type { ScheduledStep } from '../model/problem.ts';
import { loadsIn, type ModelledLoads, modelledLoads, textOfLoads } from './constraint-loads.ts';
import { heads } from './heads.ts';
import { pausedEnd } from './shift-times.ts';

/** The stage of the lexicographic solve. `known`: a plan is only an answer where it is better. */
export type SolveStage =
  /**
   * Of the jobs with due dates alone: the others can always wait until after them. @param below  tardiness known to be
   * reached
   */
  | { readonly least: 'tardiness'; readonly known: number }
  | { readonly least: 'makespan'; readonly tardiness: number; readonly known: number };

/** A constraint model with its data. */
export interface ConstraintModel {
  readonly text: string;
  /** Data by name, as MiniZinc reads JSON. */
  readonly data: Readonly<Record<string, unknown>>;
  /** @returns the value of what was minimised, in minutes */
  readonly objectiveOf: (output: Output) => number;
  /** @returns start and maker of each step by index; steps that are not in the model are left out */
  readonly read: (
    output: Output,
  ) => ReadonlyMap<
    number,
    Pick<ScheduledStep, 'start' | 'attendedEnd' | 'end'> & { maker: number; load: number | undefined }
  >;
}

/** What the solver prints. */
export interface Output {
  readonly s: readonly number[];
  readonly q: readonly number[];
  readonly goal: number;
  /** With loads: attended and unattended minutes of each step's load, and which pairs share one. */
  readonly a?: readonly number[];
  readonly u?: readonly number[];
  readonly t?: readonly number[];
}

/** Solver's time units to a minute: the largest unit that all times are multiples of leaves the least to decide. */
const scales = [1 / 60, 1 / 30, 1 / 15, 1 / 10, 1 / 5, 1, 2, 5, 10, 20, 60, 100] as const;
/** Larger problems are not solved whole: flattening alone would take too long. */
const MOST_MODELLED = 160;

/** Whether it has to be solved by large neighbourhoods. */
export const isTooLarge = ({ fixed }: Pick<IndexedProblem, 'fixed'>) =>
  fixed.filter((one) => !one).length > MOST_MODELLED;

/** A range of starts after which the attended work is done in the same way. */
interface Stretch {
  readonly maker: number;
  readonly low: number;
  readonly high: number;
  /** Minutes of gaps between shifts that fall into the work. */
  readonly delay: number;
  /** Work without a gap ends by this minute. */
  readonly until: number;
}

/**
 * @param until  no free step ends later; left out: as the known plan allows
 * @returns null when the times are no whole units, or the model is too large
 */
export function constraintModel(indexed: IndexedProblem, aim: SolveStage, until = Infinity): ConstraintModel | null {
  const earliest = heads(indexed);
  const latest = latestEnds(indexed, aim, until);
  const steps = modelled(indexed, aim, earliest.start, latest);
  const scale = scaleOf(indexed);
  if (scale === null || steps.length === 0 || steps.filter((step) => !indexed.fixed[step]).length > MOST_MODELLED)
    return null;
  const place = new Map(steps.map((step, index) => [step, index]));
  const fixedEnds = indexed.stepsOf.map((own) =>
    Math.max(0, ...Array.from(own, (step) => indexed.fixed[step]?.end ?? 0)),
  );
  const horizon = Math.max(...steps.map((step) => latest[step] ?? 0), ...fixedEnds);
  if (!Number.isFinite(horizon)) return null;
  const stretches = steps.map((step) => stretchesOf(indexed, step, earliest.start[step] ?? 0, latest[step] ?? 0));
  if (stretches.some((list) => list.length === 0)) return null;
  const whole = (minutes: number) => Math.round(minutes * scale);
  const weights = wholeWeights(indexed);
  const flat = stretches.flat();
  let at = 0;
  const from = stretches.map((list) => (at += list.length) - list.length + 1);
  // A job without free steps has a fixed end and tardiness.
  const jobs = indexed.stepsOf.flatMap((own, job) => (own.length > 0 ? [job] : []));
  const attended = steps.map((step) => whole(lengthOf(indexed, step).attended));
  const unattended = steps.map((step) => whole(lengthOf(indexed, step).unattended));
  const precedence = new Precedence(indexed);
  const isAfter = (a: number, b: number) => precedence.precedes(a, b);
  const pairs = steps.flatMap((a, i) =>
    steps.slice(i + 1).flatMap((b, k): number[][] => {
      const j = i + 1 + k;
      if (isAfter(a, b) || isAfter(b, a)) return [];
      // They are never near each other.
      const [startA = 0, startB = 0] = [earliest.start[a], earliest.start[b]];
      if ((latest[a] ?? 0) <= startB || (latest[b] ?? 0) <= startA) return [];
      const [one = [], other = []] = [stretches[i], stretches[j]];
      const shares = one.some(({ maker }) => maker >= 0 && other.some((stretch) => stretch.maker === maker));
      // Both are fixed.
      return shares && !(indexed.fixed[a] && indexed.fixed[b]) ? [[i + 1, j + 1]] : [];
    }),
  );
  const loads = modelledLoads(
    indexed,
    steps,
    (a, b) =>
      isAfter(a, b) ||
      isAfter(b, a) ||
      (latest[a] ?? 0) <= (earliest.start[b] ?? 0) ||
      (latest[b] ?? 0) <= (earliest.start[a] ?? 0),
  );
  const hasLoads = loads.pairs.length > 0;
  const precedences = steps.flatMap((step) =>
    Array.from(indexed.before[step] ?? []).flatMap((other): number[][] => {
      const before = place.get(other);
      const isSettled = indexed.fixed[step] !== null;
      return before === undefined || isSettled ? [] : [[before + 1, (place.get(step) ?? 0) + 1]];
    }),
  );
  const stations = indexed.stations.flatMap(({ count }, station) => {
    const held = steps.flatMap((step, index) => (indexed.station[step] === station ? [index + 1] : []));
    return held.length > count ? [{ count, held }] : [];
  });
  const lags = steps.flatMap((step, index) => {
    const within = indexed.within[step] ?? Infinity;
    const before = indexed.before[step] ?? new Int32Array();
    if (within === Infinity || indexed.fixed[step] || before.length === 0) return [];
    const inModel = Array.from(before).filter((other) => place.has(other));
    const others = Array.from(before).filter((other) => !place.has(other));
    return {
      step: index + 1,
      after: inModel.map((other) => (place.get(other) ?? 0) + 1),
      within: whole(within),
      // Fixed before all that is modelled.
      latest: whole(Math.max(-within, ...others.map((other) => indexed.fixed[other]?.end ?? 0))),
    };
  });
  const opens = steps.flatMap((step, index): number[][] => {
    const open = indexed.stations[indexed.station[step] ?? -1]?.open;
    if (!open || indexed.fixed[step] || indexed.anyHour[step] === 1 || (indexed.unattended[step] ?? 0) === 0) return [];
    return Array.from({ length: open.length / 2 }, (_, window) => [
      index + 1,
      whole(open[2 * window] ?? 0),
      whole(Math.min(open[2 * window + 1] ?? 0, horizon)),
    ]).filter(([, begin = 0, end = 0]) => end - begin >= (unattended[index] ?? 0));
  });
  const data = {
    n: steps.length,
    H: whole(horizon),
    M: indexed.makers,
    att: attended,
    un: unattended,
    est: steps.map((step) => whole(indexed.fixed[step]?.start ?? earliest.start[step] ?? 0)),
    lft: steps.map((step) => whole(latest[step] ?? horizon)),
    qFrom: from,
    qTo: from.map((first, index) => first + (stretches[index]?.length ?? 0) - 1),
    P: flat.length,
    pMaker: flat.map(({ maker }) => maker + 1),
    pLow: flat.map(({ low }) => whole(low)),
    pHigh: flat.map(({ high }) => whole(high)),
    pDelay: flat.map(({ delay }) => whole(delay)),
    pairA: pairs.map(([a]) => a),
    pairB: pairs.map(([, b]) => b),
    preA: precedences.map(([a]) => a),
    preB: precedences.map(([, b]) => b),
    openOf: opens.map(([step]) => step),
    openFrom: opens.map(([, from]) => from),
    openTo: opens.map(([, , to]) => to),
    ...(hasLoads && {
      pairT: pairs.map(([one, other]) => 1 + loads.pairs.findIndex(([a, b]) => a === one && b === other)),
      once: steps.map((step) => whole(indexed.onceALoad[step] ?? 0)),
      pEnd: flat.map(({ until: end }) => whole(Math.min(end, horizon))),
    }),
    J: jobs.length,
    jobLow: jobs.map((job) => whole(fixedEnds[job] ?? 0)),
    jobOf: steps.map((step) => jobs.indexOf(indexed.job[step] ?? 0) + 1),
    due: jobs.map((job) =>
      Number.isFinite(indexed.due[job] ?? Infinity) ? whole(indexed.due[job] ?? 0) : whole(horizon),
    ),
    weight: jobs.map((job) => (Number.isFinite(indexed.due[job] ?? Infinity) ? (weights.of[job] ?? 0) : 0)),
    // Better than what is known: that there is nothing is the proof.
    known: (aim.least === 'tardiness' ? Math.floor(aim.known * scale * weights.scale + 1e-6) : whole(aim.known)) - 1,
    late: aim.least === 'makespan' ? Math.floor(aim.tardiness * scale * weights.scale + 1e-6) : 0,
  };
  return {
    text: textOf(aim, stations, allHands(indexed, steps), lags, loads),
    data,
    objectiveOf: ({ goal }) => (aim.least === 'tardiness' ? goal / scale / weights.scale : goal / scale),
    read: ({ s, q, a, u, t }) => {
      const loadOf = loadsIn(loads, t ?? []);
      return new Map(
        steps.map((step, index) => {
          const stretch = flat[(q[index] ?? 1) - 1];
          const start = (s[index] ?? 0) / scale;
          const own = lengthOf(indexed, step);
          const hands = a ? (a[index] ?? 0) / scale : own.attended;
          const alone = u ? (u[index] ?? 0) / scale : own.unattended;
          const attendedEnd = start + hands + (stretch?.delay ?? 0);
          return [
            step,
            { start, attendedEnd, end: attendedEnd + alone, maker: stretch?.maker ?? -1, load: loadOf.get(index + 1) },
          ];
        }),
      );
    },
  };
}

// A fixed step takes the time it takes, not the time it was computed to take.
function lengthOf(indexed: IndexedProblem, step: number): { attended: number; unattended: number } {
  const fixed = indexed.fixed[step];
  if (fixed) return { attended: fixed.attendedEnd - fixed.start, unattended: fixed.end - fixed.attendedEnd };
  return { attended: indexed.attended[step] ?? 0, unattended: indexed.unattended[step] ?? 0 };
}

// Free steps, and fixed steps that could be in their way.
function modelled(indexed: IndexedProblem, aim: SolveStage, earliest: Float64Array, latest: Float64Array): number[] {
  const isPromised = (job: number) => Number.isFinite(indexed.due[job] ?? Infinity) && (indexed.weight[job] ?? 0) > 0;
  const steps = Array.from({ length: indexed.size }, (_, step) => step);
  const free = steps.filter(
    (step) => !indexed.fixed[step] && (aim.least === 'makespan' || isPromised(indexed.job[step] ?? 0)),
  );
  if (free.length === 0) return [];
  const first = Math.min(...free.map((step) => earliest[step] ?? 0));
  const last = Math.max(...free.map((step) => latest[step] ?? 0));
  const isFree = new Set(free);
  return steps.filter((step) => {
    const fixed = indexed.fixed[step];
    return fixed ? fixed.end > first && fixed.start < last : isFree.has(step);
  });
}

/** No step of a plan as good as the known one ends later than this, nor after what is fixed and waits for it. */
function latestEnds(indexed: IndexedProblem, aim: SolveStage, until: number): Float64Array {
  const late = aim.least === 'tardiness' ? aim.known : aim.tardiness;
  const byEnd = Math.min(until, aim.least === 'makespan' ? aim.known : Infinity);
  return Float64Array.from(indexed.job, (job, step) => {
    const fixed = indexed.fixed[step];
    if (fixed) return fixed.end;
    const [due = Infinity, weight = 0] = [indexed.due[job], indexed.weight[job]];
    const byDue = Number.isFinite(due) && weight > 0 ? due + late / weight : Infinity;
    const byOthers = Array.from(indexed.behind[step] ?? [], (other) => indexed.fixed[other]?.start ?? Infinity);
    return Math.min(byDue, byEnd, ...byOthers);
  });
}

function scaleOf({ problem, attended, unattended, onceALoad, release, fixed }: IndexedProblem): number | null {
  const times = [
    ...attended,
    ...unattended,
    ...onceALoad,
    ...release,
    ...problem.jobs.flatMap(({ due }) => due ?? []),
    ...problem.jobs.flatMap(({ steps }) => steps.flatMap(({ within }) => within ?? [])),
    ...problem.makers.flatMap(({ shifts, lastStart }) => [lastStart, ...(shifts ?? []).flat()]),
    ...problem.stations.flatMap(({ open }) => (open ?? []).flat()),
    ...fixed.flatMap((one) => (one ? [one.start, one.attendedEnd, one.end] : [])),
  ].filter(Number.isFinite);
  return (
    scales.find((scale) => times.every((time) => Math.abs(time * scale - Math.round(time * scale)) < 1e-6)) ?? null
  );
}

function wholeWeights({ weight }: IndexedProblem): { readonly of: readonly number[]; readonly scale: number } {
  const scale = [1, 2, 4, 5, 10, 100].find((one) =>
    weight.every((value) => Math.abs(value * one - Math.round(value * one)) < 1e-9),
  );
  const by = scale ?? 1000;
  // Rounded down, so that a proved bound is never too high.
  return { of: Array.from(weight, (value) => Math.floor(value * by + 1e-9)), scale: by };
}

function stretchesOf(indexed: IndexedProblem, step: number, earliest: number, deadline: number): Stretch[] {
  const fixed = indexed.fixed[step];
  if (fixed) return [{ maker: fixed.maker, low: fixed.start, high: fixed.start, delay: 0, until: fixed.end }];
  const able = indexed.able[step] ?? [];
  const attended = indexed.attended[step] ?? 0;
  const release = Math.max(earliest, indexed.release[step] ?? 0);
  const latest = deadline - attended - (indexed.unattended[step] ?? 0);
  if (able.length === 0)
    return latest >= release ? [{ maker: -1, low: release, high: latest, delay: 0, until: Infinity }] : [];
  return Array.from(able).flatMap((maker) =>
    stretchesOfMaker(
      indexed.shifts[maker] ?? new Float64Array(),
      attended,
      indexed.pausable[step] === 1,
      indexed.anyStart[step] === 1 ? 0 : (indexed.lastStart[maker] ?? 0),
    )
      .map(({ low, high, delay, until }) => ({
        until,
        maker,
        low: Math.max(low, release),
        high: Math.min(high, latest - delay),
        delay,
      }))
      .filter(({ low, high }) => low <= high),
  );
}

function stretchesOfMaker(
  shifts: Float64Array,
  attended: number,
  isPausable: boolean,
  lastStart: number,
): Omit<Stretch, 'maker'>[] {
  const all: Omit<Stretch, 'maker'>[] = [];
  for (let shift = 0; shift < shifts.length; shift += 2) {
    const [from, to] = [shifts[shift] ?? 0, shifts[shift + 1] ?? 0];
    const latest = Math.max(from, to - lastStart);
    if (to - attended >= from) all.push({ low: from, high: Math.min(latest, to - attended), delay: 0, until: to });
    if (!isPausable) continue;
    // Later starts run over more gaps: between two breakpoints the delay is the same.
    let low = Math.max(from, to - attended);
    while (low < Math.min(to, latest + 1e-3) - 1e-9) {
      const probe = low + 1e-4;
      const end = pausedEnd(shifts, shift, probe, attended);
      if (end === Infinity) break;
      const shiftOfEnd = shiftHolding(shifts, end);
      // The start whose work would end just with that shift is the last of this range.
      const room = (shifts[shiftOfEnd + 1] ?? Infinity) - end;
      const high = Math.min(to, probe + room);
      const first = low > to - attended + 1e-9 || low > from ? low : from;
      all.push({ low: first, high: Math.min(high, latest), delay: end - probe - attended, until: Infinity });
      low = high;
    }
  }
  return all.map((one) => ({ ...one, low: neat(one.low), high: neat(one.high), delay: neat(one.delay) }));
}

const neat = (minutes: number) => Math.round(minutes * 1000) / 1000;

function shiftHolding(shifts: Float64Array, time: number): number {
  for (let shift = 0; shift < shifts.length; shift += 2) if (time <= (shifts[shift + 1] ?? 0) + 1e-9) return shift;
  return shifts.length - 2;
}

/** Groups of steps that the same makers do: together they never have more makers than there are. */
function allHands(indexed: IndexedProblem, steps: readonly number[]): { count: number; held: number[] }[] {
  const groups = new Map<string, { count: number; held: number[] }>();
  steps.forEach((step, index) => {
    const able = indexed.fixed[step] ? [] : Array.from(indexed.able[step] ?? []);
    if (able.length === 0) return;
    const key = able.join();
    const group = groups.get(key) ?? { count: able.length, held: [] };
    group.held.push(index + 1);
    groups.set(key, group);
  });
  return [...groups.values()].filter(({ count, held }) => held.length > count);
}

const LOADS_PRINTED = ',\\"a\\":\\(a),\\"u\\":\\(u),\\"t\\":\\([bool2int(t[k]) | k in index_set(t)])';

/** A step that starts soon after the last of others. */
interface Lag {
  readonly step: number;
  readonly after: readonly number[];
  readonly within: number;
  readonly latest: number;
}

type Limited = readonly { readonly count: number; readonly held: readonly number[] }[];

function textOf(
  aim: SolveStage,
  stations: Limited,
  hands: Limited,
  lags: readonly Lag[],
  loads: ModelledLoads,
): string {
  const hasLoads = loads.pairs.length > 0;
  const [attended, unattended, once] = hasLoads ? ['a', 'u', 'first[i]'] : ['att', 'un', '1'];
  const soon = ({ step, after, within, latest }: Lag) =>
    `constraint s[${String(step)}] <= ${String(within)} + max([${[...after.map((other) => `e[${String(other)}]`), String(latest)].join(',')}]);`;
  const cumulative = ({ count, held }: Limited[number], length: string) => {
    const set = `[${held.join(',')}]`;
    return `constraint cumulative([s[i] | i in ${set}], [${length} | i in ${set}], [${once} | i in ${set}], ${String(count)});`;
  };
  return `include "cumulative.mzn";
int: n; int: H; int: M; int: P; int: J; int: known; int: late;
array[1..n] of int: att; array[1..n] of int: un; array[1..n] of int: est; array[1..n] of int: lft;
array[1..n] of int: qFrom; array[1..n] of int: qTo; array[1..n] of int: jobOf;
array[1..P] of int: pMaker; array[1..P] of int: pLow; array[1..P] of int: pHigh; array[1..P] of int: pDelay;
array[int] of int: pairA; array[int] of int: pairB; array[int] of int: preA; array[int] of int: preB;
array[int] of int: openOf; array[int] of int: openFrom; array[int] of int: openTo;
array[1..J] of int: due; array[1..J] of int: weight; array[1..J] of int: jobLow;
array[1..n] of var 0..H: s;
array[1..n] of var 1..P: q;
array[1..n] of var 0..max(pDelay): delay;
array[1..n] of var 0..M: who;
${hasLoads ? 'array[1..n] of var 0..H: a; array[1..n] of var 0..H: u; array[1..n] of var 0..1: first;' : ''}
array[1..n] of var 0..H: ea = [s[i] + ${attended}[i] + delay[i] | i in 1..n];
array[1..n] of var 0..H: e = [ea[i] + ${unattended}[i] | i in 1..n];
array[1..n] of var 0..H: hands = [${attended}[i] + delay[i] | i in 1..n];
array[1..n] of var 0..H: hold = [${attended}[i] + delay[i] + ${unattended}[i] | i in 1..n];
constraint forall(i in 1..n)(s[i] >= est[i] /\\ e[i] <= lft[i] /\\ q[i] >= qFrom[i] /\\ q[i] <= qTo[i]
  /\\ delay[i] = pDelay[q[i]] /\\ who[i] = pMaker[q[i]] /\\ s[i] >= pLow[q[i]] /\\ s[i] <= pHigh[q[i]]);
constraint forall(k in index_set(preA))(e[preA[k]] <= s[preB[k]]);
${textOfLoads(loads)}array[index_set(pairA)] of var bool: inOrder;
array[index_set(pairA)] of var bool: reversed;${hasLoads ? '\narray[index_set(pairA)] of int: pairT;' : ''}
constraint forall(k in index_set(pairA))(let { int: i = pairA[k]; int: j = pairB[k] } in
  (who[i] != who[j] \\/ inOrder[k] \\/ reversed[k]${hasLoads ? ' \\/ (if pairT[k] > 0 then t[pairT[k]] else false endif)' : ''}) /\\ (inOrder[k] -> ea[i] <= s[j]) /\\ (reversed[k] -> ea[j] <= s[i]));
constraint forall(i in {openOf[k] | k in index_set(openOf)})(
  exists(k in index_set(openOf) where openOf[k] = i)(ea[i] >= openFrom[k] /\\ e[i] <= openTo[k]));
${stations.map((one) => cumulative(one, 'hold[i]')).join('\n')}
${hands.map((one) => cumulative(one, 'hands[i]')).join('\n')}
${lags.map(soon).join('\n')}
array[1..J] of var 0..H: jobEnd;
constraint forall(j in 1..J)(jobEnd[j] >= jobLow[j]);
constraint forall(i in 1..n)(jobEnd[jobOf[i]] >= e[i]);
var int: lateness = sum(j in 1..J where weight[j] > 0)(weight[j] * max(0, jobEnd[j] - due[j]));
var 0..H: finish;
constraint forall(j in 1..J)(finish >= jobEnd[j]);
${
  aim.least === 'tardiness'
    ? 'var 0..known: goal; constraint goal >= lateness;'
    : 'var 0..known: goal = finish; constraint lateness <= late;'
}
solve :: int_search(s, smallest, indomain_min) minimize goal;
output ["{\\"s\\":\\(s),\\"q\\":\\(q),\\"goal\\":\\(goal)${hasLoads ? LOADS_PRINTED : ''}}"];
`;
}
