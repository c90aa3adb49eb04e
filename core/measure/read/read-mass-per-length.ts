// Reads a mass per length as typed: `3.1 g / 100 mm`, `0.9 dwt per in`.
import { readLength } from './read-length.ts';
import { readGrams } from './read-number.ts';
import { read, type Reading, unread } from './reading.ts';

const EXAMPLE = 'Give what a length weighs, for example 3.1 g / 100 mm.';

/** @returns g/mm, or the problem in a sentence */
export function readMassPerLength(text: string): Reading {
  const parts = text.split(/\/|\bper\b/i);
  const [above = '', below = ''] = parts;
  if (parts.length !== 2 || above.trim() === '') return unread(EXAMPLE);
  const grams = readGrams(above);
  if (!grams.ok) return grams;
  // “Per metre” means per one metre.
  const length = readLength(/\d/.test(below) ? below : `1 ${below}`, { what: 'length' });
  if (!length.ok) return length;
  return grams.value > 0 ? read(grams.value / length.value, 'weighed, as typed') : unread(EXAMPLE);
}
