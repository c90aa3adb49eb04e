// A table on its way into the ledger: its columns, its rows as they are read, and the import with its undo.
import { useCallback, useMemo, useState } from 'react';
import type { PieceDocument } from '../../../contract/pieces.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import { withBreaks } from '../../../core/batch/buying/price-list-file.ts';
import type { NewLot } from '../../../core/batch/stock/shelf.ts';
import { cellsByField, guessMapping, type Mapping, missingFields } from '../../../core/import/columns.ts';
import type { JarRow } from '../../../core/import/jar-rows.ts';
import type { PieceRow } from '../../../core/import/piece-rows.ts';
import type { RowReading } from '../../../core/import/row-reading.ts';
import { plainCell, type TableFile } from '../../../core/import/table-file.ts';
import { guessDayOrder } from '../../../core/made/day-cell.ts';
import type { MadeRow } from '../../../core/made/made-rows.ts';
import type { SaleRow } from '../../../core/made/sales-rows.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { failureIn } from '../../components/failure.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useMade } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useTimeSliced } from '../../hooks/use-time-sliced.ts';
import { rightNow } from '../../state/clock.ts';
import {
  useImportJarsMutation,
  useImportPiecesMutation,
  useImportStockMutation,
  useUndoImportedJarsMutation,
  useUndoImportedPiecesMutation,
  useUndoImportedStockMutation,
  useUndoPriceListMutation,
} from '../../state/endpoints/imports.ts';
import {
  useGetMadeQuery,
  useImportOpeningMutation,
  useImportSalesMutation,
  useUndoImportedSalesMutation,
} from '../../state/endpoints/made.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { useAddPriceListMutation, useGetPriceListsQuery } from '../../state/endpoints/stock.ts';
import { showToast } from '../../state/toasts.ts';
import { words } from '../../words/import.ts';
import {
  type AnyRow,
  fieldsOf,
  guessKind,
  type ImportChoices,
  type ImportKind,
  readerOf,
  readRate,
  rememberChoices,
  rememberedFor,
  type SalesBasis,
} from './import-kinds.ts';

export type AnyReading = RowReading<AnyRow>;

/** @param table  pass the same object each time */
export function useImport(table: TableFile, fileName: string) {
  const basis = useBasis();
  const { data: pieces } = useGetPiecesQuery();
  const { data: items } = useGetPriceListsQuery();
  const [choices, setChoices] = useState<ImportChoices>(
    () =>
      rememberedFor(table) ?? {
        ...fresh(table, guessKind(table)),
        usualAlloy: 'silver-925',
        supplier: '',
        channel: '',
        place: 'studio',
        dayOrder: '',
        exchange: {},
      },
  );
  const [repaired, setRepaired] = useState<ReadonlyMap<number, readonly string[]>>(new Map());
  const { kind, mapping, usualAlloy, supplier } = choices;
  const { sales, isThere } = useSalesBasis(table, choices);
  const { known, designs } = useKnownDesigns(pieces);
  const { places } = useMade();
  const start = useCallback(() => {
    const read = readerOf(kind, { basis, known, items: items ?? [], usualAlloy, supplier, sales, designs, places });
    return readRows({ table, repaired, mapping, read });
  }, [kind, basis, known, items, usualAlloy, supplier, sales, designs, places, table, repaired, mapping]);
  const readings = useTimeSliced(start);
  const missing = missingFields(mapping, fieldsOf[kind]);
  const keep = useKeep(choices, fileName);
  return {
    choices,
    readings: pieces && items && isThere ? readings : null,
    missing,
    repaired,
    setChoices: (next: Partial<ImportChoices>) => {
      const other = next.kind === undefined || next.kind === kind ? {} : fresh(table, next.kind);
      setChoices({ ...choices, ...next, ...other });
    },
    repair: (row: number, cells: readonly string[]) => setRepaired(new Map(repaired).set(row, cells)),
    /** @returns why it was refused; '' when it is done */
    importRows: async () => {
      rememberChoices(table, choices);
      return await keep((readings ?? []).flatMap(({ value, effect }) => (value && effect !== 'bad' ? [value] : [])));
    },
  };
}

/** Designs as rows of a table name them. */
function useKnownDesigns(pieces: readonly PieceDocument[] | undefined) {
  return useMemo(() => {
    const designs = (pieces ?? []).map(({ id, body, accepted, priced }) => ({ id, piece: accepted ?? body, priced }));
    return {
      known: designs.map(({ id, piece, priced }) => ({
        id,
        name: piece.name,
        wholesaleMinor: priced?.wholesaleMinor ?? null,
        retailMinor: priced?.retailMinor ?? null,
      })),
      designs: designs.map(({ id, piece }) => ({ id, name: piece.name, sizes: sizesOf(piece) })),
    };
  }, [pieces]);
}

/** What reading sales needs, and whether it has arrived; the same object as long as nothing of it changes. */
function useSalesBasis(
  table: TableFile,
  { mapping, dayOrder, channel, exchange }: ImportChoices,
): { readonly sales: SalesBasis; readonly isThere: boolean } {
  const { data } = useGetMadeQuery(undefined);
  const { day } = useNow();
  return useMemo(() => {
    const column = mapping.indexOf('on');
    const days = table.rows.slice(0, 200).map((row) => row[column] ?? '');
    const standing = (data?.entries ?? []).filter(
      ({ correctedBy, reference }) => correctedBy === null && reference !== '',
    );
    const sales: SalesBasis = {
      items: data?.items ?? [],
      known: new Set(standing.map(({ reference }) => reference)),
      order: dayOrder || guessDayOrder(days),
      today: day,
      source: channel || 'cash',
      rateOf: (currency) => readRate(exchange[currency] ?? ''),
    };
    return { sales, isThere: data !== undefined };
  }, [data, day, mapping, table, dayOrder, channel, exchange]);
}

function fresh(table: TableFile, kind: ImportKind): Pick<ImportChoices, 'kind' | 'mapping'> {
  return { kind, mapping: guessMapping(table, fieldsOf[kind]) };
}

interface RowsToRead {
  readonly table: TableFile;
  readonly repaired: ReadonlyMap<number, readonly string[]>;
  readonly mapping: Mapping;
  readonly read: (cells: ReadonlyMap<string, string>) => AnyReading;
}

const ROWS_A_STEP = 25;

function* readRows({ table, repaired, mapping, read }: RowsToRead): Generator<undefined, AnyReading[]> {
  const readings: AnyReading[] = [];
  for (const [index, row] of table.rows.entries()) {
    // What is repaired by hand is written as the studio writes.
    const cells = repaired.get(index) ?? row.map((cell) => plainCell(cell, table.decimal));
    readings.push(read(cellsByField(cells, mapping)));
    if (index % ROWS_A_STEP === 0) yield;
  }
  return readings;
}

function useKeep(
  { kind, channel, place }: ImportChoices,
  fileName: string,
): (rows: readonly AnyRow[]) => Promise<string> {
  const [importPieces] = useImportPiecesMutation();
  const [undoPieces] = useUndoImportedPiecesMutation();
  const [importStock] = useImportStockMutation();
  const [undoStock] = useUndoImportedStockMutation();
  const [importJars] = useImportJarsMutation();
  const [undoJars] = useUndoImportedJarsMutation();
  const [importSales] = useImportSalesMutation();
  const [importOpening] = useImportOpeningMutation();
  const [undoSales] = useUndoImportedSalesMutation();
  const [addPriceList] = useAddPriceListMutation();
  const [undoPriceList] = useUndoPriceListMutation();
  const done = (count: number, undo: () => void) =>
    showToast(`${String(count)} ${count === 1 ? words.row : words.rows} ${words.importDone}.`, undo);
  return async (rows) => {
    if (kind === 'pieces') {
      const answer = await importPieces({ rows: rows as PieceRow[], source: fileName });
      if (answer.error) return failureIn(answer.error);
      done(rows.length, () => void undoPieces(answer.data));
    } else if (kind === 'stock') {
      const answer = await importStock({ rows: rows as NewLot[] });
      if (answer.error) return failureIn(answer.error);
      done(rows.length, () => void undoStock(answer.data));
    } else if (kind === 'made') {
      const on = rightNow().day;
      const answer = await importOpening({ rows: (rows as MadeRow[]).map((row) => ({ ...row, on, isSingle: false })) });
      if (answer.error) return failureIn(answer.error);
      const entries = answer.data.map(({ id }) => id);
      done(entries.length, () => void undoSales({ entries }));
    } else if (kind === 'sales') {
      const answer = await importSales({ channel, place, source: fileName.slice(0, 120), rows: rows as SaleRow[] });
      if (answer.error) return failureIn(answer.error);
      const entries = answer.data.map(({ id }) => id);
      done(entries.length, () => void undoSales({ entries }));
    } else if (kind === 'jars') {
      const answer = await importJars({ rows: rows as JarRow[] });
      if (answer.error) return failureIn(answer.error);
      done(rows.length, () => void undoJars(answer.data));
    } else {
      const list = withBreaks(rows as SupplierItem[]);
      const answer = await addPriceList(list);
      if (answer.error) return failureIn(answer.error);
      const suppliers = [...new Set(list.map(({ supplier }) => supplier))];
      done(rows.length, () => void undoPriceList({ suppliers }));
    }
    return '';
  };
}
