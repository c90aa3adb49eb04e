// A set-up of 10 minutes at 30 an hour costs 5.00: wholly one piece's in a batch of 1, a twelfth each in a batch of 12.
import { expect, test } from 'vitest';
import { pieceSchema } from '../piece/piece.ts';
import { pricedSchema } from '../price/piece/standing.ts';
import { readRates } from '../studio/rates.ts';
import { startingStudio } from '../studio/studio.ts';
import { batchSchema } from './batch.ts';
import { countBatch } from './count-batch.ts';
import { runPrices } from './run-price.ts';

const rates = readRates(startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }), 1);
const pieceOf = (batchSize: string) =>
  pieceSchema.parse({
    name: 'Ring',
    note: '',
    batchSize,
    parts: [],
    findings: [],
    steps: [{ id: 's', name: 'Make', station: '', setUp: '10', each: '2', unattended: '', overlaps: false }],
  });
const runsOf = (piece: ReturnType<typeof pieceOf>, quantity: string) => {
  const lines = [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': quantity } }];
  const batch = batchSchema.parse({ lines, due: '', customer: '', note: '' });
  return countBatch(
    batch,
    batch.lines.map((line) => ({ line, piece })),
    rates,
    null,
  ).runs;
};
// 12 minutes of work at 0.50 a minute, doubled by the usual rule.
const priced = pricedSchema.parse({
  currency: 'GBP',
  fixOn: null,
  costMinor: 600,
  wholesaleMinor: 1200,
  retailMinor: 2400,
});

test('a piece priced for a batch of 1 says what a batch of 12 calculates', () => {
  const [price] = runPrices(runsOf(pieceOf('1'), '12'), () => priced, 'GBP');
  expect(price).toMatchObject({ name: 'Ring', usual: 1, here: 12, set: 1200 });
  // 10/12 + 2 minutes at 0.50, doubled, is 2.83; the starting rule rounds up to whole pounds.
  expect(price?.calculated).toBe(300);
});

test('a batch of the usual size, a piece without a price and another currency say nothing', () => {
  expect(runPrices(runsOf(pieceOf('12'), '12'), () => priced, 'GBP')).toEqual([]);
  expect(runPrices(runsOf(pieceOf('1'), '12'), () => null, 'GBP')).toEqual([]);
  expect(runPrices(runsOf(pieceOf('1'), '12'), () => priced, 'EUR')).toEqual([]);
});
