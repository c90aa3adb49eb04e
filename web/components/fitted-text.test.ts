// Names of bars: never wider than the bar, never cut off, and in the rows below never over another.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { fittedText, placeNames, textWidth } from './fitted-text.ts';

const name = fc.array(fc.stringMatching(/^[a-z]{1,9}$/), { minLength: 1, maxLength: 5 }).map((list) => list.join(' '));

test('text is the longest that fits', () => {
  fc.assert(
    fc.property(name, name, fc.integer({ min: 0, max: 400 }), (long, short, width) => {
      const shown = fittedText([long, short], width);
      expect(['', long, short]).toContain(shown);
      if (shown) expect(textWidth(shown)).toBeLessThanOrEqual(width);
      if (shown !== long) expect(textWidth(long) + 10).toBeGreaterThan(width);
    }),
    { numRuns: 300, seed: 5 },
  );
});

test('names below their bars do not meet, whatever the bars', () => {
  const bars = fc.array(
    fc.record({ x: fc.integer({ min: 0, max: 700 }), width: fc.integer({ min: 2, max: 80 }), name }),
    {
      maxLength: 14,
    },
  );
  fc.assert(
    fc.property(bars, (all) => {
      const { names, rows } = placeNames(all, 780);
      for (const [at, one] of names.entries()) {
        if (!one) throw new Error('Every name has a place.');
        expect(one.row).toBeLessThanOrEqual(rows);
        for (const [other, next] of names.entries()) {
          if (!next || other <= at || one.row === 0 || one.row !== next.row) continue;
          const [first, then] = one.x <= next.x ? [at, other] : [other, at];
          expect(names[first]!.x + textWidth(all[first]!.name)).toBeLessThan(names[then]!.x);
        }
      }
    }),
    { numRuns: 300, seed: 6 },
  );
});
