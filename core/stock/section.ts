// Cross-sections of stock: area, and mass per length or area.
import { inSum } from '../figure/figure.ts';

/** A section with its sizes in mm, after reading what was typed. */
export type Section =
  | { readonly form: 'round'; readonly diameterMm: number }
  | { readonly form: 'square'; readonly sideMm: number }
  | { readonly form: 'strip'; readonly widthMm: number; readonly thicknessMm: number }
  | { readonly form: 'half-round'; readonly widthMm: number; readonly heightMm: number }
  | { readonly form: 'd'; readonly widthMm: number; readonly heightMm: number }
  | { readonly form: 'triangle'; readonly widthMm: number; readonly heightMm: number }
  | { readonly form: 'oval'; readonly widthMm: number; readonly heightMm: number }
  | { readonly form: 'tube'; readonly outsideMm: number; readonly wallMm: number }
  | { readonly form: 'square-tube'; readonly outsideMm: number; readonly wallMm: number }
  /** Bought with a rolled-in pattern: its mass per length is measured. */
  | { readonly form: 'patterned'; readonly widthMm: number; readonly thicknessMm: number; readonly gramsPerMm: number }
  | { readonly form: 'sheet'; readonly thicknessMm: number }
  /** Casting grain and scrap for melting: no size, only a mass. */
  | { readonly form: 'grain' };

/** A section that is cut to lengths. */
export type LongSection = Exclude<Section, { form: 'sheet' | 'grain' }>;
/** A form of stock. */
export type SectionForm = Section['form'];

/** An area with its calculation: `π/4 × 1.024²`. */
export interface Area {
  readonly mm2: number;
  readonly how: string;
}

const MM3_PER_CM3 = 1000;

/**
 * Cross-sectional area of wire, strip or tube, by plane geometry. A half-round may be low (a segment of a larger
 * circle); a D has straight sides below its half circle; a triangle stands on its width; patterned strip counts as the
 * plain strip that would hold the pattern.
 * @returns mm² with the calculation
 * @throws RangeError for a half-round higher than half its width, or a D lower than that
 */
export function sectionArea(section: LongSection): Area {
  switch (section.form) {
    case 'round':
      return { mm2: (Math.PI / 4) * section.diameterMm ** 2, how: `π/4 × ${inSum(section.diameterMm)}²` };
    case 'square':
      return { mm2: section.sideMm ** 2, how: `${inSum(section.sideMm)}²` };
    case 'strip':
    case 'patterned':
      return {
        mm2: section.widthMm * section.thicknessMm,
        how: `${inSum(section.widthMm)} × ${inSum(section.thicknessMm)}`,
      };
    case 'half-round':
      return segment(section.widthMm, section.heightMm);
    case 'd':
      return dShape(section.widthMm, section.heightMm);
    case 'triangle':
      return {
        mm2: (section.widthMm * section.heightMm) / 2,
        how: `½ × ${inSum(section.widthMm)} × ${inSum(section.heightMm)}`,
      };
    case 'oval':
      return {
        mm2: (Math.PI / 4) * section.widthMm * section.heightMm,
        how: `π/4 × ${inSum(section.widthMm)} × ${inSum(section.heightMm)}`,
      };
    case 'tube':
      // Outside circle less the bore; a wall of half the outside is solid wire.
      return {
        mm2: Math.PI * section.wallMm * (section.outsideMm - section.wallMm),
        how: `π × ${inSum(section.wallMm)} × (${inSum(section.outsideMm)} − ${inSum(section.wallMm)})`,
      };
    case 'square-tube':
      return {
        mm2: 4 * section.wallMm * (section.outsideMm - section.wallMm),
        how: `4 × ${inSum(section.wallMm)} × (${inSum(section.outsideMm)} − ${inSum(section.wallMm)})`,
      };
  }
}

/** Area of a section. @returns mm² */
export function areaMm2(section: LongSection): number {
  return sectionArea(section).mm2;
}

// A circular segment with chord `width` and rise `height`; at half the width it is half a circle.
function segment(width: number, height: number): Area {
  if (height > width / 2 + 1e-9) {
    throw new RangeError(
      `A half-round ${inSum(width)} mm wide is at most ${inSum(width / 2)} mm high. Call it D-section if it is higher.`,
    );
  }
  const radius = (width ** 2 / 4 + height ** 2) / (2 * height);
  const halfAngle = 2 * Math.atan2(2 * height, width);
  const isHalf = Math.abs(height - width / 2) < 1e-9;
  return {
    mm2: radius ** 2 * halfAngle - (radius - height) * (width / 2),
    how: isHalf
      ? `π/8 × ${inSum(width)}²`
      : `(${inSum(radius)}² × ${inSum(halfAngle)} − (${inSum(radius)} − ${inSum(height)}) × ${inSum(width / 2)})`,
  };
}

function dShape(width: number, height: number): Area {
  if (height < width / 2) {
    throw new RangeError(
      `A D-section ${inSum(width)} mm wide is at least ${inSum(width / 2)} mm high. Call it half-round if it is lower.`,
    );
  }
  return {
    mm2: width * (height - width / 2) + (Math.PI / 8) * width ** 2,
    how: `(${inSum(width)} × (${inSum(height)} − ${inSum(width / 2)}) + π/8 × ${inSum(width)}²)`,
  };
}

/**
 * Mass of one millimetre of a section, before any is lost to cutting or filing.
 * @param densityGPerCm3  of the alloy at 20 °C, g/cm³
 * @returns g/mm
 * @throws RangeError when the density is not above 0
 * @example massPerLength({ form: 'round', diameterMm: 1 }, 10) // 0.007853981633974483
 */
export function massPerLength(section: LongSection, densityGPerCm3: number): number {
  if (section.form === 'patterned') return section.gramsPerMm;
  return (areaMm2(section) * checked(densityGPerCm3)) / MM3_PER_CM3;
}

/**
 * Thickness outwards from a bend: diameter or height of wire, thickness of strip and sheet, outside of tube. @returns
 * mm
 */
export function bendMm(section: Section): number {
  switch (section.form) {
    case 'round':
      return section.diameterMm;
    case 'square':
      return section.sideMm;
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return section.heightMm;
    case 'tube':
    case 'square-tube':
      return section.outsideMm;
    case 'strip':
    case 'patterned':
    case 'sheet':
      return section.thicknessMm;
    case 'grain':
      return 0;
  }
}

/**
 * Twice the height of a section's centroid above its flat inside: a band of it bends along the centroid, so its length
 * is π × (inside diameter + this). For symmetric sections it is the whole height.
 * @returns mm; 2/3 of the height of a triangle, about 0.85 of that of a half-round
 */
export function twiceCentroidMm(section: Section): number {
  switch (section.form) {
    case 'triangle':
      return (2 / 3) * section.heightMm;
    case 'half-round': {
      const { widthMm: width, heightMm: height } = section;
      const radius = (width ** 2 / 4 + height ** 2) / (2 * height);
      // Of a circular segment: chord³ ÷ (12 area), from the centre of its circle.
      return 2 * (width ** 3 / (12 * areaMm2(section)) - (radius - height));
    }
    case 'd': {
      const { widthMm: width, heightMm: height } = section;
      const straight = height - width / 2;
      const [flat, round] = [width * straight, (Math.PI / 8) * width ** 2];
      const up = straight + (2 * width) / (3 * Math.PI);
      return (2 * (flat * (straight / 2) + round * up)) / (flat + round);
    }
    default:
      return bendMm(section);
  }
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
