// Units of a line: rows added and filled from a block of cells.
import { expect, test } from 'vitest';
import type { BatchUnit } from './batch.ts';
import { MOST_UNITS, withBlock, withUnits } from './edit-units.ts';

const unit = (id: string, values: BatchUnit['values'] = {}): BatchUnit => ({ id, name: '', values });
const ids = () => {
  let next = 0;
  return () => `new${String((next += 1))}`;
};

test('a column of measures fills downwards and adds the units it needs', () => {
  const units = withBlock(
    [unit('a'), unit('b')],
    ['l', 'w'],
    { row: 1, column: 2 },
    [['8.2'], ['7.9'], ['8.4']],
    ids(),
  );
  expect(units.map(({ id, values }) => [id, values])).toEqual([
    ['a', {}],
    ['b', { w: '8.2' }],
    ['new1', { w: '7.9' }],
    ['new2', { w: '8.4' }],
  ]);
});

test('a block with a description fills across and leaves other measures alone', () => {
  const block = [['grey oval', '14.1', '9.8', 'too far']];
  const [first] = withBlock([unit('a', { h: '5' })], ['l', 'w', 'h'], { row: 0, column: 0 }, block, ids());
  expect(first).toEqual({ id: 'a', name: 'grey oval', values: { l: '14.1', w: '9.8', h: 'too far' } });
  const [measured] = withBlock([unit('a', { h: '5' })], ['l', 'w', 'h'], { row: 0, column: 1 }, [['3', '2']], ids());
  expect(measured?.values).toEqual({ l: '3', w: '2', h: '5' });
});

test('a line holds no more units than the most', () => {
  expect(withUnits([], MOST_UNITS + 20, ids())).toHaveLength(MOST_UNITS);
});
