// The printed line sheet: one block a piece, with picture, sizes, wholesale and suggested retail price.
import { showValue } from '../../core/figure/show.ts';
import { fullDay } from '../../core/format/days.ts';
import type { Paper } from '../../core/format/paper.ts';
import type { LineSheetItem } from '../../core/price/book/line-sheet.ts';
import { drawLetterhead, type Letterhead } from './letterhead.ts';
import { type Pdf, pdfOf, POINTS_PER_MM } from './pdf.ts';

/** What a line sheet says beside its pieces. */
export interface LineSheetTerms {
  readonly from: Letterhead;
  readonly paper: Paper;
  readonly currency: string;
  /** ISO day. */
  readonly on: string;
  /** Sentences at the foot: minimum order, volume discounts. */
  readonly terms: readonly string[];
  /** JPEG bytes of a picture. */
  readonly photo: (id: string) => Buffer;
}

const PICTURE = 26 * POINTS_PER_MM;
const GAP = 5 * POINTS_PER_MM;
const LINE = 14;

/** Draws a line sheet. @returns a PDF */
export async function lineSheetPdf(items: readonly LineSheetItem[], about: LineSheetTerms): Promise<Buffer> {
  return await pdfOf(
    { title: `Line sheet, ${about.from.name}`, paper: about.paper, foot: `Line sheet, ${about.from.name}` },
    (pdf) => {
      const { left, right, top, bottom } = pdf.page.margins;
      const width = pdf.page.width - left - right;
      drawLetterhead(pdf, about.from);
      pdf
        .font('bold')
        .fontSize(18)
        .text('Line sheet', left, pdf.y + GAP);
      pdf
        .font('book')
        .fontSize(10)
        .text(`${fullDay(about.on)}. Prices in ${about.currency}, wholesale without tax.`);
      for (const sentence of about.terms) pdf.text(sentence);
      let y = pdf.y + GAP;
      for (const item of items) {
        const height =
          Math.max(item.photo || item.blanks.length > 0 ? PICTURE : 0, 34 + item.sizes.length * LINE) + GAP;
        if (y + height > pdf.page.height - bottom) {
          pdf.addPage();
          y = top;
        }
        block(pdf, item, about, left, y, width);
        y += height;
      }
    },
  );
}

// The blanks of a piece on one scale, one below the other.
function drawing(pdf: Pdf, blanks: LineSheetItem['blanks'], left: number, top: number): void {
  const gap = 3;
  const room = PICTURE - 6;
  const wide = Math.max(1, ...blanks.map(({ widthMm }) => widthMm));
  const high = blanks.reduce((sum, { heightMm }) => sum + heightMm, 0);
  const scale = Math.min(room / wide, (room - gap * blanks.length) / Math.max(1, high));
  let y = top;
  pdf.lineWidth(0.6).strokeColor('#444');
  for (const { isRound, widthMm, heightMm } of blanks) {
    const [width, height] = [widthMm * scale, Math.max(0.6, heightMm * scale)];
    if (isRound) pdf.ellipse(left + width / 2, y + height / 2, width / 2, height / 2).stroke();
    else pdf.rect(left, y, width, height).stroke();
    y += height + gap;
  }
}

function block(pdf: Pdf, item: LineSheetItem, about: LineSheetTerms, left: number, top: number, width: number): void {
  pdf
    .moveTo(left, top - GAP / 2)
    .lineTo(left + width, top - GAP / 2)
    .lineWidth(0.5)
    .strokeColor('#999')
    .stroke();
  const picture = item.photo ? about.photo(item.photo) : null;
  const hasSight = picture !== null || item.blanks.length > 0;
  const text = hasSight ? left + PICTURE + GAP : left;
  if (picture) pdf.image(picture, left, top, { fit: [PICTURE, PICTURE - 4] });
  else drawing(pdf, item.blanks, left, top);
  const [wholesaleAt, retailAt] = [left + width - 150, left + width - 72];
  const right = (words: string, x: number, y: number) =>
    pdf.text(words, x, y, { width: 72, align: 'right', lineBreak: false });
  pdf.fillColor('#000').fontSize(12).text(item.name, text, top, { lineBreak: false });
  pdf
    .fontSize(9)
    .fillColor('#444')
    .text(`${item.code}   ${item.metals}`, text, top + 15, { lineBreak: false });
  right('wholesale', wholesaleAt, top + 15);
  right('suggested retail', retailAt, top + 15);
  pdf.fontSize(10).fillColor('#000');
  item.sizes.forEach(({ name, grams, wholesale, retail }, index) => {
    const y = top + 30 + index * LINE;
    const unit = item.soldBy === 'pair' ? 'a pair, ' : '';
    pdf.text(`${name ? `${name}, ` : ''}${unit}${showValue(grams, 'g')} g`, text, y, { lineBreak: false });
    right(showValue(wholesale, about.currency), wholesaleAt, y);
    right(showValue(retail, about.currency), retailAt, y);
  });
}
