// Line sheets and labels as files.
import type { FastifyReply } from 'fastify';
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import Papa from 'papaparse';
import { labelQuerySchema, paperQuerySchema, sheetQuerySchema } from '../../contract/sheets.ts';
import { minorDigits } from '../../core/figure/figure.ts';
import { lineSheetHeads, lineSheetRows } from '../../core/price/book/line-sheet.ts';
import { templatesDxf, templatesSvg } from '../../core/batch/templates/template-files.ts';
import { templatesOf } from '../../core/batch/templates/templates.ts';
import { jobSheetPdf } from '../documents/job-sheet.ts';
import { templatesPdf } from '../documents/templates.ts';
import { documentParams } from './document-schemas.ts';
import { labelsOf, labelsPdf } from '../documents/labels.ts';
import { lineSheetPdf } from '../documents/line-sheet.ts';
import type { Book } from '../store/book.ts';

const tags = ['sheets'];

export function sheetRoutes(book: Book): FastifyPluginCallbackZod {
  return (app, _options, done) => {
    app.get(
      '/api/sheets/line-sheet.pdf',
      { schema: { tags, summary: 'The line sheet of pieces, on paper', querystring: sheetQuerySchema } },
      async ({ query }, reply) => {
        const { items, about } = book.lineSheet(query.ids.split(','));
        const pdf = await lineSheetPdf(items, about);
        return await send(reply, 'application/pdf', 'line-sheet.pdf', pdf);
      },
    );
    app.get(
      '/api/sheets/line-sheet.csv',
      { schema: { tags, summary: 'The same as a table; docs/formats/line-sheet.md', querystring: sheetQuerySchema } },
      async ({ query }, reply) => {
        const { items, about } = book.lineSheet(query.ids.split(','));
        const rows = lineSheetRows(items, about.currency, minorDigits(about.currency));
        const csv = Papa.unparse({ fields: [...lineSheetHeads], data: rows }, { newline: '\r\n' });
        return await send(reply, 'text/csv; charset=utf-8', 'line-sheet.csv', `${csv}\r\n`);
      },
    );
    app.get(
      '/api/sheets/labels.pdf',
      { schema: { tags, summary: 'Price tags and labels, on a sheet laid out in mm', querystring: labelQuerySchema } },
      async ({ query: { ids, copies, ...layout } }, reply) => {
        const { items, about } = book.lineSheet(ids.split(','));
        const pdf = await labelsPdf(labelsOf(items, about.currency, copies), layout);
        return await send(reply, 'application/pdf', 'labels.pdf', pdf);
      },
    );
    app.get(
      '/api/batches/:id/job-sheet.pdf',
      { schema: { tags, summary: 'The job sheet of a batch', params: documentParams, querystring: paperQuerySchema } },
      async ({ params: { id }, query: { paper }, headers }, reply) => {
        const { body, count, title, studio, units } = book.batchOnPaper(id);
        const about = { title, studio, units, address: `http://${headers.host ?? 'localhost'}/batches/${id}` };
        return await send(reply, 'application/pdf', 'job-sheet.pdf', await jobSheetPdf(body, count, about, paper));
      },
    );
    app.get(
      '/api/batches/:id/templates.pdf',
      {
        schema: { tags, summary: 'Cut templates at true scale', params: documentParams, querystring: paperQuerySchema },
      },
      async ({ params: { id }, query: { paper } }, reply) => {
        const { count, title } = book.batchOnPaper(id);
        const pdf = await templatesPdf(title, templatesOf(count), paper);
        return await send(reply, 'application/pdf', 'templates.pdf', pdf);
      },
    );
    app.get(
      '/api/batches/:id/templates.svg',
      { schema: { tags, summary: 'The same for cutters; docs/formats/templates.md', params: documentParams } },
      async ({ params: { id } }, reply) =>
        await send(reply, 'image/svg+xml', 'templates.svg', templatesSvg(templatesOf(book.batchOnPaper(id).count))),
    );
    app.get(
      '/api/batches/:id/templates.dxf',
      { schema: { tags, summary: 'The same as DXF; docs/formats/templates.md', params: documentParams } },
      async ({ params: { id } }, reply) =>
        await send(reply, 'image/vnd.dxf', 'templates.dxf', templatesDxf(templatesOf(book.batchOnPaper(id).count))),
    );
    done();
  };
}

async function send(reply: FastifyReply, type: string, name: string, bytes: Buffer | string): Promise<FastifyReply> {
  return await reply.type(type).header('content-disposition', `attachment; filename="${name}"`).send(bytes);
}
