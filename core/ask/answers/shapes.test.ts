// Answers about shapes, against plane and solid geometry. Densities of the alloy table: sterling silver 10.36, copper
// 8.89 g/cm³.
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../../metal/alloy.ts';
import { ask } from '../ask.ts';

const basis = { alloys: alloysWith([]), fix: null };
function figuresOf(line: string) {
  const answer = ask(line, basis);
  if (!answer.ok) throw new Error(answer.sentence);
  return answer.figures;
}
const first = (line: string) => figuresOf(line)[0]?.value ?? NaN;

describe('the pattern of a cone', () => {
  test('a cone of 6 mm across and 4 mm high has a slant of 5 mm: a triangle of 3, 4 and 5', () => {
    expect(first('cone 6 mm base 4 mm high pattern')).toBeCloseTo(5, 9);
  });

  test('the sector has the area of the cone’s side, π × radius × slant', () => {
    const [radius, angle] = figuresOf('cone 20 mm base 25 mm high pattern');
    const sector = ((angle?.value ?? NaN) / 360) * Math.PI * (radius?.value ?? NaN) ** 2;
    expect(sector).toBeCloseTo(Math.PI * 10 * Math.hypot(10, 25), 6);
  });

  test('without the pattern asked for it is a solid', () => {
    expect(first('cone 20 mm base 25 mm high copper')).toBeCloseTo((((Math.PI / 12) * 400 * 25) / 1000) * 8.89, 6);
  });
});

describe('areas of outlines', () => {
  test.each([
    ['area of a 40 mm disc', (Math.PI / 4) * 1600],
    ['area of a 30 x 20 mm oval', (Math.PI / 4) * 600],
  ])('%s', (line, mm2) => {
    expect(first(line)).toBeCloseTo(mm2, 6);
  });

  test('each says how it is found', () => {
    for (const shape of ['oval', 'cushion', 'teardrop', 'rectangle'])
      expect(figuresOf(`area of a 30 x 20 mm ${shape}`)[0]).toMatchObject({ how: expect.stringMatching(/20|30/) as string }); // prettier-ignore
  });
});

describe('squares and triangles of sheet', () => {
  test('a square stands before its thickness; square wire is the other reading, with its mass', () => {
    const answer = ask('square 25 mm 1 mm copper', basis);
    if (!answer.ok) throw new Error(answer.sentence);
    expect(answer.figures[0]?.value).toBeCloseTo(0.625 * 8.89, 6);
    const wire = answer.assumptions.flatMap(({ choices }) => choices).find(({ label }) => label === 'square wire');
    expect(wire?.figure?.value).toBeCloseTo(0.025 * 8.89, 6);
  });

  test('a triangle of one side has equal sides', () => {
    expect(first('triangle 30 mm sides 1 mm sheet sterling')).toBeCloseTo((Math.sqrt(3) / 4) * 0.9 * 10.36, 4);
  });
});

describe('from a weight back to a size', () => {
  test('a ball of the mass of 4/3 π r³', () => {
    const grams = ((4 / 3) * Math.PI * 2 ** 3 * 10.36) / 1000;
    expect(first(`ball from ${grams.toFixed(6)} g of sterling`)).toBeCloseTo(4, 4);
  });

  test('the thickness of a disc gives its mass again', () => {
    const thick = first('how thick is a 20 g copper disc 50 mm across');
    expect(first(`disc 50 mm ${String(thick)} mm copper`)).toBeCloseTo(20, 6);
  });

  test('a sheet has a size or a weight, not both', () => {
    expect(ask('50 g 20 ga sterling sheet 50 x 30 mm', basis)).toMatchObject({ ok: false });
  });
});

describe('domes of a disc', () => {
  test('a hemisphere has twice the area of its circle, and the mass of its disc', () => {
    const [across, mass] = figuresOf('dome from a 30 mm disc 1 mm thick copper');
    expect(2 * (across?.value ?? NaN) ** 2).toBeCloseTo(900, 6);
    expect(mass?.value).toBeCloseTo((((Math.PI / 4) * 900) / 1000) * 8.89, 6);
  });
});

describe('counts and lengths', () => {
  test('stock for blanks holds just so many of them', () => {
    const stock = first('stock for 24 pieces of 57.6 mm, kerf 0.3 mm');
    expect(first(`how many 57.6 mm blanks from ${String(stock)} mm kerf 0.3`)).toBe(24);
    expect(first(`how many 57.6 mm blanks from ${String(stock - 0.01)} mm kerf 0.3`)).toBe(23);
  });

  test('750 rings are counted, not 18k gold', () => {
    const [wire] = figuresOf('750 rings 4 mm inside 1 mm wire how much wire');
    expect(wire?.value).toBeCloseTo(750 * Math.hypot(Math.PI * 5, 1), 6);
    expect(ask('750 discs 12 mm 1 mm', basis)).toMatchObject({ ok: true });
    expect(first('750 discs 12 mm 1 mm copper')).toBeCloseTo(((750 * Math.PI) / 4) * 0.144 * 8.89, 4);
  });

  test('a chain of links weighs its wire', () => {
    const figures = figuresOf('weight of a chain of 80 links 5 mm inside 1.2 mm sterling');
    const link = Math.hypot(Math.PI * 6.2, 1.2);
    const grams = ((80 * link * Math.PI) / 4) * 1.2 ** 2 * 0.01036;
    expect(figures.find(({ unit }) => unit === 'g')?.value).toBeCloseTo(grams, 4);
  });

  test('a loss comes before what is left, a reduction after it', () => {
    expect(first('120 g sterling 12 % loss')).toBeCloseTo(14.4, 9);
    expect(first('120 g less 12 %')).toBeCloseTo(105.6, 9);
  });

  test('sizes of a range follow each other, with or without a band', () => {
    expect(figuresOf('5 to 7 us inside diameter').map(({ label }) => label)).toHaveLength(5);
    const [one, next] = figuresOf('rings 54 to 58 iso 2 mm');
    expect((next?.value ?? NaN) - (one?.value ?? NaN)).toBeCloseTo(1, 9);
  });

  test('the outside of a ring needs its thickness', () => {
    expect(ask('20.6 mm outside to us', basis)).toMatchObject({ ok: false });
  });
});
