// A PDF document in the app's own font, as one buffer: page numbers, and letters of Latin Extended.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type PDFDocument from 'pdfkit';
import type { Paper } from '../../core/format/paper.ts';
import { withExtendedLatin } from './extended-latin.ts';

/** A PDF document while it is drawn. */
export type Pdf = PDFKit.PDFDocument;
/** PDF points in a millimetre. */
export const POINTS_PER_MM = 72 / 25.4;

const FILES = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next';
/** Registered fonts: the plain and the bold one, each with its Latin Extended part. */
const fonts = {
  book: `${FILES}-latin-400-normal.woff`,
  'book-extended': `${FILES}-latin-ext-400-normal.woff`,
  bold: `${FILES}-latin-700-normal.woff`,
  'bold-extended': `${FILES}-latin-ext-700-normal.woff`,
} as const;

/** What a document says of itself. */
export interface PdfAbout {
  /** Title of the document. */
  readonly title: string;
  readonly paper?: Paper;
  /** Words at the foot of each page, beside its number; left out: no foot. */
  readonly foot?: string;
}

/** @param draw   draws on a page with margins of 15 mm, and adds pages as needed */
export async function pdfOf(
  { title, paper = 'A4', foot }: PdfAbout,
  draw: (pdf: Pdf) => void | Promise<void>,
): Promise<Buffer> {
  const { default: Document } = (await import('pdfkit')) as { default: typeof PDFDocument };
  const pdf = new Document({
    size: paper === 'A4' ? 'A4' : 'LETTER',
    margin: 15 * POINTS_PER_MM,
    info: { Title: title },
    lang: 'en',
    bufferPages: true,
  });
  const parts: Buffer[] = [];
  pdf.on('data', (part: Buffer) => parts.push(part));
  const done = new Promise<void>((resolve) => pdf.on('end', resolve));
  const { resolve } = createRequire(import.meta.url);
  for (const [name, file] of Object.entries(fonts)) pdf.registerFont(name, readFileSync(resolve(file)));
  withExtendedLatin(pdf);
  pdf.font('book').fontSize(10);
  await draw(pdf);
  if (foot !== undefined) numberPages(pdf, foot);
  pdf.end();
  await done;
  return Buffer.concat(parts);
}

function numberPages(pdf: Pdf, foot: string): void {
  const { start, count } = pdf.bufferedPageRange();
  for (let index = start; index < start + count; index += 1) {
    pdf.switchToPage(index);
    const { width, height, margins } = pdf.page;
    // The foot stands in the margin, where text would start a new page.
    margins.bottom = 0;
    const y = height - 10 * POINTS_PER_MM;
    pdf.font('book').fontSize(8).fillColor('#444');
    pdf.text(foot, margins.left, y, { lineBreak: false });
    pdf.text(`${String(index + 1)} / ${String(count)}`, width - margins.right - 80, y, {
      width: 80,
      align: 'right',
      lineBreak: false,
    });
  }
}
