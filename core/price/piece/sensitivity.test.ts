// What moves the pay, against counting the piece again with that thing moved.
import { expect, test } from 'vitest';
import { pendant, workshopFix, workshopRates } from '../fixtures/workshop.ts';
import { batchCurve, usualBatches } from './batch-curve.ts';
import { channelResult, costOfPiece } from './channels.ts';
import { countPiece } from './count-piece.ts';
import { sensitivity } from './sensitivity.ts';

const { rule, channels } = workshopRates.selling;
const shops = channels.find(({ kind }) => kind === 'wholesale');
// Nothing spoilt: rejects are paid for in minutes and metal as well, which the chart leaves where they are.
const piece = { ...pendant, steps: pendant.steps.map((step) => ({ ...step, yield: '', maker: '' })) };
const count = countPiece(piece, workshopRates, workshopFix);

test('earnings are computed with each input 10 % higher and lower', () => {
  if (!shops) throw new Error('The workshop sells to shops.');
  const result = channelResult(shops, count.prices, costOfPiece(count), rule);
  const bars = sensitivity(count, result, rule, 0.1);
  expect(bars.map(({ what }) => what).sort()).toEqual(['metal', 'minutes', 'price']);
  const of = (what: string) => bars.find((bar) => bar.what === what);
  const now = result.perHour?.value ?? NaN;
  const price = count.prices.wholesale.value;
  // A tenth of the price over 17 minutes, by the hour.
  expect(of('price')?.higher).toBeCloseTo(now + ((0.1 * price) / 17) * 60, 6);
  expect(of('price')?.lower).toBeCloseTo(now - ((0.1 * price) / 17) * 60, 6);
  const metal = ['metal', 'solder', 'scrap'].reduce(
    (sum, key) => sum + (count.column.lines.find((line) => line.key === key)?.each.value ?? 0),
    0,
  );
  expect(of('metal')?.higher).toBeCloseTo(now - ((0.1 * metal) / 17) * 60, 6);
  // Slower by a tenth, every step takes a tenth longer; the price stays.
  const slow = {
    ...piece,
    steps: piece.steps.map((step) => ({
      ...step,
      each: `${step.each || '0'} * 1.1`,
      setUp: step.setUp && `${step.setUp} * 1.1`,
    })),
  };
  const slower = countPiece(slow, workshopRates, workshopFix);
  const pay = channelResult(shops, count.prices, costOfPiece(slower), rule).perHour?.value ?? NaN;
  expect(of('minutes')?.higher).toBeCloseTo(pay, -1);
  const [first, second] = bars;
  expect(Math.abs((first?.higher ?? 0) - (first?.lower ?? 0))).toBeGreaterThanOrEqual(
    Math.abs((second?.higher ?? 0) - (second?.lower ?? 0)),
  );
});

test('the curve has the usual batch sizes and the piece’s own, each cheaper than the one before', () => {
  const points = batchCurve(piece, workshopRates, workshopFix);
  expect(points.map(({ batchSize }) => batchSize)).toEqual([...usualBatches, 10].sort((a, b) => a - b));
  const costs = points.map((point) => point.count.column.cost.value);
  expect([...costs].sort((a, b) => b - a)).toEqual(costs);
  // The margin at one price: what each costs less is margin won, share for share; at the usual batch it is the price's own.
  const price = count.prices.wholesale.value;
  points.forEach(({ margin }, index) =>
    expect(margin?.value).toBeCloseTo((1 - (costs[index] ?? NaN) / price) * 100, 9),
  );
  expect(points.find(({ batchSize }) => batchSize === 10)?.margin?.value).toBeCloseTo(
    count.prices.margin?.value ?? NaN,
    9,
  );
  // Set-up of 10 minutes: alone all of them, at 0.70 a minute with hands, studio and consumables.
  expect((costs[0] ?? 0) - (costs.at(-1) ?? 0)).toBeCloseTo(70 * (10 - 10 / 60), -1);
});
