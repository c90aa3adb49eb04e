// Days as the studio's country writes them: shown in words and figures, and read back.
import { studioFormat } from './studio-format.ts';

const formats = new Map<string, Intl.DateTimeFormat>();

function show(day: string, locale: string, options: Intl.DateTimeFormatOptions): string {
  const key = `${locale} ${Object.entries(options).flat().join(' ')}`;
  let format = formats.get(key);
  if (!format) formats.set(key, (format = new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' })));
  return format.format(new Date(`${day}T12:00:00Z`));
}

/**
 * @param day  `2026-11-12`
 * @returns `12 Nov`, `Nov 12`
 */
export function shortDay(day: string): string {
  return show(day, studioFormat().english, { day: 'numeric', month: 'short' }).replace('Sept', 'Sep');
}

/** `Thu 12 Nov`, `Thu, Nov 12`. */
export function dayInWords(day: string): string {
  const weekday = show(day, studioFormat().english, { weekday: 'short' });
  return `${weekday}${studioFormat().english === 'en-US' ? ',' : ''} ${shortDay(day)}`;
}

/** With the year: `12 Nov 2026`, `Nov 12, 2026`. For papers and for days far away. */
export function fullDay(day: string): string {
  return show(day, studioFormat().english, { day: 'numeric', month: 'short', year: 'numeric' }).replace('Sept', 'Sep');
}

/** In figures: `12/11/2026`, `11/12/2026`, `12.11.2026`. */
export function dayInFigures(day: string): string {
  return show(day, studioFormat().local, { day: '2-digit', month: '2-digit', year: 'numeric' });
}

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/**
 * Reads a day: in the order of the studio's country, with a month in words, or as 2026-11-12. Without a year it is the
 * next such day.
 * @param today  the day it is, for days without a year
 * @returns `2026-11-12`; null when it is no day
 */
export function readDay(text: string, today: string): string | null {
  const typed = text
    .trim()
    .toLowerCase()
    .replace(/^(?:mon|tue|wed|thu|fri|sat|sun)\w*[, ]+/, '');
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
  if (iso) return dayFrom(iso[1], iso[2], iso[3]);
  const worded =
    /^(?:(\d{1,2})(?:st|nd|rd|th)?[ .-]*([a-z]{3,9})|([a-z]{3,9})[ .-]*(\d{1,2})(?:st|nd|rd|th)?)[ .,-]*(\d{2}|\d{4})?$/.exec(
      typed,
    );
  if (worded) {
    const month = months.indexOf((worded[2] ?? worded[3] ?? '').slice(0, 3)) + 1;
    return withYear(worded[5], String(month), worded[1] ?? worded[4], today);
  }
  const figures = /^(\d{1,4})(?:[/.-]\s*|\s)(\d{1,2})(?:(?:[/.-]\s*|\s)(\d{1,4}))?\.?$/.exec(typed);
  if (!figures) return null;
  const [, a, b, c] = figures;
  const order = fieldOrder();
  if (c === undefined)
    return order.indexOf('month') < order.indexOf('day') ? withYear(c, a, b, today) : withYear(c, b, a, today);
  const parts = { day: '', month: '', year: '' };
  // A year of four digits in front can only be a year.
  const found = a?.length === 4 ? (['year', 'month', 'day'] as const) : order;
  [a, b, c].forEach((part, index) => (parts[found[index] ?? 'day'] = part ?? ''));
  return withYear(parts.year, parts.month, parts.day, today);
}

/** The order of day, month and year in figures. */
function fieldOrder(): ('day' | 'month' | 'year')[] {
  const parts = new Intl.DateTimeFormat(studioFormat().local, { day: '2-digit', month: '2-digit', year: 'numeric' });
  return parts
    .formatToParts(0)
    .flatMap(({ type }) => (type === 'day' || type === 'month' || type === 'year' ? [type] : []));
}

function withYear(
  year: string | undefined,
  month: string | undefined,
  day: string | undefined,
  today: string,
): string | null {
  if (year) return dayFrom(year.length === 2 ? `20${year}` : year, month, day);
  const thisYear = dayFrom(today.slice(0, 4), month, day);
  return thisYear && thisYear < today ? dayFrom(String(Number(today.slice(0, 4)) + 1), month, day) : thisYear;
}

function dayFrom(year = '', month = '', day = ''): string | null {
  const text = `${year.padStart(4, '0')}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
  const date = new Date(`${text}T00:00:00Z`);
  const exists = !Number.isNaN(date.getTime()) && date.toISOString().startsWith(text);
  return exists && year.length === 4 ? text : null;
}

/** A time of day, minutes after midnight: `14:05`, `2:05 pm`. */
export function clockInWords(minute: number): string {
  const ofDay = ((Math.round(minute) % 1440) + 1440) % 1440;
  const [hour, rest] = [Math.floor(ofDay / 60), String(ofDay % 60).padStart(2, '0')];
  if (studioFormat().hours === 24) return `${String(hour)}:${rest}`;
  return `${String(hour % 12 || 12)}:${rest}\u00a0${hour < 12 ? 'am' : 'pm'}`;
}

/** An hour on the axis of a chart: 13 is `1` where the clock has 12 hours. @param hour  0 to 24 */
export function hourInFigures(hour: number): string {
  return String(studioFormat().hours === 12 ? ((hour + 11) % 12) + 1 : hour);
}
