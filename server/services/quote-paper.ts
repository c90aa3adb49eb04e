// What a quote says on paper, from the ledger.
import type { QuoteDocument } from '../../contract/quotes.ts';
import type { Figure } from '../../core/figure/figure.ts';
import { given } from '../../core/figure/figure.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { sizePrice } from '../../core/price/piece/standing.ts';
import { countQuote, type Quote } from '../../core/price/quote/quote.ts';
import { nextQuoteNumber, type QuotePaper, quotePaper } from '../../core/price/quote/quote-paper.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';

/** Adds a quote under the next number of the year. */
export function addQuote({ quotes, now, inTransaction }: Stores, body: Quote): QuoteDocument {
  return inTransaction(() => {
    const numbers = quotes.list().map((quote) => quote.body.number);
    return quotes.add({ ...body, number: nextQuoteNumber(numbers, now().slice(0, 4)) });
  });
}

/** A quote as it is printed: its draft, or its last version. @throws NotThere */
export function quoteOnPaper(stores: Stores, id: string): QuotePaper {
  const { body, revision, isDraft } = stores.quotes.get(id);
  const { rates } = currentBasis(stores);
  const count = countQuote(body, rates.currency, (piece, size) => retailOf(stores, piece, size));
  return quotePaper(body, count, {
    currency: rates.currency,
    tax: rates.selling.rule.tax,
    on: stores.now().slice(0, 10),
    // A draft after version 1 is on its way to version 2.
    revision: isDraft && revision > 0 ? revision + 1 : revision,
    id,
    pieceOf: ({ piece, size }) => nameOf(stores, piece, size),
  });
}

// As on the page of the quote: the set price, otherwise that of the price rule.
function retailOf(stores: Stores, id: string, size: string): Figure | null {
  const found = stores.pieces.list().find((piece) => piece.id === id);
  if (!found) return null;
  const { rates, fix } = currentBasis(stores);
  const body = found.accepted ?? found.body;
  const { prices } = countPiece(body, rates, fix, { size });
  const row = body.sizes.rows.findIndex((one) => one.id === size);
  const { retail, isSet } = sizePrice(found.priced, body, Math.max(row, 0), prices);
  return isSet && found.priced ? given('retail price', retail, found.priced.currency, 'the price book') : prices.retail;
}

function nameOf({ pieces }: Stores, id: string, size: string): string {
  const found = pieces.list().find((piece) => piece.id === id);
  const body = found && (found.accepted ?? found.body);
  const sizeName = body?.sizes.rows.find((row) => row.id === size)?.name.trim();
  return [body?.name.trim() ?? '', sizeName].filter(Boolean).join(', ');
}
