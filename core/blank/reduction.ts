// How far metal is worked before it has to be annealed.

/** Share of the section that is taken away: 0.5 is half; below 0 the section has grown. */
export function reduction(areaMm2: number, workedAreaMm2: number): number {
  return 1 - workedAreaMm2 / areaMm2;
}

/** Metal is annealed about every time its section has halved (common practice). */
export const REDUCTION_BETWEEN_ANNEALS = 0.5;

/** Anneals on the way from one section to a smaller one, without the first. @returns a whole number */
export function annealsBetween(areaMm2: number, workedAreaMm2: number): number {
  if (workedAreaMm2 >= areaMm2) return 0;
  const halvings = Math.log(areaMm2 / workedAreaMm2) / Math.log(1 / (1 - REDUCTION_BETWEEN_ANNEALS));
  return Math.max(0, Math.ceil(halvings - 1e-9) - 1);
}
