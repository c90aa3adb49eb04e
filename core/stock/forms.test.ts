import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { evaluate } from '../measure/read/arithmetic.ts';
import { ringTable } from '../measure/ring-table.ts';
import { gaugeTable } from './gauge-table.ts';
import { gaugedMm, gaugeSystemOf } from './gauged.ts';
import { areaMm2, type LongSection, sectionArea } from './section.ts';
import { sectionInWords } from './words.ts';

/** Area under a profile by Simpson's rule: an independent way to the area of a section that stands on its width. */
function integrated(width: number, height: (x: number) => number): number {
  const steps = 20_000;
  const h = width / steps;
  let sum = 0;
  for (let step = 0; step <= steps; step += 1) {
    const weight = step === 0 || step === steps ? 1 : step % 2 === 1 ? 4 : 2;
    sum += weight * height(-width / 2 + step * h);
  }
  return (sum * h) / 3;
}

describe('section areas against their integrated profiles', () => {
  test.each([
    [4, 2],
    [4, 1.5],
    [6, 1],
  ])('a half-round of %d × %d has the area of its profile', (widthMm, heightMm) => {
    const radius = (widthMm ** 2 / 4 + heightMm ** 2) / (2 * heightMm);
    const profile = (x: number) => Math.sqrt(Math.max(0, radius ** 2 - x ** 2)) - (radius - heightMm);
    expect(areaMm2({ form: 'half-round', widthMm, heightMm })).toBeCloseTo(integrated(widthMm, profile), 3);
  });

  test('a D-section has the area of its profile', () => {
    const profile = (x: number) => 0.8 + Math.sqrt(Math.max(0, 1.5 ** 2 - x ** 2));
    expect(areaMm2({ form: 'd', widthMm: 3, heightMm: 2.3 })).toBeCloseTo(integrated(3, profile), 3);
  });

  test('a triangle has the area of its profile', () => {
    const profile = (x: number) => 2 * (1 - Math.abs(x) / 1.5);
    expect(areaMm2({ form: 'triangle', widthMm: 3, heightMm: 2 })).toBeCloseTo(integrated(3, profile), 6);
  });

  test('an oval has the area of its profile', () => {
    const profile = (x: number) => 2 * Math.sqrt(Math.max(0, 1 - (x / 2) ** 2));
    expect(areaMm2({ form: 'oval', widthMm: 4, heightMm: 2 })).toBeCloseTo(integrated(4, profile), 3);
  });
});

describe('special cases of sections', () => {
  test('a half-round of half its width is half a circle, and so is a D without flanks', () => {
    expect(areaMm2({ form: 'half-round', widthMm: 4, heightMm: 2 })).toBeCloseTo((Math.PI / 8) * 16, 12);
    expect(areaMm2({ form: 'd', widthMm: 4, heightMm: 2 })).toBeCloseTo((Math.PI / 8) * 16, 12);
  });

  test('an oval of equal axes is round, and a square tube is a square less its bore', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 20, noNaN: true }),
        fc.double({ min: 0.05, max: 0.5, noNaN: true }),
        (size, share) => {
          const wallMm = size * share;
          const tube = areaMm2({ form: 'square-tube', outsideMm: size, wallMm });
          const round = areaMm2({ form: 'oval', widthMm: size, heightMm: size });
          return (
            Math.abs(tube - (size ** 2 - (size - 2 * wallMm) ** 2)) < 1e-9 * size ** 2 &&
            Math.abs(round / areaMm2({ form: 'round', diameterMm: size }) - 1) < 1e-12
          );
        },
      ),
    );
  });

  test.each([
    [{ form: 'half-round', widthMm: 4, heightMm: 2.5 }, /D-section/],
    [{ form: 'd', widthMm: 4, heightMm: 1.5 }, /half-round/],
  ] as const)('an impossible section is refused by its name', (section, name) => {
    expect(() => areaMm2(section)).toThrow(name);
  });
});

// The sum as it is written comes out as the area: what a maker would find on a pocket calculator.
test.each([
  { form: 'round', diameterMm: 1.2 },
  { form: 'strip', widthMm: 6, thicknessMm: 1.2 },
  { form: 'half-round', widthMm: 4, heightMm: 1.5 },
  { form: 'd', widthMm: 3, heightMm: 2.3 },
  { form: 'triangle', widthMm: 3, heightMm: 2 },
  { form: 'oval', widthMm: 4, heightMm: 2 },
  { form: 'tube', outsideMm: 6, wallMm: 0.5 },
  { form: 'square-tube', outsideMm: 6, wallMm: 0.5 },
] as const satisfies readonly LongSection[])('the sum of $form gives its figure again', (section) => {
  const { how, mm2 } = sectionArea(section);
  const typed = how
    .replaceAll('π', String(Math.PI))
    .replaceAll('½', '0.5')
    .replace(/([\d.]+)²/g, '($1 × $1)');
  expect(evaluate(typed, () => undefined).value / mm2).toBeCloseTo(1, 3);
});

describe('names and gauges', () => {
  test('a section is named by its sizes, and its thinnest size also by gauge', () => {
    expect(sectionInWords({ form: 'half-round', widthMm: 4, heightMm: 1.5 })).toBe('half-round wire 4.00 × 1.50 mm');
    expect(sectionInWords({ form: 'square-tube', outsideMm: 5, wallMm: 0.5 })).toBe('square tube 5.0 mm, wall 0.50');
    expect(gaugedMm({ form: 'oval', widthMm: 4, heightMm: 2 })).toBe(2);
    expect(gaugedMm({ form: 'square-tube', outsideMm: 5, wallMm: 0.5 })).toBe(0.5);
  });

  test('steel sheet has its own gauges, and steel wire has none here', () => {
    expect(gaugeSystemOf('steel', 'sheet')).toBe('msg');
    expect(gaugeSystemOf('stainless-steel', 'sheet')).toBe('usg');
    expect(gaugeSystemOf('steel', 'round')).toBe('none');
    expect(gaugeSystemOf('silver', 'sheet')).toBe('awg');
  });
});

describe('reference tables', () => {
  // Copper wire after ASTM B258: 18 gauge is 1.024 mm and weighs 7.32 kg/km at 8.89 g/cm³ (handbook tables, from memory).
  test('18 gauge copper is in its table', () => {
    const rows = gaugeTable('awg', given('density', 8.89, 'g/cm³', 'IACS'));
    const row = rows.find(({ gauge }) => gauge === '18');
    expect(rows).toHaveLength(44);
    expect(row?.mm.value).toBeCloseTo(1.024, 3);
    expect(row?.wire.value).toBeCloseTo(7.32, 2);
    expect(row?.sheet.value).toBeCloseTo(1.0237 * 8.89 * 10, 1);
    expect(row?.inches.value).toBeCloseTo(0.0403, 4);
  });

  // Common practice: US 7 is about N½ in Britain, 54½ in ISO and 14 in Japan.
  test('US size 7 is in its table', () => {
    const row = ringTable().find(({ us }) => us === '7');
    expect(row).toMatchObject({ uk: 'N½', jp: '14' });
    expect(row?.iso.value).toBeCloseTo(54.4, 1);
  });
});
