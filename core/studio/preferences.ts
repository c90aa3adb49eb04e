// What a maker likes to do, the best liked first, with the best hours where they matter: `set stones 9:00-12:00, solder`.
import { readHours, type Shift } from './hours.ts';

/** A station or a kind of work that a maker likes. */
export interface Liking {
  /** In lower case, as typed: a station, or words for a kind of work. */
  readonly name: string;
  /** Best hours; null: any. */
  readonly hours: readonly Shift[] | null;
}

const TIMES = /(^|\s)\d{1,2}([:.]\d{2})?\s*(-|–|to)\s*\d{1,2}([:.]\d{2})?\s*$/;

/** @returns the best liked first, or the problem in a sentence */
export function readPreferences(text: string): readonly Liking[] | { readonly sentence: string } {
  const likings: Liking[] = [];
  for (const part of text.split(/[,;]/).filter((one) => one.trim())) {
    const times = TIMES.exec(part)?.[0] ?? '';
    const name = part
      .slice(0, part.length - times.length)
      .trim()
      .toLowerCase();
    const hours = times ? readHours(times) : null;
    if (hours && 'sentence' in hours) return hours;
    if (name === '') return { sentence: `“${part.trim()}” names no work. Try solder 9:00-12:00, polish.` };
    likings.push({ name, hours });
  }
  return likings;
}
