// Line sheets, price tags, job sheets and templates as files.
import type { FastifyInstance } from 'fastify';
import { sheetRoutes } from '../../contract/sheets.ts';
import { templatesDxf, templatesSvg } from '../../core/batch/templates/template-files.ts';
import { templatesOf } from '../../core/batch/templates/templates.ts';
import { batchNumber } from '../../core/bench/batch-number.ts';
import { shortDay } from '../../core/format/days.ts';
import { paperOf } from '../../core/format/paper.ts';
import { jobSheetPdf } from '../documents/job-sheet.ts';
import { labelsOf } from '../documents/labels.ts';
import { lineSheetCsv } from '../documents/line-sheet-csv.ts';
import { quotePdf } from '../documents/quote.ts';
import { templatesPdf } from '../documents/templates.ts';
import { acceptedStudio } from '../services/basis.ts';
import { batchOnPaper, letterheadOf, lineSheetOf, tagsOfBatch } from '../services/papers.ts';
import { quoteOnPaper } from '../services/quote-paper.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { paperMaking, tagTask } from './paper-making.ts';
import { sendRoute } from './register.ts';
import { sendFile } from './send-file.ts';

/** Tags of one file: a sheet of 65 a hundred times. */
const MOST_LABELS = 6500;

/** Registers the routes of printed papers. */
export function registerSheets(app: FastifyInstance, stores: Stores): void {
  const linesOf = (ids: string) => lineSheetOf(stores, ids.split(','));
  const paper = paperMaking(stores);
  sendRoute(app, sheetRoutes.lineSheetPdf, async ({ query }, reply, request) => {
    const {
      items,
      about: { photo, ...about },
    } = linesOf(query.ids);
    const photos = new Map(items.flatMap((item) => (item.photo ? [[item.photo, photo(item.photo)] as const] : [])));
    return await sendFile(
      reply,
      'application/pdf',
      `Line sheet - ${about.from.name}.pdf`,
      await paper({ kind: 'line-sheet', items, about, photos }, request),
    );
  });
  sendRoute(app, sheetRoutes.lineSheetCsv, async ({ query }, reply) => {
    const { items, about } = linesOf(query.ids);
    const csv = lineSheetCsv(items, about.currency);
    return await sendFile(reply, 'text/csv; charset=utf-8', `Line sheet - ${about.from.name}.csv`, csv);
  });
  sendRoute(app, sheetRoutes.labelsPdf, async ({ query: { ids, copies, paper: size, ...layout } }, reply, request) => {
    const { items, about } = linesOf(ids);
    if (items.length * copies > MOST_LABELS)
      throw new NotAcceptable(`That is more than ${String(MOST_LABELS)} tags. Print them in parts.`, []);
    const labels = labelsOf(items, about.currency, copies);
    const [only] = items.length === 1 ? items : [];
    const name = `Price tags - ${only?.name ?? about.from.name}.pdf`;
    const task = { kind: 'labels', labels, layout, paper: size ?? about.paper } as const;
    return await sendFile(reply, 'application/pdf', name, await paper(task, request));
  });
  sendRoute(app, sheetRoutes.quotePdf, async ({ params: { id }, query }, reply) => {
    const quote = quoteOnPaper(stores, id);
    const { quoteTerms, country } = acceptedStudio(stores);
    const pdf = await quotePdf(quote, letterheadOf(stores), quoteTerms, query.paper ?? paperOf(country));
    const customer = quote.facts.find(([label]) => label === 'Customer')?.[1];
    return await sendFile(reply, 'application/pdf', `${[quote.title, customer].filter(Boolean).join(' - ')}.pdf`, pdf);
  });
  sendRoute(app, sheetRoutes.jobSheetPdf, async ({ params: { id }, query, headers }, reply) => {
    const { body, count, paper: usual, ...about } = batchOnPaper(stores, id);
    const address = `http://${headers.host ?? 'localhost'}/batches/${id}`;
    const pdf = await jobSheetPdf(body, count, { ...about, address, number: batchNumber(id) }, query.paper ?? usual);
    const due = body.due && shortDay(body.due);
    return await sendFile(
      reply,
      'application/pdf',
      `${['Job sheet', about.title, due].filter(Boolean).join(' - ')}.pdf`,
      pdf,
    );
  });
  sendRoute(app, sheetRoutes.batchTagsPdf, async ({ params: { id }, query }, reply, request) => {
    const { title, currency, paper: usual } = batchOnPaper(stores, id);
    const size = query.paper ?? usual;
    const labels = tagsOfBatch(stores, id).flatMap(({ item, quantity }) => labelsOf([item], currency, quantity));
    const pdf = await paper(tagTask(labels, size), request);
    return await sendFile(reply, 'application/pdf', `Price tags - ${title}.pdf`, pdf);
  });
  sendRoute(app, sheetRoutes.templatesPdf, async ({ params, query }, reply) => {
    const { count, title, paper: usual } = batchOnPaper(stores, params.id);
    const pdf = await templatesPdf(title, templatesOf(count), query.paper ?? usual);
    return await sendFile(reply, 'application/pdf', `Cut templates - ${title}.pdf`, pdf);
  });
  const templatesOfBatch = (id: string) => {
    const { count, title } = batchOnPaper(stores, id);
    return { templates: templatesOf(count), title };
  };
  sendRoute(app, sheetRoutes.templatesSvg, async ({ params }, reply) => {
    const { templates, title } = templatesOfBatch(params.id);
    return await sendFile(reply, 'image/svg+xml', `Cut templates - ${title}.svg`, templatesSvg(templates));
  });
  sendRoute(app, sheetRoutes.templatesDxf, async ({ params }, reply) => {
    const { templates, title } = templatesOfBatch(params.id);
    return await sendFile(reply, 'image/vnd.dxf', `Cut templates - ${title}.dxf`, templatesDxf(templates));
  });
}
