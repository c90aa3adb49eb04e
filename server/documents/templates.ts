// Cut templates at true scale, with a ruler and the frame of a bank card to check the printer.
import { laidOut, roomOf, type Template } from '../../core/batch/templates/templates.ts';
import { showNumber } from '../../core/format/numbers.ts';
import type { Paper } from '../../core/format/paper.ts';
import { type Pdf, pdfOf, POINTS_PER_MM } from './pdf.ts';

/** Length of the ruler, mm. */
export const RULER_MM = 150;
/** ISO/IEC 7810 ID-1. */
const CARD_MM = { width: 85.6, height: 53.98 } as const;
const MARGIN_MM = 15;
const TOP_MM = 100;

const pt = (mm: number) => mm * POINTS_PER_MM;

/** Draws templates at true scale. @returns a PDF */
export async function templatesPdf(title: string, templates: readonly Template[], paper: Paper): Promise<Buffer> {
  const foot = `Cut templates, ${title}. Print at 100 %.`;
  return await pdfOf({ title: `Cut templates, ${title}`, paper, foot }, (pdf) => {
    const width = pdf.page.width / POINTS_PER_MM - 2 * MARGIN_MM;
    const height = pdf.page.height / POINTS_PER_MM - MARGIN_MM;
    pdf.fontSize(14).text(`Cut templates, ${title}`, pt(MARGIN_MM), pt(MARGIN_MM), { lineBreak: false });
    pdf
      .fontSize(9)
      .text('Print at 100 %, not fitted to the page. Check both before you cut.', pt(MARGIN_MM), pt(MARGIN_MM + 7));
    ruler(pdf, MARGIN_MM, MARGIN_MM + 15);
    card(pdf, MARGIN_MM, MARGIN_MM + 24);
    let top = TOP_MM;
    for (const { template, x, y, isNewPage } of paged(templates, width, height)) {
      if (isNewPage) {
        pdf.addPage();
        top = MARGIN_MM;
      }
      draw(pdf, template, MARGIN_MM + x, top + y, width);
    }
  });
}

// Rows that do not fit the rest of a page move to the next.
function paged(templates: readonly Template[], width: number, height: number) {
  const { placed } = laidOut(templates, width);
  let [start, room] = [0, height - TOP_MM];
  return placed.map(({ template, x, y }) => {
    const isNewPage = y + roomOf(template).height - start > room && y > start;
    if (isNewPage) {
      start = y;
      room = height - MARGIN_MM;
    }
    return { template, x, y: y - start, isNewPage };
  });
}

function ruler(pdf: Pdf, x: number, y: number): void {
  pdf.lineWidth(0.6).strokeColor('#000').fillColor('#000').fontSize(7);
  pdf
    .moveTo(pt(x), pt(y))
    .lineTo(pt(x + RULER_MM), pt(y))
    .stroke();
  for (let mm = 0; mm <= RULER_MM; mm += 5) {
    const tick = mm % 10 === 0 ? 4 : 2;
    pdf
      .moveTo(pt(x + mm), pt(y))
      .lineTo(pt(x + mm), pt(y - tick))
      .stroke();
    if (mm % 50 === 0) pdf.text(`${String(mm)} mm`, pt(x + mm) - 10, pt(y) + 2, { lineBreak: false });
  }
}

function card(pdf: Pdf, x: number, y: number): void {
  pdf.lineWidth(0.6).rect(pt(x), pt(y), pt(CARD_MM.width), pt(CARD_MM.height)).stroke();
  pdf.fontSize(8).text('A bank card (85.60 × 53.98 mm) covers this frame', pt(x + 4), pt(y + 4), {
    lineBreak: false,
  });
}

function draw(pdf: Pdf, template: Template, x: number, y: number, width: number): void {
  const { height } = roomOf(template);
  pdf.lineWidth(0.4).strokeColor('#000').fillColor('#000');
  if (template.kind === 'strip') {
    // A strip longer than the paper is drawn in pieces, end to end.
    const shown = Math.min(template.lengthMm, width);
    pdf.rect(pt(x), pt(y), pt(shown), pt(5)).stroke();
    const more = template.lengthMm > width ? `; ${showNumber(shown, 1)} mm of it shown` : '';
    label(pdf, `${template.label}${more}`, x, y + height - 5);
    return;
  }
  if (template.kind === 'disc') {
    const r = template.diameterMm / 2;
    pdf.circle(pt(x + r), pt(y + r), pt(r)).stroke();
    if (template.holeMm > 0) pdf.circle(pt(x + r), pt(y + r), pt(template.holeMm / 2)).stroke();
    pdf.circle(pt(x + r), pt(y + r), 0.5).fill();
    label(pdf, template.label, x, y + height - 5);
    return;
  }
  const top = Math.max(...template.points.map(([, py]) => py));
  pdf.polygon(...template.points.map(([px, py]): [number, number] => [pt(x + px), pt(y + top - py)])).stroke();
  label(pdf, template.label, x, y + height - 5);
}

function label(pdf: Pdf, words: string, x: number, y: number): void {
  pdf.fontSize(7.5).text(words, pt(x), pt(y), { lineBreak: false });
}
