// The exact interval of a Poisson mean.

/**
 * Bounds of a Poisson mean for a count (Garwood 1936): the lower bound gives the count or more with half of the rest
 * chance, the upper bound the count or less.
 * @param chance  0 to 1
 */
export function poissonInterval(count: number, chance: number): readonly [number, number] {
  const tail = (1 - chance) / 2;
  const low = count === 0 ? 0 : solve((mean) => 1 - poissonAtMost(count - 1, mean), tail, count);
  const high = solve((mean) => 1 - poissonAtMost(count, mean), 1 - tail, count + 1);
  return [low, high];
}

function poissonAtMost(k: number, mean: number): number {
  let term = Math.exp(-mean);
  let sum = term;
  for (let n = 1; n <= k; n += 1) {
    term *= mean / n;
    sum += term;
  }
  return Math.min(1, sum);
}

/** The mean at which a rising function reaches a value. */
function solve(rises: (mean: number) => number, wanted: number, about: number): number {
  let [low, high] = [0, about + 10 * Math.sqrt(about + 1) + 10];
  for (let turn = 0; turn < 100; turn += 1) {
    const middle = (low + high) / 2;
    if (rises(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
