// Lengths of the knuckles of a hinge.

/** The outer knuckles are cut longer by this and filed back, mm (common practice). */
export const KNUCKLE_SPARE_MM = 1;

/**
 * Lengths of the knuckles of a hinge, filed flush to its width afterwards.
 * @param widthMm   of the hinge, mm
 * @param knuckles  an odd number, 3 or more
 * @returns mm each, the two outer ones with what is filed off
 * @throws RangeError for an even number, which leaves one leaf without an outer knuckle
 */
export function knuckleLengthsMm(widthMm: number, knuckles: number, spareMm = KNUCKLE_SPARE_MM): number[] {
  if (!Number.isInteger(knuckles) || knuckles < 3 || knuckles % 2 === 0) {
    throw new RangeError('A hinge has an odd number of knuckles, three or more.');
  }
  const each = widthMm / knuckles;
  return Array.from({ length: knuckles }, (_, index) =>
    index === 0 || index === knuckles - 1 ? each + spareMm : each,
  );
}
