// Routes of line sheets and labels, by the ids of their pieces.
import { z } from 'zod';
import { isoDateSchema } from '../core/measure/typed.ts';
import { documentParams } from './document.ts';
import { route } from './route.ts';

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
  /** Labels of the first sheet that are used already. */
  skip: z.coerce.number().int().min(0).max(480).default(0),
  code: z.enum(['none', 'bars', 'square']),
});
/** A sheet of labels on A4, mm. */
export type LabelLayout = z.infer<typeof labelLayoutSchema>;

/** Left out: the usual paper of the studio's country. */
const paperQuerySchema = z.object({ paper: z.enum(['A4', 'Letter']).optional() });

/** Ids of pieces, separated by commas. */
const sheetQuerySchema = z.object({ ids: z.string().min(1, 'Choose at least one piece.').max(60_000) });
const labelQuerySchema = sheetQuerySchema.extend({
  ...labelLayoutSchema.shape,
  ...paperQuerySchema.shape,
  copies: z.coerce.number().int().min(1).max(200).default(1),
});

const sheet = { method: 'GET', tag: 'sheets' } as const;

/** Routes of line sheets and labels. */
export const sheetRoutes = {
  lineSheetPdf: route({
    ...sheet,
    path: '/api/sheets/line-sheet.pdf',
    summary: 'The line sheet of pieces, on paper',
    query: sheetQuerySchema,
  }),
  lineSheetCsv: route({
    ...sheet,
    path: '/api/sheets/line-sheet.csv',
    summary: 'The same as a table; docs/formats/line-sheet.md',
    query: sheetQuerySchema,
  }),
  labelsPdf: route({
    ...sheet,
    path: '/api/sheets/labels.pdf',
    summary: 'Price tags and labels, on a sheet laid out in mm',
    query: labelQuerySchema,
  }),
  quotePdf: route({
    ...sheet,
    path: '/api/quotes/:id/quote.pdf',
    summary: 'A quote for the customer, with room for the acceptance',
    params: documentParams,
    query: paperQuerySchema,
  }),
  entriesCsv: route({
    ...sheet,
    path: '/api/account/entries.csv',
    summary: 'Entries of the metal account between two days, both included, as a table',
    query: z.object({ from: isoDateSchema, until: isoDateSchema }),
  }),
  valuationPdf: route({
    ...sheet,
    path: '/api/account/valuation.pdf',
    summary: 'The valuation of the metal at the end of a day',
    query: paperQuerySchema.extend({ until: isoDateSchema }),
  }),
  deliveryNotePdf: route({
    ...sheet,
    path: '/api/made/entries/:id/note.pdf',
    summary: 'The delivery note of a sale, or the list of pieces left with a shop',
    params: z.object({ id: z.coerce.number().int() }),
    query: paperQuerySchema,
  }),
  statementPdf: route({
    ...sheet,
    path: '/api/made/outlets/:id/statement.pdf',
    summary: 'The statement of a shop for a time',
    params: documentParams,
    query: paperQuerySchema.extend({ from: isoDateSchema, until: isoDateSchema }),
  }),
  madeTagsPdf: route({
    ...sheet,
    path: '/api/made/tags.pdf',
    summary: 'Tags of finished pieces with their codes',
    query: paperQuerySchema.extend({
      /** `item*count`, separated by commas. */
      picks: z.string().min(1).max(60_000),
    }),
  }),
  jobSheetPdf: route({
    ...sheet,
    path: '/api/batches/:id/job-sheet.pdf',
    summary: 'The job sheet of a batch',
    params: documentParams,
    query: paperQuerySchema,
  }),
  batchTagsPdf: route({
    ...sheet,
    path: '/api/batches/:id/price-tags.pdf',
    summary: 'A price tag for each piece of a batch',
    params: documentParams,
    query: paperQuerySchema,
  }),
  templatesPdf: route({
    ...sheet,
    path: '/api/batches/:id/templates.pdf',
    summary: 'Cut templates at true scale',
    params: documentParams,
    query: paperQuerySchema,
  }),
  templatesSvg: route({
    ...sheet,
    path: '/api/batches/:id/templates.svg',
    summary: 'The same for cutters; docs/formats/templates.md',
    params: documentParams,
  }),
  templatesDxf: route({
    ...sheet,
    path: '/api/batches/:id/templates.dxf',
    summary: 'The same as DXF; docs/formats/templates.md',
    params: documentParams,
  }),
};
