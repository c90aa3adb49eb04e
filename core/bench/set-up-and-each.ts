// Tells set-up from the minutes for each driver: from batches of different sizes, by a regression that starts at the
// recipe's own minutes.
import { type Belief, interval, learned, marginal } from './conjugate-regression.ts';
import { LIKELY } from './learned-times.ts';

/** A batch as it was done. */
export interface SizedObservation {
  readonly drivers: number;
  readonly actualMin: number;
  /** Above 0 to 1. */
  readonly weight: number;
}

/** Set-up and each, minutes, with the bounds in which they lie with a chance of 80 %. */
export interface SetUpAndEach {
  readonly setUpMin: number;
  readonly eachMin: number;
  readonly setUpLikely: readonly [number, number];
  readonly eachLikely: readonly [number, number];
}

/** Batches, and how many times as large the largest has to be, before they tell the two apart. */
const LEAST_BATCHES = 3;
const LEAST_RANGE = 1.5;
/**
 * Prior: the recipe's minutes each, half of them more or less; its set-up, as much again or the minutes of four drivers
 * more or less; the noise a fifth, as strong as four batches.
 */
const UNSURE = 0.5;
const SET_UP_DRIVERS = 4;
const NOISE = 0.2;
const SHAPE = 2;

/**
 * @param recipe  set-up and minutes each by the recipe, and the factor learned for both together
 * @returns null where the batches are too few or too alike in size
 */
export function setUpAndEach(
  observed: readonly SizedObservation[],
  recipe: { readonly setUpMin: number; readonly eachMin: number; readonly factor: number },
): SetUpAndEach | null {
  const sizes = observed.map(({ drivers }) => drivers);
  const isTold = observed.length >= LEAST_BATCHES && Math.max(...sizes) >= LEAST_RANGE * Math.min(...sizes);
  if (!isTold || recipe.eachMin <= 0) return null;
  const [setUp, each] = [recipe.setUpMin * recipe.factor, recipe.eachMin * recipe.factor];
  // Minutes vary by shares: each batch is divided by what is expected of it.
  const rows = observed.map(({ drivers, actualMin, weight }) => {
    const expected = setUp + each * drivers;
    return { x: [1 / expected, drivers / expected], y: actualMin / expected, weight };
  });
  const precisionOf = (deviation: number) => (NOISE / deviation) ** 2;
  const before: Belief = {
    mean: [setUp, each],
    precision: [
      [precisionOf(Math.max(setUp, SET_UP_DRIVERS * each)), 0],
      [0, precisionOf(UNSURE * each)],
    ],
    shape: SHAPE,
    scale: SHAPE * NOISE ** 2,
  };
  const after = learned(before, rows);
  const [ofSetUp, ofEach] = [marginal(after, [1, 0]), marginal(after, [0, 1])];
  const within = ([low, high]: readonly [number, number]) => [Math.max(0, low), Math.max(0, high)] as const;
  return {
    setUpMin: Math.max(0, ofSetUp.location),
    eachMin: Math.max(0, ofEach.location),
    setUpLikely: within(interval(ofSetUp, LIKELY)),
    eachLikely: within(interval(ofEach, LIKELY)),
  };
}
