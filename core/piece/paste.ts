// Rows from a spreadsheet as rows of a piece. Cells are read in the order of the columns on the page.
import { type Part, partSchema, type PartTyped } from './part.ts';
import { type Finding, findingSchema } from './piece.ts';
import { type Step, stepSchema } from './step.ts';

/** Cells of a row. */
export type Cells = readonly string[];

const cell = (cells: Cells, at: number, most = 60) => (cells[at] ?? '').trim().slice(0, most);

/** A first row of column heads is left out. */
export function withoutHeads(lines: readonly Cells[]): readonly Cells[] {
  const [first = []] = lines;
  const isHead =
    first.length > 1 &&
    first.slice(1).every((text) => /^[a-z ,/()²]*$/i.test(text)) &&
    /^(part|finding|step|name|item|piece)s?$/i.test(cell(first, 0));
  return isHead ? lines.slice(1) : lines;
}

/** Name, price each, weight each, quantity. */
export function findingOfCells(cells: Cells, id: string): Finding {
  return findingSchema.parse({
    id,
    name: cell(cells, 0, 120),
    price: cell(cells, 1),
    grams: cell(cells, 2),
    count: cell(cells, 3) || '1',
  });
}

/** Name, station, set-up, each, unattended. */
export function stepOfCells(cells: Cells, id: string): Step {
  return stepSchema.parse({
    id,
    name: cell(cells, 0, 120),
    station: cell(cells, 1, 120),
    setUp: cell(cells, 2),
    each: cell(cells, 3),
    unattended: cell(cells, 4),
    overlaps: false,
    byHand: true,
  });
}

/**
 * Name, stock and blank in words (`18 ga sterling round 120 mm`), quantity, trim.
 * @param read  reads the words: the ask line
 */
export function partOfCells(cells: Cells, id: string, read: (words: string) => Omit<PartTyped, 'id'> | null): Part {
  const name = cell(cells, 0, 120);
  const taken = read(cell(cells, 1, 200));
  const typed = {
    alloy: 'silver-925',
    section: { form: 'round', diameter: '' },
    blank: { rule: 'straight', length: '' },
    ...taken,
    // Words that cannot be read are kept in the name.
    name: taken ? name : `${name} ${cell(cells, 1, 200)}`.trim().slice(0, 120),
    count: cell(cells, 2) || taken?.count || '1',
    trim: cell(cells, 3),
  };
  return partSchema.parse({ ...typed, id });
}
