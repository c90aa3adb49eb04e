import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { ask } from './ask.ts';
import { normalised } from './rewrites.ts';
import { alternativesOf, followUp } from './wording.ts';

const alloys = alloysWith([]);
const basis = { alloys, fix: null };
const answered = (line: string, before = '') => {
  const answer = ask(line, basis, before);
  if (!answer.ok) throw new Error(answer.sentence);
  return answer;
};
const main = (line: string, before = '') => answered(line, before).figures[0]!.value;

test.each([
  ['three dozen 5 mm jump rings 18 ga', '3 dozen 5 mm jump rings 18 ga'],
  ['1/2 round 4 x 2 mm', 'half round 4 x 2 mm'],
  ['½ round wire', 'half round wire'],
  ['half a dozen 4 mm rings', '6 4 mm rings'],
])('“%s” is read as “%s”', (line, read) => {
  expect(normalised(line)).toBe(read);
});

describe('ranges and comparisons', () => {
  test.each([
    ['6 to 8 inches of 20 gauge', ['6 inches of 20 gauge', '8 inches of 20 gauge']],
    ['20 gauge vs 21 gauge', ['20 gauge', '21 gauge']],
    ['20 or 22 ga copper 100 mm', ['20 ga copper 100 mm', '22 ga copper 100 mm']],
    ['density of sterling vs fine silver', ['density of sterling', 'density of fine silver']],
  ])('%s', (line, lines) => {
    expect(alternativesOf(line, alloys)?.map((one) => one.line)).toEqual(lines);
  });

  test.each([
    'forge 4 mm round to 6 x 1.5 mm 50 mm long',
    'rings 5 to 9 us 1.5 mm',
    '1-1/2 in of 18 ga',
    '18 ga to mm',
    '54 g to ozt',
  ])('%s is one line', (line) => {
    expect(alternativesOf(line, alloys)).toBeNull();
  });

  test('are answered for both, side by side', () => {
    const { figures } = answered('6 to 8 inches of 20 gauge sterling');
    expect(figures[0]!.label).toBe('6 inches: mass');
    expect(figures[1]!.value / figures[0]!.value).toBeCloseTo(8 / 6, 9);
  });
});

describe('a follow-up', () => {
  const before = '18 ga sterling round 120 mm x 24';
  test.each([
    ['and in copper', '18 ga round 120 mm x 24 copper'],
    ['= and in fine silver', '18 ga round 120 mm x 24 fine silver'],
    ['x 30', '18 ga sterling round 120 mm x 30'],
    ['= x 30', '18 ga sterling round 120 mm x 30'],
    ['and 20 ga', '20 ga sterling round 120 mm x 24'],
    ['what about 150 mm', '18 ga sterling round 150 mm x 24'],
  ])('%s', (line, whole) => {
    expect(followUp(line, before, alloys)).toBe(whole);
    expect(main(line, before)).toBe(main(whole));
    expect(answered(line, before).assumptions[0]?.says).toBe(whole);
  });

  test('needs a question before it, and leaves other lines alone', () => {
    expect(followUp('and in copper', '', alloys)).toBeNull();
    expect(followUp('20 ga copper 10 mm', before, alloys)).toBeNull();
  });
});

test('a number beside an unknown word is no question', () => {
  expect(ask('four unicorns', basis)).toMatchObject({ ok: false, unknown: ['unicorns'] });
});

describe('each word counts', () => {
  // Areas by geometry: half an ellipse, a triangle (half of width times height), a rectangle.
  test('the section of a ring', () => {
    const mass = (section: string) =>
      answered(`ring 7 us ${section} 4 x 2 mm sterling`).figures.find(({ label }) => label === 'mass')!.value;
    expect(mass('half round') / mass('')).toBeCloseTo(Math.PI / 4, 3);
    expect(mass('triangle') / mass('')).toBeCloseTo(1 / 2, 3);
    expect(mass('d') / mass('')).toBeLessThan(1);
  });

  test('the metal in an alloy', () => {
    // Sterling: 925 parts of silver and 75 of copper in 1000 (ISO 9202).
    expect(main('fine silver in 40 g sterling')).toBeCloseTo(37, 9);
    expect(main('copper in 40 g sterling')).toBeCloseTo(3, 9);
    expect(main('40 g fine silver to sterling')).toBeCloseTo((40 * 999) / 925 - 40, 9);
  });

  test('blanks from a length, with and without a kerf', () => {
    expect(main('how many 57.6 mm blanks from 1 m kerf 0.3')).toBe(17);
    expect(main('how many 50 mm lengths in 1 m')).toBe(20);
    // Twenty blanks need nineteen cuts.
    expect(main('how many 50 mm blanks out of 1 m, kerf 0.3')).toBe(19);
  });

  test('the inside of a cuff that no wrist has goes round it', () => {
    expect(main('cuff 160 mm inside, 3 mm thick, gap 25 mm')).toBeCloseTo(160 + 3 * Math.PI - 25, 6);
  });

  test.each([
    ['granule from 3 mm of 14 ga', Math.cbrt(1.5 * 1.6281 ** 2 * 3)],
    ['snippet 4 mm of 1 mm wire', Math.cbrt(6)],
    ['sphere from 4 mm of 1 mm', Math.cbrt(6)],
    // 0.0598 in (US standard gauge for sheet steel).
    ['16 gauge steel in mm', 1.519],
  ])('%s', (line, value) => {
    expect(main(line)).toBeCloseTo(value, 2);
  });

  test('platinum 950 ruthenium is that alloy', () => {
    expect(answered('platinum 950 iridium').figures.some(({ label }) => label.includes('iridium'))).toBe(true);
  });
});
