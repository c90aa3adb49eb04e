// Chains by the link, hinges by the knuckle.

/**
 * Links of a length of round-link chain: each adds its inside diameter, the ends one wire more.
 * @returns a whole number, the nearest that is not shorter
 */
export function chainLinks(lengthMm: number, insideMm: number, wireMm: number): number {
  return Math.max(1, Math.ceil((lengthMm - 2 * wireMm) / insideMm - 1e-9));
}

/** Links of a length of wrapped or woven chain, each adding its measured pitch. @returns a whole number */
export function linksOfPitch(lengthMm: number, pitchMm: number): number {
  return Math.max(1, Math.ceil(lengthMm / pitchMm - 1e-9));
}

/** Length of a chain of links. @returns mm */
export function chainLengthMm(links: number, insideMm: number, wireMm: number): number {
  return links * insideMm + 2 * wireMm;
}

/** Wire wrapped round a core: turns × π × (core + wire). @returns mm */
export function wrapLengthMm(turns: number, coreMm: number, wireMm: number): number {
  return turns * Math.PI * (coreMm + wireMm);
}

/** The outer knuckles are cut longer by this and filed back (common practice). */
export const KNUCKLE_SPARE_MM = 1;

/**
 * Lengths of the knuckles of a hinge, filed flush to its width afterwards.
 * @param knuckles  an odd number
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

/** A hinge pin: the stack and half a diameter at each end for the rivet heads. @returns mm */
export function hingePinMm(widthMm: number, pinMm: number): number {
  return widthMm + pinMm;
}
