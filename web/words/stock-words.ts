// Stock in words: sizes with their gauge.
import { showNumber } from '../../core/format/numbers.ts';
import { gaugeSystemNames, gaugeText, nearestGauge } from '../../core/measure/gauge.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import { gaugedMm, gaugeSystemOf } from '../../core/stock/gauged.ts';
import type { Section } from '../../core/stock/section.ts';

/** An alloy's name inside a sentence: `sterling silver`, but `9k yellow gold` and `C260` as they are. */
export function alloyInText({ name }: Pick<Alloy, 'name'>): string {
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

/**
 * The names of a thickness: `0.81 mm, 20 ga B&S`; without a gauge where none is near.
 * @param wanted  which of them to give
 */
export function gaugeInWords(section: Section, alloy: Alloy | null, wanted: { mm: boolean; gauge: boolean }): string {
  const mm = gaugedMm(section);
  const system = alloy ? gaugeSystemOf(alloy.family, section.form) : 'none';
  const near = wanted.gauge ? nearestGauge(system, mm) : null;
  const about = near && Math.abs(near.miss) < 0.005 ? '' : 'about ';
  const gauge = near && `${about}${gaugeText(near.gauge)} ga ${gaugeSystemNames[system]}`;
  return [wanted.mm && `${showNumber(mm, 2)} mm`, gauge].filter(Boolean).join(', ');
}
