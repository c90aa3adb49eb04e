// Stock in words: sizes with their gauge beside them, in the units the maker thinks in.
import { gaugeSystemNames, gaugeText, nearestGauge } from '../../core/measure/gauge.ts';
import type { Outline } from '../../core/blank/outline.ts';
import { MM_PER_INCH } from '../../core/measure/length-units.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import type { Cut } from '../../core/piece/cut.ts';
import { gaugedMm, gaugeSystemOf } from '../../core/stock/gauged.ts';
import type { Section } from '../../core/stock/section.ts';
import type { Studio } from '../../core/studio/studio.ts';

export type Units = Studio['units'];

/** An alloy's name inside a sentence: `sterling silver`, but `9k yellow gold` and `C260` as they are. */
export function alloyInText({ name }: Pick<Alloy, 'name'>): string {
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

/** A length for show: `106.8 mm` or `4.205 in`. */
export function lengthInWords(mm: number, units: Units, decimals = mm < 10 ? 2 : 1): string {
  return units === 'mm' ? `${mm.toFixed(decimals)} mm` : `${(mm / MM_PER_INCH).toFixed(3)} in`;
}

/**
 * The names of a thickness: `0.81 mm, 20 ga B&S`; a gauge is left out where none is near.
 * @param wanted  which of them to give
 */
export function gaugeInWords(section: Section, alloy: Alloy | null, wanted: { mm: boolean; gauge: boolean }): string {
  const mm = gaugedMm(section);
  const system = alloy ? gaugeSystemOf(alloy.family, section.form) : 'none';
  const near = wanted.gauge ? nearestGauge(system, mm) : null;
  const about = near && Math.abs(near.miss) < 0.005 ? '' : 'about ';
  const gauge = near && `${about}${gaugeText(near.gauge)} ga ${gaugeSystemNames[system]}`;
  return [wanted.mm && `${mm.toFixed(2)} mm`, gauge].filter(Boolean).join(', ');
}

/** What to cut, in words: `110.2 mm`, `disc 35.0 mm`, `4.0 × 23.0 mm`. */
export function blankInWords(blank: Cut, units: Units): string {
  switch (blank.kind) {
    case 'length':
      return lengthInWords(blank.length.value, units);
    case 'disc': {
      const outside = `disc ${lengthInWords(blank.diameter.value, units)}`;
      return blank.hole ? `${outside}, hole ${lengthInWords(blank.hole.value, units)}` : outside;
    }
    case 'outline':
      return blank.sizes.length === 2
        ? `${outlineNames[blank.outline.shape]} ${pair(blank.sizes[0]?.value ?? 0, blank.sizes[1]?.value ?? 0, units)}`
        : `outline with ${String(blank.outline.shape === 'polygon' ? blank.outline.points.length : 0)} corners`;
    case 'weight':
      return `${blank.grams.value.toFixed(2)} g`;
    case 'rectangle':
      return pair(blank.width.value, blank.length.value, units);
  }
}

const outlineNames = {
  round: 'disc',
  oval: 'oval',
  rectangle: 'rectangle',
  cushion: 'cushion',
  teardrop: 'teardrop',
  polygon: 'outline',
} as const satisfies Record<Outline['shape'], string>;

function pair(width: number, length: number, units: Units): string {
  return `${lengthInWords(width, units).replace(/ \w+$/, '')} × ${lengthInWords(length, units)}`;
}
