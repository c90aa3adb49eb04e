// Granules and the pallions they melt from.
import { balledEndMm } from './balled-end.ts';

/**
 * Diameter of the granule a pallion melts into, by constant volume.
 * @param wireMm     diameter of the wire, mm
 * @param snippetMm  length of the pallion, mm
 * @returns mm, ∛(1.5 d² l)
 */
export function granuleMm(wireMm: number, snippetMm: number): number {
  return Math.cbrt(1.5 * wireMm ** 2 * snippetMm);
}

/** The pallion for a granule; the inverse of `granuleMm`. @returns mm */
export function snippetMm(granuleMm: number, wireMm: number): number {
  return balledEndMm(granuleMm, wireMm);
}
