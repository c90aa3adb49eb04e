// Takes learned times into the steps of a piece.
import { readShare } from '../measure/read/read-number.ts';
import type { Step } from '../piece/step.ts';
import type { CountedShare } from './learned-minutes.ts';

/** What was learned of a step, as far as it is taken into the piece. */
export interface TakenTimes {
  readonly stepId: string;
  readonly batches: number;
  readonly spread: number;
  readonly setUpMin: number;
  readonly eachMin: number;
  readonly learnedSetUpMin: number;
  readonly learnedEachMin: number;
  readonly again: CountedShare | null;
  readonly lost: CountedShare | null;
}

/** Change of a time from which on it is worth an offer, as a share. */
const WORTH = 0.05;
/** Change of a share. */
const SHARE_WORTH = 0.01;

/** Whether what was learned differs enough from the step to be offered. */
export function isWorthTaking(learned: TakenTimes, { again, yield: good }: Pick<Step, 'again' | 'yield'>): boolean {
  return learned.batches > 0 && (changeOf(learned) > WORTH || sharesDiffer(learned, again, good));
}

/** Largest change of set-up or each, as a share of what the step has. */
export function changeOf({ setUpMin, eachMin, learnedSetUpMin, learnedEachMin }: TakenTimes): number {
  const change = (before: number, after: number) => (before > 0 ? Math.abs(after / before - 1) : after > 0 ? 1 : 0);
  return Math.max(change(setUpMin, learnedSetUpMin), change(eachMin, learnedEachMin));
}

function sharesDiffer({ again, lost }: TakenTimes, typedAgain: string, typedYield: string): boolean {
  return (
    (again !== null && again.hits > 0 && Math.abs(again.share - typedShare(typedAgain, 0)) > SHARE_WORTH) ||
    (lost !== null && lost.hits > 0 && Math.abs(1 - lost.share - typedShare(typedYield, 1)) > SHARE_WORTH)
  );
}

/** A share as typed: 0.05 of `5 %`. */
function typedShare(text: string, otherwise: number): number {
  if (text.trim() === '') return otherwise;
  const reading = readShare(text, 'share');
  return reading.ok ? reading.value : otherwise;
}

/** The step with what was learned of it; a time it does not have stays blank. */
export function withLearnedTimes(step: Step, learned: TakenTimes): Step {
  const { again, lost } = learned;
  const isCounted = again !== null && again.hits > 0;
  // What is done again is in the minutes that were learned; the step adds it to each.
  const before = 1 + typedShare(step.again, 0);
  const eachMin = isCounted ? (learned.learnedEachMin * before) / (1 + again.share) : learned.learnedEachMin;
  return {
    ...step,
    byHand: true,
    setUp: learned.learnedSetUpMin > 0 ? rounded(learned.learnedSetUpMin) : step.setUp,
    each: eachMin > 0 ? rounded(eachMin) : step.each,
    spread: `${String(Math.round(learned.spread * 100))} %`,
    again: isCounted ? percent(again.share) : step.again,
    yield: lost && lost.hits > 0 ? percent(1 - lost.share) : step.yield,
    yieldOf: lost && lost.hits > 0 ? String(Math.round(lost.of)) : step.yieldOf,
  };
}

/** Whether a step has what was learned already. @param accepted  the step beside which it was learned */
export function hasTaken(step: Step, accepted: Step, learned: TakenTimes): boolean {
  const taken = withLearnedTimes(accepted, learned);
  return (['setUp', 'each', 'again', 'yield'] as const).every((field) => step[field] === taken[field]);
}

/** Minutes to two digits, as a maker would type them. */
function rounded(minutes: number): string {
  return minutes >= 10 ? String(Math.round(minutes)) : String(Number(minutes.toFixed(minutes >= 1 ? 1 : 2)));
}

const percent = (share: number) => `${String(Number((100 * share).toFixed(1)))} %`;
