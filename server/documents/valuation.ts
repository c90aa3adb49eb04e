// The valuation of the metal on paper, for the accountant.
import { type AlloyValue, valuationSums } from '../../core/account/valuation.ts';
import { showValue } from '../../core/figure/show.ts';
import { fullDay } from '../../core/format/days.ts';
import { showNumber } from '../../core/format/numbers.ts';
import type { Paper } from '../../core/format/paper.ts';
import { drawLetterhead, type Letterhead } from './letterhead.ts';
import { type Pdf, pdfOf } from './pdf.ts';

/** What a valuation says. */
export interface ValuationPaper {
  readonly values: readonly AlloyValue[];
  /** ISO day of the valuation, and of the metal prices; null before the first. */
  readonly until: string;
  readonly pricesOf: string | null;
  readonly currency: string;
  readonly nameOf: (alloy: string) => string;
}

const LINE = 16;
const COLUMN = 82;

/** Draws a valuation. @returns a PDF */
export async function valuationPdf(about: ValuationPaper, from: Letterhead, paper: Paper): Promise<Buffer> {
  const title = `Valuation of metal, ${fullDay(about.until)}`;
  return await pdfOf({ title, paper, foot: `${from.name} · ${title}` }, (pdf) => {
    const { left, right, bottom, top } = pdf.page.margins;
    const width = pdf.page.width - left - right;
    drawLetterhead(pdf, from);
    pdf
      .font('bold')
      .fontSize(18)
      .text(title, left, pdf.y + 16);
    let y = pdf.y + 14;
    const row = (cells: readonly string[], isBold = false) => {
      if (y + LINE > pdf.page.height - bottom) {
        pdf.addPage();
        y = top;
      }
      drawRow(pdf, cells, { left, y, width, isBold });
      y += LINE;
    };
    row(['Metal', 'g', 'At metal prices', 'Average cost', 'First-in first-out'], true);
    const money = (minor: number) => showValue(minor, about.currency);
    for (const { alloy, mg, atPrices, average, first } of about.values)
      row([
        about.nameOf(alloy),
        showNumber(mg / 1000, 2),
        atPrices ? money(atPrices.value) : '',
        money(average),
        money(first),
      ]);
    const sums = valuationSums(about.values);
    row(['Total', '', money(sums.atPrices), money(sums.average), money(sums.first)], true);
    pdf
      .font('book')
      .fontSize(9)
      .fillColor('#333')
      .text(notesOf(about, sums.unpricedMg).join('\n'), left, y + 12, { width });
  });
}

function notesOf({ pricesOf, currency }: ValuationPaper, unpricedMg: number): string[] {
  return [
    `All amounts in ${currency}. Metal kept for customers is not in it.`,
    pricesOf === null
      ? 'No metal prices are known.'
      : `Metal prices of ${fullDay(pricesOf)}, without fabrication charges.`,
    ...(unpricedMg > 0
      ? [
          `${showNumber(unpricedMg / 1000, 2)} g came without a price: they are not in average cost and first-in first-out.`,
        ]
      : []),
  ];
}

interface RowPlace {
  readonly left: number;
  readonly y: number;
  readonly width: number;
  readonly isBold: boolean;
}

function drawRow(pdf: Pdf, [name = '', ...cells]: readonly string[], { left, y, width, isBold }: RowPlace): void {
  pdf
    .font(isBold ? 'bold' : 'book')
    .fontSize(10)
    .fillColor('#000');
  pdf.text(name, left, y, { width: width - cells.length * COLUMN, lineBreak: false, ellipsis: true });
  cells.forEach((cell, index) => {
    const x = left + width - (cells.length - index) * COLUMN;
    pdf.text(cell, x, y, { width: COLUMN, align: 'right', lineBreak: false });
  });
  const under = y + LINE - 4;
  pdf
    .moveTo(left, under)
    .lineTo(left + width, under)
    .lineWidth(0.4)
    .strokeColor('#999')
    .stroke();
}
