import { describe, expect, test } from 'vitest';
import type { Fix } from '../../metal/fix.ts';
import { type Piece, pieceSchema } from '../../piece/piece.ts';
import { readRates } from '../../studio/rates.ts';
import { startingStudio, type Studio } from '../../studio/studio.ts';
import { countPiece } from './count-piece.ts';
import { priceShares } from './shares.ts';

const studio: Studio = {
  ...startingStudio({ name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }),
  overheadPerHour: '9',
  consumablesPerHour: '3',
  scrapShare: '80 %',
  makingCharges: [{ id: 'ag', family: 'silver', upTo: '', shaped: '', wire: '0.12', sheet: '0.10', tube: '' }],
};
const fix: Fix = {
  id: 1,
  on: '2026-03-02',
  at: '2026-03-02T12:00:00Z',
  currency: 'GBP',
  prices: { Ag: '1.00 / g' },
  source: 'test',
};
const rates = readRates(studio, 1);

const buoy = pieceSchema.parse({
  name: 'Buoy',
  note: '',
  batchSize: '6',
  parts: [
    {
      id: 'a',
      name: 'Disc',
      alloy: 'silver-925',
      section: { form: 'sheet', thickness: '1 mm' },
      blank: { rule: 'disc', diameter: '20 mm' },
      count: '1',
      trim: '',
    },
  ],
  findings: [{ id: 'b', name: 'Bail', count: '1', price: '1.50', grams: '0.4' }],
  steps: [{ id: 'c', name: 'Make', station: '', setUp: '12', each: '6', unattended: '20', overlaps: false }],
});
const trimmed: Piece = { ...buoy, parts: buoy.parts.map((part) => ({ ...part, trim: '0.5 mm' })) };

describe('the worked example by hand', () => {
  // Disc: π/4 × 20² × 1 mm × 10.36 g/cm³ ÷ 1000 = 3.25469 g.
  // A gram of sterling: 0.925 × 1.00 + 0.10 making = 1.025; metal 3.25469 × 1.025 = 3.33606.
  // Hands: 12 ÷ 6 + 6 = 8 min; at 30 an hour 4.00; studio at 9 an hour 1.20; consumables at 3 an hour 0.40.
  // Cost: 3.33606 + 1.50 + 0.40 + 4.00 + 1.20 = 10.43606, rounded 10.44; the penny goes to the metal, 3.34.
  // Wholesale: 10.44 × 2 = 20.88, up to 21. Retail: 21 × 2.2 = 46.20, up to 47. Left: 21 − 10.44 = 10.56.
  // An hour: (21 − 10.44 + 4.00) ÷ 8 × 60 = 109.20.
  const count = countPiece(buoy, rates, fix);

  test('has every line of the cost', () => {
    expect(count.column.lines.map(({ key, each }) => [key, each.value])).toEqual([
      ['metal', 334],
      ['findings', 150],
      ['consumables', 40],
      ['labour', 400],
      ['overhead', 120],
    ]);
    expect(count.column.cost.value).toBe(1044);
    expect(count.column.lines[0]?.takes.value).toBeCloseTo(3.25469, 5);
  });

  test('has its prices, profit and earnings per bench hour', () => {
    expect(count.prices.wholesale.value).toBe(2100);
    expect(count.prices.retail.value).toBe(4700);
    expect(count.prices.left.value).toBe(1056);
    expect(count.prices.perHour?.value).toBeCloseTo(10920, 6);
  });

  test('has its weight and minutes', () => {
    expect(count.weight.value).toBeCloseTo(3.25469 + 0.4, 5);
    expect(count.minutes.value).toBe(8);
    expect(count.unattended.value).toBe(20);
  });

  // With half a millimetre of trim all round: π/4 × 21² × 10.36 ÷ 1000 = 3.58830 g cut, 0.33361 g of it scrap.
  // Metal 3.58830 × 1.025 = 3.67801; scrap back −0.33361 × 0.925 × 0.8 = −0.24687.
  // Cost: 3.67801 − 0.24687 + 1.50 + 0.40 + 4.00 + 1.20 = 10.53114, rounded 10.53.
  test('pays for trimmings and gets most of them back as scrap value', () => {
    const { column } = countPiece(trimmed, rates, fix);
    expect(column.lines.map(({ key, each }) => [key, each.value])).toEqual([
      ['metal', 368],
      ['scrap', -25],
      ['findings', 150],
      ['consumables', 40],
      ['labour', 400],
      ['overhead', 120],
    ]);
    expect(column.cost.value).toBe(1053);
  });
});

test('cost lines add up to the cost, and parts to the metal line', () => {
  for (const made of [buoy, trimmed]) {
    for (const batchSize of [1, 2, 3, 7, 12, 60]) {
      const { column } = countPiece(made, rates, fix, { batchSize });
      expect(column.lines.reduce((sum, { each }) => sum + each.value, 0)).toBe(column.cost.value);
      for (const { each } of column.lines.filter(({ each: line }) => line.kind === 'sum')) {
        expect(each.from.reduce((sum, line) => sum + line.value, 0)).toBe(each.value);
      }
    }
  }
});

test('shares of the wholesale price add up to it, with scrap value taken off the metal', () => {
  const count = countPiece(trimmed, rates, fix);
  const shares = priceShares(count);
  expect(shares.map(({ amount }) => amount.label)).toEqual([
    'metal',
    'findings',
    'consumables',
    'bench time',
    'overhead',
    'profit',
  ]);
  expect(shares[0]?.amount).toMatchObject({ value: 343, how: '3.68 + (−0.25)' });
  expect(shares.reduce((sum, { amount }) => sum + amount.value, 0)).toBe(count.prices.wholesale.value);
});

test('a larger batch never costs more a piece, since set-up is spread', () => {
  const costs = [1, 2, 6, 24, 60].map((batchSize) => countPiece(buoy, rates, fix, { batchSize }).column.cost.value);
  expect(costs).toEqual([...costs].sort((a, b) => b - a));
});

describe('missing data is reported, and the rest still counts', () => {
  const sentences = (...input: Parameters<typeof countPiece>) =>
    countPiece(...input).problems.map(({ path, sentence }) => `${path}: ${sentence}`);

  test('without metal prices metal costs nothing, and the page says so', () => {
    const count = countPiece(buoy, rates, null);
    expect(count.column.lines[0]?.each.value).toBe(0);
    expect(count.problems).toEqual([
      { path: 'fix', sentence: expect.stringContaining('no metal prices') as string, onlyPrice: true },
    ]);
  });

  test('metal prices in another currency are not used', () => {
    expect(sentences(buoy, rates, { ...fix, currency: 'EUR' })[0]).toMatch(/in EUR and the studio uses GBP/);
  });

  test('metal prices without the metal are reported', () => {
    expect(sentences(buoy, rates, { ...fix, prices: { Au: '60' } })[0]).toMatch(/parts.0.alloy: .*no price for silver/);
  });

  test('base metal without any price is reported', () => {
    const steel = { ...buoy, parts: buoy.parts.map((part) => ({ ...part, alloy: 'steel-low-carbon' })) };
    expect(sentences(steel, rates, fix)[0]).toMatch(/Low-carbon steel as sheet has no price/);
  });

  test('every field that cannot be read is named', () => {
    const broken = pieceSchema.parse({
      ...buoy,
      batchSize: '0',
      findings: [{ id: 'b', name: '', count: 'x', price: '-1', grams: '1 oz' }],
      steps: [{ id: 'c', name: '', station: '', setUp: '', each: '1/0', unattended: '', overlaps: false }],
    });
    expect(countPiece(broken, rates, fix).problems.map(({ path }) => path)).toEqual([
      'steps.0.each',
      'batchSize',
      'findings.0.count',
      'findings.0.price',
      'findings.0.grams',
    ]);
  });

  test('an empty piece costs nothing and has no earnings per hour', () => {
    const count = countPiece({ ...buoy, parts: [], findings: [], steps: [] }, rates, fix);
    expect(count.column.cost.value).toBe(0);
    expect(count.prices.perHour).toBeNull();
    expect(count.problems).toEqual([]);
  });
});
