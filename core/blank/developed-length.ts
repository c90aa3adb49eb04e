// Developed lengths: how long to cut metal that is bent afterwards, on its centreline.
import { computed, type Figure, inSum } from '../figure/figure.ts';

/**
 * Length of a closed ring band, bangle or jump ring. Leaving out the thickness is the classic mistake: the ring comes
 * out too small by π times it.
 * @param insideMm     inside diameter, mm
 * @param thicknessMm  of the metal measured outwards from the inside, mm; for round wire its diameter
 * @returns mm, π × (inside diameter + thickness) (common practice)
 */
export function bandLengthMm(insideMm: number, thicknessMm: number): number {
  return Math.PI * (insideMm + thicknessMm);
}

/** The same with its calculation. @param label  what is bent: `ring band` */
export function bandLength(label: string, inside: Figure, thickness: Figure): Figure {
  const how = `π × (${inSum(inside.value)} + ${inSum(thickness.value)})`;
  const length = bandLengthMm(inside.value, thickness.value);
  return computed(`length of the ${label}`, length, 'mm', how, [inside, thickness]);
}
