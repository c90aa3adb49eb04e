import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readRingSize, ringInsideMm, ringSizeOf, ringSizeSystems, sizeOnScale } from './ring-size.ts';

const inside = (text: string, system: Parameters<typeof readRingSize>[1]) => {
  const reading = readRingSize(text, system);
  return reading.ok ? reading.value : NaN;
};

describe('ring sizes', () => {
  // ISO 8653: the size is the inner circumference in mm.
  test.each([41, 54, 61, 76])('ISO %i is that many mm of inside circumference', (size) => {
    expect(inside(String(size), 'iso') * Math.PI).toBeCloseTo(size, 9);
  });

  // BS 6820, 1.25 mm of circumference a letter; each whole letter equals GNU units 2.22 `sizeAring` to `sizeZring`.
  test.each([
    ['A', 37.5],
    ['L½', 51.875],
    ['N', 53.75],
    ['T 1/2', 61.875],
    ['Z', 68.75],
    ['Z+1', 70],
    ['z+1½', 70.625],
  ])('UK %s is %f mm of inside circumference', (text, circumference) => {
    expect(inside(text, 'uk') * Math.PI).toBeCloseTo(circumference, 9);
  });

  // US trade rule d = 0.458 in + 0.032 in a size (common practice); GNU units 2.22 `ringsize` differs by under a quarter size.
  test.each([
    ['0', 11.633],
    ['7', 17.323],
    ['7 1/2', 17.729],
    ['7½', 17.729],
    ['7-1/2', 17.729],
    ['14.5', 23.419],
  ])('US %s has an inside diameter of %f mm', (text, diameter) => {
    expect(inside(text, 'us')).toBeCloseTo(diameter, 3);
  });

  // Japanese scale, 13 mm at 1 and a third of a mm a size (common practice; equal to GNU units 2.22 `jpringsize`).
  test.each([
    ['1', 13],
    ['15', 17.667],
  ])('Japan %s has an inside diameter of %f mm', (text, diameter) => {
    expect(inside(text, 'jp')).toBeCloseTo(diameter, 3);
  });

  test('every scale returns the size it came from', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ringSizeSystems), fc.double({ min: 1, max: 30, noNaN: true }), (system, size) => {
        return Math.abs(ringSizeOf(system, ringInsideMm(system, size)) - size) < 1e-9;
      }),
    );
  });

  test.each([
    ['', 'us', /Give the ring size/],
    ['7', 'uk', /letters, A to Z/],
    ['M+1', 'uk', /letters, A to Z/],
    ['200', 'iso', /fits no finger/],
    ['-4', 'us', /negative/],
    ['x', 'jp', /“x” does not fit/],
  ] as const)('“%s” on the %s scale is refused in a sentence', (text, system, sentence) => {
    const reading = readRingSize(text, system);
    expect(reading.ok ? '' : reading.sentence).toMatch(sentence);
  });
});

test.each([
  ['7 us', 'us', '7'],
  ['us 7 1/2', 'us', '7 1/2'],
  ['N½ uk', 'uk', 'N½'],
  ['54iso', 'iso', '54'],
  ['14 JP', 'jp', '14'],
] as const)('%s names its own scale, whatever the field says', (text, system, size) => {
  expect(sizeOnScale(text)).toEqual({ system, size });
  const named = readRingSize(size, system);
  for (const chosen of ['mm', 'us', 'uk'] as const) expect(readRingSize(text, chosen)).toEqual(named);
});

test('a bare size and a length name no scale', () => {
  for (const text of ['7', 'N½', '17.3 mm', 'us', '']) expect(sizeOnScale(text)).toBeNull();
});
