// The schools of pricing against textbook sums and against each other.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { given } from '../../figure/figure.ts';
import { readRates } from '../../studio/rates.ts';
import type { PriceRule } from '../../studio/selling.ts';
import { pendant, workshop, workshopFix, workshopRates } from '../fixtures/workshop.ts';
import { channelResult, costOfPiece, keepsOf } from '../piece/channels.ts';
import { countPiece } from '../piece/count-piece.ts';
import { mustBeTrue, presentCost } from '../piece/must-be-true.ts';
import { costGroups } from './cost-groups.ts';
import { wholesaleByMethod } from './methods.ts';
import { priceMinor, pricesOf } from './prices.ts';

const { rule } = workshopRates.selling;
const count = countPiece(pendant, workshopRates, workshopFix);
const exactly: PriceRule = { ...rule, points: { ladderMinor: [], bands: [], justBelowMinor: 0 } };
const figure = (value: number) => given('', value, '', 'test');

// Any textbook of management accounting, from memory: a mark-up of 50 % on cost is a margin of 33⅓ % on price, 100 % is
// 50 %, 25 % is 20 %.
test.each([
  [0.5, 1 / 3],
  [1, 0.5],
  [0.25, 0.2],
])('a markup of %d on cost is a margin of %d on price', (markUp, margin) => {
  const groups = { metal: 400, findings: 250, labour: 850 };
  const markUps = { metal: figure(markUp), findings: figure(markUp), labour: figure(markUp) };
  const byMarkUp = wholesaleByMethod('mark-ups', groups, { ...rule, markUps }, 0);
  const byMargin = wholesaleByMethod('margin', groups, { ...rule, margin: figure(margin) }, 0);
  const byFactor = wholesaleByMethod('build-up', groups, { ...rule, wholesaleFactor: figure(1 + markUp) }, 0);
  expect(byMarkUp).toBeCloseTo(1500 * (1 + markUp), 9);
  expect(byMargin).toBeCloseTo(byMarkUp, 9);
  expect(byFactor).toBeCloseTo(byMarkUp, 9);
});

test('margin and markup convert into each other at any cost', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 0.95, noNaN: true }), fc.integer({ min: 1, max: 1e7 }), (margin, cost) => {
      const markUp = margin / (1 - margin);
      const groups = { metal: 0, findings: 0, labour: cost };
      const price = wholesaleByMethod('margin', groups, { ...rule, margin: figure(margin) }, 0);
      expect(price).toBeCloseTo(cost * (1 + markUp), 4);
      expect((price - cost) / price).toBeCloseTo(margin, 9);
    }),
  );
});

test('the categories with a markup add up to the cost', () => {
  const { column } = count;
  const groups = costGroups(column.lines.map(({ key, each }) => ({ key, amount: each.value })));
  expect(groups.metal + groups.findings + groups.labour).toBe(column.cost.value);
  expect(groups.findings).toBe(665);
});

test('each method’s figure is its sum, put on a price point', () => {
  const of = (school: 'build-up' | 'mark-ups' | 'margin') =>
    pricesOf(count.column, count.minutes, { school, targetMinor: 0 }, rule).wholesale;
  const groups = costGroups(count.column.lines.map(({ key, each }) => ({ key, amount: each.value })));
  for (const school of ['build-up', 'mark-ups', 'margin'] as const) {
    const exact = wholesaleByMethod(school, groups, rule, 0);
    expect(of(school).value).toBeGreaterThanOrEqual(exact - 1e-6);
    expect(of(school).value - exact).toBeLessThan(500);
    expect(priceMinor(groups, { school, targetMinor: 0 }, rule).wholesale).toBe(of(school).value);
  }
});

describe('back from a target price', () => {
  test('retail is the target, and wholesale is the target divided by the retail multiplier', () => {
    const { wholesale, retail } = pricesOf(
      count.column,
      count.minutes,
      { school: 'price-point', targetMinor: 4800 },
      rule,
    );
    expect(retail.value).toBe(4800);
    expect(wholesale.value).toBe(Math.floor(4800 / 2.2));
  });

  test('without a target the method uses cost × multiplier', () => {
    expect(pricesOf(count.column, count.minutes, { school: 'price-point', targetMinor: 0 }, rule).school).toBe(
      'build-up',
    );
  });

  test('the minutes, grams or price it names pay the target hourly rate', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1000, max: 90_000 }), fc.integer({ min: 500, max: 8000 }), (price, wagePence) => {
        const wage = given('wage', wagePence, 'GBP/h', 'test');
        const present = presentCost(count, given('received', price, 'GBP', 'test'), wage);
        const answer = mustBeTrue(present, wage);
        const pays = (received: number, metal: number, minutes: number) =>
          ((received - present.fixed.value - metal) / minutes) * 60 - present.besidesPerHour.value;
        const { metal, grams, minutes } = present;
        if (answer.minutes.value > 0.01)
          expect(pays(price, metal.value, answer.minutes.value)).toBeCloseTo(wagePence, 3);
        const perGram = metal.value / grams.value;
        expect(pays(price, answer.grams.value * perGram, minutes.value)).toBeCloseTo(wagePence, 3);
        expect(pays(answer.received.value, metal.value, minutes.value)).toBeCloseTo(wagePence, 3);
        expect(pays(price, metal.value, minutes.value)).toBeCloseTo(answer.wage.value, 3);
        expect(answer.isTrue).toBe(answer.wage.value >= wagePence - 1e-3);
      }),
    );
  });

  test('its categories add up to the cost', () => {
    const { metal, fixed, besidesPerHour, minutes } = presentCost(count, figure(0), workshopRates.labour);
    const labour = costOfPiece(count).labour.value;
    const timed = (besidesPerHour.value / 60) * minutes.value;
    expect(metal.value + fixed.value + timed + labour).toBeCloseTo(count.column.cost.value, 6);
  });
});

test('prices are never below the studio’s minimum', () => {
  const high = readRates({ ...workshop, leastWholesale: '500', leastRetail: '2000' }, 1).selling.rule;
  const { wholesale, retail } = pricesOf(count.column, count.minutes, { school: 'build-up', targetMinor: 0 }, high);
  expect([wholesale.value, retail.value]).toEqual([50_000, 200_000]);
  expect(wholesale.how).toContain('the studio’s minimum price');
});

// A shop that doubles 20.00 asks 40.00, or 48.00 with a fifth of tax in it.
test('a shop’s price is wholesale times its multiplier, with the included tax', () => {
  const taxed = readRates({ ...workshop, taxHow: 'included', taxRate: '20 %' }, 1).selling.rule;
  const at = (with_: PriceRule) => pricesOf(count.column, count.minutes, { school: 'build-up', targetMinor: 0 }, with_);
  expect(at(rule).shopAsks.value).toBe(2 * at(rule).wholesale.value);
  expect(at(taxed).shopAsks.value).toBeCloseTo(2.4 * at(taxed).wholesale.value, 6);
  expect(at(taxed).retail.value).toBeGreaterThan(at(rule).retail.value);
});

describe('sales channels', () => {
  const cost = costOfPiece(count);
  const asked = { wholesale: given('wholesale', 5000, 'GBP', 'test'), retail: given('retail', 12_000, 'GBP', 'test') };
  const channel = (kind: 'wholesale' | 'retail' | 'consignment', fee = 0, each = 0, keeps = 0) => ({
    id: kind,
    name: kind,
    kind,
    feeShare: figure(fee),
    feeEach: given('fee', each, 'GBP', 'test'),
    shopKeeps: figure(keeps),
  });

  test('a card payment costs its share and its fee', () => {
    const result = channelResult(channel('retail', 0.025, 30), asked, cost, rule);
    expect(result.received.value).toBeCloseTo(12_000 - 300 - 30, 9);
    expect(result.left.value).toBeCloseTo(11_670 - cost.cost.value, 9);
  });

  test('a consignment shop keeps its commission', () => {
    expect(channelResult(channel('consignment', 0, 0, 0.4), asked, cost, rule).received.value).toBeCloseTo(7200, 9);
  });

  // 120.00 with a fifth of tax in it is 100.00; the card is charged on the 120.00.
  test('included tax is taken off first, and the card fee is on the full price', () => {
    const taxed = readRates({ ...workshop, taxHow: 'included', taxRate: '20 %' }, 1).selling.rule;
    expect(channelResult(channel('retail', 0.02), asked, cost, taxed).received.value).toBeCloseTo(10_000 - 240, 6);
    const onTop = readRates({ ...workshop, taxHow: 'on-top', taxRate: '20 %' }, 1).selling.rule;
    expect(channelResult(channel('retail', 0.02), asked, cost, onTop).received.value).toBeCloseTo(12_000 - 288, 6);
    expect(keepsOf(channel('wholesale'), taxed)).toBe(1);
  });

  // Contribution and break-even, as in any textbook of the kind, from memory.
  test('the profit at the break-even price is zero', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        fc.integer({ min: 0, max: 200 }),
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        (fee, each, keeps) => {
          const way = channel('consignment', fee, each, keeps);
          const { breakEven } = channelResult(way, asked, cost, rule);
          const at = { ...asked, retail: given('retail', breakEven.value, 'GBP', 'test') };
          expect(channelResult(way, at, cost, rule).left.value).toBeCloseTo(0, 5);
        },
      ),
    );
  });
});

// ISO 4217: yen have no minor unit, pounds two digits, Kuwaiti dinars three.
test.each([
  ['JPY', 0],
  ['GBP', 2],
  ['KWD', 3],
])('in %s the lines add up and prices are whole minor units', (currency, digits) => {
  const rates = readRates({ ...workshop, currency }, 1);
  const fix = { ...workshopFix, currency };
  const { column, prices } = countPiece(pendant, rates, fix);
  expect(column.lines.reduce((sum, { each }) => sum + each.value, 0)).toBe(column.cost.value);
  for (const price of [column.cost, prices.wholesale, prices.retail]) expect(Number.isInteger(price.value)).toBe(true);
  const labour = column.exact[column.lines.findIndex(({ key }) => key === 'labour')] ?? NaN;
  expect(labour).toBeCloseTo(7.9 * 10 ** digits, 6);
  expect(pricesOf(column, figure(0), { school: 'build-up', targetMinor: 0 }, exactly).perHour).toBeNull();
});
