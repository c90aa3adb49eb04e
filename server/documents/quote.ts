// A quote on paper, with room for the customer's acceptance.
import type { Paper } from '../../core/format/paper.ts';
import type { QuotePaper } from '../../core/price/quote/quote-paper.ts';
import { drawLetterhead, type Letterhead } from './letterhead.ts';
import { type Pdf, pdfOf, POINTS_PER_MM } from './pdf.ts';

const GAP = 6 * POINTS_PER_MM;
const LINE = 15;
/** Right edges of quantity, price each and amount, from the right edge of the page. */
const COLUMNS = { count: 190, each: 95, all: 0 } as const;
const COLUMN = 80;
/** Room that the sums or the acceptance need on one page. */
const ACCEPTANCE = 90;

/** Draws a quote. @param terms  terms of the studio's own; '' for none. @returns a PDF */
export async function quotePdf(paper: QuotePaper, from: Letterhead, terms: string, size: Paper): Promise<Buffer> {
  const foot = [from.name, paper.title].filter(Boolean).join(' · ');
  return await pdfOf({ title: `${paper.title}, ${from.name}`, paper: size, foot }, (pdf) => {
    const { left, right, top, bottom } = pdf.page.margins;
    const width = pdf.page.width - left - right;
    const end = pdf.page.height - bottom;
    drawLetterhead(pdf, from);
    pdf
      .font('bold')
      .fontSize(20)
      .text(paper.title, left, pdf.y + GAP);
    let y = facts(pdf, paper, left, pdf.y + 6);
    const room = (height: number) => {
      if (y + height <= end) return;
      pdf.addPage();
      y = top;
    };
    y = itemHeads(pdf, left, y + GAP, width);
    paper.items.forEach((item, index) => {
      const wide = width - COLUMNS.count - COLUMN;
      const height = Math.max(LINE, pdf.font('book').fontSize(10).heightOfString(item.what, { width: wide }) + 4);
      // The last item takes the sums with it, so that no page holds the sums alone.
      room(height + (index === paper.items.length - 1 ? paper.sums.length * LINE + GAP : 0));
      pdf.fillColor('#000').text(item.what, left, y, { width: wide });
      cell(pdf, item.count, left + width - COLUMNS.count, y);
      cell(pdf, item.each, left + width - COLUMNS.each, y);
      cell(pdf, item.all, left + width, y);
      y += height;
      rule(pdf, left, y - 3, width, '#bbb');
    });
    y += 6;
    for (const [label, amount] of paper.sums) {
      room(LINE);
      const isTotal = label.startsWith('Total');
      pdf.font(isTotal ? 'bold' : 'book').fontSize(isTotal ? 12 : 10);
      pdf.text(label, left, y, { width: width - 100, align: 'right', lineBreak: false });
      cell(pdf, amount, left + width, y);
      y += isTotal ? LINE + 4 : LINE;
    }
    y += GAP;
    for (const note of [...paper.notes, terms].filter((text) => text.trim())) {
      pdf.font('book').fontSize(9.5);
      const height = pdf.heightOfString(note, { width });
      room(height + 6);
      pdf.text(note, left, y, { width });
      y += height + 6;
    }
    room(ACCEPTANCE);
    acceptance(pdf, paper.title, left, y + GAP, width);
  });
}

function facts(pdf: Pdf, { facts: list }: QuotePaper, left: number, top: number): number {
  let y = top;
  for (const [label, text] of list) {
    pdf.font('book').fontSize(10).fillColor('#555').text(label, left, y, { width: 110, lineBreak: false });
    pdf.fillColor('#000').text(text, left + 115, y, { width: 380 });
    y = Math.max(y + LINE, pdf.y + 2);
  }
  return y;
}

function itemHeads(pdf: Pdf, left: number, y: number, width: number): number {
  pdf.font('book').fontSize(9).fillColor('#555').text('Item', left, y, { lineBreak: false });
  cell(pdf, 'Quantity', left + width - COLUMNS.count, y);
  cell(pdf, 'Price each', left + width - COLUMNS.each, y);
  cell(pdf, 'Amount', left + width, y);
  rule(pdf, left, y + 13, width, '#000');
  return y + 18;
}

function cell(pdf: Pdf, text: string, right: number, y: number): void {
  pdf.text(text, right - COLUMN, y, { width: COLUMN, align: 'right', lineBreak: false });
}

function rule(pdf: Pdf, left: number, y: number, width: number, color: string): void {
  pdf
    .moveTo(left, y)
    .lineTo(left + width, y)
    .lineWidth(0.5)
    .strokeColor(color)
    .stroke();
}

function acceptance(pdf: Pdf, title: string, left: number, top: number, width: number): void {
  pdf.font('bold').fontSize(10).fillColor('#000').text('Acceptance', left, top, { lineBreak: false });
  pdf.font('book').text(`I accept ${title} and its terms.`, left, top + LINE, { lineBreak: false });
  const third = (width - 2 * GAP) / 3;
  ['Name', 'Date', 'Signature'].forEach((label, index) => {
    const x = left + index * (third + GAP);
    rule(pdf, x, top + 58, third, '#000');
    pdf
      .fontSize(8)
      .fillColor('#555')
      .text(label, x, top + 61, { lineBreak: false });
  });
}
