// Learned times as the minutes of a step: set-up and each, beside those it has.
import { type CountedHits, learnedShare, meanShare, shareInterval, shareLike } from '../measure/beta-binomial.ts';
import type { StepComputation } from '../piece/bench-time.ts';
import type { Step } from '../piece/step.ts';
import { fadedWeight, type LearnedStep, LIKELY } from './learned-times.ts';
import { type LearningCurve, learningCurve } from './learning-curve.ts';
import type { CountedObservation } from './observations.ts';
import { setUpAndEach } from './set-up-and-each.ts';

/** A share that was counted, beside the step's own. */
export interface CountedShare {
  readonly share: number;
  readonly likely: readonly [number, number];
  readonly hits: number;
  readonly of: number;
}

/** Minutes of a step, as it has them and as learned. Each is for one driver, without what is done again. */
export interface LearnedMinutes {
  readonly setUpMin: number;
  readonly eachMin: number;
  readonly learnedSetUpMin: number;
  readonly learnedEachMin: number;
  readonly eachLikely: readonly [number, number];
  readonly isApart: boolean;
  readonly curve: LearningCurve | null;
  readonly again: CountedShare | null;
  readonly lost: CountedShare | null;
}

/** A share of the step counts as many pieces. */
const SHARE_STRENGTH = 10;

/** @param today  as a number of days */
export function learnedMinutes(
  step: Pick<Step, 'per'>,
  time: StepComputation,
  learnedStep: LearnedStep,
  today: number,
): LearnedMinutes {
  const used = learnedStep.used as readonly CountedObservation[];
  const { setUpMin, eachMin } = typedMinutes(step, time);
  const weightOf = (one: CountedObservation) => fadedWeight(one, today);
  const again = 1 + time.again;
  const apart =
    step.per === 'batch' || step.per === 'load'
      ? null
      : setUpAndEach(
          used.map((one) => ({ drivers: one.drivers * again, actualMin: one.actualMin, weight: weightOf(one) })),
          { setUpMin, eachMin, factor: learnedStep.factor },
        );
  const counted = used.filter(({ good, again: done, lost }) => good + done + lost > 0);
  const sharesOf = (own: number, hitsOf: (one: CountedObservation) => number, ofOf: typeof hitsOf) =>
    counted.length === 0
      ? null
      : countedShare(
          own,
          counted.map((one) => ({ hits: hitsOf(one), of: Math.max(hitsOf(one), ofOf(one)), weight: weightOf(one) })),
        );
  return {
    setUpMin,
    eachMin,
    learnedSetUpMin: apart ? apart.setUpMin : setUpMin * learnedStep.factor,
    learnedEachMin: apart ? apart.eachMin : eachMin * learnedStep.factor,
    eachLikely: apart ? apart.eachLikely : [eachMin * learnedStep.low, eachMin * learnedStep.high],
    isApart: apart !== null,
    curve: learningCurve(
      used
        .toSorted((a, b) => a.day - b.day)
        .map(({ pieces, actualMin, onceMin, expectedMin }) => ({
          pieces,
          // Set-up is not what practice shortens.
          minutesEach: (actualMin * (1 - onceMin / Math.max(expectedMin, onceMin, 1e-9))) / Math.max(1, pieces) || 1e-3,
        })),
    ),
    // What is done again is a joint or a cut; what is lost is a piece.
    again: sharesOf(time.again, (one) => one.again, ({ drivers, pieces }) => Math.round(Math.max(drivers, pieces))), // prettier-ignore
    lost: sharesOf(
      1 - time.yield,
      (one) => one.lost,
      ({ pieces }) => pieces,
    ),
  };
}

/** Minutes as they are typed in the step: set-up, and each for its driver, batch or load. */
function typedMinutes({ per }: Pick<Step, 'per'>, time: StepComputation): { setUpMin: number; eachMin: number } {
  if (per === 'load') return { setUpMin: time.setUpMin, eachMin: time.loadMin };
  // Both are done once a batch: the computation has added them up.
  if (per === 'batch') return { setUpMin: 0, eachMin: time.setUpMin };
  return { setUpMin: time.setUpMin, eachMin: time.eachMin / Math.max(time.drivers, 1e-9) / (1 + time.again) };
}

function countedShare(own: number, counted: readonly CountedHits[]): CountedShare {
  const belief = learnedShare(shareLike(own, SHARE_STRENGTH), counted);
  return {
    share: meanShare(belief),
    likely: shareInterval(belief, LIKELY),
    hits: counted.reduce((sum, { hits }) => sum + hits, 0),
    of: counted.reduce((sum, { of }) => sum + of, 0),
  };
}
