// Hours at the bench by day, batch, kind of work and maker.
import { MINUTES_A_DAY } from '../measure/days.ts';
import { inOrder, momentOf, type NewBenchEntry } from './bench-entry.ts';
import { sharedMinutes, type Stretch, workLog } from './work-log.ts';

/** Minutes of a maker at a step on a day. */
export interface WorkedMinutes {
  /** Days since the start of the year 2000. */
  readonly day: number;
  readonly batchId: string;
  readonly step: string;
  readonly maker: string;
  readonly minutes: number;
}

/** A stretch over midnight counts on both days. @param now  moment to which work that goes on is counted */
export function workedMinutes(entries: readonly NewBenchEntry[], now: number): WorkedMinutes[] {
  const stretches = [...workLog(entries, now).values()].flatMap((log) => log.stretches);
  const byDay = stretches.flatMap((stretch) => daysOf(stretch, now));
  const shared = sharedMinutes(byDay, now);
  const rows = byDay.map((stretch): WorkedMinutes => {
    const { batchId, step, maker, from } = stretch;
    return { day: Math.floor(from / MINUTES_A_DAY), batchId, step, maker, minutes: shared.get(stretch) ?? 0 };
  });
  const helped = inOrder(entries).flatMap((entry): WorkedMinutes[] => {
    if (entry.how !== 'worked') return [];
    const { batchId, step, maker, detail = {} } = entry;
    return [{ day: dayOf(entry), batchId, step, maker, minutes: detail.minutes ?? 0 }];
  });
  return [...rows, ...helped].filter(({ minutes }) => minutes > 0);
}

function daysOf(stretch: Stretch, now: number): Stretch[] {
  const to = Math.max(stretch.from, stretch.to ?? now);
  const parts: Stretch[] = [];
  for (let from = stretch.from; ;) {
    const midnight = (Math.floor(from / MINUTES_A_DAY) + 1) * MINUTES_A_DAY;
    parts.push({ ...stretch, from, to: Math.min(to, midnight) });
    if (to <= midnight) return parts;
    from = midnight;
  }
}

const dayOf = (entry: NewBenchEntry) => Math.floor(momentOf(entry) / MINUTES_A_DAY);
