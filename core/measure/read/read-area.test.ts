// Areas and masses per length as makers type them.
import { describe, expect, test } from 'vitest';
import { readArea } from './read-area.ts';
import { readMassPerLength } from './read-mass-per-length.ts';

describe('an area', () => {
  // 1 in = 25.4 mm exactly.
  test.each([
    ['12 x 8 mm', 96],
    ['12 mm * 8 mm', 96],
    ['96', 96],
    ['1 x 0.5 in', 322.58],
    ['2 mm * 3 mm + 4 mm * 5 mm', 26],
  ])('%s is %f mm²', (text, value) => {
    expect(readArea(text)).toMatchObject({ ok: true, value: expect.closeTo(value, 9) as number });
  });

  test.each(['', '12 mm', '2 mm * 2 mm * 2 mm', '0', 'wide'])('“%s” is refused in a sentence', (text) => {
    expect(readArea(text)).toMatchObject({ ok: false, sentence: expect.stringMatching(/\.$/) as string });
  });
});

describe('a mass per length', () => {
  // 1 dwt = 24 grains of 0.06479891 g.
  test.each([
    ['3.1 g / 100 mm', 0.031],
    ['2 g per m', 0.002],
    ['1 dwt per in', 1.55517384 / 25.4],
  ])('%s is %f g/mm', (text, value) => {
    expect(readMassPerLength(text)).toMatchObject({ ok: true, value: expect.closeTo(value, 12) as number });
  });

  test.each(['', '3 g', '/ 100 mm', '0 g / 10 mm', '3 g / 100 g'])('“%s” is refused in a sentence', (text) => {
    expect(readMassPerLength(text).ok).toBe(false);
  });
});
