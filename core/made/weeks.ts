// Weeks from making to selling.
import { daysBetween } from '../measure/days.ts';
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
