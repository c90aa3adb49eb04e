// Wire that a ball takes up.

/**
 * Wire that a ball at its end takes up, by constant volume.
 * @param ballMm  diameter of the ball, mm
 * @param wireMm  diameter of the wire, mm
 * @returns mm, 2 D³ / (3 d²)
 */
export function balledEndMm(ballMm: number, wireMm: number): number {
  return (2 * ballMm ** 3) / (3 * wireMm ** 2);
}
