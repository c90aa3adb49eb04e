// Orders: what is open, how postage is shared out, and the text that goes to the supplier.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { openPacks, type Order, orderInWords, orderTable, shareOut } from './order.ts';

const order: Order = {
  id: 'o',
  supplier: 'Harbour Metals',
  on: '2026-03-02',
  note: 'Please send by post.',
  isCancelled: false,
  receipts: [{ line: 'a', on: '2026-03-05', packs: 2, paidMinor: 900, entryId: 1 }],
  lines: [
    {
      id: 'a',
      item: { supplier: 'Harbour Metals', item: 'W10', name: 'wire 1 mm', stock: null, pack: 1, per: 'each', breaks: [{ from: 1, priceMinor: 450 }], currency: 'GBP', leadDays: 3 }, // prettier-ignore
      packs: 3,
      paidMinor: 1350,
      goods: null,
    },
  ],
};

test('what is open is what has not come, and nothing of a cancelled order', () => {
  const [line] = order.lines;
  if (!line) throw new Error('The order has a line.');
  expect(openPacks(order, line)).toBe(1);
  expect(openPacks({ ...order, isCancelled: true }, line)).toBe(0);
});

test('4.90 of postage over 10, 20 and 30 is 0.82, 1.63 and 2.45', () => {
  // 490 ÷ 60 = 8.1667: 81.67, 163.33, 245; the cent left goes to the largest remainder.
  expect(shareOut(490, [1000, 2000, 3000])).toEqual([82, 163, 245]);
  expect(shareOut(3, [0, 0])).toEqual([2, 1]);
});

test('shares sum to the amount, whatever the prices', () => {
  fc.assert(
    fc.property(fc.nat(100_000), fc.array(fc.nat(50_000), { minLength: 1, maxLength: 30 }), (amount, weights) => {
      const shares = shareOut(amount, weights);
      expect(shares.reduce((sum, share) => sum + share, 0)).toBe(amount);
      expect(Math.min(...shares)).toBeGreaterThanOrEqual(0);
    }),
    { seed: 16 },
  );
});

test('text and table name item, packs and price', () => {
  expect(orderInWords(order, 'Lantern Slip')).toContain('3 × W10  wire 1 mm (1)');
  expect(orderTable(order)[1]).toEqual(['Harbour Metals', '2026-03-02', 'W10', 'wire 1 mm', '3', '1', '13.50', 'GBP']);
});
