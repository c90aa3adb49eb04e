// A part's stock and blank read into millimetres, with a sentence for each thing that cannot be.
import { bandLengthMm } from '../blank/developed-length.ts';
import { given, inSum, reckoned, type Figure } from '../figure/figure.ts';
import type { GaugeSystem } from '../measure/gauge.ts';
import { readLength } from '../measure/read-length.ts';
import type { Reading } from '../measure/reading.ts';
import { readRingSize } from '../measure/ring-size.ts';
import type { Section } from '../stock/section.ts';
import type { Problem } from '../studio/rates.ts';
import { blankRulesByForm, type Blank, type PartSection, type SectionForm } from './piece.ts';

/** Each size of a section as an input of a sum, keyed by its field. */
export interface SectionReading {
  readonly section: Section;
  readonly sizes: Readonly<Record<string, Figure>>;
}

export type BlankReading =
  | { readonly kind: 'length'; readonly length: Figure }
  | { readonly kind: 'disc'; readonly diameter: Figure }
  | { readonly kind: 'rectangle'; readonly width: Figure; readonly length: Figure };

export type Report = (problem: Problem) => void;

/**
 * Reads the sizes of a section.
 * @returns null when any of them cannot be read; each of those has been reported
 */
export function readSection(typed: PartSection, gauge: GaugeSystem, report: Report): SectionReading | null {
  const size = (field: string, text: string, what: string, by: GaugeSystem = 'none') =>
    reported(readLength(text, { what, gauge: by }), `section.${field}`, what, report);

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
      return {
        section: { form: 'strip', widthMm: width.value, thicknessMm: thickness.value },
        sizes: { width, thickness },
      };
    }
    case 'tube': {
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
      return { section: { form: 'tube', outsideMm: outside.value, wallMm: wall.value }, sizes: { outside, wall } };
    }
    case 'sheet': {
      const thickness = size('thickness', typed.thickness, 'thickness', gauge);
      return thickness && { section: { form: 'sheet', thicknessMm: thickness.value }, sizes: { thickness } };
    }
  }
}

/**
 * Reads how a blank is cut from a section.
 * @param stock  the section it is cut from, or null when that cannot be read (then only its own fields are checked)
 */
export function readBlank(
  typed: Blank,
  form: SectionForm,
  stock: SectionReading | null,
  report: Report,
): BlankReading | null {
  if (!(blankRulesByForm[form] as readonly string[]).includes(typed.rule)) {
    const sentence =
      form === 'sheet'
        ? 'Sheet is cut to a disc or a rectangle. Choose one.'
        : 'That outline is cut from sheet. Choose a length, or sheet as the stock.';
    report({ path: 'blank.rule', sentence });
    return null;
  }
  switch (typed.rule) {
    case 'straight': {
      const length = reported(readLength(typed.length, { what: 'length' }), 'blank.length', 'length', report);
      return length && { kind: 'length', length };
    }
    case 'ring-band': {
      const inside = reported(readRingSize(typed.size, typed.system), 'blank.size', 'inside diameter', report);
      return inside && stock && { kind: 'length', length: bandLength('ring band', inside, stock) };
    }
    case 'jump-ring': {
      const inside = reported(
        readLength(typed.inside, { what: 'inside diameter' }),
        'blank.inside',
        'inside diameter',
        report,
      );
      return inside && stock && { kind: 'length', length: bandLength('jump ring', inside, stock) };
    }
    case 'disc': {
      const diameter = reported(readLength(typed.diameter, { what: 'diameter' }), 'blank.diameter', 'diameter', report);
      return diameter && { kind: 'disc', diameter };
    }
    case 'rectangle': {
      const width = reported(readLength(typed.width, { what: 'width' }), 'blank.width', 'width', report);
      const length = reported(readLength(typed.length, { what: 'length' }), 'blank.length', 'length', report);
      return width && length && { kind: 'rectangle', width, length };
    }
  }
}

function bandLength(label: string, inside: Figure, { sizes }: SectionReading): Figure {
  const thickness = sizes['thickness'] ?? sizes['diameter'] ?? sizes['side'] ?? given('thickness', 0, 'mm', 'none');
  const how = `π × (${inSum(inside.value)} + ${inSum(thickness.value)})`;
  return reckoned(`length of the ${label}`, bandLengthMm(inside.value, thickness.value), 'mm', how, [
    inside,
    thickness,
  ]);
}

function reported(reading: Reading, path: string, label: string, report: Report): Figure | null {
  if (reading.ok) return given(label, reading.value, 'mm', reading.source);
  report({ path, sentence: reading.sentence });
  return null;
}
