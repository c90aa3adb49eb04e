// Cuts in words, in the units the maker thinks in.
import type { Cut } from '../blank/cut.ts';
import { showNumber } from '../format/numbers.ts';
import type { Outline } from '../geometry/outline.ts';
import { MM_PER_INCH } from '../measure/length-units.ts';
import type { Studio } from '../studio/studio.ts';

/** Units a maker thinks in. */
export type Units = Studio['units'];

/** A length for display: `106.8 mm` or `4.205 in`. */
export function lengthInWords(mm: number, units: Units, decimals = mm < 10 ? 2 : 1): string {
  return units === 'mm' ? `${showNumber(mm, decimals)} mm` : `${showNumber(mm / MM_PER_INCH, 3)} in`;
}

/** A cut in words: `110.2 mm`, `disc 35.0 mm`, `4.0 × 23.0 mm`. */
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
      return `${showNumber(blank.grams.value, 2)} g`;
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
