import { expect, test } from 'vitest';
import { firstRunSchema } from '../../core/studio/studio.ts';
import { countries, currencies, guess } from './places.ts';

test.each([
  ['en-GB', { country: 'GB', currency: 'GBP', units: 'mm' }],
  ['en-US', { country: 'US', currency: 'USD', units: 'inch' }],
  ['en-CA', { country: 'CA', currency: 'CAD', units: 'inch' }],
  ['de', { country: 'DE', currency: 'EUR', units: 'mm' }],
  ['ja', { country: 'JP', currency: 'JPY', units: 'mm' }],
])('%s has its usual settings', (language, expected) => {
  expect(guess(language)).toEqual(expected);
});

test('an unknown place has settings that can be changed', () => {
  expect(guess('mi-TV').currency).toBe('GBP');
});

test('the ledger accepts every country and currency offered', () => {
  const answers = { name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '1' };
  for (const { code } of countries())
    expect(firstRunSchema.safeParse({ ...answers, country: code }).success, code).toBe(true);
  for (const { code } of currencies())
    expect(firstRunSchema.safeParse({ ...answers, currency: code }).success, code).toBe(true);
  expect(countries().length).toBeGreaterThan(190);
  expect(countries().map(({ name }) => name)).toContain('Iceland');
});
