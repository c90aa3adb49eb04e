// CSV (RFC 4180), safe for spreadsheets: a cell that a spreadsheet would take for a formula gets an apostrophe before it
// (as OWASP advises against CSV injection), and loses it again when it is read.
import Papa from 'papaparse';

/** The first sign of a formula; a plain number with a sign is none. */
const FORMULA = /^(?![-+]?\d[\d.,\s]*%?$)[=+\-@\t\r]/;
const MADE_SAFE = /^'(?=[=+\-@\t\r])/;

/** @param rows  cells, the heads first. @returns CSV with a final line break */
export function csvOf(rows: readonly (readonly (string | number)[])[]): string {
  const safe = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell)),
  );
  return `${Papa.unparse(safe, { newline: '\r\n' })}\r\n`;
}

/** A cell as it was typed, before it was made safe. */
export function cellAsTyped(cell: string): string {
  return cell.replace(MADE_SAFE, '');
}

/** In this order: a delimiter that gives every line the same fields is right. */
const DELIMITERS = [',', ';', '\t', '|'] as const;

/** Cells of a CSV text; the delimiter is found. Empty lines are left out. */
export function readCsv(text: string): string[][] {
  const plain = text.replace(/^\uFEFF/, '');
  const even = DELIMITERS.map((delimiter) => parsed(plain, delimiter)).find(({ data, errors }) => {
    const fields = data[0]?.length ?? 0;
    return errors.length === 0 && fields > 1 && data.every((row) => row.length === fields);
  });
  // Where none does, as in a file with notes above its table, the package guesses.
  const { data } = even ?? parsed(plain);
  return data.map((row) => row.map(cellAsTyped));
}

function parsed(text: string, delimiter = ''): Papa.ParseResult<string[]> {
  return Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimiter });
}
