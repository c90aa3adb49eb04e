// Distribution functions of learned times: Student t and beta, with their quantiles.

const LANCZOS = [
  676.5203681218851, -1259.1392167224028, 771.3234287776531, -176.6150291621406, 12.507343278686905,
  -0.13857109526572012, 9.984369578019572e-6, 1.5056327351493116e-7,
] as const; // prettier-ignore

/** Natural logarithm of the gamma function; about 15 digits (Lanczos 1964, g = 7). @param x  above 0 */
export function lnGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - lnGamma(1 - x);
  const t = x + 6.5;
  const series = LANCZOS.reduce((sum, term, at) => sum + term / (x + at), 0.9999999999998099);
  return 0.5 * Math.log(2 * Math.PI) + (x - 0.5) * Math.log(t) - t + Math.log(series);
}

const TINY = 1e-300;
const ENOUGH = 1e-15;
const MOST_TERMS = 500;

/** Regularised incomplete beta function I_x(a, b): the chance that a beta variable is below x. @param x  0 to 1 */
export function betaBelow(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  // The continued fraction converges fast below the mean (Abramowitz and Stegun 26.5.8).
  if (x > (a + 1) / (a + b + 2)) return 1 - betaBelow(1 - x, b, a);
  const front = Math.exp(lnGamma(a + b) - lnGamma(a) - lnGamma(b) + a * Math.log(x) + b * Math.log1p(-x)) / a;
  let c = 1;
  let d = 1 / guarded(1 - ((a + b) * x) / (a + 1));
  let fraction = d;
  for (let m = 1; m <= MOST_TERMS; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    d = 1 / guarded(1 + even * d);
    c = guarded(1 + even / c);
    fraction *= d * c;
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    d = 1 / guarded(1 + odd * d);
    c = guarded(1 + odd / c);
    fraction *= d * c;
    if (Math.abs(d * c - 1) < ENOUGH) break;
  }
  return front * fraction;
}

const guarded = (value: number) => (Math.abs(value) < TINY ? TINY : value);

/** The x below which a beta variable is with chance p. @param p  0 to 1 */
export function betaQuantile(p: number, a: number, b: number): number {
  return bisect((x) => betaBelow(x, a, b), p, 0, 1);
}

/** The chance that a Student t variable is below t. @param df  degrees of freedom, above 0 */
export function studentBelow(t: number, df: number): number {
  const tail = betaBelow(df / (df + t * t), df / 2, 0.5) / 2;
  return t > 0 ? 1 - tail : tail;
}

/** The t below which a Student t variable is with chance p. @param p  above 0, below 1; @param df  above 0 */
export function studentQuantile(p: number, df: number): number {
  if (p === 0.5) return 0;
  if (p < 0.5) return -studentQuantile(1 - p, df);
  // t² = df (1 − x) / x where x is the beta quantile of the two tails.
  const x = betaQuantile(2 * (1 - p), df / 2, 0.5);
  return Math.sqrt((df * (1 - x)) / Math.max(x, TINY));
}

/** The z below which a standard normal variable is with chance p: the limit of Student's t. @param p  above 0, below 1 */
export function normalQuantile(p: number): number {
  return studentQuantile(p, 1e7);
}

function bisect(below: (x: number) => number, p: number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let turn = 0; turn < 200 && high - low > 1e-16 * Math.max(high, TINY); turn += 1) {
    const middle = (low + high) / 2;
    if (below(middle) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
