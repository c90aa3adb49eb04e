// Whether a band can be stretched at the stall to a size that is missing.
import type { PieceCount } from '../price/piece/count-piece.ts';

/** Thicker bands crack or take force that is not at hand at a stall, mm (common practice). */
const THICKEST_MM = 1.5;
/** Sizes a thin, soldered, soft band can be stretched by (common practice). */
const MOST_STRETCHED = 2;

/**
 * A thin soldered band of soft metal without stones can be stretched by up to two sizes (common practice).
 * @param count  of the design in one of its sizes
 */
export function canBeStretched({ parts, recipe }: PieceCount): boolean {
  const { piece } = recipe;
  if (piece.findings.some(({ kind }) => kind === 'stone') || parts.length !== 1) return false;
  const [band] = parts;
  const isBand = piece.parts[0]?.blank.rule === 'ring-band';
  if (!isBand || !band?.alloy || !band.section) return false;
  if (!['silver', 'gold'].includes(band.alloy.family)) return false;
  const { section } = band;
  const thickness = 'thicknessMm' in section ? section.thicknessMm : 'diameterMm' in section ? section.diameterMm : 9;
  return thickness <= THICKEST_MM;
}

/** A size that is missing, and the smaller one that lies there. */
export interface SizeStretch {
  readonly missing: string;
  readonly from: string;
  readonly sizes: number;
}

/** @param sizes  in order, smallest first, with pieces held */
export function stretches(sizes: readonly { readonly name: string; readonly held: number }[]): SizeStretch[] {
  return sizes.flatMap(({ name, held }, at): SizeStretch[] => {
    if (held > 0) return [];
    for (let steps = 1; steps <= MOST_STRETCHED; steps += 1) {
      const smaller = sizes[at - steps];
      // One of the smaller size stays.
      if (smaller && smaller.held > 1) return [{ missing: name, from: smaller.name, sizes: steps }];
    }
    return [];
  });
}
