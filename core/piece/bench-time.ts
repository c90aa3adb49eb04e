// Bench time: what the hands do, and what works by itself meanwhile.
import { given, inSum, reckoned, totalOf, type Figure } from '../figure/figure.ts';
import { readMinutes } from '../measure/read-number.ts';
import type { Problem } from '../studio/rates.ts';
import type { Step } from './piece.ts';

export interface StepReckoning {
  /** Attended, once a batch. */
  readonly setUpMin: number;
  /** Attended, for each piece. */
  readonly eachMin: number;
  /** Unattended, once a batch. */
  readonly byItselfMin: number;
  /** Paths are within the step: `each`. */
  readonly problems: readonly Problem[];
}

export function reckonStep(step: Step): StepReckoning {
  const problems: Problem[] = [];
  const minutes = (path: 'setUp' | 'each' | 'byItself') => {
    const reading = readMinutes(step[path]);
    if (reading.ok) return reading.value;
    problems.push({ path, sentence: reading.sentence });
    return 0;
  };
  return { setUpMin: minutes('setUp'), eachMin: minutes('each'), byItselfMin: minutes('byItself'), problems };
}

/** Attended minutes of a step for a whole batch. */
export function handsMin({ setUpMin, eachMin }: StepReckoning, pieces: number): number {
  return setUpMin + eachMin * pieces;
}

/**
 * Attended minutes one piece takes when `batchSize` are made at once: each step's set-up is spread over them.
 * @returns min, a sum with a line a step
 */
export function attendedEach(steps: readonly { name: string; time: StepReckoning }[], batchSize: number): Figure {
  return totalOf(
    'bench time',
    'min',
    steps.map(({ name, time }) => stepEach(name || 'step', time, batchSize)),
  );
}

function stepEach(name: string, { setUpMin, eachMin }: StepReckoning, batchSize: number): Figure {
  const each = given('each piece', eachMin, 'min', 'as typed');
  if (setUpMin === 0) return { ...each, label: name };
  const setUp = given('set-up, once a batch', setUpMin, 'min', 'as typed');
  const batch = given('pieces in the batch', batchSize, '', 'as typed');
  const how = () => `${inSum(setUpMin)} ÷ ${String(batchSize)} + ${inSum(eachMin)}`;
  return reckoned(name, setUpMin / batchSize + eachMin, 'min', how, [setUp, batch, each]);
}
