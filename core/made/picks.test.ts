import { describe, expect, it } from 'vitest';
import { testItem } from './fixtures.ts';
import type { MadeBalance } from './made-balance.ts';
import { picksFor } from './picks.ts';

const items = [
  testItem(1, { pieceId: 'ring', size: 'p' }),
  testItem(2, { pieceId: 'ring', size: 'p', revision: 2 }),
  testItem(3, { pieceId: 'ring', size: 't' }),
];
const itemOf = new Map(items.map((item) => [item.id, item]));
const at = (item: string, count: number, more: Partial<MadeBalance> = {}): MadeBalance => ({
  item,
  count,
  place: 'studio',
  grade: 'good',
  ...more,
});

describe('picksFor', () => {
  it('takes the oldest version first, and no more than are there', () => {
    const held = [at('i2', 5), at('i1', 2), at('i3', 1)];
    const picks = picksFor([{ pieceId: 'ring', size: 'p', count: 4 }, { pieceId: 'ring', size: 't', count: 3 }], held, itemOf, 'studio'); // prettier-ignore
    expect(picks.map(({ item, count }) => [item, count])).toEqual([['i1', 2], ['i2', 2], ['i3', 1]]); // prettier-ignore
  });

  it('takes no seconds, and nothing that lies elsewhere', () => {
    const held = [at('i1', 3, { grade: 'second' }), at('i2', 3, { place: 'shop/o1' })];
    expect(picksFor([{ pieceId: 'ring', size: 'p', count: 2 }], held, itemOf, 'studio')).toEqual([]);
  });

  it('two lines of the same design do not take a piece twice', () => {
    const line = { pieceId: 'ring', size: 't', count: 2 };
    expect(picksFor([line, line], [at('i3', 3)], itemOf, 'studio')).toMatchObject([{ item: 'i3', count: 3 }]);
  });
});
