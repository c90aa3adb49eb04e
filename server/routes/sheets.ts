// Line sheets, price tags, job sheets and templates as files.
import type { FastifyInstance } from 'fastify';
import type { FastifyReply } from 'fastify';
import { sheetRoutes } from '../../contract/sheets.ts';
import { templatesDxf, templatesSvg } from '../../core/batch/templates/template-files.ts';
import { templatesOf } from '../../core/batch/templates/templates.ts';
import { jobSheetPdf } from '../documents/job-sheet.ts';
import { labelsOf, labelsPdf } from '../documents/labels.ts';
import { lineSheetPdf } from '../documents/line-sheet.ts';
import { lineSheetCsv } from '../documents/line-sheet-csv.ts';
import { templatesPdf } from '../documents/templates.ts';
import { batchOnPaper, lineSheetOf } from '../services/papers.ts';
import type { Stores } from '../store/stores.ts';
import { sendRoute } from './register.ts';

/** Registers the routes of printed papers. */
export function registerSheets(app: FastifyInstance, stores: Stores): void {
  const linesOf = (ids: string) => lineSheetOf(stores, ids.split(','));
  sendRoute(app, sheetRoutes.lineSheetPdf, async ({ query }, reply) => {
    const { items, about } = linesOf(query.ids);
    return await send(reply, 'application/pdf', 'line-sheet.pdf', await lineSheetPdf(items, about));
  });
  sendRoute(app, sheetRoutes.lineSheetCsv, async ({ query }, reply) => {
    const { items, about } = linesOf(query.ids);
    return await send(reply, 'text/csv; charset=utf-8', 'line-sheet.csv', lineSheetCsv(items, about.currency));
  });
  sendRoute(app, sheetRoutes.labelsPdf, async ({ query: { ids, copies, ...layout } }, reply) => {
    const { items, about } = linesOf(ids);
    const pdf = await labelsPdf(labelsOf(items, about.currency, copies), layout);
    return await send(reply, 'application/pdf', 'labels.pdf', pdf);
  });
  sendRoute(app, sheetRoutes.jobSheetPdf, async ({ params: { id }, query: { paper }, headers }, reply) => {
    const { body, count, ...about } = batchOnPaper(stores, id);
    const address = `http://${headers.host ?? 'localhost'}/batches/${id}`;
    const pdf = await jobSheetPdf(body, count, { ...about, address }, paper);
    return await send(reply, 'application/pdf', 'job-sheet.pdf', pdf);
  });
  sendRoute(app, sheetRoutes.templatesPdf, async ({ params, query: { paper } }, reply) => {
    const { count, title } = batchOnPaper(stores, params.id);
    const pdf = await templatesPdf(title, templatesOf(count), paper);
    return await send(reply, 'application/pdf', 'templates.pdf', pdf);
  });
  const templatesOfBatch = (id: string) => templatesOf(batchOnPaper(stores, id).count);
  sendRoute(
    app,
    sheetRoutes.templatesSvg,
    async ({ params }, reply) =>
      await send(reply, 'image/svg+xml', 'templates.svg', templatesSvg(templatesOfBatch(params.id))),
  );
  sendRoute(
    app,
    sheetRoutes.templatesDxf,
    async ({ params }, reply) =>
      await send(reply, 'image/vnd.dxf', 'templates.dxf', templatesDxf(templatesOfBatch(params.id))),
  );
}

async function send(reply: FastifyReply, type: string, name: string, bytes: Buffer | string): Promise<FastifyReply> {
  return await reply.type(type).header('content-disposition', `attachment; filename="${name}"`).send(bytes);
}
