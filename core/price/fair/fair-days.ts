// How many days a fair lasts.
import { readCount } from '../../measure/read/read-number.ts';
import type { Fair } from './fair.ts';

/** Whole days of a fair, at least 1; 1 where they are blank or cannot be read. */
export function daysOfFair({ days }: Pick<Fair, 'days'>): number {
  const read = readCount(days || '1', 1);
  return read.ok ? read.value : 1;
}
