// The learning curve: each doubling of all pieces made takes a fixed share of the minutes each (Wright 1936, Factors
// affecting the cost of airplanes).
import { type Belief, interval, learned, marginal } from './conjugate-regression.ts';

/** A batch in the order in which they were made. */
export interface CurveObservation {
  readonly pieces: number;
  readonly minutesEach: number;
}

/** A learning curve that is really there. */
export interface LearningCurve {
  /** Share of the minutes each that remains at each doubling, below 1: 0.9 for a 90 % curve. */
  readonly perDoubling: number;
  /** Bounds with a chance of 95 %. */
  readonly likely: readonly [number, number];
  /** Minutes each of the next piece by the curve. */
  readonly nextMin: number;
}

const LEAST_BATCHES = 5;
/** A share nearer to 1 is no use to anybody. */
const WORTH_SAYING = 0.97;
const SURE = 0.95;
/** Flat prior: the data speak; the noise as strong as two batches. */
const FLAT: Belief = { mean: [0, 0], precision: [[1e-6, 0], [0, 1e-2]], shape: 1, scale: 0.15 ** 2 }; // prettier-ignore

/** @param batches  earliest first @returns null where none is really there */
export function learningCurve(batches: readonly CurveObservation[]): LearningCurve | null {
  if (batches.length < LEAST_BATCHES) return null;
  let before = 0;
  const rows = batches.map(({ pieces, minutesEach }) => {
    // The middle of a batch stands for it.
    const made = before + (pieces + 1) / 2;
    before += pieces;
    return { x: [1, Math.log2(made)], y: Math.log2(minutesEach), weight: 1 };
  });
  const belief = learned(FLAT, rows);
  const slope = marginal(belief, [0, 1]);
  const [low, high] = interval(slope, SURE);
  const perDoubling = 2 ** slope.location;
  if (high >= 0 || perDoubling > WORTH_SAYING) return null;
  return {
    perDoubling,
    likely: [2 ** low, 2 ** high],
    nextMin: 2 ** marginal(belief, [1, Math.log2(before + 1)]).location,
  };
}
