// Length of a hinge pin.

/** Length of a hinge pin: the knuckles and half a diameter at each end for the rivet heads. @returns mm */
export function hingePinMm(widthMm: number, pinMm: number): number {
  return widthMm + pinMm;
}
