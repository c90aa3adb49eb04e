// Length of wire wound round a core.

/** Wire wrapped round a core: turns × π × (core + wire). @returns mm */
export function wrapLengthMm(turns: number, coreMm: number, wireMm: number): number {
  return turns * Math.PI * (coreMm + wireMm);
}
