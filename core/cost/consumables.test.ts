// The three schools of consumables, each a sum that can be done on paper.
import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { readRates } from '../studio/rates.ts';
import { startingStudio } from '../studio/studio.ts';
import { consumablesEach } from './consumables.ts';

const studio = startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
const { consumables: rates } = readRates(
  {
    ...studio,
    consumablesPerHour: '2.40',
    consumablesPerJoint: '0.12',
    consumablesPerPiece: '0.35',
    consumablesPerLoad: '1.50',
    consumablesShare: '6 %',
  },
  1,
);
const minutes = given('bench time', 45, 'min', 'as typed');
const metal = given('metal', 820, 'GBP', 'as typed');
const labour = given('hands', 2250, 'GBP', 'as typed');
const made = (school: 'hour' | 'use' | 'share', uses: { joints: number; loads: number }) =>
  consumablesEach(school, rates, { minutes, ...uses }, 'GBP')(metal, labour);

describe('by bench hour', () => {
  test('45 minutes at 2.40 an hour cost 1.80, whatever is joined', () => {
    const { takes, each } = made('hour', { joints: 9, loads: 2 });
    expect(each.value).toBeCloseTo(180, 9);
    expect(each.how).toBe('45 ÷ 60 × 2.40');
    expect(takes).toBe(minutes);
  });
});

describe('by use', () => {
  test('three joints, the piece and its share of a load cost 0.36 + 0.35 + 0.30', () => {
    const { takes, each } = made('use', { joints: 3, loads: 0.2 });
    expect(each.value).toBeCloseTo(101, 9);
    expect(each.how).toBe('0.36 + 0.35 + 0.30');
    expect(each.from.map(({ how }) => how)).toEqual(['3 × 0.12', '1 × 0.35', '0.2 × 1.50']);
    expect(takes.value).toBe(3);
  });

  test('an unused consumable has no line', () => {
    expect(made('use', { joints: 0, loads: 0 }).each.from.map(({ label }) => label)).toEqual([
      'consumables, the piece',
    ]);
  });
});

describe('as a share', () => {
  test('6 % of metal and labour costs 0.06 × (8.20 + 22.50)', () => {
    const { takes, each } = made('share', { joints: 3, loads: 1 });
    expect(each.value).toBeCloseTo(0.06 * (820 + 2250), 9);
    expect(each.how).toBe('(8.20 + 22.50) × 0.06');
    expect(takes).toMatchObject({ value: 6, unit: '%' });
  });
});
