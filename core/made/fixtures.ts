// Finished pieces for tests.
import { type MadeEntry, movePieces, type NewMadeEntry } from './made-entry.ts';
import type { MadeItem } from './made-item.ts';

/** An item by its number. */
export function testItem(number: number, more: Partial<MadeItem> = {}): MadeItem {
  const id = `i${String(number)}`;
  return { id, number, pieceId: id, size: '', revision: 1, name: `Piece ${String(number)}`, sizeName: '', isSingle: false, photo: '', weight: '', mg: {}, ...more }; // prettier-ignore
}

/** Entries with ids in order. */
export function testEntries(
  list: readonly (Pick<NewMadeEntry, 'kind' | 'on' | 'lines'> & Partial<MadeEntry>)[],
): MadeEntry[] {
  return list.map((entry, at) => ({
    id: at + 1, at: `${entry.on}T12:00:00.000Z`, channel: '', buyer: '', customers: 1, batchId: null, why: '', corrects: null, correctedBy: null,
    currency: 'GBP', reference: '', ...entry,
  })); // prettier-ignore
}

/** Pieces made in the studio. */
export const made = (on: string, item: string, count: number, costMinor = 0, labourMinor = 0, minutes = 0) => ({
  kind: 'made' as const,
  on,
  lines: movePieces(item, count, { place: 'made', amounts: { costMinor, estimateMinor: costMinor, labourMinor, minutes, estimateMinutes: minutes } }, { place: 'studio' }), // prettier-ignore
});
