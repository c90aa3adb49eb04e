// The plan in words, as they stand on the page.
import { describe, expect, test } from 'vitest';
import { dayInWords, shortDay } from '../../core/format/days.ts';
import type { PlanBlock, StudioPlan } from '../../core/plan/studio/studio-plan.ts';
import { blockTitle } from '../../core/plan/studio/studio-plan.ts';
import type { Cause } from '../../core/plan/studio/why.ts';
import { fittedText, placeNames, textWidth } from '../components/fitted-text.ts';
import { daysLate } from './late.ts';
import { batchesInWords, causeInWords, stretchInWords } from './plan-words.ts';

test.each([
  [0, '0 min'],
  [35, '35 min'],
  [60, '1 h'],
  [130, '2 h 10 min'],
  [125, '2 h 5 min'],
  [-130, '2 h 10 min'],
  [59.6, '1 h'],
  [1440, '1 day'],
  [1440 + 185, '1 day 3 h'],
  [3 * 1440 + 59, '3 days'],
])('%d elapsed minutes are %s', (minutes, words) => {
  expect(stretchInWords(minutes)).toBe(words);
});

const step = { name: 'Saw dials', pieces: 12, load: null, station: 'peg' };
const block = (more: object = {}) =>
  ({
    batch: 'b',
    step,
    maker: 'isa',
    start: 600,
    attendedEnd: 640,
    end: 700,
    mates: [],
    isHead: true,
    ...more,
  }) as unknown as PlanBlock;

test('a step is named with its quantity, a load with its number', () => {
  expect(blockTitle(block())).toBe('Saw dials, 12');
  expect(blockTitle(block({ step: { ...step, pieces: 8, load: [2, 3] } }))).toBe('Saw dials, 8, load 2 of 3');
  const mates = [{ batch: 'c', step: { ...step, pieces: 5 } }];
  expect(blockTitle(block({ mates }))).toBe('Saw dials, 12 + 5');
  expect(batchesInWords(block({ mates }), (id) => id.toUpperCase())).toBe('B + C');
  expect(batchesInWords(block({ mates }), () => 'Pin')).toBe('Pin, 2 batches');
});

describe('why a step starts when it does', () => {
  const plan = { firstDay: '2026-03-02' } as StudioPlan;
  const say = (cause: Cause) => causeInWords(cause, plan, () => 'Brooch', (id) => (id === 'isa' ? 'Isa' : 'somebody')); // prettier-ignore

  test('names what is busy until when, with the day where it is another one', () => {
    expect(say({ what: 'hands', block: block() })).toBe('Isa is at “Saw dials” of Brooch until 10:40');
    expect(say({ what: 'station', block: block() })).toBe('peg is held by “Saw dials” of Brooch until 11:40');
    expect(say({ what: 'step', block: block({ end: 1440 + 555 }) })).toBe(
      'waits for “Saw dials”, over at Tue 3 Mar, 9:15',
    );
  });

  test('says when a step waited for nothing or was pinned', () => {
    expect(say({ what: 'opening' })).toBe('working hours start then');
    expect(say({ what: 'hand' })).toBe('pinned');
    expect(say({ what: 'now' })).toBe('it starts as early as possible');
    expect(say({ what: 'material' })).toContain('materials are not available');
  });
});

test('days read as in a diary', () => {
  expect(shortDay('2026-11-02')).toBe('2 Nov');
  // A Sunday in a leap year.
  expect(dayInWords('2032-02-29')).toBe('Sun 29 Feb');
  expect([daysLate(1), daysLate(4)]).toEqual(['1 day late', '4 days late']);
});

describe('text in a bar', () => {
  test('is the longest that fits, and never cut off', () => {
    const texts = ['Saw dials, Brooch', 'Saw dials'];
    expect(fittedText(texts, 200)).toBe('Saw dials, Brooch');
    expect(fittedText(texts, 90)).toBe('Saw dials');
    expect(fittedText(texts, 30)).toBe('');
  });

  test('stands below its bar where there is no room, and meets no other name', () => {
    const bars = [
      { x: 100, width: 10, name: 'Pickle' },
      { x: 111, width: 12, name: 'Saw dials' },
      { x: 130, width: 300, name: 'Solder rims' },
      { x: 440, width: 8, name: 'Anneal and stamp the dials' },
    ];
    const { names, rows } = placeNames(bars, 500);
    expect(names.map((one) => one?.row)).toEqual([1, 2, 0, 1]);
    expect(rows).toBe(2);
    // The last reaches the edge and no further.
    expect(names[3]!.x + textWidth(bars[3]!.name)).toBeLessThanOrEqual(500);
  });
});
