// Readings whose problems are reported, so that a reader can go on and report the next one.
import { type Figure, given } from '../../figure/figure.ts';
import type { Issue } from '../issue.ts';
import type { Reading } from './reading.ts';

/** Takes an issue that a reader has found. */
export type Report = (problem: Issue) => void;

/** The result of a formula, or null with the sentence of its RangeError reported. */
export function reportedFormula<Result>(formula: () => Result, path: string, report: Report): Result | null {
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
