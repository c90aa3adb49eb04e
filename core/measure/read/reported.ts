// Readings that report what cannot be read and go on.
import { given, type Figure } from '../../figure/figure.ts';
import type { Issue } from '../issue.ts';
import type { Reading } from './reading.ts';

/** Takes a problem that was found; the reader goes on. */
export type Report = (problem: Issue) => void;

/** What a formula gives, or null with its own sentence reported when the sizes cannot be. */
export function worked<Result>(formula: () => Result, path: string, report: Report): Result | null {
  try {
    return formula();
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    report({ path, sentence: error.message });
    return null;
  }
}

/** A reading as an input of a sum, or null with its sentence reported. */
export function reported(reading: Reading, path: string, label: string, unit: string, report: Report): Figure | null {
  if (reading.ok) return given(label, reading.value, unit, reading.source);
  report({ path, sentence: reading.sentence });
  return null;
}
