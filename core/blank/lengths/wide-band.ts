// How much larger a wide band is made.

/** A band wider than this feels tighter and is made a quarter to a half size larger, mm (common practice). */
export const WIDE_BAND_MM = 5;

/**
 * How much larger a wide band is made.
 * @param widthMm  width of the band, mm
 * @returns US sizes: a quarter above 5 mm, a half from 8 mm (common practice)
 */
export function wideBandSizes(widthMm: number): number {
  if (widthMm >= 8) return 0.5;
  return widthMm > WIDE_BAND_MM ? 0.25 : 0;
}
