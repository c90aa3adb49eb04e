import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import type { Alloy } from '../metal/alloys.ts';
import { ask, type AskBasis } from './ask.ts';
import { questionOf } from './interpret-terms.ts';

const basis: AskBasis = { alloys: alloysWith([]), fix: null };
const sorted = (line: string) => questionOf(line, basis);
const alloyNames = (line: string) => sorted(line).alloys.map(({ alloy }) => alloy.name);

describe('positions of terms in the line', () => {
  test.each([
    ['1½ in brass 1 mm round', ['1½ in', 'brass', '1 mm', 'round']],
    ['ring N½ uk', ['ring', 'N½', 'uk']],
    ['6 ft 2 in in m', ['6 ft 2 in', 'in', 'm']],
    ['(6.5+0.8)*2 mm sterling', ['(6.5+0.8)*2 mm', 'sterling']],
  ])('%s has its terms where they were typed', (line, understood) => {
    expect(sorted(line).understood).toEqual(understood);
  });

  test.each([
    ['1½ in brass 1 mm round', '1½ in red brass 1 mm round'],
    ['10 cm brass ¾ mm', '10 cm red brass ¾ mm'],
  ])('a choice put into %s leaves the rest as typed', (line, chosen) => {
    const answer = ask(line, basis);
    expect(answer.ok && answer.assumptions[0]?.choices[0]?.line).toBe(chosen);
  });

  test('a corrected word leaves the rest as typed', () => {
    const answer = ask('1½ in stirlng 1 mm round', basis);
    expect(!answer.ok && answer.corrections[0]?.line).toBe('1½ in sterling 1 mm round');
  });
});

describe('a fineness beside its metal names the alloy', () => {
  test.each([
    ['925 silver', 'Sterling silver'],
    ['silver 958', 'Britannia silver'],
    ['750 gold', '18k yellow gold'],
    ['585 rose gold', '14k rose gold'],
    ['9ct rose gold', '9k rose gold'],
    ['24k gold', '24k gold'],
    ['950 platinum', 'Platinum 950, ruthenium'],
    ['14k white gold nickel', '14k white gold, nickel'],
    ['14k palladium white gold', '14k white gold, palladium'],
  ])('%s is the alloy of that fineness', (line, name) => {
    expect(alloyNames(line)).toEqual([name]);
    expect(sorted(line).numbers).toEqual([]);
  });

  test.each([
    '800 silver 1 mm 100 mm',
    '333 gold 1 mm 100 mm',
    '900 platinum 1 mm 100 mm',
    '999 palladium 1 mm 100 mm',
  ])('%s is reported as unknown, not taken for another alloy', (line) => {
    expect(ask(line, basis)).toMatchObject({ ok: false, sentence: expect.stringMatching(/The book has no/) as string });
  });

  test('a number beside no precious metal is a count', () => {
    expect(alloyNames('18 ga copper 750')).toEqual(['Copper C110']);
    expect(sorted('925 pieces').counts).toEqual({ pieces: 925 });
    expect(sorted('18 ga copper 120 mm x 750').numbers.map(({ value }) => value)).toEqual([750]);
  });
});

describe('no word is ignored silently', () => {
  test.each([
    ['18 ga sterling 120 mm x 35 40', ['40']],
    ['ring 7 us 1.5 mm 9', ['9']],
    ['54 g in ozt 12', ['12']],
    ['bezel 10 mm 14 g', ['14 g']],
    ['sterling copper 1 mm 100 mm', ['copper']],
    ['dome 20 mm across 6 mm high 3 turns per cm', ['3 turns per cm']],
    ['what gauge is 1.3 mm 2.5 mm', ['2.5 mm']],
  ])('%s is refused and names what it could not use', (line, left) => {
    const sentence = `${left.map((word) => `“${word}”`).join(', ')} would not be used in the answer.`;
    expect(ask(line, basis)).toMatchObject({ ok: false, sentence });
  });
});

describe('lists of sizes and counts', () => {
  const mm = (line: string) => sorted(line).sizes.map((size) => size.mm);
  test.each([
    ['12 x 10 mm', [12, 10], []],
    ['20 x 30 x 2 mm', [20, 30, 2], []],
    ['1/2 x 3/4 in', [12.7, 19.049999999999997], []],
    ['120 mm x 24', [120], [24]],
    ['24 pcs 120 mm', [120], []],
    ['2 by 3 cm', [20, 30], []],
  ])('%s is read as a list', (line, sizes, numbers) => {
    expect(mm(line)).toEqual(sizes);
    expect(sorted(line).numbers.map(({ value }) => value)).toEqual(numbers);
  });
});

describe('words for measures', () => {
  const roles = (line: string) => Object.fromEntries(sorted(line).sizes.map(({ role, mm }) => [role ?? 'none', mm]));
  test.each([
    ['5 mm inside 1 mm wire', { inside: 5, wire: 1 }],
    ['inside 5 mm wire 1 mm', { inside: 5, wire: 1 }],
    ['6 mm od 0.5 mm wall 50 mm', { outside: 6, wall: 0.5, none: 50 }],
    ['width 6 mm thickness 1.2 mm 100 mm long', { wide: 6, thick: 1.2, long: 100 }],
    ['6 in about 1.3 mm', { none: 152.39999999999998, about: 1.3 }],
  ])('%s is read as that measure', (line, expected) => {
    expect(roles(line)).toEqual(expected);
  });

  test('a length is never taken for a gauge', () => {
    expect(sorted('length of 50 g of 18 ga sterling').sizes[0]?.role).toBeNull();
  });
});

test('a studio’s own alloy is found by its name', () => {
  const [first] = [...basis.alloys.values()];
  const own: Alloy = { ...(first as Alloy), id: 'own', name: 'Tide bronze', densityGPerCm3: 8.8 };
  const on = { alloys: alloysWith([own]), fix: null };
  expect(questionOf('tide bronze 1 mm 100 mm', on).alloys.map(({ alloy }) => alloy.id)).toEqual(['own']);
  expect(ask('tide bronze 1 mm 100 mm', on)).toMatchObject({ ok: true });
});

test('an ounce without a kind is a troy ounce, and the answer says so', () => {
  expect(ask('2 oz in g', basis)).toMatchObject({ assumptions: [{ says: 'troy ounce of 31.103 g' }] });
  expect(ask('2 ozt in g', basis)).toMatchObject({ assumptions: [] });
});
