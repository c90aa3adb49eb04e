// Changes to sizes: the first measure brings a row, the last one takes the rows away, and names stay distinct.
import { expect, test } from 'vitest';
import { withMeasure, withMeasureNamed, withoutMeasure, withoutSize, withSize, withSizeChanged } from './edit-sizes.ts';
import type { Sizes } from './sizes.ts';

const none: Sizes = { parameters: [], rows: [], price: 'each', patterns: [] };
let count = 0;
const newId = () => `id${String((count += 1))}`;

test('the first measure brings a row, and the next ones take the next free names', () => {
  const one = withMeasure(none, newId);
  expect(one.parameters.map(({ name }) => name)).toEqual(['size']);
  expect(one.rows).toHaveLength(1);
  const two = withMeasure(one, newId);
  expect(two.parameters.map(({ name }) => name)).toEqual(['size', 'across']);
  expect(two.rows).toBe(one.rows);
});

test('when the last measure goes, the rows go with it', () => {
  const two = withMeasure(withMeasure(none, newId), newId);
  const [first, second] = two.parameters.map(({ id }) => id);
  const one = withoutMeasure(two, first!);
  expect(one.rows).toHaveLength(1);
  expect(withoutMeasure(one, second!)).toEqual(none);
});

test('a new row starts with the measures of the last one, and is changed apart from it', () => {
  const one = withMeasure(none, newId);
  const [parameter] = one.parameters;
  const [row] = one.rows;
  const filled = withSizeChanged(one, row!.id, { values: { [parameter!.id]: '34 mm' } });
  const two = withSize(filled, newId);
  expect(two.rows[1]?.values).toEqual({ [parameter!.id]: '34 mm' });
  const renamed = withSizeChanged(two, two.rows[1]!.id, { name: 'large' });
  expect(renamed.rows.map(({ name }) => name)).toEqual(['one size', 'large']);
  expect(withoutSize(renamed, row!.id).rows.map(({ name }) => name)).toEqual(['large']);
  expect(withMeasureNamed(two, parameter!.id, 'span').parameters[0]?.name).toBe('span');
});

test('a pattern starts without measures, and goes with the last measure', () => {
  const one = withSize(withMeasure(none, newId), newId, 'patterns');
  expect(one.patterns).toHaveLength(1);
  expect(one.patterns[0]?.values).toEqual({});
  expect(withSizeChanged(one, one.patterns[0]!.id, { name: 'wave' }).patterns[0]?.name).toBe('wave');
  expect(withoutSize(one, one.patterns[0]!.id).patterns).toEqual([]);
  expect(withoutMeasure(one, one.parameters[0]!.id).patterns).toEqual([]);
});
