// Links and length of round-link chain.

/**
 * Links for a length of round-link chain: each adds its inside diameter, the ends one wire more.
 * @returns a whole number, 1 or more: the shortest chain that is not shorter than asked
 */
export function chainLinks(lengthMm: number, insideMm: number, wireMm: number): number {
  return Math.max(1, Math.ceil((lengthMm - 2 * wireMm) / insideMm - 1e-9));
}

/** Length of a chain. @returns mm */
export function chainLengthMm(links: number, insideMm: number, wireMm: number): number {
  return links * insideMm + 2 * wireMm;
}
