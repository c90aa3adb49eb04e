// What the whole recipe costs: solder, scrap by kind, consumables by each school, make or buy, sizes.
import { describe, expect, test } from 'vitest';
import type { Fix } from '../../metal/fix.ts';
import { discBlank, pieceOf, sheet, straightBlank, wire } from '../../piece/fixtures/check.ts';
import { readRates } from '../../studio/rates.ts';
import { startingStudio, type Studio } from '../../studio/studio.ts';
import { compareCounts } from './compare.ts';
import { countPiece } from './count-piece.ts';
import { makeOrBuy } from './make-or-buy.ts';

const studio: Studio = {
  ...startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }),
  consumablesPerHour: '3',
  consumablesPerJoint: '0.10',
  consumablesPerPiece: '0.25',
  consumablesPerLoad: '1.20',
  consumablesShare: '5 %',
  scrapShare: '80 %',
  mixedScrapShare: '50 %',
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
const line = (count: ReturnType<typeof countPiece>, key: string) => count.column.lines.find((one) => one.key === key);

const locket = pieceOf({
  batchSize: '10',
  parts: [
    { id: 'face', alloy: 'silver-999', section: sheet(), blank: discBlank, trim: '1 mm', scrap: 'soldered' },
    { id: 'post', alloy: 'silver-999', section: wire('2 mm'), blank: straightBlank, trim: '3 mm', kerf: '1 mm' },
  ],
  joins: [{ id: 'on', parts: ['face', 'post'], solder: 'silver-hard', amount: '4', count: '2' }],
  steps: [
    { id: 'a', name: 'Solder', each: '10', per: 'piece' },
    { id: 'b', name: 'Pickle', unattended: '10', load: '5' },
  ],
});

describe('recipe costs by hand', () => {
  const count = countPiece(locket, rates, fix);
  const fine = 0.999;

  // Hard silver solder is three quarters silver: 8 snippets of 1.25 × 1 × 0.25 mm at 9.97 g/cm³, at 0.75 a gram.
  test('weigh solder, charge it, and keep it in the piece', () => {
    const grams = (8 * 1.25 * 0.25 * 9.97) / 1000;
    expect(line(count, 'solder')?.takes.value).toBeCloseTo(grams, 9);
    expect(line(count, 'solder')?.each.value).toBeCloseTo(grams * 75, 0);
    const parts = count.parts.reduce((sum, { net }) => sum + (net?.value ?? 0), 0);
    expect(count.weight.value).toBeCloseTo(parts + grams, 9);
  });

  // Round the disc 1 mm of trim with solder on it; off the wire 3 mm clean and 1 mm of kerf as filings.
  test('value scrap by kind, with less for soldered scrap and filings', () => {
    const border = ((Math.PI / 4) * (22 ** 2 - 20 ** 2) * 10.49) / 1000;
    const wireMm = (Math.PI * 10.49) / 1000;
    expect(line(count, 'scrap')?.takes.value).toBeCloseTo(-(border + 4 * wireMm), 9);
    const money = (border * 0.5 + 3 * wireMm * 0.8 + wireMm * 0.5) * fine * 100;
    expect(Math.abs((line(count, 'scrap')?.each.value ?? NaN) + money)).toBeLessThan(1);
  });
});

describe('consumables', () => {
  const each = (school: 'hour' | 'use' | 'share') =>
    line(countPiece({ ...locket, consumables: school }, rates, fix), 'consumables')?.each.value;

  test('by bench hour are 10 minutes at 3.00', () => {
    expect(each('hour')).toBe(50);
  });

  test('by use are two joints at 0.10, the piece at 0.25, and two loads of pickle for ten at 1.20', () => {
    expect(each('use')).toBe(20 + 25 + 24);
  });

  test('can be a share of metal and labour', () => {
    const count = countPiece({ ...locket, consumables: 'share' }, rates, fix);
    const base = (line(count, 'metal')?.each.value ?? 0) + (line(count, 'labour')?.each.value ?? 0);
    expect(Math.abs((each('share') ?? NaN) - base * 0.05)).toBeLessThan(1);
  });

  test('follow the studio’s way unless the piece has its own', () => {
    const byUse = readRates({ ...studio, consumablesBy: 'use' }, 1);
    expect(line(countPiece(locket, byUse, fix), 'consumables')?.each.value).toBe(69);
  });
});

describe('make or buy', () => {
  const priced = (buyPrice: string) => ({
    ...locket,
    parts: locket.parts.map((part) => (part.id === 'post' ? { ...part, buyPrice } : part)),
    steps: locket.steps.map((step) => (step.id === 'a' ? { ...step, of: 'post' } : step)),
  });

  test('compares metal and minutes with the price of the bought part', () => {
    const dear = makeOrBuy(priced('40.00'), 'post', rates, fix);
    expect(dear?.better).toBe('make');
    const cheap = makeOrBuy(priced('0.60'), 'post', rates, fix);
    expect(cheap?.better).toBe('buy');
    expect(cheap?.made.value).toBe(countPiece(locket, rates, fix).column.cost.value);
    expect(makeOrBuy(priced(''), 'post', rates, fix)).toBeNull();
  });

  test('once bought, cuts no metal and has its price among the findings', () => {
    const [face, post] = priced('0.60').parts;
    if (!face || !post) throw new Error('There are two parts.');
    const bought = countPiece({ ...priced('0.60'), parts: [face, { ...post, bought: true }] }, rates, fix);
    expect(line(bought, 'findings')?.each.value).toBe(60);
    expect(line(bought, 'metal')?.each.from).toHaveLength(1);
  });
});

describe('sizes', () => {
  const sized = {
    ...pieceOf({ parts: [{ id: 'p', alloy: 'silver-999', section: sheet(), blank: { rule: 'disc', diameter: 'd' } }] }),
    sizes: {
      parameters: [{ id: 'd', name: 'd' }],
      rows: [
        { id: 's', name: 'small', values: { d: '20 mm' } },
        { id: 'l', name: 'large', values: { d: '60 mm' } },
      ],
      patterns: [],
      price: 'each' as const,
    },
  };
  const wholesale = (size: string, price: 'each' | 'one') =>
    countPiece({ ...sized, sizes: { ...sized.sizes, price } }, rates, fix, { size }).prices.wholesale.value;

  test('have a weight and price each, and the first is the default', () => {
    const [small, large] = ['s', 'l'].map((size) => countPiece(sized, rates, fix, { size }).weight.value);
    expect((large ?? NaN) / (small ?? NaN)).toBeCloseTo(9, 9);
    expect(countPiece(sized, rates, fix).weight.value).toBe(small);
    expect(wholesale('s', 'each')).toBeLessThan(wholesale('l', 'each'));
  });

  test('share the price of the most expensive one under one price for all', () => {
    expect(wholesale('s', 'one')).toBe(wholesale('l', 'each'));
    expect(wholesale('l', 'one')).toBe(wholesale('l', 'each'));
  });

  test('comparing two counts gives their differences', () => {
    const [cost] = compareCounts(
      countPiece(sized, rates, fix, { size: 'l' }),
      countPiece(sized, rates, fix, { size: 's' }),
    );
    expect(cost?.more.value).toBeCloseTo((cost?.one.value ?? NaN) - (cost?.other.value ?? NaN), 12);
    expect(cost?.more.how).toMatch(/^\d.* − \d/);
  });
});
