// The batches of a simulated year: when they arrive, their steps, and how they would be taken.
import { logNormal } from '../../measure/random.ts';
import type { ScheduleProblem, ScheduleStep } from '../model/problem.ts';
import type { YearTerms } from './year-terms.ts';

/** A batch that arrives in the morning of a day. */
export interface ArrivingBatch {
  readonly id: string;
  readonly day: number;
  readonly isRush: boolean;
  readonly steps: readonly ScheduleStep[];
  /** By step: its true minutes as a multiple of the standard, before maker and day. */
  readonly truth: ReadonlyMap<string, number>;
}

/** Kinds of work with their station, minutes and unattended minutes. */
const work = {
  saw: { station: null, minutes: [30, 120], unattended: 0, pausable: true },
  form: { station: null, minutes: [20, 90], unattended: 0, pausable: true },
  solder: { station: 'torch', minutes: [25, 110], unattended: 0, pausable: false },
  pickle: { station: 'pickle', minutes: [4, 6], unattended: 20, pausable: false },
  file: { station: 'motor', minutes: [30, 120], unattended: 0, pausable: true },
  tumble: { station: 'tumbler', minutes: [5, 8], unattended: 120, pausable: false },
  finish: { station: null, minutes: [20, 90], unattended: 0, pausable: true },
} as const;
/** A kind of work of the simulated year. */
export type YearWork = keyof typeof work;

/** The stations of the simulated studio. */
export const yearStations: ScheduleProblem['stations'] = [
  { id: 'torch', count: 2 },
  { id: 'pickle', count: 1 },
  { id: 'motor', count: 1 },
  { id: 'tumbler', count: 1 },
];

/** Routes of the trade in short: made, soldered once or twice, finished. */
const routes: readonly (readonly YearWork[])[] = [
  ['saw', 'solder', 'pickle', 'file', 'tumble', 'finish'],
  ['saw', 'form', 'solder', 'pickle', 'solder', 'pickle', 'file', 'finish'],
  ['form', 'solder', 'pickle', 'tumble'],
  ['saw', 'file', 'finish'],
];

/** @param kinds  by kind of work: how much longer it takes in this studio than its standard */
export function arrivingBatches(
  terms: YearTerms,
  kinds: Readonly<Record<YearWork, number>>,
  random: () => number,
): ArrivingBatch[] {
  const all: ArrivingBatch[] = [];
  for (let day = 0; day < terms.days; day += 1)
    for (let chance = terms.arrivals; chance > 0; chance -= 1)
      if (random() < chance) all.push(batchOf(`b${String(all.length)}`, day, terms, kinds, random));
  return all;
}

function batchOf(
  id: string,
  day: number,
  terms: YearTerms,
  kinds: Readonly<Record<YearWork, number>>,
  random: () => number,
): ArrivingBatch {
  const isRush = random() < terms.rush;
  const route = routes[Math.floor(random() * routes.length)] ?? [];
  const size = 0.5 + random();
  const truth = new Map<string, number>();
  const steps = route.map((kind, at): ScheduleStep => {
    const { station, minutes, unattended, pausable } = work[kind];
    const [least, most] = minutes;
    const attended = Math.round((least + random() * (most - least)) * size * (isRush ? 0.4 : 1));
    const again = random() < terms.again ? 2 : 1;
    const lost = random() < terms.lost ? 1.5 : 1;
    truth.set(String(at), kinds[kind] * logNormal(terms.stepSpread, random) * again * lost);
    return {
      id: String(at),
      after: at > 0 ? [String(at - 1)] : [],
      skill: 'bench',
      station,
      attended: Math.max(1, attended),
      unattended,
      pausable,
      anyHour: true,
      anyStart: false,
      kind,
      ...(kind === 'pickle' && { within: 60, anyStart: true }),
    };
  });
  return { id, day, isRush, steps, truth };
}

/** How much longer each kind of work takes in a studio. */
export function kindsOf(terms: YearTerms, random: () => number): Record<YearWork, number> {
  const of = () => terms.slower * logNormal(terms.kindSpread, random);
  return { saw: of(), form: of(), solder: of(), pickle: of(), file: of(), tumble: of(), finish: of() };
}
