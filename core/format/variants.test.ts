// British and American words by the studio's country.
import { afterEach, expect, test } from 'vitest';
import { setStudioFormat } from './studio-format.ts';
import { countedNoun, local, stockName, taxName } from './variants.ts';

afterEach(() => setStudioFormat('GB'));

test.each([
  ['GB', 'Labour rate', 'sale or return', 'Stock', 'VAT'],
  ['IE', 'Labour rate', 'sale or return', 'Stock', 'VAT'],
  ['US', 'Labor rate', 'consignment', 'Inventory', 'sales tax'],
  ['CA', 'Labor rate', 'consignment', 'Inventory', 'GST'],
  ['AU', 'Labour rate', 'sale or return', 'Stock', 'GST'],
])('in %s it is %s, %s, %s and %s', (country, labour, consignment, stock, tax) => {
  setStudioFormat(country);
  const words = [local('Labour rate'), local('sale or return'), stockName(), taxName()];
  expect(words).toEqual([labour, consignment, stock, tax]);
});

test('our own texts take the spelling of the country', () => {
  const text = 'Jewellery bronze, aluminium and grey colours, cancelled in millimetres; outwork and lemel';
  expect(local(text)).toBe(text);
  setStudioFormat('US');
  expect(local(text)).toBe(
    'Jewelry bronze, aluminum and gray colors, canceled in millimeters; outside services and filings',
  );
});

test('one thing is singular, none and several are plural', () => {
  expect([0, 1, 2].map((count) => countedNoun(count, 'batch', 'batches'))).toEqual([
    '0 batches',
    '1 batch',
    '2 batches',
  ]);
});
