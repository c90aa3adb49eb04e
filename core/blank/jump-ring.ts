// Jump rings: wound close on a mandrel and cut apart.
import { computed, type Figure, inSum } from '../figure/figure.ts';
import { bandLengthMm } from './developed-length.ts';

/**
 * Wire for one ring cut from a close-wound coil: one turn of a helix whose pitch is the wire.
 * @returns mm, √((π × (inside + wire))² + wire²)
 */
export function ringOfCoilMm(insideMm: number, wireMm: number): number {
  return Math.hypot(bandLengthMm(insideMm, wireMm), wireMm);
}

/**
 * Wire for a coil of rings. Each cut takes a kerf; the last turn is cut too.
 * @param kerfMm  of the saw, mm; 0 for shears
 * @returns mm
 */
export function coilLengthMm(insideMm: number, wireMm: number, rings: number, kerfMm: number): number {
  return rings * (ringOfCoilMm(insideMm, wireMm) + kerfMm);
}

/** Number of rings from a length of wire, compared in whole micrometres. */
export function ringsFrom(lengthMm: number, insideMm: number, wireMm: number, kerfMm: number): number {
  const each = Math.round((ringOfCoilMm(insideMm, wireMm) + kerfMm) * 1000);
  return Math.floor(Math.round(lengthMm * 1000) / each);
}

/** Aspect ratio of a ring: inside diameter over wire. */
export function aspectRatio(insideMm: number, wireMm: number): number {
  return insideMm / wireMm;
}

/**
 * Aspect ratios of usual rings: below the first a ring does not close well, above the second it is weak unless soldered
 * (common practice).
 */
export const goodAspect = [2.5, 6] as const;

/**
 * Mandrel for an inside diameter after the coil has sprung open.
 * @param springBack  share by which a ring opens; 0 for dead soft wire
 * @returns mm
 */
export function mandrelMm(insideMm: number, springBack: number): number {
  return insideMm / (1 + springBack);
}

/** Wire for one ring cut from a coil, with its calculation. @param label  what the wire is for */
export function turnLength(label: string, inside: Figure, wire: Figure): Figure {
  const how = `√((π × (${inSum(inside.value)} + ${inSum(wire.value)}))² + ${inSum(wire.value)}²)`;
  return computed(label, ringOfCoilMm(inside.value, wire.value), 'mm', how, [inside, wire]);
}
