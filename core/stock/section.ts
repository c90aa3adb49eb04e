// Cross-sections of stock and what they weigh per length or area.

/** A section with its sizes in mm, as it stands after reading what was typed. */
export type Section =
  | { readonly form: 'round'; readonly diameterMm: number }
  | { readonly form: 'square'; readonly sideMm: number }
  | { readonly form: 'strip'; readonly widthMm: number; readonly thicknessMm: number }
  | { readonly form: 'tube'; readonly outsideMm: number; readonly wallMm: number }
  | { readonly form: 'sheet'; readonly thicknessMm: number };

export type LongSection = Exclude<Section, { form: 'sheet' }>;

const MM3_PER_CM3 = 1000;

/**
 * Area of the cross-section of wire, strip or tube.
 * @returns mm²
 */
export function areaMm2(section: LongSection): number {
  switch (section.form) {
    case 'round':
      return (Math.PI / 4) * section.diameterMm ** 2;
    case 'square':
      return section.sideMm ** 2;
    case 'strip':
      return section.widthMm * section.thicknessMm;
    case 'tube':
      // Outside circle less the bore; a wall of half the outside is solid wire.
      return Math.PI * section.wallMm * (section.outsideMm - section.wallMm);
  }
}

/**
 * Mass of one millimetre of a section, before any is lost to cutting or filing.
 * @param densityGPerCm3  of the alloy at 20 °C
 * @returns g/mm
 * @throws RangeError when the density is not above 0
 * @example massPerLength({ form: 'round', diameterMm: 1 }, 10.36) // 0.008137
 */
export function massPerLength(section: LongSection, densityGPerCm3: number): number {
  return (areaMm2(section) * checked(densityGPerCm3)) / MM3_PER_CM3;
}

/**
 * Mass of one square millimetre of sheet.
 * @returns g/mm²
 * @throws RangeError when the density is not above 0
 */
export function massPerArea(thicknessMm: number, densityGPerCm3: number): number {
  return (thicknessMm * checked(densityGPerCm3)) / MM3_PER_CM3;
}

function checked(densityGPerCm3: number): number {
  if (!(densityGPerCm3 > 0)) {
    throw new RangeError(
      `Density must be above 0 g/cm³, got ${String(densityGPerCm3)}. Weigh a known length, or enter the composition.`,
    );
  }
  return densityGPerCm3;
}
