// The line sheet as CSV. docs/formats/line-sheet.md describes its columns.
import Papa from 'papaparse';
import { minorDigits } from '../../core/figure/figure.ts';
import { lineSheetHeads, type LineSheetItem, lineSheetRows } from '../../core/price/book/line-sheet.ts';

/** @returns CSV (RFC 4180) with a final line break */
export function lineSheetCsv(items: readonly LineSheetItem[], currency: string): string {
  const rows = lineSheetRows(items, currency, minorDigits(currency));
  return `${Papa.unparse({ fields: [...lineSheetHeads], data: rows }, { newline: '\r\n' })}\r\n`;
}
