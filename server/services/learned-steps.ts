// What was learned of the steps of all pieces, from every batch that was made.
import type { LearnedKind, LearnedStepPage } from '../../contract/bench.ts';
import type { BenchStep } from '../../core/bench/batch-steps.ts';
import { EPOCH } from '../../core/bench/bench-entry.ts';
import { groupBy } from '../../core/bench/group-by.ts';
import { learnedMinutes } from '../../core/bench/learned-minutes.ts';
import { factorOfKind, type LearnedStep, learnKind, type StepObservation } from '../../core/bench/learned-times.ts';
import { type CountedObservation, stepIdOf } from '../../core/bench/observations.ts';
import { dayAfter, MINUTES_A_DAY } from '../../core/measure/days.ts';
import { readMinutes } from '../../core/measure/read/read-number.ts';
import { loadsOf, type StepComputation } from '../../core/piece/bench-time.ts';
import { computeRecipe } from '../../core/piece/compute-recipe.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { workKindOf } from '../../core/work/work-kinds.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { type BenchHistory, nowMoment } from './bench-history.ts';

/**
 * Steps of the latest versions of pieces that were done at least once.
 * @param pieceId  of one piece; left out: all
 */
export function learnedSteps(stores: Stores, history: BenchHistory, pieceId?: string): LearnedStepPage[] {
  const today = Math.floor(nowMoment() / MINUTES_A_DAY);
  const { rates } = currentBasis(stores);
  const pieces = stores.pieces.list().map(({ id, accepted, body }) => ({ id, piece: accepted ?? body }));
  const times = timesOf(pieces, rates.alloys);
  const observations = history.batches().flatMap((past) => past.observations.map((one) => asOfNow(one, times)));
  const byStep = new Map<string, LearnedStep>();
  const isWanted = ({ stepId }: StepObservation) => pieceId === undefined || stepId.startsWith(`${pieceId}/`);
  // A kind that the piece does not have is not learned.
  for (const ofKind of [...groupBy(observations, ({ kind }) => kind).values()].filter((own) => own.some(isWanted)))
    for (const [id, step] of learnKind(ofKind, today)) byStep.set(id, step);
  const shownPieces = pieceId === undefined ? pieces : pieces.filter(({ id }) => id === pieceId);
  return shownPieces.flatMap(({ id: own, piece }) =>
    piece.steps.flatMap((step): LearnedStepPage[] => {
      const id = stepIdOf(own, step.id);
      const [learned, time] = [byStep.get(id), times.get(id)];
      if (!learned || !time || learned.used.length + learned.setApart.length === 0) return [];
      const { makers, used, setApart, factor, low, high, spread } = learned;
      return [
        {
          pieceId: own,
          piece: piece.name,
          stepId: step.id,
          step: step.name,
          kind: used[0]?.kind ?? setApart[0]?.kind ?? '',
          batches: used.length,
          factor,
          likely: [low, high],
          spread,
          ...mutable(learnedMinutes(step, time, learned, today)),
          makers: [...makers].map(([maker, own]) => ({ maker, factor: own })),
          used: used.map(shown),
          setApart: setApart.map(shown),
        },
      ];
    }),
  );
}

/** What was learned of each kind of work that was done, beside the starting values of its steps. */
export function learnedKinds(history: BenchHistory): LearnedKind[] {
  const today = Math.floor(nowMoment() / MINUTES_A_DAY);
  const observations = history
    .batches()
    .flatMap(({ steps, observations: own }) => own.flatMap((one) => besideStandard(one, steps)));
  return [...groupBy(observations, ({ kind }) => kind)].map(([kind, own]) => {
    const { factor, low, high } = factorOfKind(own, today);
    return { kind, batches: new Set(own.map(({ batchId }) => batchId)).size, factor, likely: [low, high] };
  });
}

/** An observation beside the starting values of its kind; none where it is counted by something else. */
function besideStandard(one: CountedObservation, steps: readonly BenchStep[]): CountedObservation[] {
  const [, id = ''] = one.stepId.split('/');
  const step = steps.find((each) => each.step.id === id && each.kind === one.kind);
  const kind = step && workKindOf(step.kind);
  if (!step || !kind || step.step.per !== kind.driver || kind.driver === 'load') return [];
  const [setUp, each] = [readMinutes(kind.start.setUp), readMinutes(kind.start.each)];
  if (!setUp.ok || !each.ok) return [];
  const expectedMin = setUp.value + each.value * (kind.driver === 'batch' ? 1 : one.drivers);
  return expectedMin > 0 ? [{ ...one, expectedMin }] : [];
}

type Times = ReadonlyMap<string, StepComputation>;

/** Times of the steps of pieces as they are now, by `stepIdOf`. */
function timesOf(
  pieces: readonly { readonly id: string; readonly piece: Piece }[],
  alloys: Parameters<typeof computeRecipe>[1],
): Times {
  return new Map(
    pieces.flatMap(({ id, piece }) => {
      const { steps } = computeRecipe(piece, alloys);
      return piece.steps.flatMap((step, at): [string, StepComputation][] => {
        const time = steps[at];
        return time ? [[stepIdOf(id, step.id), time]] : [];
      });
    }),
  );
}

/**
 * An observation beside the recipe as it is now: a batch that was made before a time was taken into the piece must not
 * change it a second time.
 */
function asOfNow(one: CountedObservation, times: Times): CountedObservation {
  const time = times.get(one.stepId);
  if (!time) return one;
  const onceMin = time.setUpMin + time.loadMin * loadsOf(time, one.pieces);
  const expectedMin = onceMin + (time.eachMin / Math.max(time.drivers, 1e-9)) * one.drivers;
  return expectedMin > 0 ? { ...one, onceMin, expectedMin } : one;
}

type Shown = LearnedStepPage['used'][number];

function shown({ batchId, day, maker, pieces, drivers, actualMin, expectedMin }: StepObservation): Shown {
  return { batchId, on: dayAfter(EPOCH, day), maker, pieces, drivers, actualMin, expectedMin };
}

/** Read-only pairs as the contract has them. */
function mutable(minutes: ReturnType<typeof learnedMinutes>) {
  const pair = ([low, high]: readonly [number, number]): [number, number] => [low, high];
  const share = (one: typeof minutes.again) => one && { ...one, likely: pair(one.likely) };
  return {
    ...minutes,
    eachLikely: pair(minutes.eachLikely),
    curve: minutes.curve && { ...minutes.curve, likely: pair(minutes.curve.likely) },
    again: share(minutes.again),
    lost: share(minutes.lost),
  };
}
