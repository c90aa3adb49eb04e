// The open batches of the studio as a schedule problem: makers in their hours, stations, and what is left of each
// batch.
import type { Batch } from '../../batch/batch.ts';
import type { BenchStep } from '../../bench/batch-steps.ts';
import { type NewBenchEntry, standingKey } from '../../bench/bench-entry.ts';
import { attendedLeft, type Standing } from '../../bench/standing.ts';
import { dayAfter, daysBetween, MINUTES_A_DAY, weekdayOf } from '../../measure/days.ts';
import { isHeat, mayPause, type StepKind } from '../../piece/step.ts';
import type { Bench, BenchMaker } from '../../studio/bench.ts';
import type { Shift } from '../../studio/hours.ts';
import type { Fixed, ScheduleProblem, ScheduleStep } from '../model/problem.ts';
import { likingOf } from './liking.ts';
import { loadOf, loadsUnderWay } from './studio-loads.ts';

/** An open batch. */
export interface StudioJob {
  readonly id: string;
  readonly batch: Pick<Batch, 'due' | 'priority' | 'materialsOn'>;
  readonly steps: readonly BenchStep[];
}

/** What the studio is planned with. */
export interface StudioTerms {
  readonly bench: Bench;
  /** Today and the minute of it. */
  readonly day: string;
  readonly minute: number;
  readonly standings: ReadonlyMap<string, Standing>;
  /** Days ahead that are planned. */
  readonly days?: number;
}

const DAYS_AHEAD = 240;
/** Weight of a rush batch. */
export const RUSH = 1000;
/** Weights of tardiness and completion: rush, normal, low, when there is time. */
const weights = { first: RUSH, '': 10, low: 3, last: 0.5 } as const;
/** Kinds of work that are not left alone at night unless their station may be: hot, acid, motors. */
const watched = new Set<StepKind>([
  'anneal',
  'solder',
  'fuse',
  'pickle',
  'neutralise',
  'tumble',
  'polish',
  'patina',
  'plate',
]);
/** Places of a station that is not listed: nobody ever waits for it. */
const PLENTY = 1000;

/** Makes the problem. Minutes count from the midnight that starts `day`. */
export function studioProblem(jobs: readonly StudioJob[], terms: StudioTerms): ScheduleProblem {
  const { bench, day, minute } = terms;
  const days = terms.days ?? DAYS_AHEAD;
  const shiftsOf = new Map(bench.makers.map((maker) => [maker.id, makerShifts(maker, day, days)]));
  const longest = Math.max(0, ...[...shiftsOf.values()].flat().map(([from, to]) => to - from));
  const open = openDays([...shiftsOf.values()]);
  const longestOpen = Math.max(0, ...open.map(([from, to]) => to - from));
  const stations = stationsOf(jobs, bench, open);
  const makers = bench.makers.map((maker) => ({
    id: maker.id,
    skills: skillsOf(maker, jobs, bench.makers.length),
    shifts: shiftsOf.get(maker.id) ?? [],
    lastStart: bench.lastStartMin ?? 0,
    prefers: preferencesOf(maker, jobs, days),
  }));
  const inItsLoad = loadsUnderWay(jobs, terms, longest);
  const skills = new Set(makers.flatMap((maker) => maker.skills));
  // How long a maker can attend a step and it can run unattended before the last maker leaves.
  const roomOf = new Map(makers.map(({ id, shifts }) => [id, roomBeforeClosing(shifts, open)]));
  const roomFor = (skill: string) =>
    Math.max(0, ...makers.filter((maker) => maker.skills.includes(skill)).map(({ id }) => roomOf.get(id) ?? 0));
  const context = { terms, shiftsOf, longest, longestOpen, skills, roomFor, inItsLoad };
  return {
    objective: ['tardiness', 'completion'],
    makers,
    stations,
    jobs: [
      ...jobs.map(({ id, batch, steps }) => {
        const left = steps.filter(({ key }) => !terms.standings.get(standingKey(id, key))?.done);
        const waitsUntil = batch.materialsOn ? Math.max(0, daysBetween(day, batch.materialsOn)) * MINUTES_A_DAY : 0;
        return {
          id,
          release: Math.max(minute, waitsUntil),
          ...dueOf(batch, terms),
          weight: weights[batch.priority],
          steps: left.map((step) => scheduleStep(id, step, steps, left, context)),
        };
      }),
      ...outages(stations, terms),
    ],
  };
}

/** What the steps of all batches have in common. */
interface StepContext {
  readonly terms: StudioTerms;
  readonly shiftsOf: ReadonlyMap<string, [number, number][]>;
  /** Minutes of the longest shift, and of the longest day. */
  readonly longest: number;
  readonly longestOpen: number;
  readonly skills: ReadonlySet<string>;
  /** Most minutes that a maker with a skill has until the last one leaves. */
  readonly roomFor: (skill: string) => number;
  readonly inItsLoad: (step: BenchStep, standing: Standing) => BenchStep;
}

/** @param left  steps of the batch that are not done */
function scheduleStep(
  batch: string,
  step: BenchStep,
  all: readonly BenchStep[],
  left: readonly BenchStep[],
  { terms, shiftsOf, longest, longestOpen, skills, roomFor, inItsLoad }: StepContext,
): ScheduleStep {
  const { bench, standings } = terms;
  const standing = standings.get(standingKey(batch, step.key));
  const fixed = standing ? fixedOf(inItsLoad(step, standing), standing, terms, shiftsOf) : undefined;
  const attended = standing ? attendedLeft(standing, step.attendedMin, step.pieces) : step.attendedMin;
  const own = skillOf(step);
  // A skill that nobody has any more becomes everybody's.
  const skill = step.attendedMin > 0 ? (skills.has(own) ? own : 'bench') : null;
  const load = loadOf(step, bench, longest);
  // Nobody leaves a load half in. More attended work than fits a day has to be pausable, whatever the step says.
  const pausable = !load && (mayPause(step.step) || step.attendedMin > longest);
  // Unattended time follows the attended work; of more than a day's work the last part may be early in the day.
  const handsBefore = step.attendedMin > longest ? 1 : step.attendedMin;
  const runsOver = skill !== null && handsBefore + step.unattendedMin > roomFor(skill);
  const within = soonAfter(step, left);
  return {
    id: step.key,
    after: afterLeft(step, all, new Set(left.map(({ key }) => key))),
    skill,
    station: step.station || watched.has(step.kind) ? stationOf(step) : null,
    attended,
    unattended: step.unattendedMin,
    pausable,
    // Longer than the longest day: it runs whatever the hours.
    anyHour: step.unattendedMin > longestOpen || runsOver,
    anyStart: within !== null || (pausable && Boolean(bench.hasLateStarts)),
    ...(within !== null && { within }),
    kind: setUpOf(step),
    ...(load && { load }),
    ...(fixed && { fixed }),
  };
}

/** A station out of service is held by a job of its own for those days. */
function outages(
  stations: ScheduleProblem['stations'],
  { bench, day }: Pick<StudioTerms, 'bench' | 'day'>,
): ScheduleProblem['jobs'] {
  return bench.stations.flatMap(({ name, out, count }) =>
    out.flatMap(([from, to]): ScheduleProblem['jobs'] => {
      const start = Math.max(0, daysBetween(day, from)) * MINUTES_A_DAY;
      const end = (daysBetween(day, to) + 1) * MINUTES_A_DAY;
      if (end <= start || !stations.some(({ id }) => id === name)) return [];
      const fixed = { maker: null, start, attendedEnd: start, end };
      const step = { after: [], skill: null, station: name, attended: 0, unattended: end - start };
      const free = { pausable: false, anyHour: true, anyStart: true };
      const steps = Array.from({ length: count }, (_, at) => ({ ...step, ...free, id: String(at), fixed }));
      return [{ id: `out of service: ${name} ${from}`, release: 0, weight: 0, steps }];
    }),
  );
}

/** A rush batch is due at once: before all others, with or without a due date. */
function dueOf({ due, priority }: StudioJob['batch'], { day, minute }: StudioTerms): { due?: number } {
  if (priority === 'first') return { due: minute };
  return due ? { due: (daysBetween(day, due) + 1) * MINUTES_A_DAY } : {};
}

/**
 * How soon a step has to follow the ones before it, minutes (common practice): flux sets hard, acid goes on working,
 * and a clean surface does not stay clean.
 * @param left  steps of the batch that are not done
 * @returns null where it can wait
 */
function soonAfter(step: BenchStep, left: readonly BenchStep[]): number | null {
  const before = left.filter(({ key }) => step.after.includes(key));
  if (before.length === 0) return null;
  const follows = (kinds: readonly StepKind[]) => before.some(({ kind }) => kinds.includes(kind));
  if (step.kind === 'pickle' && before.some(({ kind }) => isHeat(kind) || kind === 'quench')) return 60;
  if (step.kind === 'quench' && before.some(({ kind }) => isHeat(kind))) return 10;
  if (step.kind === 'neutralise' && follows(['pickle', 'etch', 'patina', 'blacken'])) return 15;
  if ((step.kind === 'patina' || step.kind === 'blacken' || step.kind === 'plate') && follows(['clean'])) return 60;
  return null;
}

const stationOf = ({ station, kind }: BenchStep) => station || kind;
const skillOf = ({ maker, station }: BenchStep) => (maker ? `maker ${maker}` : station ? `at ${station}` : 'bench');

function skillsOf(maker: BenchMaker, jobs: readonly StudioJob[], makers: number): string[] {
  const stations = new Set(jobs.flatMap(({ steps }) => steps.map(({ station }) => station).filter(Boolean)));
  const does = maker.does;
  const able = [...stations].filter((station) => makers === 1 || !does || does.includes(station));
  return ['bench', `maker ${maker.id}`, ...able.map((station) => `at ${station}`)];
}

const setUpOf = ({ kind, station }: Pick<BenchStep, 'kind' | 'station'>) => `${kind} ${station}`;

/** The later in the list of what is liked, the higher the penalty; what is not listed has the highest. */
function preferencesOf(
  { prefers }: BenchMaker,
  jobs: readonly StudioJob[],
  days: number,
): ScheduleProblem['makers'][number]['prefers'] {
  if (prefers.length === 0) return [];
  const bestHours = prefers.map(({ hours }) => hours && eachDay(hours, days));
  const kinds = new Map(jobs.flatMap(({ steps }) => steps.map((step) => [setUpOf(step), step])));
  return [...kinds].map(([kind, step]) => {
    const place = likingOf(prefers, step.station, step.kind);
    const hours = bestHours[place];
    return { kind, penalty: (place < 0 ? prefers.length : place) / prefers.length, ...(hours && { hours }) };
  });
}

const eachDay = (hours: readonly Shift[], days: number) =>
  Array.from({ length: days }, (_, ahead) => ahead * MINUTES_A_DAY).flatMap((midnight) =>
    hours.map(({ opensMin, closesMin }): [number, number] => [midnight + opensMin, midnight + closesMin]),
  );

/** When a maker works, in minutes from midnight of the first day. */
function makerShifts(maker: BenchMaker, firstDay: string, days: number): [number, number][] {
  const first = weekdayOf(firstDay);
  return Array.from({ length: days }, (_, ahead) => ahead).flatMap((ahead) => {
    const day = dayAfter(firstDay, ahead);
    if (maker.away.some(([from, to]) => day >= from && day <= to)) return [];
    return (maker.week[(first + ahead) % 7] ?? []).map(({ opensMin, closesMin }): [number, number] => [
      ahead * MINUTES_A_DAY + opensMin,
      ahead * MINUTES_A_DAY + closesMin,
    ]);
  });
}

/** From the first arrival to the last departure of each day. */
function openDays(shifts: readonly (readonly [number, number][])[]): [number, number][] {
  const days = new Map<number, [number, number]>();
  for (const [from, to] of shifts.flat()) {
    const day = Math.floor(from / MINUTES_A_DAY);
    const before = days.get(day);
    days.set(day, [Math.min(from, before?.[0] ?? from), Math.max(to, before?.[1] ?? to)]);
  }
  return [...days].sort(([a], [b]) => a - b).map(([, open]) => open);
}

/** Most minutes from a maker's arrival to the last departure of the day. */
function roomBeforeClosing(
  shifts: readonly (readonly [number, number])[],
  open: readonly (readonly [number, number])[],
): number {
  const closing = new Map(open.map(([from, to]) => [Math.floor(from / MINUTES_A_DAY), to]));
  return Math.max(0, ...shifts.map(([from]) => (closing.get(Math.floor(from / MINUTES_A_DAY)) ?? from) - from));
}

function stationsOf(jobs: readonly StudioJob[], bench: Bench, open: [number, number][]): ScheduleProblem['stations'] {
  const steps = jobs.flatMap((job) => job.steps);
  const names = new Set(steps.flatMap((step) => (step.station || watched.has(step.kind) ? [stationOf(step)] : [])));
  return [...names].map((name) => {
    const listed = bench.stations.find((station) => station.name === name);
    const isWatched = listed
      ? !listed.overnight
      : steps.some((step) => stationOf(step) === name && watched.has(step.kind));
    return { id: name, count: listed?.count ?? PLENTY, ...(isWatched && { open }) };
  });
}

/** Steps that are done are not waited for, but what came before them still is. */
function afterLeft(step: BenchStep, steps: readonly BenchStep[], left: ReadonlySet<string>): string[] {
  const byKey = new Map(steps.map((one) => [one.key, one]));
  const found = new Set<string>();
  const seen = new Set<string>();
  const look = (keys: readonly string[]) => {
    for (const key of keys) {
      if (seen.has(key)) continue;
      seen.add(key);
      if (left.has(key)) found.add(key);
      else look(byKey.get(key)?.after ?? []);
    }
  };
  look(step.after);
  return [...found];
}

// A started step stays with its maker for as long as its minutes last; a pinned step stays where it was pinned.
function fixedOf(
  step: BenchStep,
  standing: Standing,
  { day, minute, bench }: StudioTerms,
  shiftsOf: ReadonlyMap<string, readonly (readonly [number, number])[]>,
): Fixed | undefined {
  const { started, pinned, left } = standing;
  const entry = started ?? pinned;
  if (!entry) return undefined;
  if (left) return leftAlone(step, entry, left, { day, bench });
  const at = daysBetween(day, entry.on) * MINUTES_A_DAY + entry.minute;
  const maker = step.attendedMin === 0 ? null : makerOf(entry, bench);
  // A pin whose time has passed without a start has no effect.
  if (!started && at < minute) return undefined;
  const shifts = maker === null ? null : (shiftsOf.get(maker) ?? []);
  const worked = workedUntil(shifts, at, attendedLeft(standing, step.attendedMin, step.pieces));
  const start = Math.max(0, at);
  // Once it is loaded it runs by the clock; attended work goes on until it is done.
  if (started && step.unattendedMin > 0) {
    const loaded = Math.max(start, worked);
    return { maker, start, attendedEnd: loaded, end: loaded + step.unattendedMin };
  }
  const attendedEnd = Math.max(started ? minute : 0, worked);
  return {
    maker,
    start,
    attendedEnd: Math.max(start, attendedEnd),
    end: Math.max(start, attendedEnd) + step.unattendedMin,
  };
}

/** It runs unattended since it was left. */
function leftAlone(
  step: BenchStep,
  started: NewBenchEntry,
  left: NewBenchEntry,
  { day, bench }: Pick<StudioTerms, 'day' | 'bench'>,
): Fixed {
  const at = (entry: NewBenchEntry) => Math.max(0, daysBetween(day, entry.on) * MINUTES_A_DAY + entry.minute);
  const attendedEnd = at(left);
  return {
    maker: step.attendedMin === 0 ? null : makerOf(started, bench),
    start: Math.min(at(started), attendedEnd),
    attendedEnd,
    end: attendedEnd + step.unattendedMin,
  };
}

function makerOf({ maker }: NewBenchEntry, { makers }: Bench): string {
  return makers.some(({ id }) => id === maker) ? maker : (makers[0]?.id ?? '');
}

/** When attended minutes are over, work pausing at the end of each shift. */
function workedUntil(shifts: readonly (readonly [number, number])[] | null, start: number, minutes: number): number {
  if (!shifts) return start + minutes;
  let left = minutes;
  for (const [from, to] of shifts) {
    const begin = Math.max(from, start);
    if (begin >= to) continue;
    if (begin + left <= to) return begin + left;
    left -= to - begin;
  }
  return start + minutes;
}
