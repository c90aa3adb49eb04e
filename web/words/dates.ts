// Days in words.
import { weekdayOf } from '../../core/measure/days.ts';

const weekdays = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
export const weekdayNames = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** `12 Nov` of `2026-11-12`. */
export function shortDay(day: string): string {
  const [, month = '1', date = '1'] = day.split('-');
  return `${String(Number(date))} ${months[Number(month) - 1] ?? ''}`;
}

/** `Thu 12 Nov`. */
export function dayInWords(day: string): string {
  return `${weekdays[weekdayOf(day)] ?? ''} ${shortDay(day)}`;
}

export function daysLate(days: number): string {
  return days === 1 ? '1 day late' : `${String(days)} days late`;
}
