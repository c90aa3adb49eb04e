// Line sheets, price tags, job sheets and templates as files.
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { sheetRoutes } from '../../contract/sheets.ts';
import { entriesTable } from '../../core/account/entries-table.ts';
import { templatesDxf, templatesSvg } from '../../core/batch/templates/template-files.ts';
import { templatesOf } from '../../core/batch/templates/templates.ts';
import { batchNumber } from '../../core/bench/batch-number.ts';
import { csvOf } from '../../core/format/csv.ts';
import { shortDay } from '../../core/format/days.ts';
import { paperOf } from '../../core/format/paper.ts';
import { labelSheets } from '../../core/price/book/label-sheets.ts';
import { jobSheetPdf } from '../documents/job-sheet.ts';
import { labelsOf } from '../documents/labels.ts';
import { lineSheetCsv } from '../documents/line-sheet-csv.ts';
import { madePaperPdf } from '../documents/made-papers.ts';
import { makePaper } from '../documents/paper-maker.ts';
import type { PaperTask } from '../documents/paper-task.ts';
import { quotePdf } from '../documents/quote.ts';
import { templatesPdf } from '../documents/templates.ts';
import { valuationPdf } from '../documents/valuation.ts';
import { valuationOn } from '../services/account-page.ts';
import { acceptedStudio, currentBasis } from '../services/basis.ts';
import { deliveryNote, statementOf, tagsOfItems } from '../services/made-papers.ts';
import { batchOnPaper, letterheadOf, lineSheetOf, tagsOfBatch } from '../services/papers.ts';
import { quoteOnPaper } from '../services/quote-paper.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { sendRoute } from './register.ts';

/** Tags of one file: a sheet of 65 a hundred times. */
const MOST_LABELS = 6500;

type DistributiveOmit<Of, Key extends PropertyKey> = Of extends unknown ? Omit<Of, Key> : never;

/** Entries of one table at most: ten years of a busy studio. */
const MOST_ENTRIES = 250_000;

/** Registers the routes of printed papers. */
export function registerSheets(app: FastifyInstance, stores: Stores): void {
  const linesOf = (ids: string) => lineSheetOf(stores, ids.split(','));
  const paper = async (task: DistributiveOmit<PaperTask, 'country'>, { raw }: FastifyRequest): Promise<Buffer> => {
    const ended = new AbortController();
    raw.once('close', () => ended.abort());
    return await makePaper({ ...task, country: acceptedStudio(stores).country }, ended.signal);
  };
  sendRoute(app, sheetRoutes.lineSheetPdf, async ({ query }, reply, request) => {
    const {
      items,
      about: { photo, ...about },
    } = linesOf(query.ids);
    const photos = new Map(items.flatMap((item) => (item.photo ? [[item.photo, photo(item.photo)] as const] : [])));
    return await send(
      reply,
      'application/pdf',
      `Line sheet - ${about.from.name}.pdf`,
      await paper({ kind: 'line-sheet', items, about, photos }, request),
    );
  });
  sendRoute(app, sheetRoutes.lineSheetCsv, async ({ query }, reply) => {
    const { items, about } = linesOf(query.ids);
    const csv = lineSheetCsv(items, about.currency);
    return await send(reply, 'text/csv; charset=utf-8', `Line sheet - ${about.from.name}.csv`, csv);
  });
  sendRoute(app, sheetRoutes.labelsPdf, async ({ query: { ids, copies, paper: size, ...layout } }, reply, request) => {
    const { items, about } = linesOf(ids);
    if (items.length * copies > MOST_LABELS)
      throw new NotAcceptable(`That is more than ${String(MOST_LABELS)} tags. Print them in parts.`, []);
    const labels = labelsOf(items, about.currency, copies);
    const [only] = items.length === 1 ? items : [];
    const name = `Price tags - ${only?.name ?? about.from.name}.pdf`;
    const task = { kind: 'labels', labels, layout, paper: size ?? about.paper } as const;
    return await send(reply, 'application/pdf', name, await paper(task, request));
  });
  sendRoute(app, sheetRoutes.quotePdf, async ({ params: { id }, query }, reply) => {
    const quote = quoteOnPaper(stores, id);
    const { quoteTerms, country } = acceptedStudio(stores);
    const pdf = await quotePdf(quote, letterheadOf(stores), quoteTerms, query.paper ?? paperOf(country));
    const customer = quote.facts.find(([label]) => label === 'Customer')?.[1];
    return await send(reply, 'application/pdf', `${[quote.title, customer].filter(Boolean).join(' - ')}.pdf`, pdf);
  });
  sendRoute(app, sheetRoutes.entriesCsv, async ({ query: { from, until } }, reply) => {
    const { alloys } = currentBasis(stores).rates;
    const entries = stores.account.entries({ from, until, limit: MOST_ENTRIES }).reverse();
    const csv = csvOf(entriesTable(entries, (alloy) => alloys.get(alloy)?.name ?? alloy));
    return await send(reply, 'text/csv; charset=utf-8', `Metal entries - ${from} to ${until}.csv`, csv);
  });
  sendRoute(app, sheetRoutes.valuationPdf, async ({ query: { until, paper: size } }, reply) => {
    const about = valuationOn(stores, until);
    const pdf = await valuationPdf(about, letterheadOf(stores), size ?? paperOf(acceptedStudio(stores).country));
    return await send(reply, 'application/pdf', `Valuation of metal - ${until}.pdf`, pdf);
  });
  const usualPaper = () => paperOf(acceptedStudio(stores).country);
  sendRoute(app, sheetRoutes.deliveryNotePdf, async ({ params, query }, reply) => {
    const note = deliveryNote(stores, params.id);
    const pdf = await madePaperPdf(note, letterheadOf(stores), query.paper ?? usualPaper());
    return await send(reply, 'application/pdf', `${note.title} - ${note.facts[0] ?? ''}.pdf`, pdf);
  });
  sendRoute(app, sheetRoutes.statementPdf, async ({ params, query: { from, until, paper: size } }, reply) => {
    const statement = statementOf(stores, params.id, from, until);
    const pdf = await madePaperPdf(statement, letterheadOf(stores), size ?? usualPaper());
    return await send(reply, 'application/pdf', `${statement.title} - ${from} to ${until}.pdf`, pdf);
  });
  sendRoute(app, sheetRoutes.madeTagsPdf, async ({ query }, reply, request) => {
    const size = query.paper ?? usualPaper();
    const [layout] = labelSheets.filter((sheet) => sheet.paper === size);
    if (!layout) throw new Error(`There is no sheet of labels for ${size}.`);
    const picks = query.picks.split(',').map((pick): [string, number] => {
      const [item = '', count = '1'] = pick.split('*');
      return [item, Math.max(1, Math.floor(Number(count)) || 1)];
    });
    const labels = tagsOfItems(stores, picks);
    const task = { kind: 'labels', labels, layout: { ...layout, skip: 0, code: 'square' }, paper: size } as const;
    return await send(reply, 'application/pdf', 'Tags.pdf', await paper(task, request));
  });
  sendRoute(app, sheetRoutes.jobSheetPdf, async ({ params: { id }, query, headers }, reply) => {
    const { body, count, paper: usual, ...about } = batchOnPaper(stores, id);
    const address = `http://${headers.host ?? 'localhost'}/batches/${id}`;
    const pdf = await jobSheetPdf(body, count, { ...about, address, number: batchNumber(id) }, query.paper ?? usual);
    const due = body.due && shortDay(body.due);
    return await send(
      reply,
      'application/pdf',
      `${['Job sheet', about.title, due].filter(Boolean).join(' - ')}.pdf`,
      pdf,
    );
  });
  sendRoute(app, sheetRoutes.batchTagsPdf, async ({ params: { id }, query }, reply, request) => {
    const { title, currency, paper: usual } = batchOnPaper(stores, id);
    const size = query.paper ?? usual;
    const [layout] = labelSheets.filter((sheet) => sheet.paper === size);
    const labels = tagsOfBatch(stores, id).flatMap(({ item, quantity }) => labelsOf([item], currency, quantity));
    if (!layout) throw new Error(`There is no sheet of labels for ${size}.`);
    const task = { kind: 'labels', labels, layout: { ...layout, skip: 0, code: 'square' }, paper: size } as const;
    const pdf = await paper(task, request);
    return await send(reply, 'application/pdf', `Price tags - ${title}.pdf`, pdf);
  });
  sendRoute(app, sheetRoutes.templatesPdf, async ({ params, query }, reply) => {
    const { count, title, paper: usual } = batchOnPaper(stores, params.id);
    const pdf = await templatesPdf(title, templatesOf(count), query.paper ?? usual);
    return await send(reply, 'application/pdf', `Cut templates - ${title}.pdf`, pdf);
  });
  const templatesOfBatch = (id: string) => {
    const { count, title } = batchOnPaper(stores, id);
    return { templates: templatesOf(count), title };
  };
  sendRoute(app, sheetRoutes.templatesSvg, async ({ params }, reply) => {
    const { templates, title } = templatesOfBatch(params.id);
    return await send(reply, 'image/svg+xml', `Cut templates - ${title}.svg`, templatesSvg(templates));
  });
  sendRoute(app, sheetRoutes.templatesDxf, async ({ params }, reply) => {
    const { templates, title } = templatesOfBatch(params.id);
    return await send(reply, 'image/vnd.dxf', `Cut templates - ${title}.dxf`, templatesDxf(templates));
  });
}

// A file name that says what the file is. The plain one is for old browsers, the other keeps every letter (RFC 6266).
async function send(reply: FastifyReply, type: string, name: string, bytes: Buffer | string): Promise<FastifyReply> {
  const safe = name.replace(/[\\/:*?"<>|\p{Cc}]/gu, ' ').replace(/ +/g, ' ');
  const plain = safe.normalize('NFKD').replace(/[^ -~]/g, '');
  const disposition = `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(safe)}`;
  return await reply.type(type).header('content-disposition', disposition).send(bytes);
}
