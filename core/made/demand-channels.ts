// Through which channels a design sells, and how much of each channel was seen: weeks in which pieces were there, and
// days of fairs.
import { dayAfter, daysBetween } from '../measure/days.ts';
import type { SellingChannel } from '../studio/selling.ts';
import type { WeekSold } from './demand.ts';
import { countHeld } from './made-balance.ts';
import { byDay, type MadeEntry, type MadeEntryLine } from './made-entry.ts';
import { holdsPieces, type MadePlace, outletAt } from './made-place.ts';
import type { Outlet } from './outlet.ts';

/** Fairs sell on their days only; other channels sell all the time. */
export type DemandUnit = 'week' | 'fair day';

/** Sales of a design through one channel. */
export interface ChannelSold {
  /** Id of the sales channel; 'fairs' for all fairs together, '' for sales without a channel. */
  readonly key: string;
  readonly name: string;
  readonly unit: DemandUnit;
  /** Wholesale is made to order: it is shown, and nothing is made for stock because of it. */
  readonly isToOrder: boolean;
  /** By week or by fair. `there` is the share of the week, or days of the fair. */
  readonly seen: readonly WeekSold[];
}

/** A fair as far as demand needs it. */
export interface FairDays {
  readonly id: string;
  /** ISO day; '' while nobody knows. */
  readonly from: string;
  readonly days: number;
}

/** Where sales come from. */
export interface SellingPlaces {
  readonly channels: readonly Pick<SellingChannel, 'id' | 'name' | 'kind'>[];
  readonly outlets: readonly Outlet[];
  readonly fairs: readonly FairDays[];
}

/** All fairs together are one channel. */
export const FAIRS = 'fairs';

/**
 * Sales of a design by channel, the past weeks from `day` back.
 * @param ids  items of the design
 * @param weeks  that are looked at
 */
export function channelsSold(
  entries: readonly MadeEntry[],
  ids: ReadonlySet<string>,
  { channels, outlets, fairs }: SellingPlaces,
  day: string,
  weeks: number,
): ChannelSold[] {
  const moves = entries.toSorted(byDay).map((entry) => ({
    ...entry,
    lines: entry.lines.filter(({ item }) => ids.has(item)),
  }));
  const sales = moves.flatMap(({ on, channel, lines }) =>
    lines.flatMap((line, at): ChannelSale[] => {
      if (line.place !== 'sold') return [];
      const from = lines[at % 2 === 0 ? at + 1 : at - 1]?.place ?? 'studio';
      return [{ on, count: line.count, from, key: from.startsWith('fair/') ? FAIRS : channel }];
    }),
  );
  const keys = new Set([
    ...sales.map(({ key }) => key),
    ...outlets.flatMap((outlet) =>
      moves.some(({ lines }) => lines.some(({ place }) => outletAt(place)?.id === outlet.id)) && outlet.kind !== 'loan'
        ? [outlet.channel]
        : [],
    ),
  ]);
  keys.delete(FAIRS);
  const steady = [...keys].map((key): ChannelSold => {
    const own = sales.filter((sale) => sale.key === key);
    const ofOutlets = outlets
      .filter(({ channel, kind }) => channel === key && kind !== 'loan')
      .map(({ id, kind }): MadePlace => `${kind}/${id}`);
    // What is sold from the studio is there as long as it lies in the studio.
    const places = new Set([...ofOutlets, ...own.map(({ from }) => from)]);
    const isToOrder = channels.find(({ id }) => id === key)?.kind === 'wholesale';
    const there = isToOrder ? Array.from({ length: weeks }, () => 1) : weeksThere(moves, places, day, weeks);
    const sold = soldByWeek(own, day, weeks);
    return {
      key,
      name: channels.find(({ id }) => id === key)?.name ?? '',
      unit: 'week',
      isToOrder,
      seen: sold.map((count, ago) => ({ ago, sold: count, there: there[ago] ?? 0 })),
    };
  });
  const atFairs = fairsSeen(moves, sales, fairs, day, weeks);
  return atFairs.length === 0
    ? steady
    : [...steady, { key: FAIRS, name: FAIRS, unit: 'fair day', isToOrder: false, seen: atFairs }];
}

interface ChannelSale {
  readonly on: string;
  readonly count: number;
  readonly from: MadePlace;
  readonly key: string;
}

type Move = Pick<MadeEntry, 'on'> & { readonly lines: readonly MadeEntryLine[] };

function soldByWeek(sales: readonly ChannelSale[], day: string, weeks: number): number[] {
  const sold = Array.from({ length: weeks }, () => 0);
  for (const { on, count } of sales) {
    const ago = Math.floor(daysBetween(on, day) / 7);
    if (ago >= 0 && ago < weeks) sold[ago] = (sold[ago] ?? 0) + count;
  }
  // A refund may lie in another week than its sale.
  return sold.map((count) => Math.max(0, count));
}

/** Share of each week in which a good piece lay at one of the places; on the day it sells it was there. */
function weeksThere(moves: readonly Move[], places: ReadonlySet<MadePlace>, day: string, weeks: number): number[] {
  const changes = moves.flatMap(({ on, lines }) =>
    lines
      .filter(({ place, grade }) => places.has(place) && grade === 'good')
      .map((line) => ({ on, held: countHeld(line) })),
  );
  const firstDay = dayAfter(day, -7 * weeks + 1);
  const days = Array.from({ length: weeks }, () => 0);
  let held = 0;
  let next = 0;
  for (let at = 0; at < 7 * weeks; at += 1) {
    const on = dayAfter(firstDay, at);
    const week = weeks - 1 - Math.floor(at / 7);
    let most = held;
    for (; next < changes.length && (changes[next]?.on ?? '') <= on; next += 1) {
      held += changes[next]?.held ?? 0;
      most = Math.max(most, held);
    }
    if (most > 0) days[week] = (days[week] ?? 0) + 1;
  }
  return days.map((count) => count / 7);
}

/** Fairs to which the design was brought. */
function fairsSeen(
  moves: readonly Move[],
  sales: readonly ChannelSale[],
  fairs: readonly FairDays[],
  day: string,
  weeks: number,
): WeekSold[] {
  return fairs.flatMap(({ id, from, days }): WeekSold[] => {
    const place: MadePlace = `fair/${id}`;
    const own = sales.filter((sale) => sale.from === place);
    const start = from || own[0]?.on;
    if (!start || start > day) return [];
    const brought = moves
      .flatMap(({ lines }) => lines)
      .reduce((sum, line) => sum + (line.place === place && line.count > 0 ? line.count : 0), 0);
    const sold = Math.max(0, own.reduce((sum, { count }) => sum + count, 0)); // prettier-ignore
    const ago = Math.floor(daysBetween(start, day) / 7);
    if (brought === 0 || ago >= weeks) return [];
    // Sold out: the last of n pieces went, on average, after n / (n + 1) of the time (mean of the largest of n uniform
    // draws); after that nothing could be seen.
    const share = sold >= brought ? sold / (sold + 1) : 1;
    return [{ ago, sold, there: days * share }];
  });
}

/** Days of fairs that begin within some weeks. @param day  ISO day of today */
export function fairDaysWithin(fairs: readonly FairDays[], day: string, weeks: number): number {
  const until = dayAfter(day, Math.ceil(7 * weeks));
  return fairs.reduce((sum, { from, days }) => sum + (from >= day && from <= until ? days : 0), 0);
}

/** Whether pieces there can be sold. */
export const canSellAt = (place: MadePlace) => holdsPieces(place) && !place.startsWith('loan/');
