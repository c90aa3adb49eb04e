// Developed lengths: how long to cut what is bent round afterwards. All on the centreline of the metal.

/**
 * Length of a closed ring band, bangle or jump ring. Leaving the thickness out is the classic mistake: the ring comes
 * out small by π times it.
 * @param insideMm     inside diameter
 * @param thicknessMm  of the metal measured outwards from the inside (for round wire its diameter)
 * @returns mm, π × (inside diameter + thickness) (common practice)
 */
export function bandLengthMm(insideMm: number, thicknessMm: number): number {
  return Math.PI * (insideMm + thicknessMm);
}

/** A band wider than this feels tighter, and is made a quarter to a half size larger (common practice). */
export const WIDE_BAND_MM = 5;

/** What a wide band is made larger by, in US sizes: a quarter size from 5 mm, a half from 8 mm (common practice). */
export function wideBandSizes(widthMm: number): number {
  if (widthMm >= 8) return 0.5;
  return widthMm > WIDE_BAND_MM ? 0.25 : 0;
}

/**
 * Length of an open cuff: the inside of the wrist and π times the thickness, less the opening.
 * @param aroundMm  inside circumference as if it were closed
 * @returns mm (common practice)
 */
export function cuffLengthMm(aroundMm: number, thicknessMm: number, openingMm: number): number {
  return aroundMm + Math.PI * thicknessMm - openingMm;
}
