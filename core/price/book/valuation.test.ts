// A book revalued in one pass comes to the same as every piece counted again.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { recipes } from '../../piece/fixtures/recipes.ts';
import { pieceSchema } from '../../piece/piece.ts';
import { readRates } from '../../studio/rates.ts';
import { pendant, workshop, workshopFix, workshopRates } from '../fixtures/workshop.ts';
import { priceMinor } from '../methods/prices.ts';
import { countPiece } from '../piece/count-piece.ts';
import { bookEffects, changed, priceLine } from './price-book.ts';
import { finePrices, moved, revalue, valuePiece } from './valuation.ts';

const pieces = [pendant, ...recipes.slice(0, 12).map(({ piece }) => pieceSchema.parse(piece))];

test('after any move of any metal, cost and prices equal a count at those metal prices', () => {
  const valued = pieces.map((piece) => ({ piece, valuation: valuePiece(piece, workshopRates, workshopFix) }));
  const factor = fc.double({ min: 0.6, max: 2, noNaN: true });
  fc.assert(
    fc.property(factor, factor, (silver, gold) => {
      const fix = moved(workshopFix, { Ag: silver, Au: gold });
      for (const { piece, valuation } of valued) {
        if (!valuation) throw new Error('Every piece has a fix.');
        const { cost, groups } = revalue(valuation, finePrices(fix));
        const count = countPiece(piece, workshopRates, fix);
        // The sums are the same but for what floating point does to a half.
        expect(Math.abs(cost - count.column.cost.value)).toBeLessThanOrEqual(1);
        if (cost !== count.column.cost.value) continue;
        const { wholesale } = priceMinor(groups, valuation.pricing, workshopRates.selling.rule);
        expect(wholesale).toBe(count.prices.wholesale.value);
      }
    }),
    { numRuns: 25 },
  );
});

test('one price for all sizes is that of the most expensive size', () => {
  const piece = pieceSchema.parse({
    ...pendant,
    parts: pendant.parts.map((part) =>
      part.id === 'post' ? { ...part, blank: { rule: 'straight', length: 'reach' } } : part,
    ),
    sizes: {
      parameters: [{ id: 'reach', name: 'reach' }],
      rows: [
        { id: 's', name: 'S', values: { reach: '20 mm' } },
        { id: 'l', name: 'L', values: { reach: '60 mm' } },
      ],
      price: 'one',
    },
  });
  const valuation = valuePiece(piece, workshopRates, workshopFix);
  const dearest = countPiece(piece, workshopRates, workshopFix, { size: 'l' }).column.cost.value;
  expect(valuation && revalue(valuation, finePrices(workshopFix)).cost).toBe(dearest);
});

test('a piece that cannot be computed in full says why', () => {
  const broken = { ...pendant, batchSize: 'many' };
  expect(valuePiece(broken, workshopRates, workshopFix)?.problem).toMatch(/many/);
  expect(valuePiece(pendant, workshopRates, workshopFix)?.problem).toBeNull();
});

test('without metal prices in the studio’s currency nothing is valued', () => {
  expect(valuePiece(pendant, workshopRates, null)).toBeNull();
  expect(valuePiece(pendant, workshopRates, { ...workshopFix, currency: 'EUR' })).toBeNull();
});

test('metal valued at average cost does not follow the metal prices, but its scrap does', () => {
  const rates = { ...readRates(workshop, 1), paid: () => null };
  const valuation = valuePiece(pendant, rates, workshopFix);
  const slope = valuation?.slopes.Ag?.[0] ?? 0;
  expect(slope).toBeGreaterThan(0);
});

describe('a line of the price book', () => {
  const valuation = valuePiece(pendant, workshopRates, workshopFix);
  if (!valuation) throw new Error('There is a fix.');
  const prices = finePrices(workshopFix);
  const count = countPiece(pendant, workshopRates, workshopFix);
  const priced = {
    currency: 'GBP',
    fixOn: null,
    costMinor: 0,
    wholesaleMinor: count.prices.wholesale.value,
    retailMinor: 9900,
    how: 'set' as const,
    sizes: {},
  };

  test('shows the set price, its profit and earnings as the piece’s own page does', () => {
    const line = priceLine(valuation, priced, workshopRates, prices);
    expect(line).toMatchObject({
      cost: count.column.cost.value,
      wholesale: priced.wholesaleMinor,
      retail: 9900,
      holds: true,
    });
    expect(line.left).toBe(count.prices.left.value);
    expect(line.perHour).toBeCloseTo(count.prices.perHour?.value ?? NaN, 6);
    expect(line.margin).toBeCloseTo(line.left / line.wholesale, 12);
  });

  test('marks a price below the cost of four batches of five as under its floor', () => {
    const line = priceLine(valuation, { ...priced, wholesaleMinor: count.column.cost.value }, workshopRates, prices);
    expect(line.floor).toBeGreaterThan(line.cost);
    expect(line).toMatchObject({ isUnderFloor: true, holds: false });
  });

  test('ignores a price in another currency', () => {
    expect(priceLine(valuation, { ...priced, currency: 'EUR' }, workshopRates, prices).retail).toBe(
      count.prices.retail.value,
    );
  });

  test('the summary counts the prices out of date, and gives the median piece', () => {
    const at = (wholesaleMinor: number) => priceLine(valuation, { ...priced, wholesaleMinor }, workshopRates, prices);
    const { wholesaleMinor } = priced;
    const [poor, fair, good] = [at(wholesaleMinor - 500), at(wholesaleMinor), at(wholesaleMinor + 900)];
    const effects = bookEffects([good, poor, fair]);
    expect(effects).toMatchObject({ failing: 1, margin: fair.margin, perHour: fair.perHour });
    expect(bookEffects([])).toEqual({ failing: 0, underFloor: 0, margin: null, perHour: null });
  });

  test('a group changes by a share, by an amount, or to the rule', () => {
    const line = priceLine(valuation, { ...priced, wholesaleMinor: 4000, retailMinor: 9000 }, workshopRates, prices);
    const whole = (minor: number) => Math.round(minor);
    expect(changed(line, { kind: 'share', share: 0.05 }, whole)).toEqual({ wholesale: 4200, retail: 9450 });
    expect(changed(line, { kind: 'amount', minor: -5000 }, whole)).toEqual({ wholesale: 0, retail: 4000 });
    expect(changed(line, { kind: 'rule' }, whole).wholesale).toBe(line.ruleWholesale);
  });
});
