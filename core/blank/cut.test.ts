// Masses, perimeters and trims of cuts against closed forms.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { perimeterMm } from '../geometry/outline.ts';
import type { SectionReading } from '../stock/read-section.ts';
import { aroundCutMm, type Cut, massOfCut, withTrim } from './cut.ts';
import { readOutline } from './read-outline.ts';
import { perimeterOfSectionMm } from './section-perimeter.ts';

const mm = (value: number) => given('size', value, 'mm', 'test');
const density = given('density', 10, 'g/cm³', 'test');
const sheet: SectionReading = {
  section: { form: 'sheet', thicknessMm: 1 },
  sizes: { thickness: given('thickness', 1, 'mm', 'test') },
};
const disc: Cut = { kind: 'disc', diameter: mm(20) };

describe('a cut of sheet', () => {
  test('weighs area × thickness × density', () => {
    expect(massOfCut(disc, sheet, density).value).toBeCloseTo((Math.PI * 100 * 10) / 1000, 12);
    expect(massOfCut({ ...disc, hole: mm(10) }, sheet, density).value).toBeCloseTo((Math.PI * 75 * 10) / 1000, 12);
    expect(massOfCut({ kind: 'rectangle', width: mm(5), length: mm(8) }, sheet, density).value).toBeCloseTo(0.4, 12);
  });

  test('grows with its trim on every side, and a length grows once', () => {
    expect(aroundCutMm(withTrim(disc, mm(0.5)))).toBeCloseTo(Math.PI * 21, 12);
    expect(aroundCutMm(withTrim({ kind: 'rectangle', width: mm(5), length: mm(8) }, mm(1)))).toBeCloseTo(34, 12);
    const length = withTrim({ kind: 'length', length: mm(40) }, mm(1));
    expect(length.kind === 'length' && length.length.value).toBe(41);
    expect(withTrim(disc, mm(0))).toBe(disc);
  });

  // Steiner's formula for a convex outline: area + perimeter × t + π t².
  test('with an outline follows Steiner’s formula', () => {
    const outline = { shape: 'rectangle', lengthMm: 8, widthMm: 5 } as const;
    const cut = withTrim({ kind: 'outline', outline, sizes: [] }, mm(0.5));
    expect(massOfCut(cut, sheet, density).value).toBeCloseTo(((40 + 26 * 0.5 + Math.PI / 4) * 10) / 1000, 12);
    expect(aroundCutMm(cut)).toBeCloseTo(perimeterMm(outline) + Math.PI, 12);
  });

  test('cannot be a length', () => {
    expect(() => massOfCut({ kind: 'length', length: mm(40) }, sheet, density)).toThrow(/length/);
  });
});

describe('perimeters of sections', () => {
  test('are those of circles, squares and rectangles', () => {
    expect(perimeterOfSectionMm({ form: 'round', diameterMm: 2 })).toBeCloseTo(2 * Math.PI, 12);
    expect(perimeterOfSectionMm({ form: 'square', sideMm: 2 })).toBe(8);
    expect(perimeterOfSectionMm({ form: 'strip', widthMm: 6, thicknessMm: 1.2 })).toBeCloseTo(14.4, 12);
    expect(perimeterOfSectionMm({ form: 'triangle', widthMm: 6, heightMm: 4 })).toBeCloseTo(16, 12);
  });

  test('of a half-round of half its width is half a circle and its diameter', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 20, noNaN: true }), (widthMm) => {
        const half = perimeterOfSectionMm({ form: 'half-round', widthMm, heightMm: widthMm / 2 });
        expect(half).toBeCloseTo(widthMm * (1 + Math.PI / 2), 9);
        expect(perimeterOfSectionMm({ form: 'd', widthMm, heightMm: widthMm / 2 })).toBeCloseTo(half, 9);
      }),
    );
  });
});

describe('a free outline', () => {
  test('is read corner by corner', () => {
    expect(readOutline('0,0 24,0; 12,18')).toEqual({ points: [[0, 0], [24, 0], [12, 18]] }); // prettier-ignore
  });

  test.each([
    ['0,0 24,0', /three corners/],
    ['0,0 24;0 12,18', /not a corner/],
    ['0,0 10,10 10,0 0,10', /crosses itself/],
  ])('“%s” is refused in a sentence', (text, sentence) => {
    expect(readOutline(text)).toMatchObject({ sentence: expect.stringMatching(sentence) as string });
  });
});
