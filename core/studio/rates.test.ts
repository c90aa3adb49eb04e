import { describe, expect, test } from 'vitest';
import { blocks } from '../measure/issue.ts';
import { readHours } from './hours.ts';
import { readRates } from './rates.ts';
import { startingStudio, type Studio, studioSchema } from './studio.ts';

const start = startingStudio({ name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '26' });
const withSettings = (change: Partial<Studio>) => readRates({ ...start, ...change }, 3);

test('the settings of a new studio are a whole document that can be computed with', () => {
  expect(withSettings({}).problems).toEqual([]);
  expect(studioSchema.parse(start)).toEqual(start);
});

test('rates are typed sums, and name their revision', () => {
  const { overhead } = withSettings({ overheadPerHour: '(410 + 62 + 85) / 58' });
  expect(overhead.value).toBeCloseTo(55700 / 58, 9);
  expect(overhead.source).toBe('Settings, version 3: (410 + 62 + 85) / 58');
});

test('fabrication charges go by family and form, and a missing one is zero', () => {
  const { makingCharge } = withSettings({
    makingCharges: [{ id: 'ag', family: 'silver', upTo: '', shaped: '', wire: '0.14', sheet: '4 / ozt', tube: '' }],
  });
  expect(makingCharge('silver', 'wire', 1).value).toBeCloseTo(14, 9);
  expect(makingCharge('silver', 'sheet', 1).value).toBeCloseTo(400 / 31.1034768, 9);
  expect(makingCharge('silver', 'tube', 1).value).toBe(0);
  expect(makingCharge('copper', 'wire', 1).source).toMatch(/none entered/);
});

test('an own alloy counts by its fine metal', () => {
  const row = {
    id: 'own',
    name: 'Harbour silver',
    family: 'silver',
    fineMetal: 'Ag',
    fineness: '935',
    density: '10.3',
  } as const;
  const { alloys } = withSettings({ ownAlloys: [row] });
  expect(alloys.get('own')).toMatchObject({ composition: { Ag: 0.935 }, fineness: 935, densityGPerCm3: 10.3 });
});

test('every setting that cannot be read is named', () => {
  const { problems } = withSettings({
    hourlyRate: '-1',
    scrapShare: '150',
    retailFactor: '',
    justBelow: 'x',
    hours: ['9-17', '17-9', 'whenever', '', '', '', ''],
    makingCharges: [{ id: 'ag', family: 'silver', upTo: '', shaped: '', wire: '1/stone', sheet: '', tube: '' }],
    ownAlloys: [{ id: 'own', name: '', family: 'bronze', fineMetal: '', fineness: '2000', density: '' }],
  });
  expect(new Set(problems.map(({ path }) => path))).toEqual(
    new Set([
      'hourlyRate',
      'scrapShare',
      'retailFactor',
      'justBelow',
      'hours.1',
      'hours.2',
      'makingCharges.0.wire',
      'ownAlloys.0.density',
      'ownAlloys.0.fineness',
    ]),
  );
  expect(problems.every(blocks)).toBe(true);
});

describe('working hours', () => {
  test('a day may have a break', () => {
    expect(readHours('9:00-12:30, 13:15-17')).toEqual([
      { opensMin: 540, closesMin: 750 },
      { opensMin: 795, closesMin: 1020 },
    ]);
  });

  test('that are blank are a day off', () => {
    expect(readHours('  ')).toEqual([]);
  });

  test.each([
    ['9-25', /not on the clock/],
    ['9:70-12', /not on the clock/],
    ['12-9', /closes before it opens/],
    ['9-13, 12-17', /starts before the hours before it end/],
    ['nine to five', /not a pair of times/],
  ])('of %s are refused', (text, sentence) => {
    expect(readHours(text)).toMatchObject({ sentence: expect.stringMatching(sentence) as string });
  });
});
