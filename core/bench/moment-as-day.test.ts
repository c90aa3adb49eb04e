import fc from 'fast-check';
import { expect, test } from 'vitest';
import { batchesNamed, batchNumber } from './batch-number.ts';
import { momentOf } from './bench-entry.ts';
import { momentAsDay } from './moment-as-day.ts';

test('a moment and its day and time are the same', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 20_000_000 }), fc.integer({ min: 0, max: 59_999 }), (minute, ms) => {
      const moment = minute + ms / 60_000;
      expect(momentOf(momentAsDay(moment))).toBeCloseTo(moment, 5);
    }),
  );
  expect(momentAsDay(momentOf({ on: '2026-03-02', minute: 750, ms: 0 }))).toEqual({
    on: '2026-03-02',
    minute: 750,
    ms: 0,
  });
});

test('a batch is named by its number, by the address on its job sheet, and by nothing else', () => {
  const ids = ['083e4d27-39f5-4d81', 'b1'];
  expect(batchNumber('b1')).toMatch(/^[1-9]\d{3}$/);
  expect(batchesNamed(batchNumber('b1'), ids)).toEqual(['b1']);
  expect(batchesNamed('http://127.0.0.1:4408/batches/083e4d27-39f5-4d81', ids)).toEqual(['083e4d27-39f5-4d81']);
  expect(batchesNamed('http://127.0.0.1:4408/batches/other', ids)).toEqual([]);
  expect(batchesNamed('12', ids)).toEqual([]);
});
