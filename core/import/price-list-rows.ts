// Columns of any supplier's price list, put under the heads this app reads.
import type { SupplierItem } from '../batch/buying/price-list.ts';
import { readPriceList } from '../batch/buying/price-list-file.ts';
import { inStudioDecimals } from '../format/numbers.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { ImportField } from './columns.ts';
import { bad, type RowReading } from './row-reading.ts';

/** What columns of a price list can hold: the heads of docs/formats/price-list.md. */
export const priceListFields: readonly ImportField[] = [
  { key: 'supplier', label: 'supplier', words: ['vendor', 'dealer', 'lieferant', 'fournisseur'] },
  { key: 'item', label: 'item number', isNeeded: true, words: ['item', 'sku', 'code', 'article', 'art no', 'part number', 'stock code', 'artikelnummer', 'reference', 'ref'] }, // prettier-ignore
  { key: 'name', label: 'name', isNeeded: true, words: ['description', 'product', 'title', 'bezeichnung', 'designation'] }, // prettier-ignore
  { key: 'price', label: 'price', isNeeded: true, isNumber: true, words: ['unit price', 'net price', 'cost', 'preis', 'prix', 'amount'] }, // prettier-ignore
  { key: 'from', label: 'from packs', isNumber: true, words: ['min qty', 'minimum', 'break', 'ab', 'from qty', 'quantity from'] }, // prettier-ignore
  { key: 'pack', label: 'pack', words: ['pack size', 'unit', 'per', 'packung', 'contents'] },
  { key: 'metal', label: 'metal', words: ['alloy', 'material', 'metall'] },
  { key: 'form', label: 'form', words: ['shape', 'section', 'profile'] },
  { key: 'size', label: 'size', words: ['dimensions', 'diameter', 'thickness', 'masse'] },
  { key: 'length', label: 'length', words: ['laenge', 'longueur'] },
  { key: 'currency', label: 'currency', words: ['waehrung', 'devise'] },
  { key: 'days', label: 'days of delivery', isNumber: true, words: ['lead time', 'delivery', 'lieferzeit', 'delai'] },
];

interface PriceListBasis {
  readonly alloys: ReadonlyMap<string, Alloy>;
  readonly currency: string;
  /** The supplier of rows that name none. */
  readonly supplier: string;
  /** The items of the ledger. */
  readonly known: readonly SupplierItem[];
}

/** @param cells  by field, numbers in plain form */
export function readPriceListRow(cells: ReadonlyMap<string, string>, basis: PriceListBasis): RowReading<SupplierItem> {
  const heads = priceListFields.map(({ key }) => key);
  const row = heads.map((key) => {
    const text = cells.get(key)?.trim() ?? '';
    if (key === 'supplier') return text || basis.supplier;
    return key === 'price' ? inStudioDecimals(text) : text;
  });
  const title = cells.get('name')?.trim() ?? '';
  if (!row[0]) return bad(title, 'Give the name of the supplier above.');
  const { items, problems } = readPriceList([heads, row], basis.alloys, basis.currency);
  const [item] = items;
  if (!item) return bad(title, problems[0]?.sentence ?? 'The row cannot be read.');
  const before = basis.known.find((one) => one.supplier === item.supplier && one.item === item.item);
  const [was, is] = [before, item].map((one) => one?.breaks[0]?.priceMinor);
  if (before && was === is) return { effect: 'same', title, says: 'The price is as before.', value: item };
  return { effect: before ? 'changed' : 'new', title, says: '', value: item };
}
