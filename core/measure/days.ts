// Calendar days as ISO dates; no time zone and no summer time comes in.
const MS_PER_DAY = 86_400_000;

/** The day so many days later: `dayAfter('2026-11-30', 1)` is `2026-12-01`; negative goes back. */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * MS_PER_DAY).toISOString().slice(0, 10);
}

/** Whole days from one day to another; negative when it lies before. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / MS_PER_DAY);
}

/** 0 for Monday to 6 for Sunday. */
export function weekdayOf(day: string): number {
  return (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;
}

/** The day a moment falls on by the wall calendar of this computer, which need not be the day in Greenwich. */
export function localDay(moment: Date): string {
  const pad = (value: number) => String(value).padStart(2, '0');
  return `${String(moment.getFullYear())}-${pad(moment.getMonth() + 1)}-${pad(moment.getDate())}`;
}
