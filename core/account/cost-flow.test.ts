// Cost flows against worked examples of the kind found in introductory textbooks of financial accounting (chapter on
// inventories: first-in first-out, weighted average in the periodic and in the perpetual system).
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { CostBook } from './cost-book.ts';
import { type CostEvent, FirstInFirstOut, MovingAverage, type OnHand } from './cost-flow.ts';

const runOf = (flow: { add: (event: CostEvent) => number; readonly onHand: OnHand }, events: readonly CostEvent[]) => {
  const leftMinor = events.reduce((sum, event) => sum + flow.add(event), 0);
  return { ...flow.onHand, leftMinor };
};
const firstInFirstOut = (events: readonly CostEvent[]) => runOf(new FirstInFirstOut(), events);
const movingAverage = (events: readonly CostEvent[]) => runOf(new MovingAverage(), events);

/** An independent formulation: what is on hand is what came last. */
function lastLayers(events: readonly CostEvent[], heldMg: number): Pick<OnHand, 'costMinor' | 'unpricedMg'> {
  let [wanted, costMinor, unpricedMg] = [heldMg, 0, 0];
  for (const { mg, paidMinor } of events.toReversed()) {
    const taken = Math.max(0, Math.min(mg, wanted));
    wanted -= taken;
    if (paidMinor === null) unpricedMg += taken;
    else costMinor += (taken * paidMinor) / mg;
  }
  return { costMinor, unpricedMg };
}

const came = (mg: number, perUnit: number | null): CostEvent => ({
  mg,
  paidMinor: perUnit === null ? null : mg * perUnit,
});
const left = (mg: number): CostEvent => ({ mg: -mg, paidMinor: null });

// Opening 100 at 10; bought 200 at 11, 300 at 12, 400 at 13; sold 550. Goods available cost 12,000. From memory of the
// standard exercise; every figure below is checked by hand.
const year = [came(100, 10), came(200, 11), came(300, 12), left(550), came(400, 13)];

describe('a year of purchases', () => {
  test('first-in first-out leaves the last 450 at 5,800 and charges 6,200', () => {
    // 550 out: 100 × 10 + 200 × 11 + 250 × 12 = 6,200. On hand: 50 × 12 + 400 × 13 = 5,800.
    expect(firstInFirstOut(year)).toMatchObject({ mg: 450, costMinor: 5800, leftMinor: 6200, unpricedMg: 0 });
  });

  test('the moving average is 6,800 over 600 before the sale', () => {
    // 6,800 ÷ 600 = 11.3333; out 550 × 11.3333 = 6,233.33; left 566.67 + 5,200 = 5,766.67.
    const { costMinor, leftMinor, mg } = movingAverage(year);
    expect([mg, costMinor, leftMinor].map((value) => Math.round(value * 100) / 100)).toEqual([450, 5766.67, 6233.33]);
  });
});

describe('without a price', () => {
  test('metal is named apart and costs nothing', () => {
    expect(firstInFirstOut([came(100, null), came(50, 2)])).toMatchObject({ mg: 150, costMinor: 100, unpricedMg: 100 });
    expect(movingAverage([came(100, null), came(100, 2), left(100)])).toMatchObject({
      mg: 100,
      costMinor: 100,
      unpricedMg: 50,
    });
  });
});

const events = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 0, max: 40 }), fc.boolean()), { maxLength: 40 })
  .map((drawn) => {
    let there = 0;
    return drawn.flatMap(([mg, price, isIn]): CostEvent[] => {
      if (isIn) {
        there += mg;
        return [came(mg, price)];
      }
      const taken = Math.min(mg, there);
      there -= taken;
      return taken > 0 ? [left(taken)] : [];
    });
  });

describe('whatever came and left', () => {
  test('first-in first-out is what the last receipts cost: two formulations agree', () => {
    fc.assert(
      fc.property(events, (drawn) => {
        const forward = firstInFirstOut(drawn);
        const backward = lastLayers(drawn, forward.mg);
        expect(backward.costMinor).toBeCloseTo(forward.costMinor, 6);
        expect(backward.unpricedMg).toBe(forward.unpricedMg);
      }),
      { numRuns: 300, seed: 22 },
    );
  });

  test('cost of what left and of what is there is all that was paid', () => {
    fc.assert(
      fc.property(events, (drawn) => {
        const paid = drawn.reduce((sum, { paidMinor }) => sum + (paidMinor ?? 0), 0);
        for (const flow of [firstInFirstOut, movingAverage]) {
          const { costMinor, leftMinor } = flow(drawn);
          expect(costMinor + leftMinor).toBeCloseTo(paid, 6);
        }
      }),
      { numRuns: 300, seed: 23 },
    );
  });
});

describe('a book of costs', () => {
  const line = (
    place: 'supplier' | 'stock' | 'sold' | 'loss',
    alloy: string,
    mg: number,
    paidMinor: number | null = null,
  ) => ({
    place,
    alloy,
    mg,
    paidMinor,
  });

  test('moves within the studio change nothing; what is sold leaves; the last price stays known', () => {
    const book = new CostBook();
    book.add({ kind: 'received', lines: [line('supplier', 'a', -100, 500), line('stock', 'a', 100)] });
    book.add({ kind: 'issued', lines: [line('stock', 'a', -40), { ...line('stock', 'a', 40), place: 'work/b' }] });
    book.add({ kind: 'sold', lines: [line('stock', 'a', -20), line('sold', 'a', 20)] });
    expect(book.costs()).toMatchObject([
      { first: { mg: 80, costMinor: 400 }, moving: { costMinor: 400 }, lastPerMg: 5 },
    ]);
  });

  test('metal that becomes another alloy takes its cost along, and what is lost is in it', () => {
    const book = new CostBook();
    book.add({ kind: 'received', lines: [line('supplier', 'a', -100, 500), line('stock', 'a', 100)] });
    book.add({ kind: 'received', lines: [line('supplier', 'b', -50, 50), line('stock', 'b', 50)] });
    const lines = [line('stock', 'a', -100), line('stock', 'b', -10), line('stock', 'c', 108), line('loss', 'a', 2)];
    book.add({ kind: 'converted', lines });
    expect(book.costs().find(({ alloy }) => alloy === 'c')).toMatchObject({ first: { mg: 108, costMinor: 510 } });
    expect(book.costs().find(({ alloy }) => alloy === 'b')).toMatchObject({ moving: { mg: 40, costMinor: 40 } });
  });

  test('a receipt that is taken back leaves at its own price', () => {
    const book = new CostBook();
    book.add({ kind: 'received', lines: [line('supplier', 'a', -100, 500), line('stock', 'a', 100)] });
    book.add({ kind: 'received', lines: [line('supplier', 'a', -100, 900), line('stock', 'a', 100)] });
    book.add({ kind: 'reversed', lines: [line('supplier', 'a', 100, -900), line('stock', 'a', -100)] });
    expect(book.costs()[0]?.moving).toMatchObject({ mg: 100, costMinor: 500 });
    expect(book.costs()[0]?.first).toMatchObject({ mg: 100, costMinor: 500 });
  });
});
