// What one part weighs: the metal that stays in the piece (net), and the metal that is cut for it (gross).
import { given, inSum, reckoned, type Figure } from '../figure/figure.ts';
import { readCount } from '../measure/read-number.ts';
import { readLength } from '../measure/read-length.ts';
import { densityOf } from '../metal/alloy.ts';
import type { Alloy } from '../metal/alloys.ts';
import { areaOf, massPerArea, massPerLength, type Section } from '../stock/section.ts';
import type { Problem } from '../studio/rates.ts';
import type { Part } from './piece.ts';
import { readBlank, readSection, type BlankReading, type SectionReading } from './read-part.ts';
import { gaugeSystemOf } from '../stock/gauged.ts';

export interface PartReckoning {
  readonly alloy: Alloy | null;
  readonly section: Section | null;
  readonly blank: BlankReading | null;
  /** What is cut: the blank with its trim. */
  readonly cut: BlankReading | null;
  readonly count: number;
  /** g in one piece, all of the count; null until everything it hangs on can be read. */
  readonly net: Figure | null;
  /** g cut for one piece. */
  readonly gross: Figure | null;
  /** Paths are within the part: `section.diameter`. */
  readonly problems: readonly Problem[];
}

/** Reckons one part. Depends on nothing but its arguments, so that an unchanged part need not be reckoned again. */
export function reckonPart(part: Part, alloys: ReadonlyMap<string, Alloy>): PartReckoning {
  const problems: Problem[] = [];
  const report = (problem: Problem) => problems.push(problem);
  const alloy = alloys.get(part.alloy) ?? null;
  const density = alloy && densityOf(alloy);
  if (!alloy) report({ path: 'alloy', sentence: 'This metal is not in the book any more. Choose another.' });
  else if (!density)
    report({
      path: 'alloy',
      sentence: `${alloy.name} has no density yet, so it cannot be weighed. Give it in Studio.`,
    });

  const stock = readSection(part.section, alloy ? gaugeSystemOf(alloy.family, part.section.form) : 'none', report);
  const blank = readBlank(part.blank, part.section.form, stock, report);
  const count = readCount(part.count);
  if (!count.ok) report({ path: 'count', sentence: count.sentence });
  const trim = readLength(part.trim, { what: 'trim', mayBeZero: true });
  if (!trim.ok) report({ path: 'trim', sentence: trim.sentence });

  const cut = blank && trim.ok ? withTrim(blank, given('trim', trim.value, 'mm', trim.source)) : null;
  const known = alloy && density && stock && count.ok ? { stock, density, count: count.value } : null;
  return {
    alloy,
    section: stock?.section ?? null,
    blank,
    cut,
    count: count.ok ? count.value : 0,
    net: known && blank && massOf(part.name || 'part', blank, known.stock, known.density, known.count),
    gross: known && cut && massOf(`${part.name || 'part'}, as cut`, cut, known.stock, known.density, known.count),
    problems,
  };
}

function massOf(label: string, blank: BlankReading, stock: SectionReading, density: Figure, count: number): Figure {
  const one = blank.kind === 'length' ? lengthMass(blank.length, stock, density) : sheetMass(blank, stock, density);
  const how = count === 1 ? one.how : `${one.how} × ${String(count)}`;
  const from = count === 1 ? one.from : [...one.from, given('count', count, '', 'as typed')];
  return reckoned(label, one.value * count, 'g', how, from);
}

interface Mass {
  readonly value: number;
  readonly how: string;
  readonly from: readonly Figure[];
}

function lengthMass(length: Figure, { section, sizes }: SectionReading, density: Figure): Mass {
  if (section.form === 'sheet') throw new Error('A length is not cut from sheet; readBlank refuses it.');
  return {
    value: length.value * massPerLength(section, density.value),
    how: `${areaOf(section).how} × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`,
    from: [...Object.values(sizes), length, density],
  };
}

function sheetMass(blank: Exclude<BlankReading, { kind: 'length' }>, { sizes }: SectionReading, density: Figure): Mass {
  const thickness = sizes['thickness'];
  if (!thickness) throw new Error('An outline is cut from sheet; readBlank refuses anything else.');
  const rest = `${inSum(thickness.value)} × ${inSum(density.value)} ÷ 1000`;
  if (blank.kind === 'disc') {
    const areaMm2 = (Math.PI / 4) * blank.diameter.value ** 2;
    return {
      value: areaMm2 * massPerArea(thickness.value, density.value),
      how: `π/4 × ${inSum(blank.diameter.value)}² × ${rest}`,
      from: [blank.diameter, thickness, density],
    };
  }
  return {
    value: blank.width.value * blank.length.value * massPerArea(thickness.value, density.value),
    how: `${inSum(blank.width.value)} × ${inSum(blank.length.value)} × ${rest}`,
    from: [blank.width, blank.length, thickness, density],
  };
}

function withTrim(blank: BlankReading, trim: Figure): BlankReading {
  if (trim.value === 0) return blank;
  switch (blank.kind) {
    case 'length':
      return { kind: 'length', length: longer(blank.length, trim, 1) };
    case 'disc':
      return { kind: 'disc', diameter: longer(blank.diameter, trim, 2) };
    case 'rectangle':
      return { kind: 'rectangle', width: longer(blank.width, trim, 2), length: longer(blank.length, trim, 2) };
  }
}

// An outline is trimmed on both sides, a length once.
function longer(size: Figure, trim: Figure, sides: 1 | 2): Figure {
  const how = `${inSum(size.value)} + ${sides === 2 ? '2 × ' : ''}${inSum(trim.value)}`;
  return reckoned(`${size.label} with trim`, size.value + sides * trim.value, 'mm', how, [size, trim]);
}
