// Price tags and labels on a sheet with a layout in millimetres, each with its code as bars or a square.
import type { LabelLayout } from '../../contract/sheets.ts';
import { showPrice } from '../../core/figure/show.ts';
import type { Paper } from '../../core/format/paper.ts';
import type { LineSheetItem } from '../../core/price/book/line-sheet.ts';
import { codePicture } from './barcode-image.ts';
import { pdfOf, POINTS_PER_MM } from './pdf.ts';

/** The text of one label. */
export interface Label {
  readonly code: string;
  readonly name: string;
  readonly price: string;
}

/** A scanner needs no more. */
const LARGEST_SQUARE_MM = 22;

/** One label a size and copy. */
export function labelsOf(items: readonly LineSheetItem[], currency: string, copies: number): Label[] {
  return items.flatMap(({ code, name, sizes }) =>
    sizes.flatMap((size) => {
      const label = {
        code,
        name: size.name ? `${name}, ${size.name}` : name,
        price: showPrice(size.retail, currency),
      };
      return Array.from({ length: copies }, () => label);
    }),
  );
}

/** Draws labels in the places of a layout. @returns a PDF */
export async function labelsPdf(labels: readonly Label[], layout: LabelLayout, paper: Paper): Promise<Buffer> {
  const pictures = new Map<string, Buffer>();
  for (const { code } of labels)
    if (layout.code !== 'none' && !pictures.has(code)) pictures.set(code, await codePicture(code, layout.code));
  return await pdfOf({ title: 'Price tags', paper }, (pdf) => {
    const mm = (value: number) => value * POINTS_PER_MM;
    const perSheet = layout.columns * layout.rows;
    labels.forEach(({ code, name, price }, index) => {
      const at = (index + layout.skip) % perSheet;
      if (at === 0 && index > 0) pdf.addPage();
      const x = mm(layout.leftMm + (at % layout.columns) * (layout.widthMm + layout.gapXMm));
      const y = mm(layout.topMm + Math.floor(at / layout.columns) * (layout.heightMm + layout.gapYMm));
      const [width, height, edge] = [mm(layout.widthMm), mm(layout.heightMm), mm(Math.min(2, layout.heightMm / 10))];
      pdf.save().rect(x, y, width, height).clip();
      const small = layout.heightMm < 24;
      const picture = pictures.get(code);
      const square = Math.min(height - 2 * edge, mm(LARGEST_SQUARE_MM));
      const wordsWidth = width - 2 * edge - (picture && layout.code === 'square' ? square : 0);
      pdf
        .fontSize(small ? 6.5 : 9)
        .text(name, x + edge, y + edge, { width: wordsWidth, height: small ? 15 : 24, ellipsis: true });
      pdf
        .fontSize(small ? 10 : 15)
        .text(price, x + edge, y + (small ? mm(7.5) : mm(12)), { width: wordsWidth, lineBreak: false });
      if (layout.code === 'square')
        pdf
          .fontSize(small ? 5.5 : 7)
          .text(code, x + edge, y + height - edge - 9, { width: wordsWidth, lineBreak: false });
      if (picture && layout.code === 'square')
        pdf.image(picture, x + width - edge - square, y + edge, { fit: [square, square] });
      else if (picture)
        pdf.image(picture, x + edge, y + height - edge - mm(small ? 6 : 10), {
          fit: [width - 2 * edge, mm(small ? 6 : 10)],
        });
      pdf.restore();
    });
  });
}
