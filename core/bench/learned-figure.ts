// A learned time as a figure that opens down to its batches.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { shortDay } from '../format/days.ts';
import { countedNoun } from '../format/variants.ts';
import { driverNames } from '../piece/bench-time.ts';
import type { Step } from '../piece/step.ts';

/** What the figure is made from. Minutes each are for one driver. */
export interface LearnedTime {
  readonly batches: number;
  /** Actual ÷ expected minutes: typical, and the bounds of 80 %. */
  readonly factor: number;
  readonly likely: readonly [number, number];
  readonly setUpMin: number;
  readonly eachMin: number;
  readonly learnedSetUpMin: number;
  readonly learnedEachMin: number;
  /** Whether batches of different sizes told set-up and each apart. */
  readonly isApart: boolean;
  readonly used: readonly {
    readonly on: string;
    readonly pieces: number;
    readonly actualMin: number;
    readonly expectedMin: number;
  }[];
}

/** Learned minutes: for each driver, or of the set-up where the step has nothing else. */
export function learnedFigure(learned: LearnedTime, per: Step['per']): Figure {
  const isSetUpOnly = learned.eachMin === 0;
  const recipe = given('the recipe', isSetUpOnly ? learned.setUpMin : learned.eachMin, 'min', 'the route');
  const factor = factorFigure(learned);
  return computed(
    isSetUpOnly ? 'set-up, learned' : `each ${driverNames[per]}, learned`,
    isSetUpOnly ? learned.learnedSetUpMin : learned.learnedEachMin,
    'min',
    learned.isApart
      ? `regression over batches of different sizes; set-up ${inSum(learned.learnedSetUpMin)} min`
      : `${inSum(recipe.value, 'min')} × ${inSum(factor.value)}`,
    [recipe, factor],
  );
}

function factorFigure({ factor, batches, likely, used }: LearnedTime): Figure {
  return computed(
    'actual ÷ recipe, typical',
    factor,
    '',
    () =>
      `${countedNoun(batches, 'batch', 'batches')}, 80 % likely ${likely.map((bound) => inSum(bound)).join(' to ')}`,
    used.map(({ on, pieces, actualMin, expectedMin }) =>
      computed(
        `${shortDay(on)}, ${countedNoun(pieces, 'piece')}`,
        actualMin / expectedMin,
        '',
        `${inSum(actualMin, 'min')} ÷ ${inSum(expectedMin, 'min')}`,
        [given('actual', actualMin, 'min', 'the bench log'), given('by the recipe', expectedMin, 'min', 'the route')],
      ),
    ),
  );
}
