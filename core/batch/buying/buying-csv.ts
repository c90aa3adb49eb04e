// The buying list as a table, one row an item, to send to a supplier. Columns: docs/formats/price-list.md.
import { minorDigits } from '../../figure/figure.ts';
import type { BuyingLine } from './buying-list.ts';

const heads = ['supplier', 'item', 'name', 'packs', 'pack', 'to pay', 'currency', 'order by', 'for'] as const;

/** Rows of cells, the column heads first. An item without a supplier has the needed amount in place of packs. */
export function buyingTable(lines: readonly BuyingLine[]): string[][] {
  const rows = lines.map(({ item, name, need, packs, paid, orderBy, wanting }) => {
    const batches = wanting.map(({ title }) => title).join('; ');
    if (!item || !paid) return ['', '', name, String(need.value), need.unit, '', '', '', batches];
    const pack = `${String(item.pack)}${item.per === 'g' ? ' g' : ''}`;
    const digits = minorDigits(item.currency);
    const money = (paid.value / 10 ** digits).toFixed(digits);
    return [item.supplier, item.item, name, String(packs), pack, money, item.currency, orderBy, batches];
  });
  return [[...heads], ...rows];
}
