// Conversions by hand, and as properties: nothing appears or vanishes.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { isBalanced, metalMass } from './entry.ts';
import { conversionLines, drawnLength, takeForMelt } from './melt.ts';

const alloys = alloysWith([]);
const mass = (alloy: string, mg: number) => metalMass(alloy, alloys.get(alloy), mg);

describe('a melt', () => {
  test('of 120 g clean sterling that weighs 119.2 g afterwards lost 0.8 g, with its silver', () => {
    const lines = conversionLines(
      [{ mass: mass('silver-925', 120_000), from: { place: 'jar/clean/silver-925' } }],
      { alloy: 'silver-925', mg: 119_200 },
      { place: 'stock', lot: 'ingot', pieces: 1 },
    );
    expect(isBalanced(lines)).toBe(true);
    expect(lines.find(({ place }) => place === 'loss')).toMatchObject({ mg: 800, fine: { Ag: 740 } });
  });

  test('of more than one alloy is balanced in each fine metal, whatever it is called afterwards', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom('silver-925', 'silver-999', 'gold-18k-yellow', 'copper', 'gold-14k-yellow'),
            fc.integer({ min: 1, max: 400_000 }),
          ),
          { minLength: 1, maxLength: 5 },
        ),
        fc.double({ min: 0.9, max: 1, noNaN: true }),
        (parts, share) => {
          const inputs = parts.map(([alloy, mg]) => ({ mass: mass(alloy, mg), from: { place: 'stock' as const } }));
          const out = Math.floor(parts.reduce((sum, [, mg]) => sum + mg, 0) * share);
          const to = { place: 'stock' as const, lot: 'new', pieces: 1 };
          expect(isBalanced(conversionLines(inputs, { alloy: 'silver-925', mg: out }, to))).toBe(true);
        },
      ),
      { numRuns: 200, seed: 4 },
    );
  });

  test('cannot give more than went in', () => {
    const inputs = [{ mass: mass('silver-925', 1000), from: { place: 'stock' as const } }];
    expect(() => conversionLines(inputs, { alloy: 'silver-925', mg: 1001 }, { place: 'stock' })).toThrow(RangeError);
  });
});

describe('alloying from what is there', () => {
  test('100 g of 925 from fine silver and copper take 92.5 and 7.5', () => {
    const stock = [
      { id: 'fine', fineness: 1000, mg: 200_000 },
      { id: 'copper', fineness: 0, mg: 50_000 },
    ];
    expect(takeForMelt(stock, 100_000, 925)).toEqual([
      { id: 'fine', mg: 92_500 },
      { id: 'copper', mg: 7500 },
    ]);
  });

  test('what is right already goes in first, and too little is said', () => {
    const stock = [
      { id: 'sterling', fineness: 925, mg: 40_000 },
      { id: 'fine', fineness: 999, mg: 100_000 },
      { id: '800', fineness: 800, mg: 100_000 },
    ];
    const takes = takeForMelt(stock, 100_000, 925) ?? [];
    expect(takes[0]).toEqual({ id: 'sterling', mg: 40_000 });
    const fine = takes.reduce((sum, { id, mg }) => sum + mg * (stock.find((one) => one.id === id)?.fineness ?? 0), 0);
    expect(fine / 100_000).toBeCloseTo(925, 1);
    expect(takeForMelt(stock, 900_000, 925)).toBeNull();
    expect(takeForMelt([{ id: 'brass', fineness: 0, mg: 1000 }], 100, 925)).toBeNull();
  });
});

describe('rolling and drawing', () => {
  test('an ingot of 103.6 g of sterling becomes 12.73 m of 1 mm wire', () => {
    // 103.6 g ÷ 10.36 g/cm³ = 10 cm³; ÷ 0.785398 mm² = 12,732 mm.
    expect(drawnLength(103_600, Math.PI / 4, 10.36)).toBeCloseTo(12_732.4, 1);
  });
});
