// What a way of selling brings, against sums by hand for each way of tax and fee.
import { describe, expect, test } from 'vitest';
import { given } from '../../figure/figure.ts';
import { evaluate } from '../../measure/read/arithmetic.ts';
import type { PriceRule, SellingChannel } from '../../studio/selling.ts';
import { workshopRates } from '../fixtures/workshop.ts';
import { askedPrices, channelResult, costOfPiece, keepsOf, undercutsShops, volumePrices } from './channels.ts';

const share = (value: number) => given('share', value, '', '');
const { rule } = workshopRates.selling;
const taxed = (how: PriceRule['tax']['how'], rate: number): PriceRule => ({
  ...rule,
  tax: { ...rule.tax, how, rate: share(rate) },
});
const [anyChannel] = workshopRates.selling.channels;
if (!anyChannel) throw new Error('The sample workshop sells somewhere.');
const channel = (kind: SellingChannel['kind'], keeps: number, fee: number, each = 0): SellingChannel => ({
  ...anyChannel,
  kind,
  shopKeeps: share(keeps),
  feeShare: share(fee),
  feeEach: given('fee each', each, 'GBP', ''),
});

const money = (label: string, value: number) => given(label, value, 'GBP', '');
const prices = { wholesale: money('wholesale', 6000), retail: money('retail', 12_000) };
const piece = {
  cost: money('cost', 3500),
  labour: money('bench time', 1000),
  minutes: given('minutes', 20, 'min', ''),
};

describe('net received', () => {
  test('from wholesale is the price less the card fees, without tax', () => {
    const { received, left } = channelResult(channel('wholesale', 0, 0.02), prices, piece, taxed('included', 0.2));
    expect(received.value).toBeCloseTo(6000 * 0.98, 9);
    expect(left.value).toBeCloseTo(6000 * 0.98 - 3500, 9);
  });

  test('from retail with 20 % included tax is the price less a sixth, with the fee on what was paid', () => {
    const result = channelResult(channel('retail', 0, 0.015, 20), prices, piece, taxed('included', 0.2));
    expect(result.received.value).toBeCloseTo(12_000 / 1.2 - 12_000 * 0.015 - 20, 9);
  });

  test('from retail with added tax charges the fee on the sum the customer pays', () => {
    const result = channelResult(channel('retail', 0, 0.03), prices, piece, taxed('on-top', 0.1));
    expect(result.received.value).toBeCloseTo(12_000 - 13_200 * 0.03, 9);
  });

  test('from sale or return is the price without tax less the commission', () => {
    const result = channelResult(channel('consignment', 0.4, 0), prices, piece, taxed('included', 0.2));
    expect(result.received.value).toBeCloseTo((12_000 / 1.2) * 0.6, 9);
  });

  test('has a calculation that shows its own numbers', () => {
    for (const how of ['included', 'on-top', 'none'] as const) {
      const result = channelResult(channel('consignment', 0.4, 0.02, 30), prices, piece, taxed(how, 0.2));
      // 120.00 ÷ 1.2 × (1 − 0.4) − 120.00 × 0.02 − 0.30: read as a sum it is the amount.
      const { value } = evaluate(result.received.how, () => undefined);
      expect(value * 100).toBeCloseTo(result.received.value, 0);
    }
  });
});

describe('the break-even price', () => {
  test('receives exactly the cost', () => {
    for (const one of [
      channel('wholesale', 0, 0.02),
      channel('retail', 0, 0.015, 20),
      channel('consignment', 0.4, 0.01),
    ]) {
      const { breakEven } = channelResult(one, prices, piece, taxed('included', 0.2));
      const asked = { wholesale: breakEven, retail: breakEven };
      expect(channelResult(one, asked, piece, taxed('included', 0.2)).left.value).toBeCloseTo(0, 6);
    }
  });

  test('does not exist where fees take everything', () => {
    const all = channel('consignment', 1, 0.05);
    expect(keepsOf(all, taxed('none', 0))).toBeLessThan(0);
    expect(channelResult(all, prices, piece, taxed('none', 0)).breakEven.value).toBe(Infinity);
  });
});

describe('earnings per bench hour', () => {
  test('are what is left after every other cost', () => {
    const result = channelResult(channel('wholesale', 0, 0), prices, piece, taxed('none', 0));
    // 60.00 in, 25.00 of costs that are no hands: 35.00 for twenty minutes.
    expect(result.perHour?.value).toBeCloseTo(3500 * 3, 6);
    const timeless = { ...piece, minutes: given('minutes', 0, 'min', '') };
    expect(channelResult(channel('wholesale', 0, 0), prices, timeless, taxed('none', 0)).perHour).toBeNull();
  });
});

test('do not exist for a piece without bench time', () => {
  const { labour } = costOfPiece({ column: { cost: piece.cost, lines: [] }, minutes: piece.minutes });
  expect([labour.value, labour.unit]).toEqual([0, 'GBP']);
});

test('the prices asked are those that were set, and those of the price rule before', () => {
  const set = { wholesaleMinor: 6100, retailMinor: 12_500 } as Parameters<typeof askedPrices>[0];
  expect(askedPrices(null, prices)).toBe(prices);
  expect(askedPrices(set, prices).wholesale.value).toBe(6100);
  expect(askedPrices(set, prices).retail.value).toBe(12_500);
});

test('a quantity break takes its share off the wholesale price, in whole pence', () => {
  const [ten, fifty] = volumePrices(money('wholesale', 6005), [
    { from: 10, off: share(0.05) },
    { from: 50, off: share(0.1) },
  ]);
  // 60.05 × 0.95 = 57.0475; 60.05 × 0.9 = 54.045, a half penny rounds up.
  expect([ten?.from, ten?.price.value, fifty?.price.value]).toEqual([10, 5705, 5405]);
  expect(evaluate(ten?.price.how ?? '', () => undefined).value * 100).toBeCloseTo(5704.75, 6);
});

test('a retail price undercuts a shop from one minor unit below what the shop asks', () => {
  const shopAsks = money('shop asks', 13_200);
  expect(undercutsShops(13_199, { shopAsks })).toBe(true);
  expect(undercutsShops(13_200, { shopAsks })).toBe(false);
});
