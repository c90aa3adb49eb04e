// Common practice: a bezel stands a little over where its stone curves in; a thin wall on a thick base is heated from below.
import { describe, expect, test } from 'vitest';
import { afterRemedy, briefly, discBlank, foundIn, sheet, type Sketch } from '../fixtures/check.ts';
import { bezelFit } from './bezel-fit.ts';

const set = (width: string, thickness = '0.3 mm', girdle = '2 mm'): Sketch => ({
  parts: [
    {
      id: 'b',
      alloy: 'silver-999',
      section: { form: 'strip', width, thickness },
      blank: { rule: 'bezel', stone: 'st', around: '', clearance: '' },
    },
    { id: 'base', section: sheet('0.7 mm'), blank: discBlank },
  ],
  findings: [{ id: 'st', kind: 'stone', length: '10 mm', girdle }],
  joins: [{ id: 'j', parts: ['b', 'base'] }],
});

test.each([
  ['2.2 mm', ['warn b']],
  ['2.3 mm', []],
  ['2.7 mm', []],
  ['3.5 mm', []],
  ['3.6 mm', ['warn b']],
])('over a stone with a 2 mm girdle, a bezel of %s gives %j', (width, found) => {
  expect(briefly(foundIn(bezelFit, set(width)))).toEqual(found);
});

test('a stone without a girdle height is not checked', () => {
  expect(foundIn(bezelFit, set('9 mm', '0.3 mm', ''))).toEqual([]);
});

test('a wall under 0.25 mm on a base more than 2.5 times as thick gives a note', () => {
  expect(briefly(foundIn(bezelFit, set('2.7 mm', '0.23 mm')))).toEqual(['note b']);
  expect(foundIn(bezelFit, set('2.7 mm', '0.25 mm'))).toEqual([]);
});

test('the remedy sets the right height', () => {
  expect(afterRemedy(bezelFit, set('1.5 mm'))).toEqual([]);
});

describe('a bezel of rings', () => {
  // Rings of 2 mm inside and 0.5 mm wire stand 3 mm high.
  const rings = (inside: string, girdle = '2.3 mm'): Sketch => ({
    parts: [
      {
        id: 'r',
        section: { form: 'round', diameter: '0.5 mm' },
        blank: { rule: 'ring-bezel', girth: '40 mm', inside },
      },
    ],
    findings: [{ id: 'st', kind: 'stone', length: '12 mm', girdle }],
    joins: [{ id: 'j', kind: 'set', parts: ['r', 'st'] }],
  });

  test('is as high as its rings across the outside', () => {
    expect(foundIn(bezelFit, rings('2 mm'))).toEqual([]);
    expect(briefly(foundIn(bezelFit, rings('1.2 mm')))).toEqual(['warn r']);
    expect(briefly(foundIn(bezelFit, rings('4 mm')))).toEqual(['warn r']);
    expect(foundIn(bezelFit, rings('4 mm', ''))).toEqual([]);
  });

  test('the remedy makes the rings as high as the stone needs', () => {
    expect(afterRemedy(bezelFit, rings('1.2 mm'))).toEqual([]);
  });
});
