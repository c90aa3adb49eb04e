// Days as files of other programs write them.

/** Which part comes first in days with figures only. */
export type DayOrder = 'day-first' | 'month-first';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** `2026-11-03T18:02:11Z`, `03/11/2026`, `3.11.26`, `Nov 3, 2026`. @returns an ISO day; null when it cannot be read */
export function readDayCell(text: string, order: DayOrder): string | null {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:\D|$)/.exec(text.trim());
  if (iso) return dayOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const figures = /^(\d{1,2})[./-](\d{1,2})[./-](\d{2,4})(?:\D|$)/.exec(text.trim());
  if (figures) {
    const [first, second, year] = [Number(figures[1]), Number(figures[2]), yearOf(figures[3] ?? '')];
    return order === 'day-first' ? dayOf(year, second, first) : dayOf(year, first, second);
  }
  const named = /^(?:(\d{1,2})\.?\s+)?([a-z]{3})[a-z]*\.?\s*(?:(\d{1,2}),?)?\s+(\d{4})/i.exec(text.trim());
  if (!named) return null;
  const month = MONTHS.indexOf((named[2] ?? '').toLowerCase()) + 1;
  return month === 0 ? null : dayOf(Number(named[4]), month, Number(named[1] ?? named[3]));
}

/** The order that reads all days of a column: a figure above 12 tells. */
export function guessDayOrder(cells: readonly string[]): DayOrder {
  const parts = cells.map((cell) => /^\s*(\d{1,2})[./-](\d{1,2})[./-]\d{2,4}/.exec(cell));
  return parts.some((part) => part && Number(part[2]) > 12) ? 'month-first' : 'day-first';
}

const yearOf = (text: string) => (text.length === 2 ? 2000 + Number(text) : Number(text));

function dayOf(year: number, month: number, day: number): string | null {
  const date = new Date(Date.UTC(year, month - 1, day));
  const isReal = date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
  return isReal ? date.toISOString().slice(0, 10) : null;
}
