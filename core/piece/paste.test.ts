import { expect, test } from 'vitest';
import { findingOfCells, partOfCells, stepOfCells, withoutHeads } from './paste.ts';

test('a header line is left out, and a data line is not', () => {
  const rows = [['Ear wire', '0.40', '0.3', '2']];
  expect(withoutHeads([['Finding', 'price each', 'weight', 'each'], ...rows])).toEqual(rows);
  expect(withoutHeads(rows)).toEqual(rows);
});

test('cells stand in the order of the page', () => {
  expect(findingOfCells(['Ear wire', '0.40', '0.3', '2'], 'a')).toMatchObject({
    name: 'Ear wire',
    price: '0.40',
    grams: '0.3',
    count: '2',
  });
  expect(findingOfCells(['Card'], 'a')).toMatchObject({ name: 'Card', price: '', count: '1' });
  expect(stepOfCells(['Saw', 'peg', '5', '1.5', ''], 'b')).toMatchObject({
    name: 'Saw',
    station: 'peg',
    setUp: '5',
    each: '1.5',
    byHand: true,
  });
});

test('stock in words becomes a part, and unknown words stay in the name', () => {
  const read = (words: string) =>
    words.startsWith('18 ga')
      ? { ...partOfCells([], 'x', () => null), section: { form: 'round', diameter: '18 ga' } as const }
      : null;
  expect(partOfCells(['Rim', '18 ga sterling', '2', '1 mm'], 'c', read)).toMatchObject({
    id: 'c',
    name: 'Rim',
    section: { form: 'round', diameter: '18 ga' },
    count: '2',
    trim: '1 mm',
  });
  expect(partOfCells(['Rim', 'something'], 'c', read).name).toBe('Rim something');
});

test('a cell that is too long is cut, and the rest is used', () => {
  expect(findingOfCells(['x'.repeat(300), '9'.repeat(90)], 'a').name).toHaveLength(120);
});
