// Everything the finder can find.
import type { BatchWithPieces } from '../../contract/batches.ts';
import type { FairDocument } from '../../contract/fairs.ts';
import type { PieceDocument } from '../../contract/pieces.ts';
import type { QuoteDocument } from '../../contract/quotes.ts';
import type { ShelfPage } from '../../contract/shelf.ts';
import { nameOfLines } from '../../core/batch/batch-run.ts';
import { sectionOf } from '../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../core/batch/stock/size-words.ts';
import { batchNumber } from '../../core/bench/batch-number.ts';
import { stockName } from '../../core/format/variants.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import { nameOfQuote } from '../../core/price/quote/quote.ts';
import { sectionInWords } from '../../core/stock/words.ts';
import { helpPages } from '../help/help-pages.ts';
import { studioPlaces } from '../screens/studio/studio-places.ts';
import { madeLinesOf } from '../state/made-lines.ts';
import { words } from '../words/finder.ts';
import type { FinderItem } from './find-matches.ts';

/** What the ledger holds, as far as it has arrived. */
export interface FinderSource {
  readonly pieces: readonly PieceDocument[];
  readonly batches: readonly BatchWithPieces[];
  readonly quotes: readonly QuoteDocument[];
  readonly fairs: readonly FairDocument[];
  readonly lots: ShelfPage['lots'];
  readonly alloys: ReadonlyMap<string, Alloy>;
}

/** What can be done from anywhere, by its name in `do:NAME`. */
const finderActions = ['newPiece', 'newQuote', 'newRepairQuote', 'newFair', 'backUpNow', 'showKeys', 'theme'] as const; // prettier-ignore
/** An action of the finder. */
export type FinderAction = (typeof finderActions)[number];

const screens = (): readonly (readonly [to: string, name: string, more?: string])[] => [
  ['/attention', 'Attention', 'late low stock notices warnings'],
  ['/bench', 'Bench', 'tablet timer'],
  ['/day', 'Day', 'schedule today'],
  ['/plan', 'Plan', 'schedule calendar'],
  ['/promise', 'Delivery date', 'promise when'],
  ['/what-if', 'What if', 'overtime hire'],
  ['/hours', 'Hours', 'week time sheet'],
  ['/pieces', 'Pieces', 'designs'],
  ['/compare', 'Compare pieces'],
  ['/batches', 'Batches', 'orders'],
  ['/shelf', stockName(), 'lots metal'],
  ['/jars', 'Jars', 'scrap refiner filings lemel sweeps'],
  ['/account', 'Metal account', 'balance valuation stocktake accountant'],
  ['/count', 'Stock count', 'stocktake'],
  ['/convert', 'Melt, roll or alloy', 'ingot draw granulate'],
  ['/buying', 'Buying list', 'order supplier'],
  ['/made', 'Finished pieces', 'made stock shop consignment seconds samples'],
  ['/sales', 'Sales', 'sold refund takings card reader'],
  ['/outlets', 'Shops', 'consignment statement sale or return loan'],
  ['/make-next', 'Make next', 'demand runs out packing list fair'],
  ['/review', 'Review', 'year earned season verdict'],
  ['/prices', 'Price book', 'wholesale retail'],
  ['/fairs', 'Fairs', 'market stall'],
  ['/quotes', 'Quotes', 'commission repair'],
  ['/sheets', 'Line sheet and price tags', 'labels print'],
  ['/import', 'Import a table', 'csv spreadsheet price list stock pieces'],
  ['/ask', 'Calculator', 'ask gauge weight'],
  ['/reference', 'Reference', 'alloys gauges solder'],
  ['/studio/workshop', 'Settings', 'studio'],
  ['/studio/safety#backups', words.backUpNow, 'safety copy'],
];

/** All items, in the order in which they are listed before anything is typed. */
export function finderItems(source: FinderSource): FinderItem[] {
  return [...ledgerItems(source), ...fixedItems()];
}

function ledgerItems({ pieces, batches, quotes, fairs, lots, alloys }: FinderSource): FinderItem[] {
  const customers = new Map<string, string>();
  for (const { batch } of batches)
    if (batch.body.customer.trim()) customers.set(batch.body.customer.trim(), `/batches/${batch.id}`);
  for (const { id, body } of quotes) if (body.customer.trim()) customers.set(body.customer.trim(), `/quotes/${id}`);
  return [
    ...pieces.map(({ id, body }): FinderItem => {
      const more = [body.collection, ...body.tags, body.note].join(' ');
      return {
        to: `/pieces/${id}`,
        kind: words.piece,
        name: body.name.trim() || 'Unnamed piece',
        more,
        photo: body.photos[0]?.id,
      };
    }),
    // The latest first.
    ...batches.toReversed().map((one): FinderItem => {
      const { id, body } = one.batch;
      const more = [body.customer, body.note, body.due, batchNumber(id), body.state].join(' ');
      const hint = [`${words.batch} ${batchNumber(id)}`, body.customer].filter(Boolean).join(', ');
      return {
        to: `/batches/${id}`,
        kind: words.batch,
        name: nameOfLines(madeLinesOf(one)),
        more,
        hint,
        photo: one.made[0]?.piece.photos[0]?.id,
      };
    }),
    ...quotes.map(({ id, body }): FinderItem => {
      const name = nameOfQuote(body) || 'Quote';
      return { to: `/quotes/${id}`, kind: words.quote, name, more: body.number };
    }),
    ...fairs.map(({ id, body }): FinderItem => ({ to: `/fairs/${id}`, kind: words.fair, name: body.name || 'Fair', more: body.from })), // prettier-ignore
    ...[...customers].map(([name, to]): FinderItem => ({ to, kind: words.customer, name, more: '' })),
    ...lots.map((lot): FinderItem => {
      const name = `${alloys.get(lot.alloy)?.name ?? lot.alloy}, ${sectionInWords(sectionOf(lot))}`;
      const size = sizeInWords(lot.size);
      return { to: `/shelf#lot-${lot.id}`, kind: words.stock, name, more: size, hint: `${words.stock}, ${size}` };
    }),
  ];
}

function fixedItems(): FinderItem[] {
  return [
    ...finderActions.map((action): FinderItem => ({ to: `do:${action}`, kind: words.action, name: words[action], more: '' })), // prettier-ignore
    ...screens().map(([to, name, more = '']): FinderItem => ({ to, kind: words.screen, name, more })),
    ...studioPlaces.flatMap(
      ({ page, name: place, sections }) =>
      sections.map(([id, name, more = '']): FinderItem => ({ to: `/studio/${page}#${id}`, kind: words.setting, name, more: `${place} ${more}` })), // prettier-ignore
    ),
    ...helpPages.map(({ page, title, words: more }): FinderItem => ({ to: `/help/${page}`, kind: words.help, name: title, more })), // prettier-ignore
  ];
}
