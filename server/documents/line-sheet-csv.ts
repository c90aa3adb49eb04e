// The line sheet as CSV. docs/formats/line-sheet.md describes its columns.
import { minorDigits } from '../../core/figure/figure.ts';
import { csvOf } from '../../core/format/csv.ts';
import { lineSheetHeads, type LineSheetItem, lineSheetRows } from '../../core/price/book/line-sheet.ts';

/** @returns CSV (RFC 4180) with a final line break */
export function lineSheetCsv(items: readonly LineSheetItem[], currency: string): string {
  return csvOf([lineSheetHeads, ...lineSheetRows(items, currency, minorDigits(currency))]);
}
