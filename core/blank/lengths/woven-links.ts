// Links of woven chain.

/** Links of a length of wrapped or woven chain, each adding its measured pitch. @returns a whole number, 1 or more */
export function linksOfPitch(lengthMm: number, pitchMm: number): number {
  return Math.max(1, Math.ceil(lengthMm / pitchMm - 1e-9));
}
