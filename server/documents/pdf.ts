// A PDF document in the app's own font, as one buffer.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type PDFDocument from 'pdfkit';

/** A PDF document while it is drawn. */
export type Pdf = PDFKit.PDFDocument;
/** Paper sizes. */
export type Paper = 'A4' | 'Letter';
/** PDF points in a millimetre. */
export const POINTS_PER_MM = 72 / 25.4;

const TYPE = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff';

/**
 * @param title  title of the document
 * @param draw   draws on a page with margins of 15 mm, and adds pages as needed
 */
export async function pdfOf(
  title: string,
  draw: (pdf: Pdf) => void | Promise<void>,
  paper: Paper = 'A4',
): Promise<Buffer> {
  const { default: Document } = (await import('pdfkit')) as { default: typeof PDFDocument };
  const pdf = new Document({
    size: paper === 'A4' ? 'A4' : 'LETTER',
    margin: 15 * POINTS_PER_MM,
    info: { Title: title },
    lang: 'en',
  });
  const parts: Buffer[] = [];
  pdf.on('data', (part: Buffer) => parts.push(part));
  const done = new Promise<void>((resolve) => pdf.on('end', resolve));
  pdf.registerFont('book', readFileSync(createRequire(import.meta.url).resolve(TYPE)));
  pdf.font('book').fontSize(10);
  await draw(pdf);
  pdf.end();
  await done;
  return Buffer.concat(parts);
}
