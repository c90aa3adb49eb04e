// Volume of solder at a joint: pallions of sheet or wire, a strip along a seam, dots of paste, a film between faces.

/** Length × width × thickness of a pallion, mm: 1 to 1.5 mm long, of sheet 0.25 mm thick (common practice). */
export const usualSnippetMm = [1.25, 1, 0.25] as const;

/** Diameter of a dot of paste beside a ring joint, mm (common practice). */
export const BEAD_MM = 2;

/**
 * Share of a paste's volume that is metal: about 83 % by mass of silver solder and 17 % of flux and binder of about 1.1
 * g/cm³ (from memory), so (0.83 / 9.7) / (0.83 / 9.7 + 0.17 / 1.1).
 */
export const PASTE_METAL_SHARE = 0.83 / 9.7 / (0.83 / 9.7 + 0.17 / 1.1);

/** Thickness of the film between sweat-soldered faces, mm (common practice). */
export const SWEAT_FILM_MM = 0.1;

/** Sides of a pallion, mm. */
export type SnippetMm = readonly [lengthMm: number, widthMm: number, thicknessMm: number];

/** Volume of a number of pallions. @returns mm³ */
export function snippetsMm3(count: number, [length, width, thickness]: SnippetMm): number {
  return count * length * width * thickness;
}

/** Volume of a strip as wide and thick as the pallions, along a seam. @returns mm³ */
export function seamMm3(seamMm: number, [, width, thickness]: SnippetMm): number {
  return seamMm * width * thickness;
}

/** From the middle of one pallion to the next along a seam, mm (common practice). */
export const PALLION_SPACING_MM = 3;

/** Pallions along a seam, one at each end and none further apart than the spacing. @returns a whole number, 2 or more */
export function pallionsAlong(seamMm: number): number {
  return Math.max(2, Math.ceil(seamMm / PALLION_SPACING_MM - 1e-9) + 1);
}

/** Volume of metal in a number of dots of paste. @returns mm³ */
export function beadsMm3(count: number, beadMm = BEAD_MM): number {
  return count * (Math.PI / 6) * beadMm ** 3 * PASTE_METAL_SHARE;
}

/** Volume of the film between two faces. @returns mm³ */
export function sweatMm3(areaMm2: number): number {
  return areaMm2 * SWEAT_FILM_MM;
}
