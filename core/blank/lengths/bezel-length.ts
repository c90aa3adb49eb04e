// Length and height of a bezel strip.

/** What is turned over the stone's shoulder, mm (common practice). */
export const TURN_OVER_MM = 0.7;

/**
 * Height of a bezel.
 * @param girdleMm  from the base of the stone to where it starts to curve in, mm
 * @returns mm, the girdle and what is turned over
 */
export function bezelHeightMm(girdleMm: number, turnOverMm = TURN_OVER_MM): number {
  return girdleMm + turnOverMm;
}

/**
 * Length of a bezel strip: the stone's outline, moved out by half the strip and the clearance.
 *
 * Moving a closed convex outline out by d lengthens it by 2πd exactly, whatever its shape (Steiner's formula), when its
 * corners are bent round; so no shape needs an offset of its own.
 * @param aroundMm     the stone's outline, mm; see `perimeterMm`
 * @param stripMm      thickness of the strip, mm
 * @param clearanceMm  between stone and strip, all round, mm
 * @returns mm
 */
export function bezelLengthMm(aroundMm: number, stripMm: number, clearanceMm: number): number {
  return aroundMm + 2 * Math.PI * (stripMm / 2 + clearanceMm);
}
