// What a quote says on paper, from the ledger.
import type { PieceDocument } from '../../contract/pieces.ts';
import type { QuoteDocument } from '../../contract/quotes.ts';
import { sizesOf } from '../../core/piece/all-sizes.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { retailInSize } from '../../core/price/piece/standing.ts';
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
  const { rates, fix } = currentBasis(stores);
  const pieces = new Map(stores.pieces.list().map((piece) => [piece.id, piece]));
  const retailOf = (pieceId: string, size: string) => {
    const piece = pieces.get(pieceId);
    if (!piece) return null;
    const made = piece.accepted ?? piece.body;
    return retailInSize(piece.priced, made, size, countPiece(made, rates, fix, { size }).prices);
  };
  return quotePaper(body, countQuote(body, rates.currency, retailOf, rates.selling.rule.tax), {
    currency: rates.currency,
    tax: rates.selling.rule.tax,
    on: stores.now().slice(0, 10),
    // A draft after version 1 is on its way to version 2.
    revision: isDraft && revision > 0 ? revision + 1 : revision,
    id,
    pieceOf: ({ piece, size }) => nameIn(pieces.get(piece), size),
  });
}

// `Tide hair fork, long`.
function nameIn(piece: PieceDocument | undefined, size: string): string {
  const made = piece && (piece.accepted ?? piece.body);
  const sizeName =
    made &&
    sizesOf(made)
      .find((row) => row.id === size)
      ?.name.trim();
  return [made?.name.trim() ?? '', sizeName].filter(Boolean).join(', ');
}
