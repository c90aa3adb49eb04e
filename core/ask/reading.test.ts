// What is read before a question is answered: short forms, gauges in grams, compared phrases, and the metals of a melt.
import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { alloysWith } from '../metal/alloy.ts';
import { withoutAbbreviations } from './abbreviations.ts';
import { ask } from './ask.ts';
import { comparedFigures } from './compared-figures.ts';
import { comparedPhrases } from './compared-phrases.ts';
import { fillerWords } from './filler-words.ts';
import { withGauge } from './gauge-or-grams.ts';
import { questionOf } from './interpret-terms.ts';
import { mainMetal, meltMetals, meltQuestion } from './melt-question.ts';

const alloys = alloysWith([]);
const basis = { alloys, fix: null };

describe('short forms', () => {
  test.each([
    ['14ky 1.3 mm', '14k yellow gold 1.3 mm'],
    ['ring sz 7', 'ring size 7'],
    ['qty 12 pins', '12 pieces pins'],
    ['12x 45 mm', '12 pieces 45 mm'],
    ['L 200 mm', '200 mm long'],
    ['2 yards', '6 ft'],
    ['2.4 g/m', '2.4 g/m'],
    ['grams/m of 1 mm', ' weight per m of 1 mm'],
  ])('%s is %s', (short, full) => {
    expect(withoutAbbreviations(short).trim()).toBe(full.trim());
  });

  test('a letter beside a ring is a size', () => {
    expect(withoutAbbreviations('ring L 2 mm')).toBe('ring L 2 mm');
  });
});

describe('20g', () => {
  test('is a gauge beside a length of stock', () => {
    expect(withGauge('sterling wire 20g 3 ft')).toMatchObject({
      line: 'sterling wire 20 ga 3 ft',
      inGrams: 'sterling wire 20 grams 3 ft',
    });
  });

  test.each(['20g sterling value', '20g of 1.2 mm wire', '20 g wire 3 ft', 'cast 20g ring 17 mm', '20g'])(
    'is grams in: %s',
    (line) => {
      expect(withGauge(line)).toBeNull();
    },
  );
});

describe('comparisons', () => {
  test.each([
    ['18 gauge sterling', '18 gauge brass per foot', ['18 gauge sterling', '18 gauge brass']],
    ['weight of 14k', 'sterling ring size 7 2 mm', ['14 k', 'sterling']],
    ['20 gauge sheet', '22 gauge sheet sterling', ['20 gauge sheet', '22 gauge sheet']],
    ['925', '958 18 ga', ['925', '958']],
  ])('%s, %s', (before, after, phrases) => {
    expect(comparedPhrases(before, after, alloys)?.phrases).toEqual(phrases);
  });

  test('phrases of different kinds are not compared', () => {
    expect(comparedPhrases('a ring', '5 mm', alloys)).toBeNull();
  });

  test('what differs comes first', () => {
    const figures = (mm: number, g: number) => [given('length', mm, 'mm', ''), given('mass', g, 'g', '')];
    const labels = comparedFigures(
      [
        { label: 'a', figures: figures(10, 2) },
        { label: 'b', figures: figures(10, 3) },
      ],
      false,
    ).map(({ label }) => label);
    expect(labels).toEqual(['a: mass', 'b: mass', 'a: length', 'b: length', 'difference']);
  });
});

describe('melts', () => {
  const read = (line: string) => {
    const found = meltQuestion(questionOf(line, basis));
    if (found?.kind !== 'alloying') return found?.kind ?? null;
    return `${found.from.name} to ${found.to.name}${found.isTotal ? ', total' : ''}`;
  };
  test.each([
    ['copper to add to 30 g fine silver to make 925', 'Fine silver to 925'],
    ['fine silver to add to 30 g of 800 to get 925', '800 to 925'],
    ['make 50 g of 925 from 999', '999 to 925, total'],
    ['24k to 18k 10 g', '24k gold to 18k yellow gold'],
    ['silver content of 65 g sterling', 'content'],
    ['6 g sterling in 18k', null],
    ['20 g sterling', null],
  ])('%s', (line, meaning) => {
    expect(read(line)).toBe(meaning);
  });

  test('a number has no metal of its own', () => {
    const metals = meltMetals(questionOf('100 g of 800 to sterling', basis));
    expect(metals.map(mainMetal)).toEqual([null, 'Ag']);
  });
});

test('no filler changes an amount', () => {
  for (const word of ['without', 'twice', 'hollow', 'double', 'not', 'half', 'plus', 'minus', 'extra', 'less'])
    expect(fillerWords).not.toContain(word);
  expect(ask('18 ga sterling 120 mm plus 2', basis).ok).toBe(false);
  expect(ask('hollow ring us 7 4 mm round', basis).ok).toBe(false);
});

describe('blanks from a sheet', () => {
  const count = (line: string) => {
    const answer = ask(line, basis);
    return answer.ok ? answer.figures[0]?.value : null;
  };
  test.each([
    ['how many 20 x 15 mm blanks from a 100 x 80 mm sheet', 26],
    ['how many 10 x 10 mm blanks from a 100 x 100 mm sheet', 100],
    ['how many 10 x 10 mm blanks from a 100 x 100 mm sheet kerf 0.5 mm', 81],
    // Staggered rows: 7, 6, 7 ... discs of 10 mm need 8.66 mm a row.
    ['how many 10 mm discs from a 70 x 80 mm sheet', 59],
    ['how many 60 mm discs from a 100 x 100 mm sheet', 1],
  ])('%s', (line, most) => {
    expect(count(line)).toBe(most);
  });
});
