// The content of printed papers: line sheets for shops, job sheets for the bench.
import { madeLine } from '../../core/batch/batch-run.ts';
import { batchTitle } from '../../core/batch/count-batch.ts';
import { paperOf } from '../../core/format/paper.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import { sizesOf } from '../../core/piece/all-sizes.ts';
import { type LineSheetItem, lineSheetItem, lineSheetTerms } from '../../core/price/book/line-sheet.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import type { Letterhead } from '../documents/letterhead.ts';
import type { LineSheetTerms } from '../documents/line-sheet.ts';
import type { Stores } from '../store/stores.ts';
import { acceptedStudio, currentBasis } from './basis.ts';
import { countBatchNow } from './made-lines.ts';

/** What a line sheet shows of pieces, in the order of the ids. @throws NotThere */
export function lineSheetOf(
  stores: Stores,
  ids: readonly string[],
): { readonly items: LineSheetItem[]; readonly about: LineSheetTerms } {
  const { rates, fix } = currentBasis(stores);
  const { currency, selling } = rates;
  const items = ids.map((id) => {
    const { accepted, body, priced } = stores.pieces.get(id);
    const piece = accepted ?? body;
    return lineSheetItem(piece, priced?.currency === currency ? priced : null, (size) =>
      countPiece(piece, rates, fix, { size }),
    );
  });
  const about = {
    from: letterheadOf(stores),
    paper: paperOf(acceptedStudio(stores).country),
    currency,
    on: stores.now().slice(0, 10),
    terms: lineSheetTerms(selling, currency),
    photo: (id: string) => stores.photos.get(id).bytes,
  };
  return { items, about };
}

/** A line sheet item for each piece and size of a batch, with its quantity. @throws NotThere */
export function tagsOfBatch(stores: Stores, id: string) {
  const { lines } = stores.batches.get(id).body;
  const { rates, fix } = currentBasis(stores);
  return lines.flatMap((line) => {
    if (line.units.length > 0) {
      const { piece } = madeLine(line, stores.pieces.revision(line.pieceId, line.pieceRevision));
      const item = lineSheetItem(piece, null, (size) => countPiece(piece, rates, fix, { size }));
      return item.sizes.map((size) => ({ item: { ...item, sizes: [size] }, quantity: 1 }));
    }
    const { items } = lineSheetOf(stores, [line.pieceId]);
    const { accepted, body } = stores.pieces.get(line.pieceId);
    return Object.entries(line.quantities).flatMap(([size, typed]) => {
      const quantity = readCount(typed, 0);
      const row = Math.max(
        0,
        sizesOf(accepted ?? body).findIndex((one) => one.id === size),
      );
      return items.map((item) => ({
        item: { ...item, sizes: item.sizes.slice(row, row + 1) },
        quantity: quantity.ok ? quantity.value : 0,
      }));
    });
  });
}

/** The studio as it stands on papers. */
export function letterheadOf(stores: Stores): Letterhead {
  const { name, address, contact, logo } = acceptedStudio(stores);
  return { name, address, contact, logo: logo && stores.photos.has(logo) ? stores.photos.get(logo).bytes : null };
}

/** What a job sheet shows of a batch. @throws NotThere */
export function batchOnPaper(stores: Stores, id: string) {
  const { body } = stores.batches.get(id);
  const count = countBatchNow(stores, body);
  const { name, units, country, currency } = acceptedStudio(stores);
  return { body, count, title: batchTitle(count), studio: name, units, currency, paper: paperOf(country) };
}
