// Cuts in words, in the units the maker thinks in.
import type { Cut } from '../blank/cut.ts';
import { showNumber } from '../format/numbers.ts';
import type { Outline } from '../geometry/outline.ts';
import { MM_PER_INCH } from '../measure/length-units.ts';
import type { Studio } from '../studio/studio.ts';

/** Units a maker thinks in. */
export type Units = Studio['units'];

/** A length for display: `106.8 mm`, or `4.205 in (106.8 mm)`. */
export function lengthInWords(mm: number, units: Units, decimals = mm < 10 ? 2 : 1): string {
  const metric = `${showNumber(mm, decimals)} mm`;
  return units === 'mm' ? metric : `${inInches(mm)} in (${metric})`;
}

/**
 * The nearest 1/64 inch, as it stands on a steel rule.
 * @param mm  0 or more
 * @example nearest64th(106.8) // '4 13/64'
 */
export function nearest64th(mm: number): string {
  const all = Math.round((mm / MM_PER_INCH) * 64);
  const whole = Math.floor(all / 64);
  let [over, under] = [all % 64, 64];
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
  if (over === 0) return String(whole);
  return `${whole > 0 ? `${String(whole)} ` : ''}${String(over)}/${String(under)}`;
}

/** A cut in words: `110.2 mm`, `disc 35.0 mm`, `4.0 × 23.0 mm`; in inches with the nearest 1/64 and mm. */
export function blankInWords(blank: Cut, units: Units): string {
  switch (blank.kind) {
    case 'length':
      return measured([blank.length.value], units);
    case 'disc': {
      const outside = `disc ${measured([blank.diameter.value], units)}`;
      return blank.hole ? `${outside}, hole ${measured([blank.hole.value], units)}` : outside;
    }
    case 'outline':
      return blank.sizes.length === 2
        ? `${outlineNames[blank.outline.shape]} ${measured(
            blank.sizes.map(({ value }) => value),
            units,
          )}`
        : `outline with ${String(blank.outline.shape === 'polygon' ? blank.outline.points.length : 0)} corners`;
    case 'weight':
      return `${showNumber(blank.grams.value, 2)} g`;
    case 'rectangle':
      return measured([blank.width.value, blank.length.value], units);
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

// Measures of a cut: `4.00 × 23.0 mm`, or `0.157 × 0.906 in, 5/32 × 29/32 (4.00 × 23.0 mm)`.
function measured(sizes: readonly number[], units: Units): string {
  const by = (words: (mm: number) => string) => sizes.map(words).join(' × ');
  const metric = `${by((mm) => showNumber(mm, mm < 10 ? 2 : 1))} mm`;
  return units === 'mm' ? metric : `${by(inInches)} in, ${by(nearest64th)} (${metric})`;
}

function inInches(mm: number): string {
  return showNumber(mm / MM_PER_INCH, 3);
}
