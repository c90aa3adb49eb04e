import { expect, test } from 'vitest';
import { withStandardTimes } from './standard-times.ts';

const step = { kind: 'solder', name: 'Solder', setUp: '10', each: '4 min 30' } as const;

test('a proposed step takes the studio’s own time', () => {
  expect(withStandardTimes(step, new Map([['solder', 1.2]]))).toMatchObject({ setUp: '12', each: '5.4' });
});

test('other kinds of work, blank minutes and what is no time stay as they are', () => {
  expect(withStandardTimes(step, new Map([['polish', 1.2]]))).toBe(step);
  expect(withStandardTimes({ ...step, setUp: '', each: 'a while' }, new Map([['solder', 2]]))).toMatchObject({
    setUp: '',
    each: 'a while',
  });
});
