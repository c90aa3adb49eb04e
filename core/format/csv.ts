// CSV (RFC 4180), safe for spreadsheets: a cell that a spreadsheet would take for a formula gets an apostrophe before it
// (as OWASP advises against CSV injection), and loses it again when it is read.
import Papa from 'papaparse';

/** The first sign of a formula; a plain number with a sign is none. */
const FORMULA = /^(?![-+]?\d[\d.,\s]*%?$)[=+\-@\t\r]/;
const MADE_SAFE = /^'(?=[=+\-@\t\r])/;

/** What a reader could take for a delimiter stands in quotes, as commas do. */
const quotes = (cell: unknown) => typeof cell === 'string' && /[;\t|]/.test(cell);

/** @param rows  cells, the heads first. @returns CSV with a final line break */
export function csvOf(rows: readonly (readonly (string | number)[])[]): string {
  const safe = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell)),
  );
  return `${Papa.unparse(safe, { newline: '\r\n', quotes })}\r\n`;
}

/** A cell as it was typed, before it was made safe. */
export function cellAsTyped(cell: string): string {
  return cell.replace(MADE_SAFE, '');
}

/** Cells of a CSV text; the delimiter is found. Empty lines are left out. */
export function readCsv(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  return data.map((row) => row.map(cellAsTyped));
}
