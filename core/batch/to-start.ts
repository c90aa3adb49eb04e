// How many pieces to start for enough good ones: from the yields of the steps, by the binomial distribution.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { type ShareBelief, uncertainChanceOfAtLeast } from '../measure/beta-binomial.ts';
import type { Issue } from '../measure/issue.ts';
import { readCount, readShare } from '../measure/read/read-number.ts';
import type { Spares } from './batch.ts';

/** Most pieces started for one good piece: a step with a lower yield has to be improved. */
const MOST_FOLD = 20;

/**
 * Chance that at least k of n tries succeed, each with chance p: the upper tail of the binomial distribution. It is
 * summed from its largest term down in logarithms, so that it stays accurate for large n.
 */
export function chanceOfAtLeast(k: number, n: number, p: number): number {
  if (k <= 0) return 1;
  if (k > n || p <= 0) return 0;
  if (p >= 1) return 1;
  let logTerm = n * Math.log(p);
  let sum = Math.exp(logTerm);
  // From n down to k successes: each term is the one before × i ÷ (n − i + 1) × (1 − p) ÷ p.
  for (let good = n; good > k; good -= 1) {
    logTerm += Math.log(good / (n - good + 1)) + Math.log((1 - p) / p);
    sum += Math.exp(logTerm);
  }
  return Math.min(1, sum);
}

/**
 * The fewest pieces to start for a number of good ones with a chosen confidence.
 * @param good        wanted, 1 or more
 * @param yieldShare  of each piece, above 0 to 1, or what is believed of it
 * @param confidence  below 1
 */
export function startsFor(good: number, yieldShare: number | ShareBelief, confidence: number): number {
  let starts = good;
  while (starts < good * MOST_FOLD && chanceOf(good, starts, yieldShare) < confidence) starts += 1;
  return starts;
}

function chanceOf(good: number, starts: number, share: number | ShareBelief): number {
  return typeof share === 'number'
    ? chanceOfAtLeast(good, starts, share)
    : uncertainChanceOfAtLeast(good, starts, share);
}

/** The yield of a step. */
export interface CountedYield {
  readonly name: string;
  readonly yield: number;
  /** Pieces it was counted from; null where it is taken as certain. */
  readonly of: number | null;
}

/**
 * What is believed of the share that passes all steps: a beta distribution with the mean and the variance of the product
 * of their own.
 * @returns null where every yield is certain
 */
export function togetherOf(yields: readonly CountedYield[]): ShareBelief | null {
  if (yields.every(({ of }) => of === null)) return null;
  let [mean, square] = [1, 1];
  for (const step of yields) {
    const hits = step.of === null ? null : step.yield * step.of + 0.5;
    const all = (step.of ?? 0) + 1;
    const own = hits === null ? step.yield : hits / all;
    mean *= own;
    square *= hits === null ? step.yield ** 2 : (own * (hits + 1)) / (all + 1);
  }
  const strength = (mean * (1 - mean)) / Math.max(square - mean ** 2, 1e-12) - 1;
  return { hits: mean * strength, misses: (1 - mean) * strength };
}

/**
 * Pieces to start, with the calculation.
 * @param wanted  good pieces of one size
 * @param yields  of the steps, in order
 */
export function toStart(
  wanted: number,
  yields: readonly CountedYield[],
  spares: Spares,
): { readonly start: Figure; readonly problems: readonly Issue[] } {
  const good = given('wanted', wanted, '', 'the batch, as typed');
  if (spares.how === 'none' || wanted === 0) return { start: good, problems: [] };
  if (spares.how === 'over') {
    const over = readCount(spares.over, 0);
    const problems = over.ok ? [] : [{ path: 'spares.over', sentence: over.sentence }];
    const more = given('and over', over.ok ? over.value : 0, '', 'the batch, as typed');
    const start = computed('to start', wanted + more.value, '', `${inSum(wanted)} + ${inSum(more.value)}`, [
      good,
      more,
    ]);
    return { start, problems };
  }
  const confidence = readShare(spares.confidence, 'confidence');
  if (!confidence.ok || confidence.value >= 1) {
    const sentence = confidence.ok ? 'A confidence is below 100 %.' : confidence.sentence;
    return { start: good, problems: [{ path: 'spares.confidence', sentence }] };
  }
  const losing = yields.filter((step) => step.yield < 1 || step.of !== null);
  const share = losing.reduce((product, step) => product * step.yield, 1);
  const steps = losing.map((step) => given(step.name || 'step', step.yield * 100, '%', 'yield of the step'));
  const each = computed(
    'come out well',
    share * 100,
    '%',
    () => losing.map(({ yield: one }) => inSum(one)).join(' × ') || '1',
    steps,
  );
  const belief = togetherOf(losing);
  const starts = startsFor(wanted, belief ?? share, confidence.value);
  const chance = chanceOf(wanted, starts, belief ?? share);
  const law = belief ? 'beta-binomial: the yields were counted' : 'binomial';
  const how = () =>
    `the fewest of which ${inSum(wanted)} come out well with ${inSum(confidence.value * 100)} % (${law}): ${inSum(chance * 100)} %`;
  const start = computed('to start', starts, '', how, [
    good,
    each,
    given('confidence', confidence.value * 100, '%', 'the batch, as typed'),
  ]);
  return { start, problems: [] };
}
