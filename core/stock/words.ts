// Stock in words.
import { showNumber } from '../format/numbers.ts';
import { gaugedMm } from './gauged.ts';
import type { Section, SectionForm } from './section.ts';
import type { PartSection } from './typed-section.ts';

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

// `20 ga`, `18 gauge`, `14 awg`: how wire and sheet are called where gauge is used.
const GAUGE = /^\s*(\d[\d.,/]*)\s*(?:ga|gauge|awg|swg|msg|usg|b&s|bs)\.?\s*$/i;

/** A section in words, with the gauge that was typed: `round wire 20 ga (0.81 mm)`. */
export function sectionAsTyped(section: Section, typed: PartSection): string {
  const text = gaugedText(typed);
  if (!text || !GAUGE.test(text)) return sectionInWords(section);
  const gauge = text.trim();
  switch (section.form) {
    case 'round':
    case 'square':
    case 'sheet':
      return `${formNames[section.form]} ${gauge} (${showNumber(gaugedMm(section), 2)} mm)`;
    case 'strip':
    case 'patterned':
      return `${formNames[section.form]} ${showNumber(section.widthMm, 1)} mm × ${gauge} (${showNumber(section.thicknessMm, 2)} mm)`;
    case 'tube':
    case 'square-tube':
      return `${formNames[section.form]} ${showNumber(section.outsideMm, 1)} mm, wall ${gauge} (${showNumber(section.wallMm, 2)} mm)`;
    default:
      return sectionInWords(section);
  }
}

function gaugedText(typed: PartSection): string {
  switch (typed.form) {
    case 'round':
      return typed.diameter;
    case 'square':
      return typed.side;
    case 'tube':
    case 'square-tube':
      return typed.wall;
    case 'sheet':
    case 'strip':
    case 'patterned':
      return typed.thickness;
    default:
      return '';
  }
}
