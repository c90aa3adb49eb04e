import { describe, expect, test } from 'vitest';
import { newFixSchema } from '../metal/fix.ts';
import { currencySchema, isoDateSchema, nameSchema, typedSchema } from './typed.ts';

const refusal = (schema: { safeParse: typeof typedSchema.safeParse }, value: unknown) =>
  schema.safeParse(value).error?.issues[0]?.message;

test('a currency must be in use', () => {
  for (const code of ['GBP', 'USD', 'JPY', 'KWD']) expect(currencySchema.parse(code)).toBe(code);
  for (const code of ['gbp', 'POUND', 'ABC', '', 'US1'])
    expect(refusal(currencySchema, code)).toMatch(/for example GBP/);
});

test('a day must be on the calendar', () => {
  expect(isoDateSchema.parse('2028-02-29')).toBe('2028-02-29');
  for (const day of ['2027-02-29', '2026-13-01', '1/2/2026', '2026-1-2', '']) {
    expect(refusal(isoDateSchema, day)).toMatch(/date cannot be read/);
  }
});

test('typed text is kept unchanged up to a length', () => {
  expect(typedSchema.parse(' 3/4 in ')).toBe(' 3/4 in ');
  expect(refusal(typedSchema, 'x'.repeat(61))).toMatch(/60 characters/);
  expect(refusal(nameSchema, 'x'.repeat(121))).toMatch(/120 characters/);
});

describe('metal prices of a day', () => {
  const fix = { on: '2026-03-02', currency: 'GBP', prices: { Ag: '25.50 / ozt' }, source: 'typed' };

  test('hold exactly the given metals', () => {
    expect(newFixSchema.parse(fix)).toEqual(fix);
    expect(newFixSchema.safeParse({ ...fix, prices: { Ag: '1', Rh: '2' } }).success).toBe(false);
  });

  test('name their source', () => {
    expect(refusal(newFixSchema as never, { ...fix, source: '  ' })).toMatch(/where the prices came from/);
  });
});
