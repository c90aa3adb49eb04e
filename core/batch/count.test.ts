import { expect, test } from 'vitest';
import type { Fix } from '../metal/fix.ts';
import { pieceSchema } from '../piece/piece.ts';
import { batchSchema } from './batch.ts';
import { countPiece } from '../price/count.ts';
import { readRates } from '../studio/rates.ts';
import { startingStudio } from '../studio/studio.ts';
import { countBatch } from './count.ts';
import { inAll, metalInAll } from './sums.ts';

const rates = readRates(startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }), 1);
const fix: Fix = {
  id: 1,
  on: '2026-03-02',
  at: '2026-03-02T12:00:00Z',
  currency: 'GBP',
  prices: { Ag: '1' },
  source: 'test',
};
const part = {
  name: 'Ring',
  alloy: 'silver-925',
  section: { form: 'round', diameter: '20 ga' },
  blank: { rule: 'straight', length: '50 mm' },
  count: '2',
  trim: '1 mm',
} as const;
const piece = pieceSchema.parse({
  name: 'Link',
  note: '',
  batchSize: '1',
  // 20 gauge and the 0.8118 mm it is are one coil.
  parts: [
    { ...part, id: 'a' },
    { ...part, id: 'b', section: { form: 'round', diameter: '0.8118 mm' } },
    { ...part, id: 'c', section: { form: 'round', diameter: '1 mm' }, count: '1' },
  ],
  findings: [],
  steps: [{ id: 's', name: 'Make', station: '', setUp: '10', each: '2', byItself: '30', meanwhile: false }],
});
const batch = batchSchema.parse({
  pieceId: 'p',
  pieceRevision: 1,
  quantity: '12',
  due: '',
  customer: '',
  note: '',
  finished: false,
});
const count = countBatch(batch, piece, rates, fix);

test('blanks are the batch times what is in a piece, cut with their trim', () => {
  expect(count.cutList.map((line) => line.count.value)).toEqual([24, 24, 12]);
  expect(count.cutList[0]?.length?.value).toBeCloseTo(24 * 51, 9);
});

test('what is issued is what is cut: the grams of the cut list are those of the issue, stock by stock', () => {
  expect(count.issue).toHaveLength(2);
  expect(count.grams.value).toBeCloseTo(
    count.cutList.reduce((sum, { grams }) => sum + grams.value, 0),
    9,
  );
  const cutForOne = countPiece(piece, rates, fix).column.lines[0]?.takes.value ?? NaN;
  expect(count.grams.value).toBeCloseTo(12 * cutForOne, 9);
});

test('hands are the set-up once and the minutes of every piece', () => {
  expect(count.hands.value).toBeCloseTo((10 + 12 * 2) / 60, 9);
  expect(count.byItself.value).toBeCloseTo(0.5, 9);
});

test('money is twelve times one piece made in a batch of twelve', () => {
  const one = countPiece(piece, rates, fix, { batchSize: 12 });
  expect(count.cost.value).toBe(12 * one.column.cost.value);
  expect(count.wholesale.value).toBe(12 * one.prices.wholesale.value);
  expect(count.left.value).toBe(count.wholesale.value - count.cost.value);
});

test('a quantity that is none is said, and one is reckoned meanwhile', () => {
  const wrong = countBatch({ ...batch, quantity: '0' }, piece, rates, fix);
  expect(wrong.problems[0]).toMatchObject({ path: 'quantity' });
  expect(wrong.quantity).toBe(1);
});

test('several batches add up, metal by metal', () => {
  const batches = [
    { name: 'Link', count },
    { name: 'Link again', count },
  ];
  expect(inAll('hands', 'h', batches, ({ hands }) => hands).value).toBeCloseTo(2 * count.hands.value, 9);
  const [silver] = metalInAll(batches);
  expect(silver?.alloy.id).toBe('silver-925');
  expect(silver?.grams.value).toBeCloseTo(2 * count.grams.value, 9);
});
