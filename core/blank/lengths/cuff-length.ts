// Length of the bar of a cuff.

/**
 * Length of an open cuff: the inside of the wrist and π times the thickness, less the opening.
 * @param aroundMm     inside circumference as if it were closed, mm
 * @param thicknessMm  of the metal, mm
 * @param openingMm    gap between the ends, mm; 0 for a closed bangle
 * @returns mm (common practice); 0 or less when the opening is wider than the bangle is round
 */
export function cuffLengthMm(aroundMm: number, thicknessMm: number, openingMm: number): number {
  return aroundMm + Math.PI * thicknessMm - openingMm;
}
