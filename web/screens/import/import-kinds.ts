// What a table can be imported as.
import { z } from 'zod';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import type { NewLot } from '../../../core/batch/stock/shelf.ts';
import { alloyNamed } from '../../../core/import/alloy-named.ts';
import { guessMapping, type ImportField, missingFields } from '../../../core/import/columns.ts';
import { jarFields, type JarRow, readJarRow } from '../../../core/import/jar-rows.ts';
import { type KnownPiece, pieceFields, type PieceRow, readPieceRow } from '../../../core/import/piece-rows.ts';
import { priceListFields, readPriceListRow } from '../../../core/import/price-list-rows.ts';
import type { RowReading } from '../../../core/import/row-reading.ts';
import { readStockRow, stockFields } from '../../../core/import/stock-rows.ts';
import type { TableFile } from '../../../core/import/table-file.ts';
import type { DayOrder } from '../../../core/made/day-cell.ts';
import type { MadeItem } from '../../../core/made/made-item.ts';
import { madeFields, type MadeRow, type NamedDesign, readMadeRow } from '../../../core/made/made-rows.ts';
import { saleFields, type SaleRow, saleRowReader } from '../../../core/made/sales-rows.ts';
import { readPlain } from '../../../core/measure/read/read-number.ts';
import { codeOf } from '../../../core/price/book/line-sheet.ts';
import type { Made } from '../../hooks/use-made.ts';
import type { Basis } from '../../state/basis.ts';
import { remember, remembered } from '../../state/remembered.ts';

export const importKinds = ['pieces', 'priceList', 'stock', 'jars', 'made', 'sales'] as const;
export type ImportKind = (typeof importKinds)[number];

export const fieldsOf: Readonly<Record<ImportKind, readonly ImportField[]>> = {
  pieces: pieceFields,
  priceList: priceListFields,
  stock: stockFields,
  jars: jarFields,
  made: madeFields,
  sales: saleFields,
};

export interface ImportBasis {
  readonly basis: Basis;
  readonly known: readonly KnownPiece[];
  readonly items: readonly SupplierItem[];
  readonly usualAlloy: string;
  readonly supplier: string;
  readonly sales: SalesBasis;
  readonly designs: readonly NamedDesign[];
  readonly places: Made['places'];
}

/** What reading sales needs. */
export interface SalesBasis {
  readonly items: readonly MadeItem[];
  readonly known: ReadonlySet<string>;
  readonly order: DayOrder;
  readonly today: string;
  readonly source: string;
  readonly rateOf: (currency: string) => number | null;
}

export type AnyRow = PieceRow | SupplierItem | NewLot | JarRow | MadeRow | SaleRow;

/** A function that reads rows of a kind. */
export function readerOf(
  kind: ImportKind,
  { basis, known, items, usualAlloy, supplier, sales, designs, places }: ImportBasis,
) {
  const { alloys, currency } = basis.rates;
  const byName = new Map(known.map((piece) => [piece.name.trim().toLowerCase(), piece]));
  const named = new Map<string, string | null>();
  const alloyOf = (text: string) => {
    const found = named.get(text);
    if (found !== undefined) return found;
    const alloy = alloyNamed(text, alloys);
    named.set(text, alloy);
    return alloy;
  };
  const readers: Readonly<Record<ImportKind, (cells: ReadonlyMap<string, string>) => RowReading<AnyRow>>> = {
    pieces: (cells) => readPieceRow(cells, { alloyOf, currency, known: byName, usualAlloy }),
    priceList: (cells) => readPriceListRow(cells, { alloys, currency, supplier, known: items }),
    stock: (cells) => readStockRow(cells, { alloys, currency }),
    jars: (cells) => readJarRow(cells, { alloyOf }),
    made: (cells) => readMadeRow(cells, { designs, places }),
    sales: saleRowReader({ ...sales, currency, codeOf: ({ name }) => codeOf(name) }),
  };
  return readers[kind];
}

/** A typed exchange rate; null where it cannot be read. */
export function readRate(typed: string): number | null {
  const rate = readPlain(typed, 'exchange rate', '0.86', () => undefined);
  return rate.ok && rate.value > 0 ? rate.value : null;
}

/** The kind whose fields fit the columns best. */
export function guessKind(table: TableFile): ImportKind {
  const fit = (kind: ImportKind) => {
    const mapping = guessMapping(table, fieldsOf[kind]);
    return mapping.filter(Boolean).length - 2 * missingFields(mapping, fieldsOf[kind]).length;
  };
  return importKinds.toSorted((a, b) => fit(b) - fit(a))[0] ?? 'pieces';
}

/** What the maker chose for a table. */
const choicesSchema = z.object({
  kind: z.enum(importKinds),
  /** The field of each column. */
  mapping: z.array(z.string()).readonly(),
  /** The metal of pieces that name none. */
  usualAlloy: z.string(),
  /** The supplier of items that name none. */
  supplier: z.string(),
  /** Of sales: the channel, where the pieces lay, and which part of a day comes first. */
  channel: z.string().default(''),
  place: z.string().default('studio'),
  dayOrder: z.enum(['', 'day-first', 'month-first']).default(''),
  /** Typed exchange rates, by currency. */
  exchange: z.record(z.string(), z.string()).default({}),
});
export type ImportChoices = Readonly<z.infer<typeof choicesSchema>>;

const keyOf = ({ heads }: TableFile) => `noon-import-${heads.join('|')}`;

/** The choices for files with these heads, as they were made before on this device. */
export function rememberedFor(table: TableFile): ImportChoices | null {
  const { data } = choicesSchema.safeParse(remembered(keyOf(table)));
  return data?.mapping.length === table.heads.length ? data : null;
}

export function rememberChoices(table: TableFile, choices: ImportChoices): void {
  remember(keyOf(table), choices);
}
