// Bezels: a strip bent round a stone.
/**
 * Length of a bezel strip: the stone's outline, moved out by half the strip and the clearance.
 *
 * Moving a closed convex outline out by d lengthens it by 2πd exactly, whatever its shape (Steiner's formula), when its
 * corners are bent round; so no shape needs an offset of its own.
 * @param aroundMm     the stone’s outline, see `perimeterMm`
 * @param clearanceMm  between stone and strip, all round
 * @returns mm
 */
export function bezelLengthMm(aroundMm: number, stripMm: number, clearanceMm: number): number {
  return aroundMm + 2 * Math.PI * (stripMm / 2 + clearanceMm);
}

/** Turned over the stone's shoulder (common practice). */
export const TURN_OVER_MM = 0.7;

/** @returns mm, from the base to where the stone starts to curve in, and what is turned over */
export function bezelHeightMm(girdleMm: number, turnOverMm = TURN_OVER_MM): number {
  return girdleMm + turnOverMm;
}

/** How many rings standing side by side make a bezel of a girth. @returns a whole number */
export function ringsAround(girthMm: number, ringOutsideMm: number): number {
  return Math.floor(girthMm / ringOutsideMm);
}
