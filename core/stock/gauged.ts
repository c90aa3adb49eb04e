// Which size of a section a gauge names, and in which system.
import type { GaugeSystem } from '../measure/gauge.ts';
import type { AlloyFamily } from '../metal/alloys.ts';
import type { Section, SectionForm } from './section.ts';

/**
 * The gauge system a stock item is sold by: it follows the alloy, and for steel the form. Steel wire has other gauges
 * than steel sheet, so it takes none here.
 */
export function gaugeSystemOf(family: AlloyFamily, form: SectionForm): GaugeSystem {
  if (family === 'steel') return form === 'sheet' ? 'msg' : 'none';
  if (family === 'stainless-steel') return form === 'sheet' ? 'usg' : 'none';
  return 'awg';
}

/**
 * The size that a gauge names: the diameter of wire, the thickness of sheet and strip, the wall of tube. @returns mm
 */
export function gaugedMm(section: Section): number {
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
      return section.wallMm;
    case 'strip':
    case 'patterned':
    case 'sheet':
      return section.thicknessMm;
    case 'grain':
      return 0;
  }
}
