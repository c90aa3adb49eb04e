// What past fairs teach the next: the share of visitors who buy, second and third pieces.
import {
  type CountedHits,
  learnedShare,
  meanShare,
  type ShareBelief,
  shareInterval,
  shareLike,
} from '../measure/beta-binomial.ts';

/** What came of a fair. */
export interface FairOutcome {
  readonly visitors: number;
  /** Of them, those that somebody counted; 0 for a forecast. */
  readonly counted: number;
  readonly days: number;
  /** Pieces of each customer. */
  readonly baskets: readonly number[];
  /** Fairs that followed it. */
  readonly before: number;
}

/** A share with the range in which it lies in 8 cases of 10. */
export interface LearnedShare {
  readonly share: number;
  readonly low: number;
  readonly high: number;
  /** What was counted. */
  readonly of: number;
}

/** What past fairs say of the next. */
export interface FairLesson {
  readonly buyers: LearnedShare;
  readonly second: LearnedShare;
  readonly third: LearnedShare;
  /** Visitors a day; null where no fair counted them. */
  readonly visitorsADay: LearnedVisitors | null;
  readonly fairs: number;
}

/** Visitors a day of past fairs. */
export interface LearnedVisitors {
  /** Mean, a fair counting so much as FADES of the one after it. */
  readonly mean: number;
  /** Least and most of the fairs. */
  readonly low: number;
  readonly high: number;
}

/** What is usual before any fair (common practice: 2 to 6 of 100 visitors buy, one in four takes a second). */
const usual = { buyers: shareLike(0.04, 60), second: shareLike(0.25, 8), third: shareLike(0.2, 5) };
/** A fair counts so much as the one after it. */
const FADES = 0.8;

/** Learns by beta-binomial updating, older fairs weighing less. */
export function fairLesson(fairs: readonly FairOutcome[]): FairLesson {
  const hits = (of: (fair: FairOutcome) => readonly [number, number]) =>
    fairs.map((fair): CountedHits => {
      const [hit, all] = of(fair);
      return { hits: Math.min(hit, all), of: all, weight: FADES ** fair.before };
    });
  const withAtLeast = ({ baskets }: FairOutcome, pieces: number) => baskets.filter((count) => count >= pieces).length;
  const learned = (prior: ShareBelief, counted: readonly CountedHits[]): LearnedShare => {
    const belief = learnedShare(prior, counted);
    const [low, high] = shareInterval(belief, 0.8);
    return { share: meanShare(belief), low, high, of: counted.reduce((sum, one) => sum + one.of, 0) };
  };
  return {
    buyers: learned(
      usual.buyers,
      hits((fair) => [fair.baskets.length, fair.visitors]).filter((one) => one.of > 0),
    ),
    second: learned(
      usual.second,
      hits((fair) => [withAtLeast(fair, 2), fair.baskets.length]),
    ),
    third: learned(
      usual.third,
      hits((fair) => [withAtLeast(fair, 3), withAtLeast(fair, 2)]),
    ),
    visitorsADay: visitorsADay(fairs),
    fairs: fairs.length,
  };
}

function visitorsADay(fairs: readonly FairOutcome[]): LearnedVisitors | null {
  const counted = fairs
    .filter((fair) => fair.counted > 0)
    .map((fair) => ({ aDay: fair.counted / fair.days, weight: FADES ** fair.before }));
  if (counted.length === 0) return null;
  const all = counted.reduce((sum, { weight }) => sum + weight, 0);
  const each = counted.map(({ aDay }) => aDay);
  return {
    mean: counted.reduce((sum, { aDay, weight }) => sum + weight * aDay, 0) / all,
    low: Math.min(...each),
    high: Math.max(...each),
  };
}
