// Computes a part: the metal that stays in the piece (net), the metal cut for it (gross), and the scrap.
import { readBlank } from '../blank/blank.ts';
import type { BlankReading } from '../blank/blank-rule.ts';
import { aroundCutMm, type Cut, type Mass, massOfCut, withTrim } from '../blank/cut.ts';
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import type { Issue } from '../measure/issue.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount } from '../measure/read/read-number.ts';
import { densityOf } from '../metal/alloy.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { ScrapKind } from '../metal/scrap-kinds.ts';
import { gaugeSystemOf } from '../stock/gauged.ts';
import { readSection, type SectionReading } from '../stock/read-section.ts';
import { massPerArea, type Section, sectionArea } from '../stock/section.ts';
import type { Part } from './part.ts';
import type { Finding } from './piece.ts';
import { stoneOutline } from './stone.ts';

/** A part, read into numbers. */
export interface PartComputation {
  readonly alloy: Alloy | null;
  readonly section: Section | null;
  /** The net blank. */
  readonly blank: Cut | null;
  /** The cut: the blank with its trim. */
  readonly cut: Cut | null;
  /** Blanks in one piece, every link and strand counted. */
  readonly count: number;
  /** Parts in one piece: the count, times its sub-assemblies; links and strands not counted. */
  readonly pieces: number;
  /** Holes drilled in one piece. */
  readonly holes: number;
  /** Cuts made for one piece. */
  readonly cuts: number;
  /** g in one piece over the whole count; null while something it depends on cannot be read. */
  readonly net: Figure | null;
  /** g cut for one piece: net, scrap and kerf. */
  readonly gross: Figure | null;
  /** g of scrap for one piece by kind; kinds without any are left out. gross = net + scrap. */
  readonly scrap: Readonly<Partial<Record<ScrapKind, Figure>>>;
  /** mm; null when nothing is drilled or it cannot be read. */
  readonly hole: number | null;
  /** Paths are within the part: `section.diameter`. */
  readonly problems: readonly Issue[];
}

/**
 * Computes one part from its arguments alone, so that an unchanged part need not be computed again.
 * @param groups  number of its sub-assembly in a piece
 * @param stone   the stone its bezel goes round, null for none
 */
export function computePart(
  part: Part,
  alloys: ReadonlyMap<string, Alloy>,
  groups = 1,
  stone: Finding | null = null,
): PartComputation {
  const problems: Issue[] = [];
  const report = (problem: Issue) => problems.push(problem);
  const alloy = alloys.get(part.alloy) ?? null;
  const density = alloy && densityOf(alloy);
  if (!alloy) report({ path: 'alloy', sentence: 'This metal is not in the book any more. Choose another.' });
  else if (!density)
    report({
      path: 'alloy',
      sentence: `${alloy.name} has no density yet, so it cannot be weighed. Give it in Settings.`,
    });

  const stock = readSection(part.section, alloy ? gaugeSystemOf(alloy.family, part.section.form) : 'none', report);
  const blank = readBlank(part.blank, part.section.form, stock, report, stone && stoneOutline(stone));
  const count = readCount(part.count, 0);
  if (!count.ok) report({ path: 'count', sentence: count.sentence });
  const length = (path: 'trim' | 'kerf' | 'hole', what: string) => {
    // A hole may be typed as the gauge of its wire.
    const reading = readLength(part[path], { what, mayBeZero: true, ...(path === 'hole' && { gauge: 'awg' }) });
    if (reading.ok) return given(what, reading.value, 'mm', reading.source);
    report({ path, sentence: reading.sentence });
    return null;
  };
  const [trim, kerf, hole] = [length('trim', 'trim'), length('kerf', 'kerf'), length('hole', 'hole')];
  const spare = part.spare.trim() ? readCount(part.spare, 0) : null;
  if (spare && !spare.ok) report({ path: 'spare', sentence: spare.sentence });

  const cut = blank && trim ? withTrim(blank.cut, trim) : null;
  const holes = part.holes.trim() ? readCount(part.holes, 0) : null;
  if (holes && !holes.ok) report({ path: 'holes', sentence: holes.sentence });
  const pieces = (count.ok ? count.value : 0) * groups;
  const drilledIn = hole && hole.value > 0 ? (holes?.ok ? holes.value : 1) : 0;
  const blanks = (count.ok ? count.value : 0) * groups * (blank?.times?.value ?? 1);
  const known = alloy && density && stock && count.ok && blank && cut && kerf && hole;
  const metal = known
    ? weighed(
        part,
        { stock, density, blank, cut, kerf, hole, holes: drilledIn },
        counted(part, count.value, groups, blank),
      )
    : nothing;
  return {
    alloy,
    section: stock?.section ?? null,
    blank: blank?.net ?? null,
    cut,
    count: blanks,
    pieces,
    holes: drilledIn * pieces,
    cuts: blanks * (blank?.cuts ?? 1),
    hole: hole && hole.value > 0 ? hole.value : null,
    ...metal,
    problems,
  };
}

interface Metal {
  readonly net: Figure | null;
  readonly gross: Figure | null;
  readonly scrap: Partial<Record<ScrapKind, Figure>>;
}
const nothing: Metal = { net: null, gross: null, scrap: {} };

interface Known {
  readonly stock: SectionReading;
  readonly density: Figure;
  readonly blank: BlankReading;
  readonly cut: Cut;
  readonly kerf: Figure;
  readonly hole: Figure;
  /** In one part. */
  readonly holes: number;
}

function weighed(part: Part, known: Known, times: readonly Figure[]): Metal {
  const { stock, density, blank, cut, kerf, hole, holes } = known;
  const name = part.name || 'part';
  const kept = massOfCut(blank.net, stock, density);
  const drilled = drillings(hole, holes, stock, density);
  const net = computedMass(name, drilled ? less(kept, drilled) : kept, times);
  const cutOut = massOfCut(cut, stock, density);
  const kerfs = kerfOf(cut, kerf, blank.cuts, stock, density);
  const gross = computedMass(`${name}, as cut`, kerfs ? plus(cutOut, kerfs) : cutOut, times);
  const filings = [kerfs, drilled].flatMap((mass) => mass ?? []);
  const dust = filings.reduce((sum, { value }) => sum + value, 0);
  // What is filed off a hinge is filings, whatever becomes of the trim.
  const trimKind = part.blank.rule === 'knuckles' ? 'filings' : part.scrap;
  const offcut = cutOut.value - kept.value;
  const scrap: Partial<Record<ScrapKind, Figure>> = {};
  const share = (kind: ScrapKind, grams: number, mass: Mass) => {
    if (grams > EPSILON_G) scrap[kind] = computedMass(`${name}, ${scrapNames[kind]}`, { ...mass, value: grams }, times);
  };
  const trimmed: Mass = {
    value: offcut,
    how: `(${cutOut.how} − ${kept.how})`,
    from: [...cutOut.from, ...kept.from],
  };
  if (trimKind === 'filings') {
    const both = [...(offcut > EPSILON_G ? [trimmed] : []), ...filings];
    share('filings', offcut + dust, summed(both));
  } else {
    share(trimKind, offcut, trimmed);
    share('filings', dust, summed(filings));
  }
  return { net, gross, scrap };
}

/** A difference below a microgram is a rounding error. */
const EPSILON_G = 1e-6;

/** Kinds of scrap in words. */
export const scrapNames = {
  clean: 'clean scrap',
  soldered: 'soldered scrap',
  filings: 'filings',
} as const satisfies Record<ScrapKind, string>;

function kerfOf(
  cut: Cut,
  kerf: Figure,
  cuts: number,
  { section, sizes }: SectionReading,
  density: Figure,
): Mass | null {
  if (kerf.value === 0 || section.form === 'grain') return null;
  if (section.form === 'sheet') {
    const around = aroundCutMm(cut);
    const thickness = sizes['thickness'];
    if (!thickness || around === 0) return null;
    return {
      value: around * kerf.value * massPerArea(thickness.value, density.value),
      how: `${inSum(around)} × ${inSum(kerf.value)} × ${inSum(thickness.value)} × ${inSum(density.value)} ÷ 1000`,
      from: [kerf, thickness, density],
    };
  }
  const area = sectionArea(section);
  return {
    value: (area.mm2 * kerf.value * cuts * density.value) / 1000,
    how: `${area.how} × ${inSum(kerf.value)}${cuts > 1 ? ` × ${String(cuts)}` : ''} × ${inSum(density.value)} ÷ 1000`,
    from: [...Object.values(sizes), kerf, density],
  };
}

// A hole through sheet; a hole through wire is too small to weigh.
function drillings(hole: Figure, holes: number, { section, sizes }: SectionReading, density: Figure): Mass | null {
  const thickness = sizes['thickness'];
  if (hole.value === 0 || holes === 0 || section.form !== 'sheet' || !thickness) return null;
  return {
    value: holes * (Math.PI / 4) * hole.value ** 2 * massPerArea(thickness.value, density.value),
    how: `${holes > 1 ? `${String(holes)} × ` : ''}π/4 × ${inSum(hole.value)}² × ${inSum(thickness.value)} × ${inSum(density.value)} ÷ 1000`,
    from: [hole, thickness, density],
  };
}

function plus(a: Mass, b: Mass): Mass {
  return { value: a.value + b.value, how: `(${a.how} + ${b.how})`, from: [...new Set([...a.from, ...b.from])] };
}

function less(a: Mass, b: Mass): Mass {
  return { value: a.value - b.value, how: `(${a.how} − ${b.how})`, from: [...new Set([...a.from, ...b.from])] };
}

function summed(masses: readonly Mass[]): Mass {
  const [first, ...rest] = masses;
  return first ? rest.reduce(plus, first) : { value: 0, how: '0', from: [] };
}

// Factors of a mass: the count, the sub-assemblies, the links.
function counted({ count }: Part, each: number, groups: number, { times }: BlankReading): Figure[] {
  return [
    ...(each === 1 ? [] : [given('count', each, '', `as typed: ${count.trim()}`)]),
    ...(groups === 1 ? [] : [given('sub-assemblies per piece', groups, '', 'as typed')]),
    ...(times ? [times] : []),
  ];
}

function computedMass(label: string, one: Mass, times: readonly Figure[]): Figure {
  const value = times.reduce((product, { value: factor }) => product * factor, one.value);
  const how = [one.how, ...times.map((each) => inSum(each.value))].join(' × ');
  return computed(label, value, 'g', how, [...one.from, ...times]);
}
