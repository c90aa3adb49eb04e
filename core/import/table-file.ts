// Reads a table from the bytes of any CSV file: its encoding, its delimiter and its decimal sign are found.
import Papa from 'papaparse';
import { cellAsTyped } from '../format/csv.ts';

/** A table as it stands in a file. */
export interface TableFile {
  /** Names of the columns; `column 3` where a file names none. */
  readonly heads: readonly string[];
  /** Cells below the heads, as many a row as there are heads. */
  readonly rows: readonly (readonly string[])[];
  readonly encoding: 'UTF-8' | 'UTF-16' | 'Windows-1252';
  readonly delimiter: string;
  /** The decimal sign of its numbers. */
  readonly decimal: '.' | ',';
}

/** Rows beyond this number are left out. */
const MOST_ROWS = 20_000;

/** @param bytes  a CSV file. @returns null where it has no row below its heads */
export function readTableFile(bytes: Uint8Array): TableFile | null {
  const { text, encoding } = decode(bytes);
  return readTableText(text, encoding);
}

/** @param text  a table as CSV, or as it is copied from a spreadsheet */
export function readTableText(text: string, encoding: TableFile['encoding'] = 'UTF-8'): TableFile | null {
  const { data, meta } = Papa.parse<string[]>(text.trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  const lines = withoutTitle(data);
  const hasHeads = lines.length > 1 && looksLikeHeads(lines[0] ?? []);
  const width = Math.max(0, ...lines.slice(0, 50).map(({ length }) => length));
  const heads = Array.from(
    { length: width },
    (_, at) => (hasHeads && lines[0]?.[at]?.trim()) || `column ${String(at + 1)}`,
  );
  const rows = lines
    .slice(hasHeads ? 1 : 0, MOST_ROWS + 1)
    .map((line) => Array.from({ length: width }, (_, at) => cellAsTyped((line[at] ?? '').trim())));
  if (rows.length === 0 || width === 0) return null;
  return { heads, rows, encoding, delimiter: meta.delimiter, decimal: decimalOf(rows.flat()) };
}

function decode(bytes: Uint8Array): Pick<TableFile, 'encoding'> & { readonly text: string } {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16' };
  if (first === 0xfe && second === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    // Spreadsheets of earlier years write one byte a letter.
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' };
  }
}

/** Lines of one cell above a table are its title. */
function withoutTitle(lines: readonly string[][]): readonly string[][] {
  const filled = (line: readonly string[]) => line.filter((cell) => cell.trim()).length;
  const widest = Math.max(0, ...lines.slice(0, 50).map(filled));
  if (widest < 2) return lines;
  const start = lines.findIndex((line) => filled(line) > 1);
  return lines.slice(Math.max(0, start));
}

/** Heads are words: no cell of them is a number. */
function looksLikeHeads(line: readonly string[]): boolean {
  return line.some((cell) => /\p{L}/u.test(cell)) && line.every((cell) => !NUMBER.test(cell.trim()));
}

const NUMBER = /^[\p{Sc}\s]*[-+]?\d[\d.,' \u00a0]*[\p{Sc}%\s]*$/u;
/** `03.11.2026` is a day, not a number with thousands. */
const DAY = /^\s*\d{1,2}\.\d{1,2}\.(?:\d{2}|\d{4})\s*$/;

/** Bookkeepers write amounts below zero in brackets. */
const unbracketed = (cell: string) => /^\s*\((.+)\)\s*$/.exec(cell)?.[1] ?? cell;

/** The decimal sign that most numbers of a table speak for; a point where none does. */
function decimalOf(cells: readonly string[]): '.' | ',' {
  let commas = 0;
  let points = 0;
  for (const cell of cells) {
    if (!NUMBER.test(unbracketed(cell)) || DAY.test(cell)) continue;
    // A group of three digits may be thousands.
    if (/\.\d{3},\d+\D*$|,\d{1,2}\D*$|,\d{4,}\D*$/.test(cell)) commas += 1;
    else if (/,\d{3}\.\d+\D*$|\.\d{1,2}\D*$|\.\d{4,}\D*$/.test(cell)) points += 1;
  }
  return commas > points ? ',' : '.';
}

/**
 * A cell with a number as this app reads it, `1204.5`; other cells stay as they are.
 * @param decimal  the decimal sign of the file
 */
export function plainCell(cell: string, decimal: '.' | ','): string {
  const inside = unbracketed(cell);
  if (inside !== cell && NUMBER.test(inside)) return `-${plainCell(inside, decimal)}`;
  if (!NUMBER.test(cell) || DAY.test(cell)) return cell;
  const digits = cell.replace(/[\p{Sc}\s' \u00a0%]/gu, '');
  const plain = decimal === ',' ? digits.replace(/\./g, '').replace(',', '.') : digits.replace(/,/g, '');
  return /^[-+]?\d*\.?\d*$/.test(plain) ? plain : cell;
}
