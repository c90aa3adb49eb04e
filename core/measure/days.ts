// Calendar days as ISO dates, without time zones and daylight saving.
const MS_PER_DAY = 86_400_000;
/** Minutes of a day by the wall clock, without daylight saving. */
export const MINUTES_A_DAY = 24 * 60;

/**
 * The day a number of days later; negative goes back.
 * @example dayAfter('2026-11-30', 1) // '2026-12-01'
 */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * MS_PER_DAY).toISOString().slice(0, 10);
}

/**
 * Whole days from one day to another; negative when the second is earlier.
 * @example daysBetween('2026-03-28', '2026-03-30') // 2
 */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / MS_PER_DAY);
}

/**
 * 0 for Monday to 6 for Sunday.
 * @example weekdayOf('2026-11-29') // 6
 */
export function weekdayOf(day: string): number {
  return (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;
}

/** The calendar day of a moment in this computer's time zone. */
export function localDay(moment: Date): string {
  const pad = (value: number) => String(value).padStart(2, '0');
  return `${String(moment.getFullYear())}-${pad(moment.getMonth() + 1)}-${pad(moment.getDate())}`;
}

/** The months before a month, oldest first. @param month  `2026-11` */
export function monthsBefore(month: string, count: number): string[] {
  const [year = 0, number = 1] = month.split('-').map(Number);
  return Array.from({ length: count }, (_, back) =>
    new Date(Date.UTC(year, number - 1 - (count - back), 1)).toISOString().slice(0, 7),
  );
}
