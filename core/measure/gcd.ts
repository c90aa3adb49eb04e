/** Greatest common divisor of whole numbers (Euclid); 0 for none. */
export function greatestCommonDivisor(numbers: readonly number[]): number {
  return numbers.reduce((a, b) => {
    let [x, y] = [a, b];
    while (y > 0) [x, y] = [y, x % y];
    return x;
  }, 0);
}
