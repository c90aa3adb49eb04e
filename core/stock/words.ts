// Stock in words.
import { showNumber } from '../format/numbers.ts';
import { gaugedMm } from './gauged.ts';
import type { Section, SectionForm } from './section.ts';

/** Forms of stock in words. */
export const formNames = {
  round: 'round wire',
  square: 'square wire',
  strip: 'strip',
  'half-round': 'half-round wire',
  d: 'D-section wire',
  triangle: 'triangle wire',
  oval: 'oval wire',
  tube: 'tube',
  'square-tube': 'square tube',
  patterned: 'patterned strip',
  sheet: 'sheet',
  grain: 'casting grain',
} as const satisfies Record<SectionForm, string>;

/** A section in full: `strip 6.0 × 1.20 mm`. */
export function sectionInWords(section: Section): string {
  const name = formNames[section.form];
  switch (section.form) {
    case 'grain':
      return name;
    case 'strip':
    case 'patterned':
      return `${name} ${showNumber(section.widthMm, 1)} × ${showNumber(section.thicknessMm, 2)} mm`;
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return `${name} ${showNumber(section.widthMm, 2)} × ${showNumber(section.heightMm, 2)} mm`;
    case 'tube':
    case 'square-tube':
      return `${name} ${showNumber(section.outsideMm, 1)} mm, wall ${showNumber(section.wallMm, 2)}`;
    case 'round':
    case 'square':
    case 'sheet':
      return `${name} ${showNumber(gaugedMm(section), 2)} mm`;
  }
}
