// The review: what each design really brought.
import { groupBy } from '../bench/group-by.ts';
import { daysBetween } from '../measure/days.ts';
import { countHeld } from './made-balance.ts';
import type { MadeEntry } from './made-entry.ts';
import type { MadeItem } from './made-item.ts';
import { type CostEach, costEach, NO_COST, type SoldLine, soldLines, type SoldSums, soldSums } from './sold-lines.ts';
import { weeksToSell } from './weeks.ts';

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

/** Designs with what came of them in a period, those that left most for work first. */
export function designReviews({ entries, items, from, until, hourMinor }: ReviewInput): DesignReview[] {
  const known = entries.filter(({ on }) => on <= until);
  const sold = groupBy(
    soldLines(known, new Map(items.map((item) => [item.id, item]))).filter(({ on }) => on >= from),
    ({ item }) => item.id,
  );
  const all: Known = { sold, counts: countsOf(known, from), costs: costEach(known), weeks: weeksToSell(known) };
  return [...groupBy(items, designKey).values()]
    .map((own) => reviewOf(own, all, { hourMinor, until }))
    .filter(({ made, held, count }) => made !== 0 || held !== 0 || count !== 0)
    .sort((a, b) => b.forWorkMinor - a.forWorkMinor);
}

/** Pieces of an item: made in the period, made ever, and held. */
interface ItemCounts {
  readonly made: number;
  readonly madeEver: number;
  readonly held: number;
  /** ISO day on which the last piece came; '' for none. */
  readonly lastCame: string;
}

/** What is known of all items, by id of the item. */
interface Known {
  readonly sold: ReadonlyMap<string, readonly SoldLine[]>;
  readonly counts: ReadonlyMap<string, ItemCounts>;
  readonly costs: ReadonlyMap<string, CostEach>;
  /** By `entry item`. */
  readonly weeks: ReadonlyMap<string, readonly number[]>;
}

const NO_COUNTS: ItemCounts = { made: 0, madeEver: 0, held: 0, lastCame: '' };

function countsOf(entries: readonly MadeEntry[], from: string): ReadonlyMap<string, ItemCounts> {
  const counts = new Map<string, ItemCounts>();
  for (const { on, lines } of entries)
    for (const line of lines) {
      const before = counts.get(line.item) ?? NO_COUNTS;
      const came = line.place === 'made' || line.place === 'opening' ? -line.count : 0;
      counts.set(line.item, {
        made: before.made + (line.place === 'made' && on >= from ? -line.count : 0),
        madeEver: before.madeEver + came,
        held: before.held + countHeld(line),
        lastCame: came > 0 && on > before.lastCame ? on : before.lastCame,
      });
    }
  return counts;
}

/** @param own  items of one design */
function reviewOf(
  own: readonly MadeItem[],
  { sold, counts, costs, weeks }: Known,
  { hourMinor, until }: Pick<ReviewInput, 'hourMinor' | 'until'>,
): DesignReview {
  const lines = own.flatMap(({ id }) => sold.get(id) ?? []);
  const sum = (of: (counts: ItemCounts) => number) =>
    own.reduce((all, { id }) => all + of(counts.get(id) ?? NO_COUNTS), 0);
  const ever = sum(({ madeEver }) => madeEver);
  const average = (of: (each: CostEach) => number) =>
    ever === 0
      ? 0
      : own.reduce((all, { id }) => all + (counts.get(id)?.madeEver ?? 0) * of(costs.get(id) ?? NO_COST), 0) / ever;
  const sums = soldSums(lines);
  const review = {
    ...sums,
    pieceId: own[0]?.pieceId ?? '',
    name: own[0]?.name ?? '',
    made: sum(({ made }) => made),
    held: sum(({ held }) => held),
    averagePriceMinor: sums.count > 0 ? sums.paidMinor / sums.count : 0,
    costEachMinor: average(({ costMinor }) => costMinor),
    estimateEachMinor: average(({ estimateMinor }) => estimateMinor),
    minutesEach: average(({ minutes }) => minutes),
    estimateMinutesEach: average(({ estimateMinutes }) => estimateMinutes),
    weeksToSell: median([...new Set(lines.map(({ entry, item }) => `${String(entry)} ${item.id}`))].flatMap((key) => weeks.get(key) ?? [])), // prettier-ignore
    byChannel: channelsOf(lines),
    bySize: [...groupBy(own, ({ sizeName }) => sizeName)].map(([name, items]) => ({
      name,
      sold: items.flatMap(({ id }) => sold.get(id) ?? []).reduce((all, { count }) => all + count, 0),
      held: items.reduce((all, { id }) => all + (counts.get(id)?.held ?? 0), 0),
    })),
  };
  const lastCame = own
    .map(({ id }) => counts.get(id)?.lastCame ?? '')
    .reduce((last, on) => (on > last ? on : last), '');
  const weeksHeld = lastCame === '' ? 0 : daysBetween(lastCame, until) / 7;
  return { ...review, verdict: verdictOf(review, weeksHeld, hourMinor) };
}

function median(values: readonly number[]): number | null {
  const sorted = values.toSorted((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? null;
}

/** Items of one design: of the same piece, or of the same name where no piece is known. */
export const designKey = ({ pieceId, name }: Pick<MadeItem, 'pieceId' | 'name'>) => pieceId || `name ${name}`;

function channelsOf(lines: readonly SoldLine[]): DesignReview['byChannel'] {
  const sold = new Map<string, number>();
  for (const { channel, count } of lines) sold.set(channel, (sold.get(channel) ?? 0) + count);
  return [...sold].map(([channel, count]) => ({ channel, sold: count })).sort((a, b) => b.sold - a.sold);
}

/** Sold fewer than this, nothing is said. */
const FEWEST_SOLD = 3;
/** Held longer than this without a sale, a design is retired. */
const LONG_WEEKS = 40;
/** It earns so much less than the labour rate that its price is too low. */
const TOO_LITTLE = 0.85;

function verdictOf(
  { count, held, perHourMinor, weeksToSell: weeks }: Omit<DesignReview, 'verdict'>,
  weeksHeld: number,
  hourMinor: number,
): Verdict {
  if (count < FEWEST_SOLD) return held > 0 && weeksHeld > LONG_WEEKS ? 'retire' : 'wait';
  if (weeks !== null && weeks > LONG_WEEKS) return 'retire';
  if (perHourMinor !== null && perHourMinor < TOO_LITTLE * hourMinor) return 'raise-the-price';
  return 'make-again';
}
