// Reads the working hours of a day.

/** Minutes after midnight; the start is before the end. */
export interface Shift {
  readonly opensMin: number;
  readonly closesMin: number;
}

/**
 * Reads a day's hours: `9:00-12:30, 13:15-17`; blank is a day off.
 * @returns the shifts in order, or the problem in a sentence
 */
export function readHours(text: string): readonly Shift[] | { readonly sentence: string } {
  if (text.trim() === '') return [];
  const shifts: Shift[] = [];
  for (const part of text.split(/[,;]|\band\b/)) {
    const times = /^\s*(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|to)\s*(\d{1,2})(?:[:.](\d{2}))?\s*$/.exec(part);
    if (!times) return { sentence: `“${part.trim()}” is not a pair of times. Try 9:00-12:30, 13:15-17:00.` };
    const opensMin = Number(times[1]) * 60 + Number(times[2] ?? 0);
    const closesMin = Number(times[3]) * 60 + Number(times[4] ?? 0);
    if (closesMin > 24 * 60 || Number(times[2] ?? 0) > 59 || Number(times[4] ?? 0) > 59) {
      return { sentence: `“${part.trim()}” is not on the clock.` };
    }
    if (opensMin >= closesMin) return { sentence: `“${part.trim()}” closes before it opens.` };
    const before = shifts.at(-1);
    if (before && before.closesMin > opensMin)
      return { sentence: `“${part.trim()}” starts before the hours before it end.` };
    shifts.push({ opensMin, closesMin });
  }
  return shifts;
}
