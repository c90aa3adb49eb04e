// The head of a paper for customers: the logo, the studio's name, address and contact.
import { type Pdf, POINTS_PER_MM } from './pdf.ts';

/** Who sends a paper. */
export interface Letterhead {
  readonly name: string;
  /** Lines of the postal address. */
  readonly address: string;
  readonly contact: string;
  /** JPEG bytes of the logo; null for none. */
  readonly logo: Buffer | null;
}

const LOGO = [45 * POINTS_PER_MM, 18 * POINTS_PER_MM] as const;

/** Draws the head at the top margin. The text goes on below it, at `pdf.y`. */
export function drawLetterhead(pdf: Pdf, { name, address, contact, logo }: Letterhead): void {
  const { left, right, top } = pdf.page.margins;
  const width = pdf.page.width - left - right;
  if (logo) pdf.image(logo, left + width - LOGO[0], top, { fit: [LOGO[0], LOGO[1]], align: 'right', valign: 'center' });
  const room = logo ? width - LOGO[0] - 12 : width;
  pdf.fillColor('#000').font('bold').fontSize(13).text(name, left, top, { width: room });
  pdf.font('book').fontSize(9.5).fillColor('#333');
  for (const line of [...address.split('\n'), contact].filter((text) => text.trim()))
    pdf.text(line.trim(), { width: room });
  if (logo) pdf.y = Math.max(pdf.y, top + LOGO[1]);
  pdf
    .moveTo(left, pdf.y + 6)
    .lineTo(left + width, pdf.y + 6)
    .lineWidth(0.5)
    .strokeColor('#000')
    .stroke();
  pdf.fillColor('#000').y += 8;
}
