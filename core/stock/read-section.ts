// Reads the section of a stock item into millimetres, with a sentence for each size that cannot be read.
import { type Figure, inSum } from '../figure/figure.ts';
import type { GaugeSystem } from '../measure/gauge.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readMassPerLength } from '../measure/read/read-mass-per-length.ts';
import { type Report, reported, reportedFormula } from '../measure/read/reported.ts';
import { type Section, sectionArea } from './section.ts';
import type { PartSection } from './typed-section.ts';

/** The sizes of a section as inputs of a sum, by field. */
export interface SectionReading {
  readonly section: Section;
  readonly sizes: Readonly<Record<string, Figure>>;
}

/**
 * Reads the sizes of a section.
 * @returns null when one cannot be read; each such size has been reported
 */
export function readSection(typed: PartSection, gauge: GaugeSystem, report: Report): SectionReading | null {
  const size = (field: string, text: string, what: string, by: GaugeSystem = 'none') =>
    reported(readLength(text, { what, gauge: by }), `section.${field}`, what, 'mm', report);

  switch (typed.form) {
    case 'round': {
      const diameter = size('diameter', typed.diameter, 'diameter', gauge);
      return diameter && { section: { form: 'round', diameterMm: diameter.value }, sizes: { diameter } };
    }
    case 'square': {
      const side = size('side', typed.side, 'side', gauge);
      return side && { section: { form: 'square', sideMm: side.value }, sizes: { side } };
    }
    case 'strip': {
      const width = size('width', typed.width, 'width');
      const thickness = size('thickness', typed.thickness, 'thickness', gauge);
      if (!width || !thickness) return null;
      const section = { form: typed.form, widthMm: width.value, thicknessMm: thickness.value };
      return { section, sizes: { width, thickness } };
    }
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval': {
      const width = size('width', typed.width, 'width');
      const height = size('height', typed.height, 'height', gauge);
      if (!width || !height) return null;
      const section = { form: typed.form, widthMm: width.value, heightMm: height.value };
      // A half-round cannot be higher than half its width, nor a D lower.
      const fits = reportedFormula(() => sectionArea(section), 'section.height', report);
      return fits && { section, sizes: { width, height } };
    }
    case 'patterned': {
      const width = size('width', typed.width, 'width');
      const thickness = size('thickness', typed.thickness, 'thickness', gauge);
      const weight = reported(readMassPerLength(typed.weight), 'section.weight', 'weighs', 'g/mm', report);
      if (!width || !thickness || !weight) return null;
      const gramsPerMm = weight.value;
      const section = { form: typed.form, widthMm: width.value, thicknessMm: thickness.value, gramsPerMm };
      return { section, sizes: { width, thickness, weight } };
    }
    case 'tube':
    case 'square-tube': {
      const outside = size('outside', typed.outside, 'outside diameter');
      const wall = size('wall', typed.wall, 'wall', gauge);
      if (!outside || !wall) return null;
      if (wall.value > outside.value / 2) {
        const most = inSum(outside.value / 2);
        report({
          path: 'section.wall',
          sentence: `The wall is more than half the outside (${most} mm), so there is no bore. Make it thinner.`,
        });
        return null;
      }
      return { section: { form: typed.form, outsideMm: outside.value, wallMm: wall.value }, sizes: { outside, wall } };
    }
    case 'sheet': {
      const thickness = size('thickness', typed.thickness, 'thickness', gauge);
      return thickness && { section: { form: 'sheet', thicknessMm: thickness.value }, sizes: { thickness } };
    }
    case 'grain':
      return { section: { form: 'grain' }, sizes: {} };
  }
}
