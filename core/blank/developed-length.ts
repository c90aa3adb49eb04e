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
