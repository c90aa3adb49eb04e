// A stock count: what is expected of each lot and jar, what was counted, and the difference.
import { readCount, readGrams } from '../../measure/read/read-number.ts';

/** What is counted of a line: pieces, or grams. */
export interface Expected {
  /** Pieces, or g. */
  readonly expected: number;
  readonly isWeighed: boolean;
}

/** @param text  as typed. @returns pieces or g; null while it is blank or cannot be read */
export function countedValue(text: string, isWeighed: boolean): number | null {
  if (!text.trim()) return null;
  const reading = isWeighed ? readGrams(text) : readCount(text, 0);
  return reading.ok ? reading.value : null;
}

/** Counted less expected, to the hundredth of a gram: scales read no finer. 0 for what was not counted. */
export function countDifference({ expected, isWeighed }: Expected, text: string): number {
  const value = countedValue(text, isWeighed);
  return value === null ? 0 : Math.round((value - expected) * 100) / 100 || 0;
}
