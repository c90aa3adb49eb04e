// How much solder a joint takes: snippets cut from sheet or wire, a strip along a seam, beads of paste, a film between faces.

/** Length × width × thickness of a snippet (pallion), mm: 1 to 1.5 mm long, of sheet 0.25 mm thick (common practice). */
export const usualSnippetMm = [1.25, 1, 0.25] as const;

/** A bead of paste beside a ring joint is about 2 mm across (common practice). */
export const BEAD_MM = 2;

/**
 * Share of a paste's volume that is metal: about 83 % by weight of silver solder and 17 % of flux and binder of about
 * 1.1 g/cm³ (from memory), so (0.83 / 9.7) / (0.83 / 9.7 + 0.17 / 1.1).
 */
export const PASTE_METAL_SHARE = 0.83 / 9.7 / (0.83 / 9.7 + 0.17 / 1.1);

/** Faces sweated together hold a film about this thick (common practice). */
export const SWEAT_FILM_MM = 0.1;

export type SnippetMm = readonly [lengthMm: number, widthMm: number, thicknessMm: number];

/** @returns mm³ of `count` snippets */
export function snippetsMm3(count: number, [length, width, thickness]: SnippetMm): number {
  return count * length * width * thickness;
}

/** A strip as wide and thick as the snippets, laid all along the seam. @returns mm³ */
export function seamMm3(seamMm: number, [, width, thickness]: SnippetMm): number {
  return seamMm * width * thickness;
}

/** @returns mm³ of metal in `count` round beads of paste */
export function beadsMm3(count: number, beadMm = BEAD_MM): number {
  return count * (Math.PI / 6) * beadMm ** 3 * PASTE_METAL_SHARE;
}

/** @returns mm³ of the film between two faces */
export function sweatMm3(areaMm2: number): number {
  return areaMm2 * SWEAT_FILM_MM;
}
