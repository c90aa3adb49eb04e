import { expect, test } from 'vitest';
import type { WorkedPage } from '../../../contract/bench.ts';
import { groupHours } from './group-hours.ts';

const row = (batch: string, minutes: number): WorkedPage => ({ on: '2026-03-02', batchId: batch, batch, kind: 'solder', maker: 'ann', minutes }); // prettier-ignore

test('the largest group comes first', () => {
  const groups = groupHours([row('a', 10), row('b', 30), row('a', 15)], ({ batch }) => batch);
  expect(groups.map(({ name, minutes }) => [name, minutes])).toEqual([
    ['b', 30],
    ['a', 25],
  ]);
});

test('beyond eight groups the smallest are together, and no minute is lost', () => {
  const rows = Array.from({ length: 12 }, (_, at) => row(`batch ${String(at)}`, 100 - at));
  const groups = groupHours(rows, ({ batch }) => batch);
  expect(groups).toHaveLength(8);
  expect(groups.at(-1)).toMatchObject({ name: 'others', minutes: 93 + 92 + 91 + 90 + 89 });
  expect(new Set(groups.map(({ tint }) => tint)).size).toBe(8);
  expect(groups.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(rows.reduce((sum, { minutes }) => sum + minutes, 0)); // prettier-ignore
});
