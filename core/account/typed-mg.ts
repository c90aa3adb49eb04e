// Masses of the account as makers type them.
import { inStudioDecimals } from '../format/numbers.ts';
import { readGrams } from '../measure/read/read-number.ts';
import { mgOf } from './entry.ts';

/** Whole mg of a typed mass; 0 while it is blank or cannot be read. */
export function typedMg(text: string): number {
  const reading = text.trim() ? readGrams(text) : null;
  return reading?.ok ? mgOf(reading.value) : 0;
}

/** A mass as it would be typed, with the studio's decimal sign: `16.6 g`. */
export function typedGrams(mg: number): string {
  return `${inStudioDecimals(String(mg / 1000))} g`;
}
