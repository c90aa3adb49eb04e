// Money is rounded once. Lines that make up a rounded total are rounded so that they add up to it.
import { computed, sumTo, type Figure } from './figure.ts';

/**
 * Rounds lines to whole units so that they add up to the rounded sum of the exact lines (largest remainder).
 * @param lines  exact amounts, of any sign
 * @returns integers in the order of `lines`; each is within one unit of its line, and of equal remainders the earlier
 *   line gets the unit; no lines give no integers
 * @example roundLines([0.5, 0.3, 0.4]) // [1, 0, 0]
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

/** Nearest integer; a half goes away from zero, as a till does: 0.5 to 1, -0.5 to -1. */
export function roundHalfAwayFromZero(value: number): number {
  // The nudge forgives what floating point takes off an exact half: 1.005 × 100 is 100.49999999999999.
  const size = Math.round(Math.abs(value) * (1 + Number.EPSILON * 4));
  return value < 0 && size > 0 ? -size : size;
}

/**
 * Settles a sum of money: the total is rounded to whole minor units, its lines to amounts that add up to it, and lines
 * that are sums themselves likewise, all the way down.
 * @param total  a figure whose value is the sum of its `from`
 */
export function roundSum(total: Figure): Figure {
  return settleTo(total, roundHalfAwayFromZero(total.value));
}

function settleTo(figure: Figure, value: number): Figure {
  // Only a sum may be shared out; 3 g × 0.97 also has inputs, but they are not lines of it.
  if (figure.kind !== 'sum') return computedAt(figure, value);
  // The lines of a line are only shared out when someone looks at them.
  const from = () => {
    const values = roundLinesToTotal(
      figure.from.map((line) => line.value),
      value,
    );
    return figure.from.map((line, index) => settleTo(line, values[index] ?? 0));
  };
  return sumTo(figure.label, figure.unit, from, value);
}

// The working stays what it was: it is worked out exactly, and only then rounded.
function computedAt(figure: Figure, value: number): Figure {
  return figure.kind === 'input'
    ? { ...figure, value }
    : computed(figure.label, value, figure.unit, () => figure.how, figure.from);
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}
