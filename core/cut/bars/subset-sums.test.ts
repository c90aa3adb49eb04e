import fc from 'fast-check';
import { expect, test } from 'vitest';
import { SubsetSums } from './subset-sums.ts';

test('the room is filled as well as by trying every set of pieces', () => {
  const sums = new SubsetSums(40, 2);
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 9 }),
      fc.integer({ min: 0, max: 130 }),
      (sizes, cells) => {
        let best = 0;
        for (let set = 0; set < 1 << sizes.length; set += 1) {
          const total = sizes.reduce((sum, size, at) => sum + ((set >> at) & 1) * size, 0);
          if (total <= cells) best = Math.max(best, total);
        }
        const { filled, taken } = sums.fullest(sizes, cells);
        expect(filled).toBe(best);
        expect(new Set(taken).size).toBe(taken.length);
        expect(taken.reduce((sum, at) => sum + sizes[at]!, 0)).toBe(filled);
      },
    ),
  );
});

test('pieces that come first are preferred', () => {
  expect(new SubsetSums(100).fullest([30, 20, 50, 50], 50).taken).toEqual([1, 0]);
});
