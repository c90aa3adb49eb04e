// The count of a batch: grams to issue, what to cut, hours, money.
import { given, inSum, reckoned, totalOf, type Figure } from '../figure/figure.ts';
import { readCount } from '../measure/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { Fix } from '../metal/fix.ts';
import type { Cut } from '../piece/cut.ts';
import type { Piece } from '../piece/piece.ts';
import type { Part } from '../piece/part.ts';
import { countPiece, type PieceCount } from '../price/count.ts';
import type { Section } from '../stock/section.ts';
import type { Problem, Rates } from '../studio/rates.ts';
import type { Batch } from './batch.ts';

/** One line of the cut list: so many blanks alike. */
export interface CutLine {
  readonly part: Part;
  readonly alloy: Alloy;
  readonly section: Section;
  readonly cut: Cut;
  /** Blanks for the whole batch. */
  readonly count: Figure;
  /** mm of wire, strip or tube for all of them; null for sheet. */
  readonly length: Figure | null;
  /** g for all of them. */
  readonly grams: Figure;
}

/** Everything of one stock item that the batch needs. */
interface IssueLine {
  readonly alloy: Alloy;
  readonly section: Section;
  readonly grams: Figure;
}

export interface BatchCount {
  readonly quantity: number;
  readonly piece: PieceCount;
  readonly cutList: readonly CutLine[];
  readonly issue: readonly IssueLine[];
  readonly grams: Figure;
  /** Attended hours of the whole batch. */
  readonly hands: Figure;
  /** Unattended hours of the whole batch. */
  readonly byItself: Figure;
  readonly cost: Figure;
  readonly wholesale: Figure;
  readonly left: Figure;
  readonly problems: readonly Problem[];
}

/**
 * Reckons a batch at the studio's rates and a fix; set-up is spread over the batch itself.
 * @param piece  the revision the batch is made from
 */
export function countBatch(batch: Batch, piece: Piece, rates: Rates, fix: Fix | null): BatchCount {
  const reading = readCount(batch.quantity);
  const quantity = reading.ok ? reading.value : 1;
  const problems: Problem[] = reading.ok ? [] : [{ path: 'quantity', sentence: reading.sentence }];
  const count = countPiece(piece, rates, fix, { batchSize: quantity, size: batch.size });
  const cutList = count.recipe.piece.parts.flatMap((part, index) => cutLine(part, count, index, quantity));
  const pieces = given('pieces', quantity, '', 'the batch, as typed');
  const times = (label: string, each: Figure) =>
    reckoned(label, each.value * quantity, each.unit, `${String(quantity)} × ${inSum(each.value, each.unit)}`, [
      pieces,
      each,
    ]);
  const issue = issueLines(cutList);
  return {
    quantity,
    piece: count,
    cutList,
    issue,
    grams: totalOf(
      'metal to issue',
      'g',
      issue.map((line) => line.grams),
    ),
    hands: inHours(times('hands', count.minutes)),
    byItself: inHours(count.byItself),
    cost: times('cost', count.column.cost),
    wholesale: times('worth at wholesale', count.prices.wholesale),
    left: times('left at wholesale', count.prices.left),
    problems: [...problems, ...count.problems],
  };
}

function inHours(minutes: Figure): Figure {
  return reckoned(minutes.label, minutes.value / 60, 'h', `${inSum(minutes.value)} ÷ 60`, [minutes]);
}

function cutLine(part: Part, count: PieceCount, index: number, quantity: number): CutLine[] {
  const { alloy, section, cut, gross, count: inPiece } = count.parts[index] ?? {};
  if (!alloy || !section || !cut || !gross || !inPiece || part.bought) return [];
  const pieces = given('pieces', quantity, '', 'the batch, as typed');
  const spare = readCount(part.spare, 0);
  const spares = spare.ok && part.spare.trim() ? spare.value : 0;
  const blanks = reckoned(
    'blanks',
    quantity * inPiece + spares,
    '',
    `${String(quantity)} × ${String(inPiece)}${spares > 0 ? ` + ${String(spares)}` : ''}`,
    [pieces, ...(spares > 0 ? [given('spares', spares, '', 'as typed')] : [])],
  );
  const name = part.name || 'part';
  return [
    {
      part,
      alloy,
      section,
      cut,
      count: blanks,
      length:
        cut.kind === 'length'
          ? reckoned(
              `${name}, all blanks`,
              cut.length.value * blanks.value,
              'mm',
              `${String(blanks.value)} × ${inSum(cut.length.value)}`,
              [blanks, cut.length],
            )
          : null,
      grams:
        spares === 0
          ? reckoned(name, gross.value * quantity, 'g', `${String(quantity)} × ${inSum(gross.value)}`, [pieces, gross])
          : reckoned(
              name,
              (gross.value / inPiece) * blanks.value,
              'g',
              `${inSum(gross.value)} ÷ ${String(inPiece)} × ${inSum(blanks.value)}`,
              [gross, blanks],
            ),
    },
  ];
}

function issueLines(cutList: readonly CutLine[]): IssueLine[] {
  const byStock = new Map<string, CutLine[]>();
  for (const line of cutList) {
    const key = stockKey(line.alloy, line.section);
    byStock.set(key, [...(byStock.get(key) ?? []), line]);
  }
  return [...byStock.values()].flatMap((lines) => {
    const [first] = lines;
    if (!first) return [];
    const grams = totalOf(
      first.alloy.name,
      'g',
      lines.map((line) => line.grams),
    );
    return [{ alloy: first.alloy, section: first.section, grams }];
  });
}

// In whole micrometres, so that 20 gauge and the 0.812 mm it is sold as are one coil, not two.
function stockKey(alloy: Alloy, section: Section): string {
  const sizes = Object.values<string | number>({ ...section }).map((size) =>
    typeof size === 'number' ? Math.round(size * 1000) : size,
  );
  return [alloy.id, ...sizes].join(' ');
}
