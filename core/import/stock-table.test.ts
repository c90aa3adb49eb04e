// What is exported can be imported again: the same stock comes back.
import { describe, expect, it } from 'vitest';
import { type BulkLot, readLot, type ShelfLot } from '../batch/stock/shelf.ts';
import { csvOf } from '../format/csv.ts';
import { type Alloy, builtInAlloys } from '../metal/alloys.ts';
import { alloyNamed } from './alloy-named.ts';
import { cellsByField, guessMapping } from './columns.ts';
import { jarFields, readJarRow } from './jar-rows.ts';
import { readStockRow, stockFields } from './stock-rows.ts';
import { jarTable, stockTable } from './stock-table.ts';
import { readTableText } from './table-file.ts';

const alloys = new Map<string, Alloy>(builtInAlloys.map((alloy) => [alloy.id, alloy]));
const nameOf = (id: string) => alloys.get(id)?.name ?? id;
const label = { supplier: 'Breakwater', where: 'drawer 2', owner: '', since: '2026-01-01' };
const lot = (section: ShelfLot['section'], size: ShelfLot['size'], grams: number): ShelfLot => ({
  id: 'a', number: 7, alloy: 'silver-925', section, size, temper: '', grams, paidMinor: null, currency: 'GBP', isOffcut: false, count: 2, ...label,
}); // prettier-ignore

const backFrom = (rows: string[][]) => {
  const table = readTableText(csvOf(rows));
  if (!table) throw new Error('no table');
  const mapping = guessMapping(table, stockFields);
  return table.rows.map((row) => readStockRow(cellsByField(row, mapping), { alloys, currency: 'GBP' }));
};

describe('tables of stock', () => {
  it.each([
    ['a bar', lot({ form: 'strip', widthMm: 6, thicknessMm: 1.2 }, { lengthMm: 340 }, 25.4)],
    ['a sheet', lot({ form: 'sheet', thicknessMm: 0.8 }, { widthMm: 100, heightMm: 50 }, 41.4)],
    ['a D-section', lot({ form: 'd', widthMm: 3.25, heightMm: 2.1 }, { lengthMm: 90 }, 6)],
    ['a wire', lot({ form: 'round', diameterMm: 0.812 }, { lengthMm: 1000 }, 5.4)],
    ['a tube', lot({ form: 'tube', outsideMm: 5, wallMm: 0.5 }, { lengthMm: 200 }, 14.6)],
  ])('%s comes back with its section and size', (_name, one) => {
    const [back] = backFrom(stockTable([one], [], nameOf));
    expect(back?.effect).toBe('new');
    const read = back?.value ? readLot(back.value, alloys, 'GBP') : { problems: [] };
    if ('problems' in read) throw new Error(JSON.stringify(read.problems));
    expect(read.lot.section).toEqual(one.section);
    expect(read.lot.size).toEqual(one.size);
    expect(read.count).toBe(2);
    expect(back?.value).toMatchObject({ supplier: 'Breakwater', where: 'drawer 2', isOpening: true });
  });

  it('grain comes back by its weight', () => {
    const bulk: BulkLot = { id: 'b', kind: 'grain', alloy: 'silver-925', number: 8, mg: 120_450, fine: { Ag: 111_416, Au: 0, Pt: 0, Pd: 0 }, ...label }; // prettier-ignore
    const [back] = backFrom(stockTable([], [bulk], nameOf));
    expect(back?.value).toMatchObject({ alloy: 'silver-925', section: { form: 'grain' }, weighed: '120.450' });
  });

  it('jars come back', () => {
    const rows = jarTable([{ kind: 'filings', alloy: 'silver-925', mg: 38_200 }], nameOf);
    const table = readTableText(csvOf(rows));
    if (!table) throw new Error('no table');
    const cells = cellsByField(table.rows[0] ?? [], guessMapping(table, jarFields));
    const back = readJarRow(cells, { alloyOf: (text) => alloyNamed(text, alloys) });
    expect(back.value).toEqual({ kind: 'filings', alloy: 'silver-925', grams: '38.200' });
  });
});
