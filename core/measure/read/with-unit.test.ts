import { expect, test } from 'vitest';
import { readLength } from './read-length.ts';
import { withUnit } from './with-unit.ts';

test.each([
  ['33', 'mm', '33 mm'],
  ['3/4', 'in', '3/4 in'],
  ['1 1/2', 'in', '1 1/2 in'],
  ['2*14+3', 'in', '(2*14+3) in'],
  ['18 ga', 'mm', '18 ga'],
  ['0.040"', 'mm', '0.040"'],
  ['33', '', '33'],
  ['  ', 'mm', '  '],
])('“%s” in a field of %s is stored as “%s”', (text, unit, kept) => {
  expect(withUnit(text, unit)).toBe(kept);
});

test('a sum keeps its value when its unit is added', () => {
  expect(readLength(withUnit('2*14+3', 'in'), { what: 'length' })).toMatchObject({ ok: true, value: 31 * 25.4 });
});
