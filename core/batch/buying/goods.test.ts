// Goods: counts become entries, a batch takes what lies there, and gives back just that.
import { describe, expect, test } from 'vitest';
import { pendant, workshopFix as fix, workshopRates as rates } from '../../price/fixtures/workshop.ts';
import { batchSchema } from '../batch.ts';
import { countBatch } from '../count-batch.ts';
import {
  entriesOfGoodsReturn,
  entriesOfUse,
  goodsOfRun,
  goodsTogether,
  readGoodsCount,
  type Stocked,
} from './goods.ts';

const weighed = {
  ...pendant,
  findings: pendant.findings.map((finding) => (finding.id === 'pin' ? { ...finding, grams: '0.4 g' } : finding)),
};
const runsOf = (quantity: string) => {
  const lines = [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': quantity } }];
  const batch = batchSchema.parse({ lines, due: '', customer: '', note: '' });
  return countBatch(batch, [{ line: batch.lines[0]!, piece: weighed }], rates, fix).runs;
};
const blades = { key: 'consumable saw blades', name: 'Saw blades', unit: '' as const };
const stocked = (there: number, least = 0): Stocked => ({ ...blades, there, least });

describe('a stock count', () => {
  test('is stored as the difference from the stock before', () => {
    expect(readGoodsCount({ ...blades, there: '30', least: '24' }, undefined)).toMatchObject({ how: 'counted', change: 30, least: 24 }); // prettier-ignore
    expect(readGoodsCount({ ...blades, there: '2 x 12', least: '24' }, stocked(30, 24))).toMatchObject({ problems: [{ path: 'there' }] }); // prettier-ignore
    expect(readGoodsCount({ ...blades, there: '26', least: '24' }, stocked(30, 24))).toMatchObject({ change: -4 });
  });

  test('that changes nothing adds no entry, but a new reorder level does', () => {
    expect(readGoodsCount({ ...blades, there: '30', least: '' }, stocked(30))).toBeNull();
    expect(readGoodsCount({ ...blades, there: '30', least: '6' }, stocked(30))).toMatchObject({ change: 0, least: 6 });
  });
});

describe('a batch', () => {
  const half = (amount: number) => Math.round(amount * 500) / 1000;
  const needs = goodsTogether(runsOf('6').flatMap(goodsOfRun));
  const lying = needs.map(({ key, name, unit, need }, index): Stocked => {
    // Of the first less than it takes.
    return { key, name, unit, least: 2, there: index === 0 ? half(need.value) : need.value + 1 };
  });

  test('takes what it needs, takes all where there is too little, and takes nothing that is not counted', () => {
    expect(needs.length).toBeGreaterThan(1);
    const used = entriesOfUse(runsOf('6'), lying, 'b');
    expect(used.map(({ key, change }) => [key, change])).toEqual(
      needs.map(({ key, need }, index) => [
        key,
        expect.closeTo(index === 0 ? -half(need.value) : -need.value, 3) as number,
      ]),
    );
    expect(used.every(({ least, batchId, how }) => least === 2 && batchId === 'b' && how === 'used')).toBe(true);
    expect(entriesOfUse(runsOf('6'), [], 'b')).toEqual([]);
  });

  test('issues findings by number and by weight, and solder by weight', () => {
    const [pin] = needs.filter(({ grams }) => grams);
    expect([pin?.need.value, pin?.grams?.value]).toEqual([6, expect.closeTo(2.4, 9) as number]);
    expect(needs.filter(({ unit }) => unit === 'g').every(({ grams }) => grams === null)).toBe(true);
  });

  test('returns exactly what it took, and only once', () => {
    const used = entriesOfUse(runsOf('6'), lying, 'b');
    const back = entriesOfGoodsReturn(used);
    expect(back.map(({ key, change }) => [key, change])).toEqual(used.map(({ key, change }) => [key, -change]));
    expect(entriesOfGoodsReturn([...used, ...back])).toEqual([]);
  });
});
