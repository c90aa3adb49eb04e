// Disc of a dome.

/**
 * Flat disc for a dome, of equal area: the metal is not stretched.
 * @param acrossMm  diameter of the dome at its rim, mm
 * @param heightMm  of the dome, mm
 * @returns mm, √(D² + 4h²)
 * @throws RangeError for a dome higher than half its width, which is no cap any more
 */
export function domeDiscMm(acrossMm: number, heightMm: number): number {
  if (heightMm > acrossMm / 2) throw new RangeError('A dome is at most half as high as it is across.');
  return Math.sqrt(acrossMm ** 2 + 4 * heightMm ** 2);
}
