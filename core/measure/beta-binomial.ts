// Shares that are done again or lost: a beta belief learned from counts (Gelman et al., section 2.4).
import { betaQuantile, lnGamma } from './distributions.ts';

/** Belief about a share: as if `hits` of `hits + misses` had been seen. */
export interface ShareBelief {
  readonly hits: number;
  readonly misses: number;
}

/** CountedHits pieces: how many of how many. */
export interface CountedHits {
  readonly hits: number;
  readonly of: number;
  /** How much it counts, above 0 to 1. */
  readonly weight: number;
}

/** Jeffreys' prior: nothing is known. */
export const unknownShare: ShareBelief = { hits: 0.5, misses: 0.5 };

/** A belief as strong as that many pieces. @param share  0 to 1, kept a little inside */
export function shareLike(share: number, pieces: number): ShareBelief {
  const inside = Math.min(1 - 1e-3, Math.max(1e-3, share));
  return { hits: inside * pieces, misses: (1 - inside) * pieces };
}

/** The belief after the counts. */
export function learnedShare({ hits, misses }: ShareBelief, counted: readonly CountedHits[]): ShareBelief {
  return counted.reduce(
    (before, one) => ({
      hits: before.hits + one.weight * one.hits,
      misses: before.misses + one.weight * (one.of - one.hits),
    }),
    { hits, misses },
  );
}

/** Its mean, 0 to 1. */
export const meanShare = ({ hits, misses }: ShareBelief) => hits / (hits + misses);

/** Bounds between which the share lies with a chance. @param chance  0 to 1 */
export function shareInterval({ hits, misses }: ShareBelief, chance: number): readonly [number, number] {
  return [betaQuantile((1 - chance) / 2, hits, misses), betaQuantile((1 + chance) / 2, hits, misses)];
}

/** Chance of exactly k hits in n tries when the share itself is uncertain: the beta-binomial distribution. */
function chanceOfExactly(k: number, n: number, { hits, misses }: ShareBelief): number {
  const ways = lnGamma(n + 1) - lnGamma(k + 1) - lnGamma(n - k + 1);
  return Math.exp(ways + lnBeta(k + hits, n - k + misses) - lnBeta(hits, misses));
}

/** Chance of at least k hits in n tries when the share itself is uncertain. */
export function uncertainChanceOfAtLeast(k: number, n: number, belief: ShareBelief): number {
  let sum = 0;
  for (let good = Math.max(0, k); good <= n; good += 1) sum += chanceOfExactly(good, n, belief);
  return Math.min(1, sum);
}

const lnBeta = (a: number, b: number) => lnGamma(a) + lnGamma(b) - lnGamma(a + b);
