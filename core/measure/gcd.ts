/** The largest whole number all of them are a multiple of (Euclid); 0 of none. */
export function greatestCommonDivisor(numbers: readonly number[]): number {
  return numbers.reduce((a, b) => {
    let [x, y] = [a, b];
    while (y > 0) [x, y] = [y, x % y];
    return x;
  }, 0);
}
