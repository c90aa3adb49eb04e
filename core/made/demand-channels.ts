// Through which channels a design sells, and how much of each channel was seen: weeks in which pieces were there, and
// days of fairs.
import { dayAfter, daysBetween } from '../measure/days.ts';
import type { SellingChannel } from '../studio/selling.ts';
import type { WeekSold } from './demand.ts';
import type { MadeEntry, MadeEntryLine } from './made-entry.ts';
import { type MadePlace, outletAt } from './made-place.ts';
import type { Outlet } from './outlet.ts';
import type { SoldLine } from './sold-lines.ts';

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
 * @param entries  that move items of the design, oldest day first
 * @param sold  of the design
 * @param weeks  that are looked at
 */
export function channelsSold(
  entries: readonly MadeEntry[],
  sold: readonly SoldLine[],
  ids: ReadonlySet<string>,
  places: SellingPlaces,
  period: DemandPeriod,
): ChannelSold[] {
  const moves = entries.flatMap(({ on, lines }) =>
    lines.filter(({ item }) => ids.has(item)).map((line): Move => ({ ...line, on })),
  );
  const atFairs = fairsSeen(moves, sold, places.fairs, period);
  return [
    ...steadyKeys(moves, sold, places.outlets).map((key) => steadyChannel(key, moves, sold, places, period)),
    ...(atFairs.length > 0
      ? [{ key: FAIRS, name: FAIRS, unit: 'fair day' as const, isToOrder: false, seen: atFairs }]
      : []),
  ];
}

/** The weeks that are looked at: as many back from an ISO day. */
interface DemandPeriod {
  readonly day: string;
  readonly weeks: number;
}

type Move = MadeEntryLine & Pick<MadeEntry, 'on'>;

const isAtFair = ({ from }: Pick<SoldLine, 'from'>) => from.startsWith('fair/');

/** Channels beside fairs that sold the design, or hold it. A refund alone makes no channel: it may be of a fair. */
function steadyKeys(moves: readonly Move[], sold: readonly SoldLine[], outlets: readonly Outlet[]): string[] {
  const visited = new Set(moves.map(({ place }) => outletAt(place)?.id));
  return [
    ...new Set([
      ...sold.filter((line) => line.count > 0 && !isAtFair(line)).map(({ channel }) => channel),
      ...outlets.filter(({ id, kind }) => kind !== 'loan' && visited.has(id)).map(({ channel }) => channel),
    ]),
  ];
}

function steadyChannel(
  key: string,
  moves: readonly Move[],
  sold: readonly SoldLine[],
  { channels, outlets }: SellingPlaces,
  period: DemandPeriod,
): ChannelSold {
  const known = channels.find(({ id }) => id === key);
  const isToOrder = known?.kind === 'wholesale';
  const own = sold.filter((line) => line.channel === key && !isAtFair(line));
  const ofOutlets = outlets
    .filter(({ channel, kind }) => channel === key && kind !== 'loan')
    .map(({ id, kind }): MadePlace => `${kind}/${id}`);
  // What is sold from the studio is there as long as it lies in the studio.
  const places = new Set([...ofOutlets, ...own.filter(({ count }) => count > 0).map(({ from }) => from)]);
  const there = isToOrder ? [] : weeksThere(moves, places, period);
  const seen = soldByWeek(own, period).map((count, ago) => ({ ago, sold: count, there: isToOrder ? 1 : (there[ago] ?? 0) })); // prettier-ignore
  return { key, name: known?.name ?? '', unit: 'week', isToOrder, seen };
}

function soldByWeek(sales: readonly SoldLine[], { day, weeks }: DemandPeriod): number[] {
  const sold = Array.from({ length: weeks }, () => 0);
  for (const { on, count } of sales) {
    const ago = Math.floor(daysBetween(on, day) / 7);
    if (ago >= 0 && ago < weeks) sold[ago] = (sold[ago] ?? 0) + count;
  }
  // A refund may lie in another week than its sale.
  return sold.map((count) => Math.max(0, count));
}

/** Share of each week in which a good piece lay at one of the places; on the day it sells it was there. */
function weeksThere(moves: readonly Move[], places: ReadonlySet<MadePlace>, { day, weeks }: DemandPeriod): number[] {
  const changes = moves
    .filter(({ place, grade }) => places.has(place) && grade === 'good')
    .map(({ on, count }) => ({ daysAgo: daysBetween(on, day), count }));
  const days = Array.from({ length: weeks }, () => 0);
  let held = 0;
  let next = 0;
  for (let daysAgo = 7 * weeks - 1; daysAgo >= 0; daysAgo -= 1) {
    let most = held;
    for (let change = changes[next]; change && change.daysAgo >= daysAgo; change = changes[next]) {
      held += change.count;
      if (change.daysAgo === daysAgo) most = Math.max(most, held);
      else most = held;
      next += 1;
    }
    const ago = Math.floor(daysAgo / 7);
    if (most > 0) days[ago] = (days[ago] ?? 0) + 1;
  }
  return days.map((count) => count / 7);
}

/** Fairs to which the design was brought. */
function fairsSeen(
  moves: readonly Move[],
  sold: readonly SoldLine[],
  fairs: readonly FairDays[],
  { day, weeks }: DemandPeriod,
): WeekSold[] {
  return fairs.flatMap(({ id, from, days }): WeekSold[] => {
    const place: MadePlace = `fair/${id}`;
    const own = sold.filter((line) => line.from === place);
    const start = from || own[0]?.on;
    if (!start || start > day) return [];
    const ago = Math.floor(daysBetween(start, day) / 7);
    const brought = sumOf(moves.filter((line) => line.place === place && line.count > 0));
    if (brought === 0 || ago >= weeks) return [];
    const count = Math.max(0, sumOf(own));
    // Sold out: the last of n pieces went, on average, after n / (n + 1) of the time (mean of the largest of n uniform
    // draws); after that nothing could be seen.
    const share = count >= brought ? count / (count + 1) : 1;
    return [{ ago, sold: count, there: days * share }];
  });
}

const sumOf = (lines: readonly { readonly count: number }[]) => lines.reduce((sum, { count }) => sum + count, 0);

/** Days of fairs that begin within some weeks. @param day  ISO day of today */
export function fairDaysWithin(fairs: readonly FairDays[], day: string, weeks: number): number {
  const until = dayAfter(day, Math.ceil(7 * weeks));
  return fairs.reduce((sum, { from, days }) => sum + (from >= day && from <= until ? days : 0), 0);
}
