// Takes learned times into the steps of a piece.
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
  const typed = (text: string, otherwise: number) =>
    text.trim() === '' ? otherwise : Number(text.replace(/[%\s]/g, '').replace(',', '.')) / 100;
  return (
    (again !== null && Math.abs(again.share - typed(typedAgain, 0)) > SHARE_WORTH) ||
    (lost !== null && Math.abs(1 - lost.share - typed(typedYield, 1)) > SHARE_WORTH)
  );
}

/** The step with what was learned of it; a time it does not have stays blank. */
export function withLearnedTimes(step: Step, learned: TakenTimes): Step {
  const { again, lost } = learned;
  return {
    ...step,
    byHand: true,
    setUp: learned.learnedSetUpMin > 0 ? rounded(learned.learnedSetUpMin) : step.setUp,
    each: learned.learnedEachMin > 0 ? rounded(learned.learnedEachMin) : step.each,
    spread: `${String(Math.round(learned.spread * 100))} %`,
    again: again && again.hits > 0 ? percent(again.share) : step.again,
    yield: lost && lost.hits > 0 ? percent(1 - lost.share) : step.yield,
  };
}

/** Minutes to two digits, as a maker would type them. */
function rounded(minutes: number): string {
  return minutes >= 10 ? String(Math.round(minutes)) : String(Number(minutes.toFixed(minutes >= 1 ? 1 : 2)));
}

const percent = (share: number) => `${String(Number((100 * share).toFixed(1)))} %`;
