import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { questionOf } from './interpret-terms.ts';
import { workQuestion } from './work-question.ts';

const read = (line: string) => workQuestion(questionOf(line, { alloys: alloysWith([]), fix: null }));
const mm = (sizes: readonly { mm: number | null }[]) => sizes.map((size) => size.mm);

describe('a question about work', () => {
  test.each([
    ['draw 3 mm round to 2 mm, 100 mm', [3], [2], 'before'],
    ['100 mm of 3 mm round drawn to 2 mm', [3], [2], 'before'],
    ['forge 80 mm of 2 mm round from 3 mm square', [3], [2], 'after'],
    ['what length of 4 mm round makes 60 mm of 6 x 1 mm strip', [4], [6, 1], 'after'],
    ['how much 3 mm square to forge 80 mm of 2 mm round', [3], [2], 'after'],
    ['need 300 mm of 1 mm wire, have 2 mm. how much 2 mm', [2], [1], 'after'],
    ['roll a 20 x 2 mm strip 50 mm long to 1.2 mm', [20, 2], [1.2], 'before'],
    ['ingot 60 x 20 x 8 mm rolled to 1 mm, 20 mm wide', [20, 8], [20, 1], 'before'],
  ])('%s', (line, before, after, lengthOf) => {
    const asked = read(line);
    expect(mm(asked?.before.section ?? [])).toEqual(before);
    expect(mm(asked?.after.section ?? [])).toEqual(after);
    expect(asked?.lengthOf).toBe(lengthOf);
  });

  test('the form of each side is that of its own words', () => {
    const asked = read('forge 6 mm round to 4 mm square 80 mm long');
    expect([asked?.before.form, asked?.after.form]).toEqual(['round', 'square']);
  });

  test.each([
    ['how many anneals from 3 mm to 1 mm wire', 'anneals'],
    ['reduction from 3 mm to 2 mm wire', 'reduction'],
    ['hammer 3 mm round wire flat to 1.5 mm thick, how wide', 'width'],
    ['wire 4 mm to 2 mm how many times longer', 'longer'],
  ])('%s asks for the %s', (line, asks) => expect(read(line)?.asks).toBe(asks));

  test('a length at the end may be that before or after, and the question says so', () => {
    expect(read('100 mm of 3 mm round drawn to 2 mm')?.isLengthOpen).toBe(false);
    expect(read('forge 4 mm round to 6 x 1.5 mm 50 mm long')?.isLengthOpen).toBe(true);
  });

  test.each([
    'ring 7 us 2 mm round',
    'jump rings 5 mm from 1 mm wire',
    '60 mm blank 1.5 mm thick what ring size',
    'how many 30 mm blanks from 1 m of 2 mm wire',
    '18 ga to mm',
    '6 to 8 inches of 20 gauge',
  ])('%s is none', (line) => expect(read(line)).toBeNull());
});
