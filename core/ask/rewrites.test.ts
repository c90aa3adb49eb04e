// Wordings and the plainer ones that say the same.
import { describe, expect, test } from 'vitest';
import { normalised } from './rewrites.ts';
import { told } from './rewrites/patterns.ts';

describe('a wording becomes the plain question', () => {
  test.each([
    // Gauges, areas, conversions.
    ['what is the difference between 20 ga and 21 ga', '20 ga vs 21 ga'],
    ['3/32 in gauge', 'what gauge is 3/32 in'],
    ['grams to dwt 10', '10 grams to dwt'],
    ['feet per ounce 20 ga copper', 'length of 1 ounce 20 ga copper in feet'],
    ['20 mm of 3 mm brass in copper', '20 mm of 3 mm copper vs brass'],
    // Sums.
    ['(12 + 8) * 3 mm', '((12 + 8) * 3) mm in mm'],
    ['= 25.4 * 3 mm', '(25.4 * 3) mm in mm'],
    ['15 % of 80 g', '12 g in g'],
    // Number words.
    ['two dozen 18 ga', '2 dozen 18 ga'],
    ['half a metre of copper', '0.5 metre of copper'],
    ['three 22 ga strands twisted', '3 strands 22 ga twisted'],
    // Rings.
    ['N in us', 'uk N in us'],
    ['ring blank 20 mm od 14 mm id', 'washer blank 20 mm od 14 mm id'],
    // Metals.
    ['pt950 ru 2 mm', 'platinum 950 ruthenium 2 mm'],
    ['14k yellow price per gram', 'value of 1 gram 14k yellow'],
    ['24 g in air 21.6 in water', '24 g in air 21.6 g in water'],
    ['12 g dry, 10.8 in water', '12 g 10.8 g in water'],
    // Melted wire.
    ['18 ga 9 mm melted ball', 'ball from 9 mm of 18 ga'],
    ['granule from 3 mm 22 ga wire', 'granule from 3 mm of 22 ga wire'],
    // Bent wire and counts.
    ['8 in twist of 2 strands', '8 inch twist of 2 strands'],
    ['1 m cut in 57.6 mm blanks', 'blanks 57.6 mm from 1 m'],
    ['brass x 12 grams', 'brass 12 pieces weight in grams'],
  ])('%s', (line, plain) => {
    expect(normalised(line).replace(/\s+/g, ' ').trim()).toBe(plain);
  });

  test.each(['18 ga sterling round 120 mm x 24', 'ring 7 us, 1.5 mm', '1 1/2 in', '4/0 ga', '750 rings 4 mm inside'])(
    '%s stays as it is',
    (line) => {
      expect(normalised(line)).toBe(line);
    },
  );
});

describe('what a rewrite of a whole line keeps of the text around it', () => {
  test.each([
    ['numbers', 'with 3 holes'],
    ['metals', 'in copper'],
    ['a weight that is asked for', 'what does it weigh'],
  ])('%s', (_what, text) => {
    expect(told(text)).toBe(` ${text}`);
  });

  test('no words that change nothing', () => {
    expect(told('please', undefined, '')).toBe('');
  });
});
