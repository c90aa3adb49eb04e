// A paper with one table: delivery notes and consignment lists to sign, statements of shops, valuations.
import type { Paper } from '../../core/format/paper.ts';
import { drawLetterhead, type Letterhead } from './letterhead.ts';
import { type Pdf, pdfOf, POINTS_PER_MM } from './pdf.ts';

/** A paper with one table. */
export interface TablePaper {
  readonly title: string;
  /** Lines under the title: who it is for, the day, the terms. */
  readonly facts: readonly string[];
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** Bold rows under the table: sums. */
  readonly sums: readonly (readonly string[])[];
  readonly notes: readonly string[];
  /** Whether both sign it. */
  readonly isSigned: boolean;
}

const LINE = 16;
const COLUMN = 78;
const SIGNATURES = 90;
const GAP = 6 * POINTS_PER_MM;

/** Draws a paper. The first column is wide, the others are amounts. @returns a PDF */
export async function tablePaperPdf(about: TablePaper, from: Letterhead, paper: Paper): Promise<Buffer> {
  const foot = [from.name, about.title].filter(Boolean).join(' · ');
  return await pdfOf({ title: about.title, paper, foot }, (pdf) => {
    const { left, right, top, bottom } = pdf.page.margins;
    const width = pdf.page.width - left - right;
    drawLetterhead(pdf, from);
    pdf
      .font('bold')
      .fontSize(18)
      .text(about.title, left, pdf.y + GAP);
    pdf.font('book').fontSize(10).fillColor('#333');
    for (const fact of about.facts.filter(Boolean)) pdf.text(fact, left, pdf.y + 2, { width });
    let y = pdf.y + GAP;
    const room = (height: number) => {
      if (y + height <= pdf.page.height - bottom) return;
      pdf.addPage();
      y = top;
    };
    const row = (cells: readonly string[], isBold = false) => {
      room(LINE);
      drawCells(pdf, cells, left, y, width, isBold);
      y += LINE;
    };
    row(about.heads, true);
    for (const cells of about.rows) row(cells);
    y += 4;
    for (const cells of about.sums) row(cells, true);
    y += GAP;
    for (const note of about.notes.filter(Boolean)) {
      pdf.font('book').fontSize(9.5).fillColor('#000');
      const height = pdf.heightOfString(note, { width });
      room(height + 6);
      pdf.text(note, left, y, { width });
      y += height + 6;
    }
    if (!about.isSigned) return;
    room(SIGNATURES);
    drawSignatures(pdf, left, y + GAP, width);
  });
}

function drawCells(
  pdf: Pdf,
  [first = '', ...cells]: readonly string[],
  left: number,
  y: number,
  width: number,
  isBold: boolean,
): void {
  pdf
    .font(isBold ? 'bold' : 'book')
    .fontSize(10)
    .fillColor('#000');
  pdf.text(first, left, y, { width: width - cells.length * COLUMN, height: LINE, lineBreak: false, ellipsis: true });
  cells.forEach((cell, index) => {
    const x = left + width - (cells.length - index) * COLUMN;
    pdf.text(cell, x, y, { width: COLUMN, align: 'right', lineBreak: false });
  });
  const under = y + LINE - 4;
  pdf
    .moveTo(left, under)
    .lineTo(left + width, under)
    .lineWidth(0.4)
    .strokeColor('#bbb')
    .stroke();
}

function drawSignatures(pdf: Pdf, left: number, top: number, width: number): void {
  const half = (width - GAP) / 2;
  ['For the studio: name, date, signature', 'For the shop: name, date, signature'].forEach((label, index) => {
    const x = left + index * (half + GAP);
    pdf
      .moveTo(x, top + 46)
      .lineTo(x + half, top + 46)
      .lineWidth(0.5)
      .strokeColor('#000')
      .stroke();
    pdf
      .font('book')
      .fontSize(8)
      .fillColor('#555')
      .text(label, x, top + 49, { lineBreak: false });
  });
}
