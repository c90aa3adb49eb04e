// Price lists: packs, breaks, and reading a table of them.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../../metal/alloy.ts';
import { stockKey } from '../cut-list.ts';
import { keyOfLot } from '../stock/shelf.ts';
import { breakFor, orderOf, packsFor, supplierItemSchema } from './price-list.ts';
import { readPriceList } from './price-list-file.ts';

const alloys = alloysWith([]);
const heads = 'supplier,item,name,metal,form,size,length,pack,from,price,days'.split(',');
const read = (...lines: string[]) => readPriceList([heads, ...lines.map((line) => line.split(','))], alloys, 'GBP');
const item = (pack: number, ...breaks: [number, number][]) => ({
  ...read('a,1,pins,,,,,1,1,1,0').items[0]!,
  pack,
  breaks: breaks.map(([from, priceMinor]) => ({ from, priceMinor })),
});

describe('packs and price breaks', () => {
  test.each([
    [0, 0],
    [1, 1],
    [10, 1],
    [10.5, 2],
    [11, 2],
    [30, 3],
  ])('%s from packs of ten needs %s packs', (amount, packs) => {
    expect(packsFor({ pack: 10 }, amount)).toBe(packs);
  });

  test('three times a tenth of a gram is one pack of 0.3 g in spite of floating point', () => {
    expect(packsFor({ pack: 0.3 }, 0.1 + 0.1 + 0.1)).toBe(1);
  });

  test('a price break starts at its quantity', () => {
    const pins = item(1, [1, 100], [5, 90], [10, 60]);
    expect([1, 4, 5, 9, 10, 400].map((packs) => breakFor(pins, packs).priceMinor)).toEqual([100, 100, 90, 90, 60, 60]);
  });

  test('ten are ordered where ten cost less than nine', () => {
    const pins = item(1, [1, 100], [5, 90], [10, 60]);
    expect(orderOf(pins, 9)).toEqual({ packs: 10, paidMinor: 600 });
    expect(orderOf(pins, 6)).toEqual({ packs: 6, paidMinor: 540 });
    expect(orderOf(pins, 0)).toEqual({ packs: 0, paidMinor: 0 });
  });

  test('no sufficient number of packs costs less than the ordered one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.array(fc.tuple(fc.integer({ min: 2, max: 30 }), fc.integer({ min: 1, max: 500 })), { maxLength: 4 }),
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 1, max: 200 }),
        (pack, more, price, amount) => {
          const breaks = [...new Map([[1, price] as [number, number], ...more])].sort(([a], [b]) => a - b);
          const one = item(pack, ...breaks);
          const order = orderOf(one, amount);
          expect(order.packs * pack).toBeGreaterThanOrEqual(amount);
          for (let packs = Math.ceil(amount / pack); packs <= 240; packs += 1)
            expect(order.paidMinor).toBeLessThanOrEqual(packs * breakFor(one, packs).priceMinor);
        },
      ),
    );
  });
});

describe('a price list as a table', () => {
  test('wire by gauge matches stock named in gauge, and its length is a bar', () => {
    const { items, problems } = read('Cove,W20,wire,silver-925,round,20 ga,500 mm,1,1,3.70,4');
    expect(problems).toEqual([]);
    expect(items[0]).toMatchObject({ supplier: 'Cove', leadDays: 4, breaks: [{ from: 1, priceMinor: 370 }] });
    // ASTM B258: 20 gauge is 0.8118 mm.
    expect(keyOfLot(items[0]!.stock!)).toBe(stockKey('silver-925', { form: 'round', diameterMm: 0.8118 }));
    expect(items[0]?.stock?.size).toEqual({ lengthMm: 500 });
    expect(supplierItemSchema.safeParse(items[0]).success).toBe(true);
  });

  test('two sizes share their unit (strip, tube, sheet), metals are found by name, forms by word', () => {
    const { items, problems } = read(
      'Cove,S,strip,Sterling silver,strip,6 x 1.2 mm,20 in,1,,40,0',
      'Cove,T,tube,silver-925,tube,3 mm x 0.5 mm,300 mm,1,,17,0',
      'Cove,P,sheet,copper-c110,sheet,0.7 mm,200 x 100 mm,1,,5,0',
    );
    expect(problems).toEqual([]);
    expect(items.map(({ stock }) => stock)).toMatchObject([
      { section: { form: 'strip', widthMm: 6, thicknessMm: 1.2 }, size: { lengthMm: 508 } },
      { section: { form: 'tube', outsideMm: 3, wallMm: 0.5 }, size: { lengthMm: 300 } },
      { section: { form: 'sheet', thicknessMm: 0.7 }, size: { widthMm: 200, heightMm: 100 } },
    ]);
  });

  test('lines of one item are its price breaks, and solder is priced by the gram', () => {
    const { items } = read('Cove,P,pins,,,,,10,3,6.80,4', 'Cove,P,pins,,,,,10,1,7.90,4', 'Cove,E,easy,,,,,5 g,1,8,3');
    expect(items).toHaveLength(2);
    expect(items[0]?.breaks).toEqual([
      { from: 1, priceMinor: 790 },
      { from: 3, priceMinor: 680 },
    ]);
    expect(items[1]).toMatchObject({ per: 'g', pack: 5, stock: null });
  });

  test.each([
    ['Cove,,pins,,,,,10,1,7,4', /item is missing/],
    ['Cove,P,pins,,,,,ten,1,7,4', /not a pack/],
    ['Cove,P,pins,,,,,10,some,7,4', /not a number of packs/],
    ['Cove,P,pins,,,,,10,1,dear,4', /dear/],
    ['Cove,P,pins,,,,,10,1,7,soon', /not a number of days/],
    ['Cove,W,wire,unobtainium,round,1 mm,500 mm,1,1,3,4', /not a metal/],
    ['Cove,W,wire,silver-925,rope,1 mm,500 mm,1,1,3,4', /not a bar or a sheet/],
    ['Cove,W,strip,silver-925,strip,6 mm,500 mm,1,1,3,4', /width × thickness/],
    ['Cove,W,sheet,silver-925,sheet,1 mm,500 mm,1,1,3,4', /width and a length/],
    ['Cove,W,wire,silver-925,round,1 mm,,1,1,3,4', /has a length/],
  ])('%s is refused with its line number', (line, sentence) => {
    const { items, problems } = read('Cove,Q,pins,,,,,10,1,7,4', line);
    expect(problems).toEqual([{ line: 3, sentence: expect.stringMatching(sentence) as string }]);
    expect(items.map(({ item: number }) => number)).toEqual(['Q']);
  });

  test('a table without the needed columns or without lines is refused', () => {
    expect(readPriceList([['supplier', 'name']], alloys, 'GBP').problems[0]?.sentence).toMatch(/item, price/);
    expect(readPriceList([heads], alloys, 'GBP').problems[0]?.sentence).toMatch(/no items/);
  });
});
