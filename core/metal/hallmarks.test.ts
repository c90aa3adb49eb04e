// Standards of fineness against the table of alloys, and the British limits as commonly given.
import { expect, test } from 'vitest';
import { alloysWith } from './alloy.ts';
import { elements } from './elements.ts';
import { preciousMetals, standardsOfFineness, ukExemptBelowG } from './hallmarks.ts';

// Hallmarking Act 1973 as amended, from memory: silver 7.78 g (a quarter of a troy ounce), gold and palladium 1 g,
// platinum 0.5 g.
test('the British exemption of silver is a quarter of a troy ounce', () => {
  expect(ukExemptBelowG.silver).toBeCloseTo(31.1034768 / 4, 2);
  expect(ukExemptBelowG).toEqual({ silver: 7.78, gold: 1, platinum: 0.5, palladium: 1 });
});

test('standards rise, lie below 1000, and the British ones are of ISO 9202', () => {
  for (const metal of preciousMetals) {
    const { iso9202, uk } = standardsOfFineness[metal];
    expect([...iso9202]).toEqual([...iso9202].sort((a, b) => a - b));
    expect(Math.max(...iso9202)).toBeLessThan(1000);
    for (const standard of uk) expect(iso9202).toContain(standard);
  }
});

test('sterling, 9, 14 and 18 karat gold and 950 platinum reach a British standard', () => {
  const fineness = (id: string) => alloysWith([]).get(id)?.fineness ?? 0;
  expect(standardsOfFineness.silver.uk).toContain(fineness('silver-925'));
  for (const karat of [9, 14, 18])
    expect(standardsOfFineness.gold.uk).toContain(fineness(`gold-${String(karat)}k-yellow`));
  expect(standardsOfFineness.platinum.uk).toContain(fineness('platinum-950-ru'));
});

// Freezing points of silver, gold, copper, zinc, tin, aluminium and indium on the ITS-90 scale.
test('melting points are the fixed points of ITS-90', () => {
  const fixed = { Ag: 961.78, Au: 1064.18, Cu: 1084.62, Zn: 419.527, Sn: 231.928, Al: 660.323, In: 156.5985 } as const;
  for (const [symbol, celsius] of Object.entries(fixed))
    expect(Math.abs(elements[symbol as keyof typeof fixed].meltingC - celsius)).toBeLessThan(0.01);
});
