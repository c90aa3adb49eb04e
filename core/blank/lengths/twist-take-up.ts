// How much a twist shortens its strands.

/**
 * How much longer a strand has to be cut than the twist it makes.
 * @param pitchDiameterMm  of the helix the strand's centre runs on, mm: for two strands one strand's diameter
 * @param turnsPerMm       turns in a millimetre of the finished twist
 * @returns a factor, 1 or more: √(1 + (π × pitch diameter × turns per length)²)
 */
export function twistTakeUp(pitchDiameterMm: number, turnsPerMm: number): number {
  return Math.hypot(1, Math.PI * pitchDiameterMm * turnsPerMm);
}

/** Diameter of the circle the strands' centres lie on, strands touching: d / sin(π/n). @returns mm */
export function pitchDiameterMm(strands: number, strandMm: number): number {
  return strandMm / Math.sin(Math.PI / strands);
}
