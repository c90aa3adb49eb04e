// How far a forged section is reduced, and the anneals it needs on the way.
import { annealsBetween, reduction } from '../blank/reduction.ts';
import { readLength } from '../measure/read/read-length.ts';
import { areaMm2, type Section } from '../stock/section.ts';
import type { Part } from './part.ts';

/** The reduction of a forged part. */
export interface Forging {
  /** Share of the area that is taken, 0 to 1. */
  readonly taken: number;
  /** Anneals between the passes: one for each halving. */
  readonly anneals: number;
}

/** @returns null for a part that is not forged, or whose measures cannot be read */
export function forgingOf({ blank }: Part, section: Section | null): Forging | null {
  if (blank.rule !== 'worked' || !section || section.form === 'sheet' || section.form === 'grain') return null;
  const width = readLength(blank.width, { what: 'width' });
  const thickness = readLength(blank.thickness || blank.width, { what: 'thickness' });
  if (!width.ok || !thickness.ok) return null;
  const before = areaMm2(section);
  const after = blank.thickness.trim()
    ? width.value * thickness.value
    : areaMm2({ form: 'round', diameterMm: width.value });
  return { taken: reduction(before, after), anneals: annealsBetween(before, after) };
}
