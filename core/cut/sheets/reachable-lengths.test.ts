// Reachable lengths against all sums tried one by one.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { type CellKind, ReachableLengths } from './reachable-lengths.ts';

/** Every sum of sides of some of the rectangles, each by one of the sides it may lie on. */
function sumsOf(kinds: readonly CellKind[], left: readonly number[], side: 'width' | 'height'): ReadonlySet<number> {
  let sums = new Set([0]);
  kinds.forEach((kind, index) => {
    const sides = kind.canTurn ? [kind.width, kind.height] : [kind[side]];
    for (let count = 0; count < (left[index] ?? 0); count += 1)
      sums = new Set([...sums].flatMap((sum) => [sum, ...sides.map((own) => sum + own)]));
  });
  return sums;
}

test('what cannot be taken of a length is what all sums leave', () => {
  const cells = fc.integer({ min: 1, max: 70 });
  const row = fc.record({ width: cells, height: cells, canTurn: fc.boolean(), count: fc.integer({ min: 0, max: 3 }) });
  const seen = { all: 0, some: 0 };
  fc.assert(
    fc.property(fc.array(row, { minLength: 1, maxLength: 4 }), fc.integer({ min: 1, max: 150 }), (rows, longest) => {
      const left = rows.map(({ count }) => count);
      const { across, up } = new ReachableLengths(rows, longest).restsOf(Int16Array.from(left), 1);
      for (const [rests, side] of [[across, 'width'], [up, 'height']] as const) {
        const sums = sumsOf(rows, left, side);
        for (let length = 0; length <= longest; length += 1) {
          const most = Math.max(...[...sums].filter((sum) => sum <= length));
          expect(rests[length]).toBe(length - most);
          seen[most === length ? 'all' : 'some'] += 1;
        }
      }
    }),
    { numRuns: 100, seed: 3 },
  ); // prettier-ignore
  expect(Math.min(seen.all, seen.some)).toBeGreaterThan(500);
});
