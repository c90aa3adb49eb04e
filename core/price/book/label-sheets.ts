// Sheets of labels as they are sold, measured in mm.
import type { Paper } from '../../format/paper.ts';

/** A sheet of labels, mm. */
export interface LabelSheetSize {
  readonly name: string;
  readonly paper: Paper;
  readonly columns: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** From the edge of the paper to the first label. */
  readonly leftMm: number;
  readonly topMm: number;
  readonly gapXMm: number;
  readonly gapYMm: number;
}

/** Common sheets (common practice), the usual one of each paper first. */
export const labelSheets: readonly LabelSheetSize[] = [
  { name: '24 per sheet, 70 × 37 mm', paper: 'A4', columns: 3, rows: 8, widthMm: 70, heightMm: 37, leftMm: 0, topMm: 0.5, gapXMm: 0, gapYMm: 0 },
  { name: '65 per sheet, 38.1 × 21.2 mm', paper: 'A4', columns: 5, rows: 13, widthMm: 38.1, heightMm: 21.2, leftMm: 4.75, topMm: 10.7, gapXMm: 2.5, gapYMm: 0 },
  { name: '21 per sheet, 63.5 × 38.1 mm', paper: 'A4', columns: 3, rows: 7, widthMm: 63.5, heightMm: 38.1, leftMm: 7.25, topMm: 15.15, gapXMm: 2.5, gapYMm: 0 },
  { name: '30 per sheet, 66.7 × 25.4 mm', paper: 'Letter', columns: 3, rows: 10, widthMm: 66.7, heightMm: 25.4, leftMm: 4.8, topMm: 12.7, gapXMm: 3.2, gapYMm: 0 },
  { name: '80 per sheet, 44.5 × 12.7 mm', paper: 'Letter', columns: 4, rows: 20, widthMm: 44.5, heightMm: 12.7, leftMm: 7.6, topMm: 12.7, gapXMm: 7.6, gapYMm: 0 },
]; // prettier-ignore
