// Marks by metal and weight. Limits as in the Hallmarking Act 1973 and its guidance (from memory): silver from 7.78 g, gold
// and palladium from 1 g, platinum from 0.5 g.
import { expect, test } from 'vitest';
import { alloysWith } from './alloy.ts';
import { isMarkDue, preciousWeights } from './marks.ts';

const alloys = alloysWith([]);
const part = (id: string, grams: number | null) => ({
  alloy: alloys.get(id) ?? null,
  net: grams === null ? null : { value: grams },
});

test('weights add up by precious metal; base metal and unweighed parts count nothing', () => {
  const weights = preciousWeights([
    part('silver-925', 4),
    part('silver-999', 3.5),
    part('gold-18k-yellow', 0.6),
    part('copper', 20),
    part('silver-925', null),
    part('nothing known', 3),
  ]);
  expect(weights).toEqual([
    { metal: 'silver', grams: 7.5 },
    { metal: 'gold', grams: 0.6 },
  ]);
});

test.each([
  ['silver', 7.77, 7.78],
  ['gold', 0.99, 1],
  ['palladium', 0.99, 1],
  ['platinum', 0.49, 0.5],
] as const)(
  '%s of %d g is exempt from hallmarking in Britain and of %d g is not; elsewhere any weight may be due',
  (metal, free, due) => {
    expect(isMarkDue({ metal, grams: free }, 'GB')).toBe(false);
    expect(isMarkDue({ metal, grams: due }, 'GB')).toBe(true);
    expect(isMarkDue({ metal, grams: due }, 'FR')).toBe(true);
    expect(isMarkDue({ metal, grams: free }, 'FR')).toBe(false);
    expect(isMarkDue({ metal, grams: 100 * due }, 'US')).toBe(false);
  },
);
