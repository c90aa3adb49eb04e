// A cut: a length of stock, an outline of sheet, or a mass of grain; with its mass.
import { computed, type Figure, inSum } from '../figure/figure.ts';
import { type Outline, outlineAreaMm2, perimeterMm } from '../geometry/outline.ts';
import type { SectionReading } from '../stock/read-section.ts';
import { massPerArea, massPerLength, sectionArea } from '../stock/section.ts';

/** What is parted from stock for one blank. */
export type Cut =
  | { readonly kind: 'length'; readonly length: Figure }
  /** The hole of a washer. */
  | { readonly kind: 'disc'; readonly diameter: Figure; readonly hole?: Figure }
  | { readonly kind: 'rectangle'; readonly width: Figure; readonly length: Figure }
  | { readonly kind: 'outline'; readonly outline: Outline; readonly sizes: readonly Figure[]; readonly trim?: Figure }
  | { readonly kind: 'weight'; readonly grams: Figure };

/** A mass with its calculation. */
export interface Mass {
  readonly value: number;
  readonly how: string;
  readonly from: readonly Figure[];
}

/**
 * Mass of one blank.
 * @param density  g/cm³
 * @throws Error for a cut that its stock cannot give; `readBlank` refuses those
 */
export function massOfCut(cut: Cut, stock: SectionReading, density: Figure): Mass {
  if (cut.kind === 'weight') return { value: cut.grams.value, how: inSum(cut.grams.value), from: [cut.grams] };
  if (cut.kind === 'length') return massOfLength(cut.length, stock, density);
  const thickness = stock.sizes['thickness'];
  if (!thickness || stock.section.form !== 'sheet')
    throw new Error('An outline is cut from sheet; readBlank refuses anything else.');
  const area = areaOfCut(cut);
  return {
    value: area.value * massPerArea(thickness.value, density.value),
    how: `${area.how} × ${inSum(thickness.value)} × ${inSum(density.value)} ÷ 1000`,
    from: [...area.from, thickness, density],
  };
}

function massOfLength(length: Figure, { section, sizes }: SectionReading, density: Figure): Mass {
  if (section.form === 'sheet' || section.form === 'grain')
    throw new Error('A length is not cut from sheet or grain; readBlank refuses it.');
  const weight = sizes['weight'];
  if (section.form === 'patterned' && weight) {
    const how = `${inSum(length.value)} × ${inSum(weight.value)}`;
    return { value: length.value * section.gramsPerMm, how, from: [length, weight] };
  }
  return {
    value: length.value * massPerLength(section, density.value),
    how: `${sectionArea(section).how} × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`,
    from: [...Object.values(sizes), length, density],
  };
}

function areaOfCut(cut: Exclude<Cut, { kind: 'length' | 'weight' }>): Mass {
  switch (cut.kind) {
    case 'disc': {
      const { diameter, hole } = cut;
      const inner = hole?.value ?? 0;
      return {
        value: (Math.PI / 4) * (diameter.value ** 2 - inner ** 2),
        how: hole ? `π/4 × (${inSum(diameter.value)}² − ${inSum(inner)}²)` : `π/4 × ${inSum(diameter.value)}²`,
        from: [diameter, ...(hole ? [hole] : [])],
      };
    }
    case 'rectangle':
      return {
        value: cut.width.value * cut.length.value,
        how: `${inSum(cut.width.value)} × ${inSum(cut.length.value)}`,
        from: [cut.width, cut.length],
      };
    case 'outline': {
      const inside = outlineAreaMm2(cut.outline);
      const { trim } = cut;
      if (!trim) return { value: inside, how: inSum(inside), from: cut.sizes };
      // A convex outline moved out by t grows by its perimeter times t and by a circle of radius t (Steiner's formula).
      const around = perimeterMm(cut.outline);
      return {
        value: inside + around * trim.value + Math.PI * trim.value ** 2,
        how: `(${inSum(inside)} + ${inSum(around)} × ${inSum(trim.value)} + π × ${inSum(trim.value)}²)`,
        from: [...cut.sizes, trim],
      };
    }
  }
}

/** Perimeter of a cut of sheet. @returns mm; 0 for a length or a mass */
export function aroundCutMm(cut: Cut): number {
  switch (cut.kind) {
    case 'disc':
      return Math.PI * cut.diameter.value;
    case 'rectangle':
      return 2 * (cut.width.value + cut.length.value);
    case 'outline':
      return perimeterMm(cut.outline) + 2 * Math.PI * (cut.trim?.value ?? 0);
    case 'length':
    case 'weight':
      return 0;
  }
}

/** A cut with its trim: a length grows once, an outline all round. */
export function withTrim(cut: Cut, trim: Figure): Cut {
  if (trim.value === 0) return cut;
  switch (cut.kind) {
    case 'length':
      return { kind: 'length', length: longer(cut.length, trim, 1) };
    case 'disc':
      return { ...cut, diameter: longer(cut.diameter, trim, 2) };
    case 'rectangle':
      return { kind: 'rectangle', width: longer(cut.width, trim, 2), length: longer(cut.length, trim, 2) };
    case 'outline':
      return { ...cut, trim };
    case 'weight':
      return cut;
  }
}

function longer(size: Figure, trim: Figure, sides: 1 | 2): Figure {
  const how = `${inSum(size.value)} + ${sides === 2 ? '2 × ' : ''}${inSum(trim.value)}`;
  return computed(`${size.label} with trim`, size.value + sides * trim.value, 'mm', how, [size, trim]);
}
