// The buying list as a table, a line an item: what to send to a supplier. The columns stand in docs/formats/price-list.md.
import { moneyTyped } from '../../measure/read/read-money.ts';
import type { BuyingLine } from './buying-list.ts';

const heads = ['supplier', 'item', 'name', 'packs', 'pack', 'to pay', 'currency', 'order by', 'for'] as const;

/** Rows of cells, the heads first; what nobody sells has no supplier and counts what is needed as its packs. */
export function buyingTable(lines: readonly BuyingLine[]): string[][] {
  const rows = lines.map(({ item, name, need, packs, paid, orderBy, wanting }) => {
    const batches = wanting.map(({ title }) => title).join('; ');
    if (!item || !paid) return ['', '', name, String(need.value), need.unit, '', '', '', batches];
    const pack = `${String(item.pack)}${item.per === 'g' ? ' g' : ''}`;
    const money = moneyTyped(paid.value, item.currency);
    return [item.supplier, item.item, name, String(packs), pack, money, item.currency, orderBy, batches];
  });
  return [[...heads], ...rows];
}
