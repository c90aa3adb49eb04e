// Units and words of the ask line, one by one.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { goldIds } from './gold.ts';
import { askUnit, dimension, inHouse, inUnit, sameDimensions, times } from './units.ts';
import { nearestWord, phraseAt, phraseFor, vocabularyOf } from './vocabulary.ts';

const alloys = alloysWith([]);
const words = vocabularyOf(alloys);

describe('units', () => {
  // International yard and pound (1959): 1 in = 25.4 mm, 1 oz avoirdupois = 28.349523125 g. 1 ozt = 31.1034768 g, 1 ct = 0.2 g.
  test.each([
    ['inches', 25.4],
    ['ft', 304.8],
    ['thou', 0.0254],
    ['ozt', 31.1034768],
    ['dwt', 1.55517384],
    ['carats', 0.2],
    ['avoirdupois', 28.349523125],
  ])('one of %s is %f mm or g', (word, factor) => {
    expect(askUnit(word)?.factor).toBeCloseTo(factor, 12);
  });

  test('a bare ounce is a troy ounce and is marked as an assumption', () => {
    expect(askUnit('oz')).toMatchObject({ symbol: 'ozt', isBareOunce: true });
    expect(askUnit('ozt')?.isBareOunce).toBeUndefined();
  });

  test('water boils at 212 °F, and every temperature converts back', () => {
    const fahrenheit = askUnit('°F')!;
    expect(inHouse(212, fahrenheit)).toBeCloseTo(100, 9);
    fc.assert(
      fc.property(fc.double({ min: -500, max: 5000, noNaN: true }), (value) => {
        expect(inUnit(inHouse(value, fahrenheit), fahrenheit)).toBeCloseTo(value, 6);
      }),
    );
  });

  test('mass divided by length is mass per length, and cannot be added to a mass', () => {
    const perLength = times(dimension.mass, dimension.length, -1);
    expect(sameDimensions(perLength, dimension.massPerLength)).toBe(true);
    expect(sameDimensions(perLength, dimension.mass)).toBe(false);
    expect(askUnit('sterling')).toBeNull();
  });
});

describe('words', () => {
  test('the longest phrase wins', () => {
    expect(phraseAt(['white', 'gold', 'nickel', 'wire'], words)).toMatchObject({
      concept: { colour: 'white', whitener: 'nickel' },
      length: 3,
    });
    expect(phraseAt(['harbour'], words)).toBeNull();
  });

  test('a misspelt word has a near one, and a short or distant one has none', () => {
    expect(nearestWord('sterlin', words)).toBe('sterling');
    expect(nearestWord('xy', words)).toBeNull();
    expect(nearestWord('lighthouse', words)).toBeNull();
  });

  test('the phrase of an alloy names that alloy alone', () => {
    for (const alloy of alloys.values()) {
      const phrase = phraseFor(alloy, words);
      if (phrase) expect(words.get(phrase)).toEqual({ kind: 'alloys', ids: [alloy.id] });
    }
    expect(phraseFor(alloys.get('silver-925')!, words)).not.toBeNull();
  });
});

test('karat and colour name alloys of the table, the most common first', () => {
  expect(goldIds(24, null, null, false)).toEqual(['gold-24k']);
  expect(goldIds(14, 'white', 'nickel', false)).toEqual(['gold-14k-white-ni']);
  expect(goldIds(18, null, null, false)[0]).toBe('gold-18k-yellow');
  for (const karat of [9, 14, 18])
    for (const id of goldIds(karat, 'yellow', null, false)) expect(alloys.has(id)).toBe(true);
});
