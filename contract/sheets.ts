// Paper for shops and tables: line sheets and labels, asked for by the pieces that stand on them.
import { z } from 'zod';

const mm = (least: number, most: number) => z.coerce.number().min(least).max(most);

/** A sheet of labels on A4, mm. */
const labelLayoutSchema = z.object({
  columns: z.coerce.number().int().min(1).max(12),
  rows: z.coerce.number().int().min(1).max(40),
  widthMm: mm(8, 210),
  heightMm: mm(6, 297),
  leftMm: mm(0, 100),
  topMm: mm(0, 100),
  gapXMm: mm(0, 50),
  gapYMm: mm(0, 50),
  /** Labels of the first sheet used up already. */
  skip: z.coerce.number().int().min(0).max(480).default(0),
  code: z.enum(['none', 'bars', 'square']),
});
export type LabelLayout = z.infer<typeof labelLayoutSchema>;

export const paperQuerySchema = z.object({ paper: z.enum(['A4', 'Letter']).default('A4') });

/** Ids of pieces, parted by commas; at most a book's worth. */
export const sheetQuerySchema = z.object({ ids: z.string().min(1, 'Choose at least one piece.').max(60_000) });
export const labelQuerySchema = sheetQuerySchema.extend({
  ...labelLayoutSchema.shape,
  copies: z.coerce.number().int().min(1).max(200).default(1),
});
