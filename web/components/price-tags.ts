// Price tags of a piece as a download, on the usual sheet of the country.
import { sheetRoutes } from '../../contract/sheets.ts';
import type { Paper } from '../../core/format/paper.ts';
import { labelSheets } from '../../core/price/book/label-sheets.ts';

/** @param copies  tags of each size */
export function priceTagsPath(pieceId: string, copies: number, paper: Paper): string {
  const sheet = labelSheets.find((one) => one.paper === paper);
  const { columns, rows, widthMm, heightMm, leftMm, topMm, gapXMm, gapYMm } = sheet ?? {};
  const layout = { columns, rows, widthMm, heightMm, leftMm, topMm, gapXMm, gapYMm };
  const query = new URLSearchParams({
    ids: pieceId,
    ...Object.fromEntries(Object.entries(layout).map(([key, value]) => [key, String(value ?? 0)])),
    code: 'square',
    copies: String(Math.max(1, Math.round(copies))),
    paper,
  });
  return `${sheetRoutes.labelsPdf.path}?${query.toString()}`;
}
