// Weeks from making to selling, and sales week by week.
import { dayAfter, daysBetween } from '../measure/days.ts';
import { countHeld } from './made-balance.ts';
import { byDay, type MadeEntry } from './made-entry.ts';

/** Weeks from making to selling of each sale, first made first sold. Key: `entry item`. */
export function weeksToSell(entries: readonly MadeEntry[]): ReadonlyMap<string, number[]> {
  const there = new Map<string, string[]>();
  const weeks = new Map<string, number[]>();
  for (const entry of entries.toSorted(byDay)) {
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
      held += countHeld(change.line);
      least = Math.max(least, held);
      if (change.line.place === 'sold' && change.on >= firstDay) sold[week] = (sold[week] ?? 0) + change.line.count;
    }
    if (least > 0) days[week] = (days[week] ?? 0) + 1;
  }
  return sold.map((count, ago) => ({ ago, sold: Math.max(0, count), there: (days[ago] ?? 0) / 7 }));
}
