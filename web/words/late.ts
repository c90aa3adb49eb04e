// Lateness in words.

/** `1 day late`, `3 days late`. */
export function daysLate(days: number): string {
  return days === 1 ? '1 day late' : `${String(days)} days late`;
}
