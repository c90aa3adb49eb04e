// The metal of a piece: grams at their price, and what is paid for the solder.
import { expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { metalLine, type PricedPart, solderLine } from './metal-lines.ts';

const figure = (label: string, value: number, unit: string) => given(label, value, unit, '');
const part = (name: string, grams: number, perGram: number): PricedPart => ({
  name,
  gross: figure(name, grams, 'g'),
  net: figure(name, grams, 'g'),
  scrap: {},
  bought: figure('price', perGram, 'GBP/g'),
  content: figure('content', perGram, 'GBP/g'),
});

test('metal costs its grams at the price of each part', () => {
  // 10 g at 95 p and 2.5 g at 6 p.
  const { takes, each } = metalLine([part('Dial', 10, 95), part('Rim', 2.5, 6)], 'GBP');
  expect(takes.value).toBeCloseTo(12.5, 9);
  expect(each.value).toBeCloseTo(965, 9);
  expect(each.from.map(({ label }) => label)).toEqual(['Dial', 'Rim']);
});

test('solder costs its grams at its price, and there is no line without it', () => {
  const solder = { grams: figure('hard', 0.2, 'g'), bought: figure('price', 140, 'GBP/g') };
  expect(solderLine([solder, solder], 'GBP')?.each.value).toBeCloseTo(56, 9);
  expect(solderLine([], 'GBP')).toBeNull();
});
