// Random numbers with a seed: the same seed gives the same numbers, so that a simulated range does not flicker.

/**
 * Uniform random numbers in [0, 1): mulberry32 (Tommy Ettinger, public domain; from memory). 32 bits of state are
 * enough here.
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A standard normal random number (Box and Muller 1958). */
export function normal(random: () => number): number {
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  return radius * Math.cos(2 * Math.PI * random());
}

/** A lognormal random number with mean 1. @param spread  its standard deviation */
export function logNormal(spread: number, random: () => number): number {
  if (spread === 0) return 1;
  const variance = Math.log(1 + spread ** 2);
  return Math.exp(normal(random) * Math.sqrt(variance) - variance / 2);
}

/** A Poisson random number (Knuth 1969 for small means, a rounded normal for large ones). @param mean  0 or more */
export function poisson(mean: number, random: () => number): number {
  if (mean > 60) return Math.max(0, Math.floor(mean + Math.sqrt(mean) * normal(random) + 0.5));
  const least = Math.exp(-mean);
  let count = 0;
  for (let product = random(); product > least; product *= random()) count += 1;
  return count;
}

/**
 * A quantile of sorted numbers, interpolated between two ranks.
 * @param sorted  rising, at least one
 * @param share   0 to 1
 */
export function quantile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1);
  const [below, above] = [sorted[Math.floor(at)] ?? NaN, sorted[Math.ceil(at)] ?? NaN];
  return below + (above - below) * (at - Math.floor(at));
}
