// What came of a batch at the bench: each step's minutes and counts beside its estimate, and its metal.
import type { BenchStep } from './batch-steps.ts';
import { EXTRA, type Happening, type NewBenchEntry } from './bench-entry.ts';
import { groupBy } from './group-by.ts';
import { type StepLog, workLog } from './work-log.ts';

/** A step with what came of it; its loads together. */
export interface StepStory {
  /** `line/step`, or `extra/KIND`. */
  readonly key: string;
  readonly name: string;
  /** Index in the route of the batch; -1 for work that is not in it. */
  readonly index: number;
  readonly kind: string;
  /** Pieces of the batch. */
  readonly pieces: number;
  /** Attended minutes: by the recipe, and as they were so far. */
  readonly estimatedMin: number;
  readonly actualMin: number;
  /** Share of it that is done, 0 to 1, by loads or by the pieces that were counted. */
  readonly doneShare: number;
  readonly state: StepLog['state'];
  readonly good: number;
  readonly again: number;
  readonly lost: number;
  readonly byMaker: ReadonlyMap<string, number>;
  readonly notes: readonly Happening[];
  readonly photos: readonly string[];
  /** Moment of its end; null before. */
  readonly doneAt: number | null;
}

/** A batch with what came of it. */
export interface BatchStory {
  readonly steps: readonly StepStory[];
  /** Attended minutes of steps that are done: by the recipe, and as they were. Work outside the route is in the second. */
  readonly estimatedDoneMin: number;
  readonly actualDoneMin: number;
  /** Attended minutes by the recipe of what is left. */
  readonly estimatedLeftMin: number;
  readonly lost: number;
  /** g; null where nothing was weighed. */
  readonly metalIn: number | null;
  readonly metalOut: number | null;
  readonly scrap: number | null;
  /** Moments of the first and the last entry of work; null before. */
  readonly beganAt: number | null;
  readonly endedAt: number | null;
}

/**
 * @param steps    of the batch
 * @param entries  of the batch
 * @param now      moment to which work that goes on is counted
 */
export function batchStory(
  batchId: string,
  steps: readonly BenchStep[],
  entries: readonly NewBenchEntry[],
  now: number,
): BatchStory {
  const logs = [...workLog(entries, now).values()].filter((log) => log.batchId === batchId);
  const byStep = groupBy(logs, ({ step }) => withoutLoad(step));
  const route = [...groupBy(steps, ({ key }) => withoutLoad(key))].map(([key, loads]) =>
    stepStory(key, loads, byStep.get(key) ?? []),
  );
  const known = new Set(route.map(({ key }) => key));
  const extra = [...byStep].filter(([key]) => !known.has(key)).map(([key, own]) => stepStory(key, [], own));
  const all = [...route, ...extra].filter(({ index, actualMin, notes, photos }) => {
    return index >= 0 || actualMin > 0 || notes.length + photos.length > 0;
  });
  const done = all.filter(({ state, index }) => state === 'done' || index < 0);
  const weighed = (which: string) => {
    const grams = logs.flatMap(({ weights }) => weights.flatMap((one) => (one.weighing === which ? one.grams : [])));
    return grams.length > 0 ? sum(grams) : null;
  };
  const began = logs.flatMap(({ beganAt }) => beganAt ?? []);
  const ended = logs.flatMap(({ doneAt }) => doneAt ?? []);
  return {
    steps: all,
    estimatedDoneMin: sum(done.map(({ estimatedMin }) => estimatedMin)),
    actualDoneMin: sum(done.map(({ actualMin }) => actualMin)),
    estimatedLeftMin: sum(
      all.map(({ state, estimatedMin, doneShare }) => (state === 'done' ? 0 : estimatedMin * (1 - doneShare))),
    ),
    lost: sum(all.map(({ lost }) => lost)),
    metalIn: weighed('in'),
    metalOut: weighed('out'),
    scrap: weighed('scrap'),
    beganAt: began.length > 0 ? Math.min(...began) : null,
    endedAt: ended.length > 0 ? Math.max(...ended) : null,
  };
}

/** The key of a step without that of its load. */
export const withoutLoad = (key: string) => key.replace(/#\d+$/, '');

function stepStory(key: string, loads: readonly BenchStep[], logs: readonly StepLog[]): StepStory {
  const [first] = loads;
  const byMaker = new Map<string, number>();
  for (const log of logs)
    for (const [maker, minutes] of log.byMaker) byMaker.set(maker, (byMaker.get(maker) ?? 0) + minutes);
  const count = (of: 'good' | 'again' | 'lost') => sum(logs.map((log) => log[of]));
  const states = loads.map((load) => logs.find(({ step }) => step === load.key)?.state ?? 'untouched');
  const estimatedMin = sum(loads.map(({ exactMin }) => exactMin));
  const pieces = sum(loads.map((load) => load.pieces));
  const doneMin = sum(loads.map(({ exactMin }, at) => (states[at] === 'done' ? exactMin : 0)));
  const doneShare = Math.max(
    estimatedMin > 0 ? doneMin / estimatedMin : 0,
    pieces > 0 ? Math.min(1, Math.max(0, count('good')) / pieces) : 0,
  );
  const ended = logs.flatMap(({ doneAt }) => doneAt ?? []);
  return {
    key,
    name: first?.name ?? key.replace(EXTRA, ''),
    index: first?.index ?? -1,
    kind: first?.kind ?? key.replace(EXTRA, ''),
    pieces,
    estimatedMin,
    actualMin: sum(logs.map(({ minutes }) => minutes)),
    doneShare,
    state: togetherOf(loads.length > 0 ? states : logs.map(({ state }) => state)),
    good: count('good'),
    again: count('again'),
    lost: count('lost'),
    byMaker,
    notes: logs.flatMap(({ notes }) => notes.map(({ what }) => what)),
    photos: logs.flatMap(({ photos }) => photos),
    doneAt: ended.length > 0 ? Math.max(...ended) : null,
  };
}

/** The state of several loads: done when all are. */
function togetherOf(states: readonly StepLog['state'][]): StepLog['state'] {
  if (states.length > 0 && states.every((state) => state === 'done')) return 'done';
  for (const state of ['started', 'left', 'paused'] as const) if (states.includes(state)) return state;
  return states.includes('done') ? 'paused' : 'untouched';
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
