import { describe, expect, test } from 'vitest';
import { alloysWith, densityOf, familyTints } from './alloy.ts';
import { type Alloy, builtInAlloys } from './alloys.ts';

// Element densities near 20 °C, g/cm³ (CRC Handbook values as in libelemental 2.0.2 and python3-periodictable 1.6.0).
const elementDensity: Readonly<Record<string, number>> = {
  Ag: 10.49, Au: 19.3, Pt: 21.45, Pd: 12.023, Cu: 8.96, Zn: 7.14, Ni: 8.908, Ru: 12.41, Ir: 22.56, Co: 8.9, Fe: 7.874, C: 2.267, Al: 2.7, Ge: 5.323,
  Sn: 7.29, P: 1.82, Mn: 7.47, Si: 2.33, Cr: 7.19, Mo: 10.22, Ti: 4.507, Nb: 8.57, Mg: 1.738,
}; // prettier-ignore

const mixture = ({ composition }: Alloy) =>
  1 / Object.entries(composition).reduce((sum, [symbol, share]) => sum + share / (elementDensity[symbol] ?? NaN), 0);

describe.each(builtInAlloys.map((alloy): [string, Alloy] => [alloy.id, alloy]))('the alloy %s', (_id, alloy) => {
  test('has mass fractions that add up to 1', () => {
    expect(Object.values(alloy.composition).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
  });

  // The rule of mixtures is within a few per cent for metals; copper-zinc and copper-nickel-zinc contract by 1 to 2 %.
  test('has a density within 2.5 % of the ideal mixture of its elements', () => {
    expect(Math.abs((alloy.densityGPerCm3 ?? NaN) / mixture(alloy) - 1)).toBeLessThan(0.025);
  });

  test('has a solidus at or below its liquidus, and a tint', () => {
    expect(alloy.solidusC).toBeLessThanOrEqual(alloy.liquidusC ?? NaN);
    expect(familyTints[alloy.family]).toBeTruthy();
  });

  test('has the fineness of its composition, within a part per thousand', () => {
    const precious = {
      silver: 'Ag',
      'yellow-gold': 'Au',
      'white-gold': 'Au',
      'rose-gold': 'Au',
      platinum: 'Pt',
      palladium: 'Pd',
    }[alloy.family as string];
    const expected = precious ? (alloy.composition[precious] ?? 0) * 1000 : null;
    if (expected === null) expect(alloy.fineness).toBeNull();
    else expect(Math.abs((alloy.fineness ?? NaN) - expected)).toBeLessThanOrEqual(1);
  });
});

// Handbook densities, g/cm³ (ASM Handbook vol. 2 and IACS, from memory).
test.each([
  ['silver-925', 10.36],
  ['silver-999', 10.49],
  ['gold-18k-yellow', 15.45],
  ['copper-c110', 8.89],
  ['brass-c260', 8.53],
  ['steel-low-carbon', 7.87],
])('%s has the density that handbooks give', (id, density) => {
  expect(alloysWith([]).get(id)?.densityGPerCm3).toBe(density);
});

test('a studio’s own alloy is listed beside the built-in ones', () => {
  const own: Alloy = { ...builtInAlloys[0], id: 'own', name: 'Tide bronze', densityGPerCm3: null };
  const alloys = alloysWith([own]);
  expect(alloys.size).toBe(builtInAlloys.length + 1);
  expect(densityOf(own)).toBeNull();
});
