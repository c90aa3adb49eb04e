// Rings round a girth.

/** Number of rings that stand side by side round a girth. @returns a whole number */
export function ringsAround(girthMm: number, ringOutsideMm: number): number {
  return Math.floor(girthMm / ringOutsideMm);
}
