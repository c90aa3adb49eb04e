// Backwards: what a blank that is cut already makes.
import type { Blank, BlankRule } from '../blank/blank.ts';
import type { Alloy } from '../metal/alloys.ts';
import { computePart } from './compute-part.ts';
import type { Part } from './part.ts';
import type { Finding } from './piece.ts';

/** What a blank makes: one measure of the part. */
export interface MadeOfCut {
  /** Field of the blank: `inside`, `ball`. */
  readonly field: string;
  readonly mm: number;
  /** The blank with that measure. */
  readonly blank: Blank;
}

/** The measure that a cut length decides, by blank rule. The other measures stay. */
const DECIDED: Partial<Record<BlankRule, string>> = {
  'ring-band': 'size',
  bangle: 'inside',
  'jump-ring': 'inside',
  chain: 'inside',
  'ring-bezel': 'inside',
  bezel: 'around',
  balled: 'ball',
  granule: 'diameter',
  worked: 'length',
  twist: 'length',
  wrap: 'core',
};

/** Longest measure that is looked for, mm. */
const LONGEST_MM = 5000;
const SHORTEST_MM = 0.01;
/** Half a micrometre. */
const CLOSE_MM = 0.0005;

/** Whether a cut length decides a measure of this blank: a bezel round a stone of the piece is decided by the stone. */
export function isDecidedByCut({ blank }: Part): boolean {
  return DECIDED[blank.rule] !== undefined && !(blank.rule === 'bezel' && blank.stone !== '');
}

/**
 * The measure with which this part would be cut to a length, trim included. The cut grows with the measure, so it is
 * found by bisection: forwards and backwards cannot disagree.
 * @param cutMm  length of the blank, mm
 * @returns null when no measure gives this cut, or when the other measures cannot be read
 */
export function madeOfCut(
  part: Part,
  cutMm: number,
  alloys: ReadonlyMap<string, Alloy>,
  stone: Finding | null = null,
): MadeOfCut | null {
  const field = DECIDED[part.blank.rule];
  if (!field || !isDecidedByCut(part) || !(cutMm > 0)) return null;
  const blankOf = (mm: number) => withMeasure(part.blank, field, `${String(Number(mm.toFixed(4)))} mm`);
  const cutOf = (mm: number) => {
    const { cut } = computePart({ ...part, blank: blankOf(mm) }, alloys, 1, stone);
    return cut?.kind === 'length' ? cut.length.value : null;
  };
  let [low, high] = [SHORTEST_MM, LONGEST_MM];
  // Very small measures cannot be read for some rules: fewer than three rings, for example.
  while (cutOf(low) === null && low < high) low *= 2;
  while (cutOf(high) === null && high > low) high /= 2;
  if (low >= high || (cutOf(low) ?? Infinity) > cutMm || (cutOf(high) ?? 0) < cutMm) return null;
  while (high - low > CLOSE_MM) {
    const middle = (low + high) / 2;
    if ((cutOf(middle) ?? Infinity) > cutMm) high = middle;
    else low = middle;
  }
  const mm = (low + high) / 2;
  return { field, mm, blank: withMeasure(part.blank, field, `${mm.toFixed(2)} mm`) };
}

// A ring is measured across its inside; the ease of a wide band is for a size, not for a ring that is there.
function withMeasure(blank: Blank, field: string, text: string): Blank {
  if (blank.rule === 'ring-band') return { ...blank, system: 'mm', size: text };
  return { ...blank, [field]: text };
}
