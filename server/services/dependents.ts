// What depends on a document: named before it is deleted.
import type { Dependent } from '../../contract/document.ts';
import { nameOfLines } from '../../core/batch/batch-run.ts';
import { nameOfQuote } from '../../core/price/quote/quote.ts';
import type { Stores } from '../store/stores.ts';
import { madeLines } from './made-lines.ts';

/** Batches, quotes and fairs that use a piece. */
export function dependentsOfPiece(stores: Stores, id: string): Dependent[] {
  return [
    ...stores.batches
      .list()
      .filter(({ body }) => body.lines.some(({ pieceId }) => pieceId === id))
      .map((batch) => asDependent('batch', batch.id, nameOfBatch(stores, batch.id))),
    ...stores.quotes
      .list()
      .filter(({ body }) => body.lines.some(({ piece }) => piece === id))
      .map(({ id: quote, body }) => asDependent('quote', quote, nameOfQuote(body))),
    ...stores.fairs
      .list()
      .filter(({ body }) => body.levels.some(({ piece }) => piece === id))
      .map(({ id: fair, body }) => asDependent('fair', fair, body.name)),
  ];
}

/** Quotes that became a batch. */
export function dependentsOfBatch({ quotes }: Stores, id: string): Dependent[] {
  return quotes
    .list()
    .filter(({ body }) => body.batches.includes(id))
    .map(({ id: quote, body }) => asDependent('quote', quote, nameOfQuote(body)));
}

/** Batches that a quote became. */
export function dependentsOfQuote(stores: Stores, id: string): Dependent[] {
  const known = new Set(stores.batches.list().map((batch) => batch.id));
  const { batches } = stores.quotes.get(id).body;
  return batches
    .filter((batch) => known.has(batch))
    .map((batch) => asDependent('batch', batch, nameOfBatch(stores, batch)));
}

/** The name of a batch, by its pieces. */
export function nameOfBatch(stores: Stores, id: string): string {
  return nameOfLines(madeLines(stores, stores.batches.get(id).body));
}

const asDependent = (kind: Dependent['kind'], id: string, name: string): Dependent => ({ kind, id, name: name.trim() || 'unnamed' }); // prettier-ignore
