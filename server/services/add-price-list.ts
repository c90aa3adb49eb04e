// Adds suppliers' price lists.
import type { SupplierItem } from '../../core/batch/buying/price-list.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';

/** Adds a supplier's price list, which is in force from now on. @throws NotAcceptable when it is in another currency */
export function addPriceList(stores: Stores, items: readonly SupplierItem[]): void {
  const { currency } = currentBasis(stores).rates;
  const other = items.find((item) => item.currency !== currency);
  if (other)
    throw new NotAcceptable(`${other.supplier} lists ${other.item} in ${other.currency}, not ${currency}.`, []);
  stores.priceLists.add(items);
}
