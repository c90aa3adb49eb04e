// Rounding of money. Money is rounded once, and lines are rounded so that they add up to the rounded total.
import { computed, type Figure, sumTo } from './figure.ts';

/**
 * Rounds lines to integers that add up to the rounded sum of the exact lines (largest remainder).
 * @param lines  exact amounts, of any sign
 * @returns integers in the order of `lines`, each within one unit of its line; of equal remainders the earlier line
 *   gets the unit; no lines give none
 * @example roundLinesToTotal([0.5, 0.3, 0.4]) // [1, 0, 0]
 */
export function roundLinesToTotal(lines: readonly number[], total = roundHalfAwayFromZero(sum(lines))): number[] {
  const floors = lines.map((line) => Math.floor(line));
  const rests = lines
    .map((line, index) => ({ index, rest: line - (floors[index] ?? 0) }))
    .sort((a, b) => b.rest - a.rest || a.index - b.index);
  const spare = total - sum(floors);
  for (const { index } of rests.slice(0, spare)) floors[index] = (floors[index] ?? 0) + 1;
  return floors;
}

/**
 * The nearest integer; a half goes away from zero, as a till does.
 * @example roundHalfAwayFromZero(0.5) // 1
 * @example roundHalfAwayFromZero(-0.5) // -1
 */
export function roundHalfAwayFromZero(value: number): number {
  // The factor restores exact halves that floating point has lowered: 1.005 × 100 is 100.49999999999999.
  const size = Math.round(Math.abs(value) * (1 + Number.EPSILON * 4));
  return value < 0 && size > 0 ? -size : size;
}

/**
 * Rounds a sum of money: the total to whole minor units, its lines to amounts that add up to it, and lines that are
 * sums themselves in the same way.
 * @param total  a figure whose value is the sum of its `from`
 */
export function roundSum(total: Figure): Figure {
  return settleTo(total, roundHalfAwayFromZero(total.value));
}

function settleTo(figure: Figure, value: number): Figure {
  // Only a sum is shared out; 3 g × 0.97 has inputs too, but they are not lines of it.
  if (figure.kind !== 'sum') return computedAt(figure, value);
  // The lines of a line are shared out only when someone looks at them.
  const from = () => {
    const values = roundLinesToTotal(
      figure.from.map((line) => line.value),
      value,
    );
    return figure.from.map((line, index) => settleTo(line, values[index] ?? 0));
  };
  return sumTo(figure.label, figure.unit, from, value);
}

// The calculation stays exact; only the result is rounded.
function computedAt(figure: Figure, value: number): Figure {
  return figure.kind === 'input'
    ? { ...figure, value }
    : computed(figure.label, value, figure.unit, () => figure.how, figure.from);
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}
