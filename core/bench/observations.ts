// Observations that times are learned from: the steps of batches that are done.
import { MINUTES_A_DAY } from '../measure/days.ts';
import type { BenchStep } from './batch-steps.ts';
import type { BatchStory, StepStory } from './batch-story.ts';
import { withoutLoad } from './batch-story.ts';
import { groupBy } from './group-by.ts';
import type { StepObservation } from './learned-times.ts';

/** Share of the minutes from which on a step is one maker's. */
const MOSTLY = 0.8;

/** A step that was done, with its counts. */
export interface CountedObservation extends StepObservation {
  readonly onceMin: number;
  readonly good: number;
  readonly again: number;
  readonly lost: number;
}

/** Piece and step whatever the batch. */
export const stepIdOf = (pieceId: string, step: string) => `${pieceId}/${step}`;

/**
 * The observations of a batch.
 * @param pieceOf  id of the piece of a line of the batch
 */
export function observationsOf(
  batchId: string,
  steps: readonly BenchStep[],
  story: BatchStory,
  pieceOf: (line: string) => string,
): CountedObservation[] {
  const loadsByKey = groupBy(steps, ({ key }) => withoutLoad(key));
  return story.steps.flatMap((one) => {
    const loads = loadsByKey.get(one.key) ?? [];
    if (one.state !== 'done' || one.actualMin <= 0 || one.doneAt === null || loads.length === 0) return [];
    const [line = '', step = ''] = one.key.split('/');
    const sum = (of: (load: BenchStep) => number) => loads.reduce((total, load) => total + of(load), 0);
    return [
      {
        stepId: stepIdOf(pieceOf(line), step),
        kind: one.kind,
        batchId,
        maker: mainMaker(one),
        day: Math.floor(one.doneAt / MINUTES_A_DAY),
        pieces: one.pieces,
        drivers: sum(({ drivers }) => drivers),
        actualMin: one.actualMin,
        expectedMin: one.estimatedMin,
        onceMin: sum(({ exactOnceMin }) => exactOnceMin),
        good: one.good,
        again: one.again,
        lost: one.lost,
      },
    ];
  });
}

/** The maker who did nearly all of it; '' where several shared it. */
function mainMaker({ byMaker, actualMin }: StepStory): string {
  const [most] = [...byMaker].toSorted(([, a], [, b]) => b - a);
  return most && most[1] >= MOSTLY * actualMin ? most[0] : '';
}
