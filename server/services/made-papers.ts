// What papers of finished pieces say: delivery notes, consignment lists, statements, tags.
import { showValue } from '../../core/figure/show.ts';
import { fullDay } from '../../core/format/days.ts';
import { shopStatement } from '../../core/made/consignment-statement.ts';
import { itemName, tagCode } from '../../core/made/made-item.ts';
import { outletAt } from '../../core/made/made-place.ts';
import type { Label } from '../documents/labels.ts';
import type { TablePaper } from '../documents/table-paper.ts';
import { NotAcceptable, NotThere } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { setPrice } from './made-price.ts';

/** A delivery note of a sale to a shop, or the list of what was left there. @throws NotThere; NotAcceptable */
export function deliveryNote(stores: Stores, id: number): TablePaper {
  const entry = stores.made.entry(id);
  const { currency } = currentBasis(stores).rates;
  const came = entry.lines.filter(({ count }) => count > 0);
  const outlet = came.map(({ place }) => outletAt(place)).find((one) => one !== null);
  const shop = stores.made
    .outlets()
    .find(({ id: own, name }) => own === outlet?.id || (entry.kind === 'sold' && name === entry.buyer));
  const who = shop?.name ?? entry.buyer;
  if (entry.kind !== 'sold' && entry.kind !== 'moved') throw new NotAcceptable('This entry is no delivery.', []);
  const money = (minor: number) => showValue(minor, currency);
  const isSale = entry.kind === 'sold';
  const rows = came.map(({ item: itemId, count, paidMinor }) => {
    const item = stores.made.item(itemId);
    const each = isSale ? paidMinor / count : (setPrice(stores, item, false) ?? 0);
    return {
      cells: [`${tagCode(item)}  ${itemName(item)}`, String(count), money(each), money(each * count)],
      all: each * count,
    };
  });
  const pieces = came.reduce((sum, { count }) => sum + count, 0);
  return {
    title: `${isSale ? 'Delivery note' : 'Consignment list'} ${String(id)}`,
    facts: [who, ...(shop?.address.split('\n') ?? []), fullDay(entry.on)],
    heads: ['Piece', 'Quantity', isSale ? 'Price each' : 'Retail each', 'Amount'],
    rows: rows.map(({ cells }) => cells),
    sums: [[`${String(pieces)} pieces`, '', '', money(rows.reduce((sum, { all }) => sum + all, 0))]],
    notes: isSale
      ? []
      : [
          shop?.commission ? `Commission of the shop: ${shop.commission} of the price without tax.` : '',
          'The pieces stay the property of the studio until they are sold. Who bears loss and damage, and when sales are settled, is agreed between both and by the local rule.',
        ],
    isSigned: true,
  };
}

/** The statement of a shop. @throws NotThere */
export function statementOf(stores: Stores, outletId: string, from: string, until: string): TablePaper {
  const outlet = stores.made.outlets().find(({ id }) => id === outletId);
  if (!outlet) throw new NotThere('This shop is not in the ledger.');
  const { currency } = currentBasis(stores).rates;
  const money = (minor: number) => showValue(minor, currency);
  const statement = shopStatement(stores.made.entries(), `${outlet.kind}/${outlet.id}`, from, until);
  const nameOf = (id: string) => {
    const item = stores.made.item(id);
    return `${tagCode(item)}  ${itemName(item)}`;
  };
  const there = statement.there.map(({ item, count }) => `${String(count)} × ${nameOf(item)}`);
  return {
    title: `Statement, ${outlet.name}`,
    facts: [`${fullDay(from)} to ${fullDay(until)}`, ...outlet.address.split('\n')],
    heads: ['Sold', 'Quantity', 'Paid', 'Commission', 'Tax, fees', 'Due'],
    rows: statement.lines.map(({ item, count, paidMinor, commissionMinor, otherMinor, dueMinor }) => [
      nameOf(item), String(count), money(paidMinor), money(commissionMinor), money(otherMinor), money(dueMinor),
    ]), // prettier-ignore
    sums: [
      [
        'Due to the studio',
        '',
        ...[statement.paidMinor, statement.commissionMinor, statement.otherMinor, statement.dueMinor].map(money),
      ],
    ],
    notes: [
      `Brought in this time: ${String(statement.brought)}. Taken back: ${String(statement.takenBack)}.`,
      there.length > 0 ? `Left there: ${there.join('; ')}.` : 'No piece is left there.',
    ],
    isSigned: false,
  };
}

/** Tags of finished pieces, one each. @param picks  id of the item and number of tags */
export function tagsOfItems(stores: Stores, picks: readonly (readonly [string, number])[]): Label[] {
  const { currency } = currentBasis(stores).rates;
  return picks.flatMap(([id, count]) => {
    const item = stores.made.item(id);
    const price = setPrice(stores, item, false);
    const label = {
      code: tagCode(item),
      name: itemName(item),
      price: price === null ? '' : showValue(price, currency),
    };
    return Array.from({ length: Math.min(count, MOST_TAGS) }, () => label);
  });
}

const MOST_TAGS = 200;
