import { describe, expect, it } from 'vitest';
import { channelsSold, fairDaysWithin, type SellingPlaces } from './demand-channels.ts';
import { made, testEntries, testItem } from './fixtures.ts';
import { byDay, movePieces } from './made-entry.ts';
import type { MadePlace } from './made-place.ts';
import { emptyOutlet } from './outlet.ts';
import { soldLines } from './sold-lines.ts';

const sell = (on: string, from: MadePlace, count: number, channel: string) => ({
  kind: 'sold' as const,
  on,
  channel,
  lines: movePieces('i1', count, { place: from }, { place: 'sold' }),
});
const move = (on: string, from: MadePlace, to: MadePlace, count: number) => ({
  kind: 'moved' as const,
  on,
  lines: movePieces('i1', count, { place: from }, { place: to }),
});
const places: SellingPlaces = {
  channels: [
    { id: 'site', name: 'Own site', kind: 'retail' },
    { id: 'cafe', name: 'Café', kind: 'consignment' },
    { id: 'shops', name: 'Shops', kind: 'wholesale' },
  ],
  outlets: [{ ...emptyOutlet, id: 'o1', kind: 'shop', name: 'Café', channel: 'cafe' }],
  fairs: [{ id: 'f1', from: '2026-02-07', days: 2 }],
};
const of = (list: readonly Parameters<typeof testEntries>[0][number][], day = '2026-02-22', weeks = 4) => {
  const entries = testEntries(list).toSorted(byDay);
  const sold = soldLines(entries, new Map([['i1', testItem(1)]]));
  return channelsSold(entries, sold, new Set(['i1']), places, { day, weeks });
};

describe('channelsSold', () => {
  it('weeks without pieces are told apart from weeks without sales', () => {
    const [site] = of([made('2026-02-02', 'i1', 1), sell('2026-02-12', 'studio', 1, 'site')]);
    expect(site).toMatchObject({ key: 'site', unit: 'week', isToOrder: false });
    expect(site?.seen.map(({ sold }) => sold)).toEqual([0, 1, 0, 0]);
    expect(site?.seen.map(({ there }) => Math.round(7 * there))).toEqual([0, 4, 7, 0]);
  });

  it('a shop that holds a piece and sells none was seen, from the day it got it', () => {
    const channels = of([made('2026-01-01', 'i1', 2), move('2026-02-16', 'studio', 'shop/o1', 1)]);
    expect(channels.map(({ key }) => key)).toEqual(['cafe']);
    expect(channels[0]?.seen.map(({ sold, there }) => [sold, Math.round(7 * there)])).toEqual([[0, 7], [0, 0], [0, 0], [0, 0]]); // prettier-ignore
  });

  it('a refund into the studio is no sale from the studio', () => {
    const refund = { kind: 'refunded' as const, on: '2026-02-10', channel: 'cafe', lines: movePieces('i1', 1, { place: 'sold' }, { place: 'studio' }) }; // prettier-ignore
    const [cafe] = of([
      made('2026-01-01', 'i1', 5),
      move('2026-02-03', 'studio', 'shop/o1', 1),
      sell('2026-02-03', 'shop/o1', 1, 'cafe'),
      refund,
    ]);
    // Five lie in the studio all the time; the café had one for a day.
    expect(cafe?.seen.map(({ there }) => Math.round(7 * there))).toEqual([0, 0, 1, 0]);
  });

  it('a fair counts in days, and no week of any channel', () => {
    const [fairs] = of([
      made('2026-01-01', 'i1', 5),
      move('2026-02-06', 'studio', 'fair/f1', 4),
      sell('2026-02-07', 'fair/f1', 3, 'site'),
    ]);
    expect(fairs).toMatchObject({ key: 'fairs', unit: 'fair day', seen: [{ ago: 2, sold: 3, there: 2 }] });
  });

  it('sold out at a fair: less than its days was seen', () => {
    const [fairs] = of([
      made('2026-01-01', 'i1', 5),
      move('2026-02-06', 'studio', 'fair/f1', 3),
      sell('2026-02-08', 'fair/f1', 3, 'site'),
    ]);
    expect(fairs?.seen[0]?.there).toBeCloseTo((2 * 3) / 4, 12);
  });

  it('wholesale is made to order', () => {
    const [shops] = of([made('2026-01-01', 'i1', 5), sell('2026-02-08', 'studio', 5, 'shops')]);
    expect(shops).toMatchObject({ key: 'shops', isToOrder: true });
    expect(shops?.seen.map(({ there }) => there)).toEqual([1, 1, 1, 1]);
  });

  it('a refund lowers the sales of its week, and of a fair makes no channel', () => {
    const refund = (on: string, channel: string) => ({
      kind: 'refunded' as const,
      on,
      channel,
      lines: movePieces('i1', 1, { place: 'sold' }, { place: 'studio' }),
    });
    const story = [made('2026-01-01', 'i1', 9), sell('2026-02-17', 'studio', 3, 'site'), refund('2026-02-19', 'site')];
    expect(of(story)[0]?.seen.map(({ sold }) => sold)).toEqual([2, 0, 0, 0]);
    const atFair = [
      made('2026-01-01', 'i1', 9),
      move('2026-02-06', 'studio', 'fair/f1', 4),
      sell('2026-02-07', 'fair/f1', 2, 'card'),
      refund('2026-02-10', 'card'),
    ];
    expect(of(atFair).map(({ key }) => key)).toEqual(['fairs']);
  });

  it('every sale is in one channel', () => {
    const channels = of([
      made('2026-01-01', 'i1', 30),
      move('2026-02-01', 'studio', 'shop/o1', 5),
      move('2026-02-06', 'studio', 'fair/f1', 6),
      sell('2026-02-07', 'fair/f1', 4, 'site'),
      sell('2026-02-08', 'shop/o1', 2, 'cafe'),
      sell('2026-02-10', 'studio', 3, 'site'),
      sell('2026-02-11', 'studio', 1, ''),
      sell('2026-02-12', 'studio', 7, 'shops'),
    ]);
    const sold = Object.fromEntries(
      channels.map(({ key, seen }) => [key, seen.reduce((sum, one) => sum + one.sold, 0)]),
    );
    expect(sold).toEqual({ site: 3, cafe: 2, '': 1, shops: 7, fairs: 4 });
  });
});

describe('fairDaysWithin', () => {
  it('counts fairs that begin in time', () => {
    const fairs = [
      { id: 'a', from: '2026-03-01', days: 2 },
      { id: 'b', from: '2026-06-01', days: 3 },
      { id: 'c', from: '', days: 1 },
    ];
    expect([1, 4, 20].map((weeks) => fairDaysWithin(fairs, '2026-02-20', weeks))).toEqual([0, 2, 5]);
  });
});
