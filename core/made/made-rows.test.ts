import { describe, expect, it } from 'vitest';
import { readMadeRow } from './made-rows.ts';

describe('rows of finished pieces', () => {
  const designs = [
    { id: 'pin', name: 'Gull pin', sizes: [] },
    { id: 'ring', name: 'Tide ring', sizes: [{ id: 't', name: 'T' }] },
  ];
  const places = [{ value: 'shop/a' as const, label: 'Ferry café' }];
  const read = (cells: Record<string, string>) => readMadeRow(new Map(Object.entries(cells)), { designs, places });

  it('finds the design, its size, the place and the grade', () => {
    expect(read({ name: 'tide ring', size: 't', count: '3', place: 'ferry café', grade: 'Seconds' }).value).toMatchObject({
      pieceId: 'ring', size: 't', count: '3', place: 'shop/a', grade: 'second',
    }); // prettier-ignore
  });
  it('a piece that is no design is its own item in the studio', () => {
    expect(read({ name: 'Old comb', count: '2', cost: '9.50' }).value).toMatchObject({ pieceId: '', place: 'studio', grade: 'good', cost: '9.50' }); // prettier-ignore
  });
  it.each([
    [{ name: 'Tide ring', count: '3' }, 'Give the size of Tide ring.'],
    [{ name: 'Tide ring', size: 'X', count: '3' }, 'Tide ring has no size “X”.'],
    [{ name: 'Gull pin', count: '3', place: 'Nowhere' }, '“Nowhere” is no place. Add it under Shops first.'],
    [{ name: 'Gull pin', count: '3', grade: 'fine' }, '“fine” is no grade: good, second or sample.'],
    [{ name: '', count: '3' }, 'The row names no piece.'],
  ])('%j is refused', (cells, says) => {
    expect(read(cells)).toMatchObject({ effect: 'bad', says, value: null });
  });
  it('a row with none there is left out', () => {
    expect(read({ name: 'Gull pin', count: '0' })).toMatchObject({ effect: 'same', value: null });
  });
});
