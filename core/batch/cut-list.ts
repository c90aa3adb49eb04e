// The cut list of a batch: blanks by part, and grams to issue by stock.
import type { Cut } from '../blank/cut.ts';
import { computed, type Figure, given, inSum, renamed, totalOf } from '../figure/figure.ts';
import type { Issue } from '../measure/issue.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { Part } from '../piece/part.ts';
import type { Section } from '../stock/section.ts';
import { type Batch, blanksKey } from './batch.ts';
import type { BatchRun } from './batch-run.ts';

/** One line of the cut list: identical blanks. */
export interface CutLine {
  /** Unique key: `line/size/part`. */
  readonly key: string;
  readonly run: BatchRun;
  readonly part: Part;
  readonly alloy: Alloy;
  readonly section: Section;
  readonly cut: Cut;
  /** Number of blanks for the whole batch. */
  readonly count: Figure;
  /** mm of wire, strip or tube for all of them; null for sheet. */
  readonly length: Figure | null;
  /** g for all blanks. */
  readonly grams: Figure;
}

/** All lines of one stock item. */
export interface IssueLine {
  /** Unique key of the stock item. */
  readonly stock: string;
  readonly alloy: Alloy;
  readonly section: Section;
  readonly lines: readonly CutLine[];
  readonly grams: Figure;
}

/** The lines of one run; a bought part is not cut. */
export function cutLines(batch: Batch, run: BatchRun, problems: Issue[]): CutLine[] {
  return run.count.recipe.piece.parts.flatMap((part, index): CutLine[] => {
    const { alloy, section, cut, gross, count: inPiece } = run.count.parts[index] ?? {};
    if (!alloy || !section || !cut || !gross || !inPiece || part.bought) return [];
    const key = blanksKey(run.line.id, run.size, part.id);
    const own = batch.blanks[key]?.trim() ?? '';
    const reading = own ? readCount(own, 0) : null;
    if (reading && !reading.ok) problems.push({ path: `blanks.${key}`, sentence: reading.sentence });
    const count = reading?.ok
      ? given('blanks', reading.value, '', 'as typed on the cut list')
      : blanksOf(run, part, inPiece);
    const name = part.name || 'part';
    const many = String(count.value);
    const length =
      cut.kind === 'length'
        ? computed(
            `${name}, all blanks`,
            cut.length.value * count.value,
            'mm',
            `${many} × ${inSum(cut.length.value)}`,
            [count, cut.length],
          )
        : null;
    const grams = computed(
      name,
      (gross.value / inPiece) * count.value,
      'g',
      inPiece === 1 ? `${many} × ${inSum(gross.value)}` : `${many} × ${inSum(gross.value)} ÷ ${String(inPiece)}`,
      [count, gross],
    );
    return [{ key, run, part, alloy, section, cut, count, length, grams }];
  });
}

// Pieces started times blanks in a piece, plus the part's extras.
function blanksOf({ start }: BatchRun, part: Part, inPiece: number): Figure {
  const spare = readCount(part.spare, 0);
  const spares = spare.ok && part.spare.trim() ? spare.value : 0;
  const how = `${inSum(start.value)} × ${String(inPiece)}${spares > 0 ? ` + ${String(spares)}` : ''}`;
  return computed('blanks', start.value * inPiece + spares, '', how, [
    start,
    given('in a piece', inPiece, '', 'the piece'),
    ...(spares > 0 ? [given('spares', spares, '', 'as typed')] : []),
  ]);
}

/** Groups the cut list by stock item, in the order of first appearance. */
export function issueLines(cutList: readonly CutLine[]): IssueLine[] {
  const byStock = new Map<string, CutLine[]>();
  for (const line of cutList) {
    const key = stockKey(line.alloy.id, line.section);
    byStock.set(key, [...(byStock.get(key) ?? []), line]);
  }
  return [...byStock].flatMap(([stock, lines]): IssueLine[] => {
    const [first] = lines;
    if (!first) return [];
    const grams = totalOf(
      first.alloy.name,
      'g',
      lines.map((line) => renamed(line.grams, `${line.run.name}: ${line.part.name || 'part'}`)),
    );
    return [{ stock, alloy: first.alloy, section: first.section, lines, grams }];
  });
}

/** Compared in whole micrometres, so that 20 gauge and the 0.812 mm it is sold as are one stock item. */
export function stockKey(alloy: string, section: Section): string {
  const sizes = Object.values<string | number>({ ...section }).map((size) =>
    typeof size === 'number' ? Math.round(size * 1000) : size,
  );
  return [alloy, ...sizes].join(' ');
}
