// Orders from suppliers, and receives what comes: metal into the account, goods into their stock.
import { randomUUID } from 'node:crypto';
import { type End, metalMass, move } from '../../core/account/entry.ts';
import { typedGrams } from '../../core/account/typed-mg.ts';
import {
  type NewOrder,
  openPacks,
  type Order,
  type OrderLine,
  type OrderReceipt,
  shareOut,
} from '../../core/batch/buying/order.ts';
import { gramsOf, kindOfLot, type Lot, mgEach, type NewLotRow, sectionOf } from '../../core/batch/stock/shelf.ts';
import { minorDigits } from '../../core/figure/figure.ts';
import { inStudioDecimals } from '../../core/format/numbers.ts';
import { readMoney } from '../../core/measure/read/read-money.ts';
import { readGrams, readPlain } from '../../core/measure/read/read-number.ts';
import { formCharged } from '../../core/price/piece/count-piece.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { dayProblems } from './entry-problems.ts';
import { refuseIssues } from './refuse.ts';
import { entryOf } from './stockroom.ts';

/** @throws NotAcceptable for an order of a day to come */
export function addOrder(stores: Stores, order: NewOrder): Order {
  refuseIssues(dayProblems(stores, order.on), 'This order can’t be saved yet.');
  const id = randomUUID();
  stores.orders.add(id, order);
  return stores.orders.get(id);
}

/** What came of one line, read. */
interface Came {
  readonly line: OrderLine;
  readonly packs: number;
  /** g of all of it on the scale; null where it was not weighed. */
  readonly weighed: number | null;
  readonly paidMinor: number;
}

/**
 * Receives an order, in part or whole. Postage is part of what the stock cost.
 * @throws NotThere; NotAcceptable when a field cannot be read, or more came than is open
 */
export function receiveOrder(stores: Stores, id: string, typed: OrderReceipt): Order {
  return stores.inTransaction(() => {
    const order = stores.orders.get(id);
    const { currency } = currentBasis(stores).rates;
    const issues: { path: string; sentence: string }[] = dayProblems(stores, typed.on);
    const came = typed.lines.flatMap((one, index) => readCame(order, one, `lines.${String(index)}`, currency, issues));
    const postage = typed.postage.trim() ? readMoney(typed.postage, currency, 'amount') : null;
    if (postage && !postage.ok) issues.push({ path: 'postage', sentence: postage.sentence });
    if (came.length === 0 && issues.length === 0) issues.push({ path: 'lines', sentence: 'Enter what came.' });
    refuseIssues(issues, 'This can’t be booked yet.');
    const shares = shareOut(postage?.ok ? Math.round(postage.value) : 0, came.map(({ paidMinor }) => paidMinor)); // prettier-ignore
    came.forEach((one, index) => {
      const paidMinor = one.paidMinor + (shares[index] ?? 0);
      const entryId = one.line.goods
        ? receiveGoods(stores, one)
        : receiveMetal(stores, order, one, paidMinor, typed.on);
      stores.orders.receive(id, { line: one.line.id, on: typed.on, packs: one.packs, paidMinor, entryId });
    });
    return stores.orders.get(id);
  });
}

function readCame(
  order: Order,
  typed: OrderReceipt['lines'][number],
  path: string,
  currency: string,
  issues: { path: string; sentence: string }[],
): Came[] {
  const line = order.lines.find(({ id }) => id === typed.line);
  if (!line || !typed.packs.trim()) return [];
  const packs = readPlain(typed.packs, 'number', '1', () => undefined);
  const weighed = typed.weighed.trim() ? readGrams(typed.weighed) : null;
  const paid = typed.paid.trim() ? readMoney(typed.paid, currency, 'amount') : null;
  if (!packs.ok) issues.push({ path: `${path}.packs`, sentence: packs.sentence });
  else if (packs.value > openPacks(order, line) + 1e-9)
    issues.push({
      path: `${path}.packs`,
      sentence: `Only ${String(openPacks(order, line))} are open of ${line.item.name}.`,
    });
  else if (!line.goods && !Number.isInteger(packs.value * line.item.pack))
    issues.push({ path: `${path}.packs`, sentence: 'Metal is received as whole bars and sheets.' });
  if (weighed && !weighed.ok) issues.push({ path: `${path}.weighed`, sentence: weighed.sentence });
  if (paid && !paid.ok) issues.push({ path: `${path}.paid`, sentence: paid.sentence });
  if (!packs.ok || packs.value <= 0) return [];
  const ordered = Math.round((line.paidMinor * packs.value) / line.packs);
  return [
    {
      line,
      packs: packs.value,
      weighed: weighed?.ok ? weighed.value : null,
      paidMinor: paid?.ok ? Math.round(paid.value) : ordered,
    },
  ];
}

/** @returns id of the entry */
function receiveMetal(
  stores: Stores,
  order: Order,
  { line, packs, weighed }: Came,
  paidMinor: number,
  on: string,
): number {
  const { item } = line;
  const { alloys, currency } = currentBasis(stores).rates;
  const alloy = item.stock && alloys.get(item.stock.alloy);
  if (!item.stock || !alloy) throw new NotAcceptable('The metal of this order is not in the book any more.', []);
  const count = packs * item.pack;
  const section = sectionOf(item.stock);
  const grams = weighed === null ? gramsOf(section, item.stock.size, alloy) : weighed / count;
  const lot: Lot = {
    ...item.stock,
    id: randomUUID(),
    temper: '',
    grams,
    paidMinor: Math.round(paidMinor / count),
    currency,
    isOffcut: false,
  };
  const row: NewLotRow = {
    id: lot.id,
    kind: kindOfLot(lot),
    owner: '',
    supplier: order.supplier,
    lot,
    alloy: lot.alloy,
  };
  const mass = metalMass(lot.alloy, alloy, count * mgEach(lot));
  const to: End = { place: 'stock', lot: lot.id, pieces: count };
  const lines = move(mass, { place: 'supplier', paidMinor }, to);
  const receipt = { alloy: lot.alloy, form: formCharged[section.form], grams: typedGrams(mass.mg), paid: inStudioDecimals(String(paidMinor / 10 ** minorDigits(currency))), source: order.supplier }; // prettier-ignore
  const detail = { receipt, order: { id: order.id, line: line.id } };
  const [entry] = stores.account.add([entryOf(stores, { kind: 'received', on, detail, lines })], [row]);
  return entry?.id ?? 0;
}

function receiveGoods({ goods }: Stores, { line, packs }: Came): null {
  const { item, goods: named } = line;
  if (!named) return null;
  const least = goods.stocked().find(({ key }) => key === named.key)?.least ?? 0;
  const change = packs * item.pack;
  goods.add([{ key: named.key, name: item.name, unit: named.unit, how: 'counted', change, least, batchId: null }]);
  return null;
}

/** Cancels what is open. @throws NotThere */
export function cancelOrder(stores: Stores, id: string): Order {
  stores.orders.get(id);
  stores.orders.cancel(id);
  return stores.orders.get(id);
}
