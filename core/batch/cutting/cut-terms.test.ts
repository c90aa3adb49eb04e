// How stock is cut, as typed.
import { expect, test } from 'vitest';
import type { IssueLine } from '../cut-list.ts';
import { boughtOf, readTerms, usualTerms } from './cut-terms.ts';

const issue = (form: 'sheet' | 'round') => ({ stock: form, section: { form } }) as unknown as IssueLine;

test('the usual terms are the kerf of a saw, bars of a metre and sheets of 100 by 100 mm', () => {
  const terms = readTerms(usualTerms, 'GBP');
  if ('sentence' in terms) throw new Error(terms.sentence);
  expect(terms.of(issue('round'))).toEqual({
    kerfMm: 0.3,
    keepFromMm: 30,
    gapMm: 0.5,
    marginMm: 1,
    keepSheetMm: { short: 10, long: 30 },
    sheetCutting: 'free',
    keepsGrain: false,
    bought: [{ id: 'bought round 1', size: { lengthMm: 1000 }, priceMinor: null }],
  });
  expect(terms.of(issue('sheet')).bought[0]?.size).toEqual({ widthMm: 100, heightMm: 100 });
});

test('another size is bought at its price, and nothing is bought without a length', () => {
  const typed = { ...usualTerms, bought: { round: [{ length: '2 m', width: '', price: '18.50', item: '' }] } };
  const terms = readTerms(typed, 'GBP');
  if ('sentence' in terms) throw new Error(terms.sentence);
  expect(terms.of(issue('round')).bought).toEqual([
    { id: 'bought round 1', size: { lengthMm: 2000 }, priceMinor: 1850 },
  ]);
  const none = readTerms({ ...typed, bought: { round: [{ length: '', width: '', price: '', item: '' }] } }, 'GBP');
  expect('of' in none && none.of(issue('round')).bought).toEqual([]);
  expect(boughtOf(typed, issue('sheet'), [], 'GBP')).toMatchObject([{ width: '100 mm' }]);
});

test('a field that cannot be read is reported', () => {
  expect(readTerms({ ...usualTerms, keepFrom: 'some' }, 'GBP')).toHaveProperty('sentence');
  const price = { round: [{ length: '1 m', width: '', price: 'cheap', item: '' }] };
  expect(readTerms({ ...usualTerms, bought: price }, 'GBP')).toHaveProperty('sentence');
});
