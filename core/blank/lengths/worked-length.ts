// Length after forging, rolling or drawing.

/** Length after forging, rolling or drawing: A1 × L1 = A2 × L2. @returns mm */
export function workedLengthMm(lengthMm: number, areaMm2: number, workedAreaMm2: number): number {
  return (lengthMm * areaMm2) / workedAreaMm2;
}
