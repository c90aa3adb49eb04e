// Entries of the account as a table: one row a line.
import { gramsCell } from './balance.ts';
import { fineMetals, type MetalEntry } from './entry.ts';

/** Rows of cells, the column heads first; g with three decimals, money in minor units. */
export function entriesTable(entries: readonly MetalEntry[], nameOf: (alloy: string) => string): string[][] {
  const heads = ['entry', 'day', 'kind', 'reverses', 'place', 'lot', 'metal', 'pieces', 'g', ...fineMetals.map((metal) => `fine ${metal} g`), 'paid, minor units', 'currency', 'reason']; // prettier-ignore
  const rows = entries.flatMap(
    ({ id, on, kind, corrects, currency, why, lines }) =>
    lines.map((line) => [
      String(id), on, kind, corrects === null ? '' : String(corrects), line.place, String(line.lotNumber ?? ''),
      nameOf(line.alloy), String(line.pieces), gramsCell(line.mg), ...fineMetals.map((metal) => gramsCell(line.fine[metal])),
      line.paidMinor === null ? '' : String(line.paidMinor), currency, why,
    ]), // prettier-ignore
  );
  return [heads, ...rows];
}
