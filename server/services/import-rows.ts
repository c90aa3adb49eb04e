// Imports the rows of a file together, and undoes an import as one.
import type { ImportedPieceRow, PiecesImported } from '../../contract/imports.ts';
import type { NewLot } from '../../core/batch/stock/shelf.ts';
import type { JarRow } from '../../core/import/jar-rows.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { acceptPiece } from './accept-piece.ts';
import { currentBasis } from './basis.ts';
import { correctEntry } from './correct-entry.ts';
import { setPrices } from './set-prices.ts';
import { addLot, fillJar, today } from './stockroom.ts';

/**
 * Adds new pieces as their first version, and sets the prices of all. A piece that cannot be computed stays a draft.
 * @param source  name of the file
 */
export function importPieces(stores: Stores, rows: readonly ImportedPieceRow[], source: string): PiecesImported {
  return stores.inTransaction(() => {
    const factor = currentBasis(stores).rates.selling.rule.retailFactor.value;
    const added: string[] = [];
    const before: PiecesImported['before'] = [];
    for (const { piece, id, wholesaleMinor, retailMinor } of rows) {
      const pieceId = id ?? addAccepted(stores, piece);
      const last = stores.prices.last(pieceId);
      if (id === null) added.push(pieceId);
      else if (last) before.push({ pieceId, wholesaleMinor: last.wholesaleMinor, retailMinor: last.retailMinor });
      if (wholesaleMinor === null && retailMinor === null) continue;
      const prices = bothPrices({ wholesaleMinor, retailMinor }, last, factor);
      setPrices(stores, { how: 'set', why: `imported from ${source}`, prices: [{ pieceId, ...prices }] });
    }
    return { added, before };
  });
}

interface TwoPrices<Minor> {
  readonly wholesaleMinor: Minor;
  readonly retailMinor: Minor;
}

/** A price that a row does not give stays as it was set; without one it follows from the other by the retail multiplier. */
function bothPrices(
  given: TwoPrices<number | null>,
  last: TwoPrices<number> | null,
  factor: number,
): TwoPrices<number> {
  const wholesale = given.wholesaleMinor ?? (last?.wholesaleMinor || null);
  const retail = given.retailMinor ?? (last?.retailMinor || null);
  return {
    wholesaleMinor: wholesale ?? Math.round((retail ?? 0) / factor),
    retailMinor: retail ?? Math.round((wholesale ?? 0) * factor),
  };
}

function addAccepted(stores: Stores, piece: ImportedPieceRow['piece']): string {
  const { id, version } = stores.pieces.add(piece);
  try {
    acceptPiece(stores, id, version);
  } catch (error) {
    if (!(error instanceof NotAcceptable)) throw error;
  }
  return id;
}

/** New pieces go to the trash; prices are set as before. @returns number of pieces in the trash */
export function undoImportedPieces(stores: Stores, { added, before }: PiecesImported): number {
  return stores.inTransaction(() => {
    for (const id of added) stores.pieces.remove(id, stores.pieces.get(id).version);
    if (before.length > 0) setPrices(stores, { how: 'undone', why: 'import undone', prices: before });
    return added.length;
  });
}

/** Receives stock, all or none. @returns ids of the lots */
export function importStock(stores: Stores, rows: readonly NewLot[]): string[] {
  return stores.inTransaction(() =>
    rows.flatMap((row) => addLot(stores, row).flatMap(({ lines }) => lines.flatMap(({ lot }) => lot ?? []))),
  );
}

/** Takes imported stock back by counter-entries. @throws NotAcceptable when some of it has been used @returns number of lots */
export function undoImportedStock(stores: Stores, lots: readonly string[]): number {
  return stores.inTransaction(() => {
    for (const lotId of lots) {
      const first = stores.account.entries({ lotId, limit: 1000 }).at(-1);
      if (first) correctEntry(stores, first.id, 'import undone');
    }
    return lots.length;
  });
}

/** Enters what lies in jars as opening balance, all or none. @returns ids of the entries */
export function importJars(stores: Stores, rows: readonly JarRow[]): number[] {
  const on = today(stores);
  return stores.inTransaction(() =>
    rows.flatMap((row) => fillJar(stores, { ...row, on, how: 'opening', why: '' }).map(({ id }) => id)),
  );
}

/** Takes imported jars back by counter-entries. @returns number of entries */
export function undoImportedJars(stores: Stores, entries: readonly number[]): number {
  return stores.inTransaction(() => {
    for (const id of entries) correctEntry(stores, id, 'import undone');
    return entries.length;
  });
}
