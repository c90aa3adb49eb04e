// A gauge table of an alloy: each gauge in mm and inches, with the mass of wire and sheet.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { gaugeMm, gaugeRange, type GaugeSystem, gaugeSystemSources, gaugeText } from '../measure/gauge.ts';
import { MM_PER_INCH } from '../measure/length-units.ts';
import { massPerArea, massPerLength } from './section.ts';

/** One gauge of an alloy. */
export interface GaugeRow {
  readonly gauge: string;
  readonly mm: Figure;
  readonly inches: Figure;
  /** g per metre of round wire. */
  readonly wire: Figure;
  /** g per 100 × 100 mm of sheet. */
  readonly sheet: Figure;
}

/** @param density  of the alloy, g/cm³ */
export function gaugeTable(system: Exclude<GaugeSystem, 'none'>, density: Figure): GaugeRow[] {
  const [thickest, thinnest] = gaugeRange[system];
  return Array.from({ length: thinnest - thickest + 1 }, (_, index) => {
    const gauge = gaugeText(thickest + index);
    const mm = given(`${gauge} ga`, gaugeMm(system, thickest + index), 'mm', gaugeSystemSources[system]);
    const size = inSum(mm.value);
    const d = inSum(density.value);
    return {
      gauge,
      mm,
      inches: computed(`${gauge} ga in inches`, mm.value / MM_PER_INCH, 'in', `${size} ÷ 25.4`, [mm]),
      wire: computed(
        'a metre of round wire',
        massPerLength({ form: 'round', diameterMm: mm.value }, density.value) * 1000,
        'g',
        `π/4 × ${size}² × ${d}`,
        [mm, density],
      ),
      sheet: computed(
        '100 × 100 mm of sheet',
        massPerArea(mm.value, density.value) * 10_000,
        'g',
        `${size} × ${d} × 10`,
        [mm, density],
      ),
    };
  });
}
