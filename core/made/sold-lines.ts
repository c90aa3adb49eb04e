// What was sold, line by line, with what it brought and what it had cost.
import { byDay, type MadeEntry, type MadeEntryLine } from './made-entry.ts';
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
export interface CostEach {
  readonly costMinor: number;
  readonly estimateMinor: number;
  readonly labourMinor: number;
  readonly minutes: number;
  readonly estimateMinutes: number;
}

/** What a piece costs of which nothing is known. */
export const NO_COST: CostEach = { costMinor: 0, estimateMinor: 0, labourMinor: 0, minutes: 0, estimateMinutes: 0 };

/** What one piece of each item cost to make. */
export function costEach(entries: readonly MadeEntry[]): ReadonlyMap<string, CostEach> {
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
  return entries.toSorted(byDay).flatMap(({ id, on, channel, lines }) =>
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
