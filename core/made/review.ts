// The review: what each design, each channel and the whole period really brought.
import { dayAfter, daysBetween } from '../measure/days.ts';
import type { MadeEntry, MadeEntryLine } from './made-entry.ts';
import type { MadeItem } from './made-item.ts';
import { keptMinor } from './sale-money.ts';

/** Pieces sold together with what they brought. */
export interface SoldLine {
  readonly on: string;
  readonly entry: number;
  readonly item: MadeItem;
  readonly channel: string;
  readonly from: MadeEntryLine['place'];
  readonly count: number;
  readonly paidMinor: number;
  readonly taxMinor: number;
  readonly commissionMinor: number;
  readonly feeMinor: number;
  readonly keptMinor: number;
  /** Actual cost, of it labour, and bench minutes of these pieces, from their making. */
  readonly costMinor: number;
  readonly labourMinor: number;
  readonly minutes: number;
}

/** Cost and minutes of one piece of an item, the average of all that were made. */
interface CostEach {
  readonly costMinor: number;
  readonly estimateMinor: number;
  readonly labourMinor: number;
  readonly minutes: number;
  readonly estimateMinutes: number;
}

const NO_COST: CostEach = { costMinor: 0, estimateMinor: 0, labourMinor: 0, minutes: 0, estimateMinutes: 0 };

/** What one piece of each item cost to make. */
function costEach(entries: readonly MadeEntry[]): ReadonlyMap<string, CostEach> {
  const sums = new Map<string, CostEach & { count: number }>();
  for (const { lines } of entries)
    for (const line of lines) {
      if (line.place !== 'made' && line.place !== 'opening') continue;
      const before = sums.get(line.item) ?? { ...NO_COST, count: 0 };
      sums.set(line.item, {
        count: before.count - line.count,
        costMinor: before.costMinor + line.costMinor,
        estimateMinor: before.estimateMinor + line.estimateMinor,
        labourMinor: before.labourMinor + line.labourMinor,
        minutes: before.minutes + line.minutes,
        estimateMinutes: before.estimateMinutes + line.estimateMinutes,
      });
    }
  return new Map(
    [...sums].map(([item, { count, ...sum }]) => {
      const each = (value: number) => (count > 0 ? value / count : 0);
      return [
        item,
        {
          costMinor: each(sum.costMinor),
          estimateMinor: each(sum.estimateMinor),
          labourMinor: each(sum.labourMinor),
          minutes: each(sum.minutes),
          estimateMinutes: each(sum.estimateMinutes),
        },
      ];
    }),
  );
}

/** Sales, refunds and their reversals, oldest first. What was refunded counts against what was sold. */
export function soldLines(entries: readonly MadeEntry[], items: ReadonlyMap<string, MadeItem>): SoldLine[] {
  const costs = costEach(entries);
  return entries
    .toSorted((a, b) => a.on.localeCompare(b.on) || a.id - b.id)
    .flatMap(({ id, on, channel, lines }) =>
      lines.flatMap((line, at): SoldLine[] => {
        const item = items.get(line.item);
        if (line.place !== 'sold' || !item) return [];
        const { costMinor, labourMinor, minutes } = costs.get(line.item) ?? NO_COST;
        const { count, paidMinor, taxMinor, commissionMinor, feeMinor } = line;
        return [
          {
            on, entry: id, item, channel, from: lines[at % 2 === 0 ? at + 1 : at - 1]?.place ?? 'studio', count, paidMinor, taxMinor,
            commissionMinor, feeMinor, keptMinor: keptMinor(line), costMinor: count * costMinor,
            labourMinor: count * labourMinor, minutes: count * minutes,
          },
        ]; // prettier-ignore
      }),
    );
}

/** Sums of sold lines. */
export interface SoldSums {
  readonly count: number;
  readonly paidMinor: number;
  readonly keptMinor: number;
  /** Tax, commission and fees. */
  readonly goneMinor: number;
  readonly costMinor: number;
  /** Left after everything but labour, minor units. */
  readonly forWorkMinor: number;
  readonly hours: number;
  /** Earned per bench hour, minor units; null without bench time. */
  readonly perHourMinor: number | null;
}

/** @param more  hours beside the bench and their costs: of fairs */
export function soldSums(lines: readonly SoldLine[], more = { hours: 0, costMinor: 0 }): SoldSums {
  const sum = (of: (line: SoldLine) => number) => lines.reduce((all, line) => all + of(line), 0);
  const [paid, kept, cost] = [
    sum((line) => line.paidMinor),
    sum((line) => line.keptMinor),
    sum((line) => line.costMinor),
  ];
  const hours = sum(({ minutes }) => minutes) / 60 + more.hours;
  const forWork = kept - (cost - sum(({ labourMinor }) => labourMinor)) - more.costMinor;
  return {
    count: sum(({ count }) => count),
    paidMinor: paid,
    keptMinor: kept,
    goneMinor: paid - kept,
    costMinor: cost,
    forWorkMinor: forWork,
    hours,
    perHourMinor: hours > 0 ? forWork / hours : null,
  };
}

/** What a verdict says of a design. */
export type Verdict = 'make-again' | 'raise-the-price' | 'retire' | 'wait';

/** The review of one design. */
export interface DesignReview extends SoldSums {
  readonly pieceId: string;
  readonly name: string;
  readonly made: number;
  readonly held: number;
  readonly averagePriceMinor: number;
  /** Of one piece made: actual and estimated cost and minutes. */
  readonly costEachMinor: number;
  readonly estimateEachMinor: number;
  readonly minutesEach: number;
  readonly estimateMinutesEach: number;
  /** Median weeks from making to selling; null without a sale. */
  readonly weeksToSell: number | null;
  readonly verdict: Verdict;
  /** Pieces sold by channel of the studio, most first. */
  readonly byChannel: readonly { readonly channel: string; readonly sold: number }[];
  readonly bySize: readonly { readonly name: string; readonly sold: number; readonly held: number }[];
}

interface ReviewInput {
  readonly entries: readonly MadeEntry[];
  readonly items: readonly MadeItem[];
  /** ISO days of the period, both included. */
  readonly from: string;
  readonly until: string;
  /** Labour rate of the studio, minor units an hour. */
  readonly hourMinor: number;
}

/** Designs with what came of them in a period, the best sold first. */
export function designReviews({ entries, items, from, until, hourMinor }: ReviewInput): DesignReview[] {
  const known = entries.filter(({ on }) => on <= until);
  const byId = new Map(items.map((item) => [item.id, item]));
  const sold = soldLines(known, byId);
  const weeks = weeksToSell(known);
  const keys = [...new Set(items.map(designKey))];
  const costs = costEach(known);
  return keys
    .map((key): DesignReview => {
      const own = items.filter((item) => designKey(item) === key);
      const ids = new Set(own.map(({ id }) => id));
      const lines = sold.filter(({ item, on }) => ids.has(item.id) && on >= from);
      const made = ownSum(known, ids, (line, on) => (line.place === 'made' && on >= from ? -line.count : 0));
      const held = ownSum(known, ids, heldOf);
      const madeEver = own.map(({ id }) => ({ each: costs.get(id) ?? NO_COST, count: ownSum(known, new Set([id]), (line) => (line.place === 'made' || line.place === 'opening' ? -line.count : 0)) })); // prettier-ignore
      const all = madeEver.reduce((sum, { count }) => sum + count, 0);
      const average = (of: (each: CostEach) => number) =>
        all > 0 ? madeEver.reduce((sum, { each, count }) => sum + count * of(each), 0) / all : 0;
      const sums = soldSums(lines);
      const ownWeeks = lines
        .flatMap(({ entry, item }) => weeks.get(`${String(entry)} ${item.id}`) ?? [])
        .sort((a, b) => a - b);
      const review = {
        ...sums,
        pieceId: own[0]?.pieceId ?? '',
        name: own[0]?.name ?? '',
        made,
        held,
        averagePriceMinor: sums.count > 0 ? sums.paidMinor / sums.count : 0,
        costEachMinor: average(({ costMinor }) => costMinor),
        estimateEachMinor: average(({ estimateMinor }) => estimateMinor),
        minutesEach: average(({ minutes }) => minutes),
        estimateMinutesEach: average(({ estimateMinutes }) => estimateMinutes),
        weeksToSell: ownWeeks.length > 0 ? (ownWeeks[Math.floor(ownWeeks.length / 2)] ?? null) : null,
        byChannel: channelsOf(lines),
        bySize: sizesOfDesign(own, lines, known),
      };
      return { ...review, verdict: verdictOf(review, hourMinor) };
    })
    .filter(({ made, held, count }) => made !== 0 || held !== 0 || count !== 0)
    .sort((a, b) => b.forWorkMinor - a.forWorkMinor);
}

/** Items of one design: of the same piece, or of the same name where no piece is known. */
export const designKey = ({ pieceId, name }: Pick<MadeItem, 'pieceId' | 'name'>) => pieceId || `name ${name}`;

const heldOf = ({ place, count }: MadeEntryLine) => (place === 'studio' || place.includes('/') ? count : 0);

function ownSum(
  entries: readonly MadeEntry[],
  ids: ReadonlySet<string>,
  of: (line: MadeEntryLine, on: string) => number,
): number {
  let sum = 0;
  for (const { lines, on } of entries) for (const line of lines) if (ids.has(line.item)) sum += of(line, on);
  return sum;
}

function channelsOf(lines: readonly SoldLine[]): DesignReview['byChannel'] {
  const sold = new Map<string, number>();
  for (const { channel, count } of lines) sold.set(channel, (sold.get(channel) ?? 0) + count);
  return [...sold].map(([channel, count]) => ({ channel, sold: count })).sort((a, b) => b.sold - a.sold);
}

function sizesOfDesign(own: readonly MadeItem[], lines: readonly SoldLine[], entries: readonly MadeEntry[]) {
  return [...new Set(own.map(({ sizeName }) => sizeName))].map((name) => {
    const ids = new Set(own.filter((item) => item.sizeName === name).map(({ id }) => id));
    return {
      name,
      sold: lines.filter(({ item }) => ids.has(item.id)).reduce((sum, { count }) => sum + count, 0),
      held: ownSum(entries, ids, heldOf),
    };
  });
}

/** Sold fewer than this, nothing is said. */
const FEWEST_SOLD = 3;
/** Held longer than this without a sale, a design is retired. */
const LONG_WEEKS = 40;
/** It earns so much less than the labour rate that its price is too low. */
const TOO_LITTLE = 0.85;

function verdictOf(
  { count, held, perHourMinor, weeksToSell: weeks, made }: Omit<DesignReview, 'verdict'>,
  hourMinor: number,
): Verdict {
  if (count < FEWEST_SOLD) return held > 0 && made === 0 ? 'retire' : 'wait';
  if (weeks !== null && weeks > LONG_WEEKS) return 'retire';
  if (perHourMinor !== null && perHourMinor < TOO_LITTLE * hourMinor) return 'raise-the-price';
  return 'make-again';
}

/** Weeks from making to selling of each sale, first made first sold. Key: `entry item`. */
export function weeksToSell(entries: readonly MadeEntry[]): ReadonlyMap<string, number[]> {
  const there = new Map<string, string[]>();
  const weeks = new Map<string, number[]>();
  for (const entry of entries.toSorted((a, b) => a.on.localeCompare(b.on) || a.id - b.id)) {
    for (const { place, item, count } of entry.lines) {
      const days = there.get(item) ?? [];
      if ((place === 'made' || place === 'opening') && count < 0)
        there.set(item, [...days, ...Array.from({ length: -count }, () => entry.on)]);
      if (place !== 'sold') continue;
      if (count > 0) {
        const took = days.slice(0, count);
        there.set(item, days.slice(count));
        weeks.set(
          `${String(entry.id)} ${item}`,
          took.map((made) => daysBetween(made, entry.on) / 7),
        );
      } else there.set(item, [...Array.from({ length: -count }, () => entry.on), ...days]);
    }
  }
  return weeks;
}

/** Sales of each week before a day, of the items of one design; in how much of it pieces were there. */
export function weeksSold(
  entries: readonly MadeEntry[],
  ids: ReadonlySet<string>,
  day: string,
  weeks: number,
): { readonly ago: number; readonly sold: number; readonly there: number }[] {
  const changes = entries
    .flatMap(({ on, lines }) => lines.filter(({ item }) => ids.has(item)).map((line) => ({ on, line })))
    .toSorted((a, b) => a.on.localeCompare(b.on));
  const firstDay = dayAfter(day, -7 * weeks + 1);
  const sold = Array.from({ length: weeks }, () => 0);
  const days = Array.from({ length: weeks }, () => 0);
  let held = 0;
  let next = 0;
  for (let at = 0; at < 7 * weeks; at += 1) {
    const on = dayAfter(firstDay, at);
    const week = weeks - 1 - Math.floor(at / 7);
    let least = held;
    for (; next < changes.length && (changes[next]?.on ?? '') <= on; next += 1) {
      const change = changes[next];
      if (!change) continue;
      held += heldOf(change.line);
      least = Math.max(least, held);
      if (change.line.place === 'sold' && change.on >= firstDay) sold[week] = (sold[week] ?? 0) + change.line.count;
    }
    if (least > 0) days[week] = (days[week] ?? 0) + 1;
  }
  return sold.map((count, ago) => ({ ago, sold: Math.max(0, count), there: (days[ago] ?? 0) / 7 }));
}
