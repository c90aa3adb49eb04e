import { expect, test } from 'vitest';
import { bandLengthMm } from './developed-length.ts';

test('a band blank is longer than its inside by pi times the thickness', () => {
  expect(bandLengthMm(17.32, 1.5) - Math.PI * 17.32).toBeCloseTo(Math.PI * 1.5, 12);
});

test('a jump ring of zero thickness has its inside circumference', () => {
  expect(bandLengthMm(4, 0)).toBeCloseTo(12.566, 3);
});

test('the blank is as long as the neutral line: the volume of the torus over the wire’s section', () => {
  // Pappus: volume of a torus is the section's area times the path of its centre (published theorem).
  const [insideMm, wireMm] = [6, 1];
  const torusMm3 = 2 * Math.PI ** 2 * ((insideMm + wireMm) / 2) * (wireMm / 2) ** 2;
  expect(bandLengthMm(insideMm, wireMm)).toBeCloseTo(torusMm3 / ((Math.PI / 4) * wireMm ** 2), 10);
});
