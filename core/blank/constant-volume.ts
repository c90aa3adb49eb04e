// What is forged, rolled, drawn, balled or domed keeps its volume (or, for a dome of even thickness, its area).

/**
 * Wire eaten by a ball at its end.
 * @returns mm, 2 D³ / (3 d²)
 */
export function balledEndMm(ballMm: number, wireMm: number): number {
  return (2 * ballMm ** 3) / (3 * wireMm ** 2);
}

/**
 * Diameter of the granule a snippet melts into.
 * @returns mm, ∛(1.5 d² l)
 */
export function granuleMm(wireMm: number, snippetMm: number): number {
  return Math.cbrt(1.5 * wireMm ** 2 * snippetMm);
}

/** The snippet for a granule; the inverse of `granuleMm`. @returns mm */
export function snippetMm(granuleMm: number, wireMm: number): number {
  return balledEndMm(granuleMm, wireMm);
}

/**
 * Flat disc for a dome, of equal area: the metal is not stretched.
 * @param acrossMm  diameter of the dome at its rim
 * @returns mm, √(D² + 4h²)
 * @throws RangeError for a dome higher than half its width, which is no cap any more
 */
export function domeDiscMm(acrossMm: number, heightMm: number): number {
  if (heightMm > acrossMm / 2) throw new RangeError('A dome is at most half as high as it is across.');
  return Math.sqrt(acrossMm ** 2 + 4 * heightMm ** 2);
}

/** Length after forging, rolling or drawing: A1 × L1 = A2 × L2. @returns mm */
export function workedLengthMm(lengthMm: number, areaMm2: number, workedAreaMm2: number): number {
  return (lengthMm * areaMm2) / workedAreaMm2;
}

/** Share of the section taken away: 0.5 is half. Below 0 the section has grown. */
export function reduction(areaMm2: number, workedAreaMm2: number): number {
  return 1 - workedAreaMm2 / areaMm2;
}

/** Metal is annealed about every time its section has halved (common practice). */
export const REDUCTION_BETWEEN_ANNEALS = 0.5;

/**
 * Anneals on the way from one section to a smaller one, the first not counted.
 * @returns a whole number
 */
export function annealsBetween(areaMm2: number, workedAreaMm2: number): number {
  if (workedAreaMm2 >= areaMm2) return 0;
  const halvings = Math.log(areaMm2 / workedAreaMm2) / Math.log(1 / (1 - REDUCTION_BETWEEN_ANNEALS));
  return Math.max(0, Math.ceil(halvings - 1e-9) - 1);
}

/**
 * What a strand has to be cut longer than the twist it makes.
 * @param pitchDiameterMm  of the helix the strand's centre runs on: for two strands one strand's diameter
 * @param turnsPerMm       turns in a millimetre of the finished twist
 * @returns a factor, √(1 + (π × pitch diameter × turns per length)²)
 */
export function twistTakeUp(pitchDiameterMm: number, turnsPerMm: number): number {
  return Math.hypot(1, Math.PI * pitchDiameterMm * turnsPerMm);
}

/** Diameter of the circle the strands' centres lie on, strands touching: d / sin(π/n). @returns mm */
export function pitchDiameterMm(strands: number, strandMm: number): number {
  return strandMm / Math.sin(Math.PI / strands);
}
