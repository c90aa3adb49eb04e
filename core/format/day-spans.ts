// Days off and spans of days: typed and shown in the studio's format, stored as `2026-12-24 to 2027-01-02, 2027-02-05`.
import { dayInFigures, readDay } from './days.ts';

/**
 * Reads days and spans in the studio's format.
 * @param today  ISO day, for days without a year
 * @returns the spans as they are stored; null when a part is no day
 */
export function readSpans(text: string, today: string): string | null {
  const spans: string[] = [];
  for (const part of text.split(/[,;]/).filter((one) => one.trim())) {
    const [from, to] = part.split(/\s+(?:to|until|-)\s+|–/i).map((day) => readDay(day, today));
    if (!from || to === null) return null;
    // A span without years may end in the next year.
    const end = to && to < from ? readDay(part.split(/\s+(?:to|until|-)\s+|–/i)[1] ?? '', from) : to;
    if (end !== undefined && (!end || end < from)) return null;
    spans.push(end === undefined ? from : `${from} to ${end}`);
  }
  return spans.join(', ');
}

/** Stored spans in the studio's format: `24/12/2026 to 02/01/2027; 05/02/2027`. Other text stays as it is. */
export function showSpans(stored: string): string {
  return stored.replace(/\s*,\s*/g, '; ').replace(/\d{4}-\d{2}-\d{2}/g, dayInFigures);
}
