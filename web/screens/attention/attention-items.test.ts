import { expect, test } from 'vitest';
import { emptyQuote } from '../../../core/price/quote/quote.ts';
import type { BookLine } from '../../state/book-line.ts';
import { backupItems, expiringItems, lateItems, lowItems, metalPriceItems, outdatedItems } from './attention-items.ts';

test('late batches, the latest first; those in time are left out', () => {
  const batch = (id: string, daysLate: number) => ({ id, title: `Batch ${id}`, customer: 'Shop', daysLate });
  expect(lateItems([batch('a', 1), batch('b', 0), batch('c', 4)]).map(({ key, more }) => [key, more])).toEqual([
    ['c', '4 days late, Shop'],
    ['a', '1 day late, Shop'],
  ]);
});

test('goods below their reorder level', () => {
  const goods = (key: string, there: number, least: number) => ({ key, name: key, unit: 'g' as const, there, least });
  expect(lowItems([goods('flux', 2, 5), goods('pickle', 5, 5)])).toMatchObject([{ key: 'flux', more: '2 of 5 g' }]);
});

test('quotes that expire within a week and became no batch', () => {
  const quote = (id: string, expires: string, batches: string[] = []) => ({ id, body: { ...emptyQuote, customer: id, expires, batches } }); // prettier-ignore
  const items = expiringItems(
    [quote('later', '2026-03-20'), quote('soon', '2026-03-09'), quote('today', '2026-03-02'), quote('gone', '2026-03-01'), quote('made', '2026-03-03', ['b']), quote('open', '')], // prettier-ignore
    '2026-03-02',
  );
  expect(items.map(({ key, more }) => [key, more])).toEqual([
    ['today', 'expires today'],
    ['soon', 'expires in 7 days'],
  ]);
});

test('metal prices that are missing, or older than a fortnight', () => {
  expect(metalPriceItems('2026-03-01', '2026-03-15')).toEqual([]);
  expect(metalPriceItems('2026-03-01', '2026-03-16')).toMatchObject([{ more: '15 days old' }]);
  expect(metalPriceItems(null, '2026-03-16')).toMatchObject([{ text: 'There are no metal prices yet.' }]);
});

test('prices that no longer hold, and backups that fail', () => {
  const line = (id: string, holds: boolean) => ({ piece: { id, body: { name: id } }, standing: { holds } }) as unknown as BookLine; // prettier-ignore
  expect(outdatedItems([line('a', true), line('b', false)]).map(({ to }) => to)).toEqual(['/prices/b']);
  expect(backupItems(null)).toEqual([]);
  expect(backupItems('failed')).toMatchObject([{ text: 'The last backup failed.' }]);
  expect(backupItems('old')).toMatchObject([{ text: 'The last backup is old.' }]);
});
