// Every pattern in every size, entered once.
import { expect, test } from 'vitest';
import { hasSizes, sizesOf } from './all-sizes.ts';
import { noSizes, type Sizes } from './sizes.ts';

const rows = ['14', '16', '18'].map((size) => ({ id: `s${size}`, name: size, values: { size, texture: '0' } }));
const patterns: Sizes['patterns'] = [
  { id: 'plain', name: 'plain', values: {} },
  { id: 'wave', name: 'wave', values: { texture: '1', size: ' ' } },
];
const sizes: Sizes = {
  parameters: [
    { id: 'size', name: 'size' },
    { id: 'texture', name: 'texture' },
  ],
  rows,
  patterns,
  price: 'each',
};

test('two patterns in three sizes are six sizes, pattern by pattern', () => {
  expect(sizesOf({ sizes }).map(({ id, name }) => [id, name])).toEqual([
    ['plain.s14', 'plain, 14'],
    ['plain.s16', 'plain, 16'],
    ['plain.s18', 'plain, 18'],
    ['wave.s14', 'wave, 14'],
    ['wave.s16', 'wave, 16'],
    ['wave.s18', 'wave, 18'],
  ]);
});

test('a measure of the pattern wins; a blank one is that of the size', () => {
  expect(sizesOf({ sizes })[4]?.values).toEqual({ size: '16', texture: '1' });
  expect(sizesOf({ sizes })[1]?.values).toEqual({ size: '16', texture: '0' });
});

test('without patterns the size rows are the sizes, and without rows the patterns are', () => {
  expect(sizesOf({ sizes: { ...sizes, patterns: [] } })).toBe(rows);
  expect(sizesOf({ sizes: { ...sizes, rows: [] } })).toBe(patterns);
  expect(hasSizes({ sizes: noSizes })).toBe(false);
});
