// Developed lengths: how long to cut what is bent round afterwards. All on the centreline of the metal.
import { computed, inSum, type Figure } from '../figure/figure.ts';

/**
 * Length of a closed ring band, bangle or jump ring. Leaving the thickness out is the classic mistake: the ring comes
 * out small by π times it.
 * @param insideMm     inside diameter
 * @param thicknessMm  of the metal measured outwards from the inside (for round wire its diameter)
 * @returns mm, π × (inside diameter + thickness) (common practice)
 */
export function bandLengthMm(insideMm: number, thicknessMm: number): number {
  return Math.PI * (insideMm + thicknessMm);
}

/** The same with its calculation: π × (inside + thickness). @param label  what is bent: `ring band` */
export function bandLength(label: string, inside: Figure, thickness: Figure): Figure {
  const how = `π × (${inSum(inside.value)} + ${inSum(thickness.value)})`;
  const length = bandLengthMm(inside.value, thickness.value);
  return computed(`length of the ${label}`, length, 'mm', how, [inside, thickness]);
}
