// Files of the metal account and of finished pieces: valuation, entries, delivery notes, statements, tags.
import type { FastifyInstance } from 'fastify';
import { sheetRoutes } from '../../contract/sheets.ts';
import { entriesTable } from '../../core/account/entries-table.ts';
import { csvOf } from '../../core/format/csv.ts';
import { type Paper, paperOf } from '../../core/format/paper.ts';
import { type TablePaper, tablePaperPdf } from '../documents/table-paper.ts';
import { acceptedStudio, currentBasis } from '../services/basis.ts';
import { deliveryNote, statementOf, tagsOfItems } from '../services/made-papers.ts';
import { letterheadOf } from '../services/papers.ts';
import { valuationPaper } from '../services/valuation-paper.ts';
import type { Stores } from '../store/stores.ts';
import { paperMaking, tagTask } from './paper-making.ts';
import { sendRoute } from './register.ts';
import { sendFile } from './send-file.ts';

/** Entries of one table at most: ten years of a busy studio. */
const MOST_ENTRIES = 250_000;

/** Registers the routes of files of the metal account and of finished pieces. */
export function registerAccountSheets(app: FastifyInstance, stores: Stores): void {
  const makePaper = paperMaking(stores);
  const usualPaper = () => paperOf(acceptedStudio(stores).country);
  const pdfOf = async (table: TablePaper, paper: Paper = usualPaper()) =>
    await tablePaperPdf(table, letterheadOf(stores), paper);
  sendRoute(app, sheetRoutes.entriesCsv, async ({ query: { from, until } }, reply) => {
    const { alloys } = currentBasis(stores).rates;
    const entries = stores.account.entries({ from, until, limit: MOST_ENTRIES }).reverse();
    const csv = csvOf(entriesTable(entries, (alloy) => alloys.get(alloy)?.name ?? alloy));
    return await sendFile(reply, 'text/csv; charset=utf-8', `Metal entries - ${from} to ${until}.csv`, csv);
  });
  sendRoute(app, sheetRoutes.valuationPdf, async ({ query: { until, paper } }, reply) => {
    const pdf = await pdfOf(valuationPaper(stores, until), paper);
    return await sendFile(reply, 'application/pdf', `Valuation of metal - ${until}.pdf`, pdf);
  });
  sendRoute(app, sheetRoutes.deliveryNotePdf, async ({ params, query: { paper } }, reply) => {
    const note = deliveryNote(stores, params.id);
    return await sendFile(
      reply,
      'application/pdf',
      `${note.title} - ${note.facts[0] ?? ''}.pdf`,
      await pdfOf(note, paper),
    );
  });
  sendRoute(app, sheetRoutes.statementPdf, async ({ params, query: { from, until, paper } }, reply) => {
    const statement = statementOf(stores, params.id, from, until);
    const name = `${statement.title} - ${from} to ${until}.pdf`;
    return await sendFile(reply, 'application/pdf', name, await pdfOf(statement, paper));
  });
  sendRoute(app, sheetRoutes.madeTagsPdf, async ({ query: { picks, paper = usualPaper() } }, reply, request) => {
    const wanted = picks.split(',').map((pick): [string, number] => {
      const [item = '', count = '1'] = pick.split('*');
      return [item, Math.max(1, Math.floor(Number(count)) || 1)];
    });
    const pdf = await makePaper(tagTask(tagsOfItems(stores, wanted), paper), request);
    return await sendFile(reply, 'application/pdf', 'Tags.pdf', pdf);
  });
}
