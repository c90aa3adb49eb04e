// Sells finished pieces: one by one, at a fair, from a file; and takes sales back.
import type { FairSold, NewSale, SalesImport } from '../../contract/made.ts';
import { roundHalfAwayFromZero } from '../../core/figure/round-money.ts';
import { type Grade, type MadeEntry, type MadeEntryLine, movePieces, negated } from '../../core/made/made-entry.ts';
import { type MadePlace, outletAt } from '../../core/made/made-place.ts';
import { type SaleMoney, saleMoney, shareSale } from '../../core/made/sale-money.ts';
import type { Issue } from '../../core/measure/issue.ts';
import { readMoney } from '../../core/measure/read/read-money.ts';
import { readCount, readShare } from '../../core/measure/read/read-number.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { addLeaving, heldPlace, MADE_REFUSED, newEntry } from './made-booking.ts';
import { setPrice } from './made-price.ts';
import { refuseIssues } from './refuse.ts';

/** Enters a sale to one customer. @throws NotAcceptable when a price cannot be read, or none is set */
export function sell(stores: Stores, { on, channel, buyer, picks, prices, why }: NewSale): MadeEntry[] {
  const { rates } = currentBasis(stores);
  const issues: Issue[] = [];
  const isWholesale = rates.selling.channels.some(({ id, kind }) => id === channel && kind === 'wholesale');
  return stores.inTransaction(() => {
    const paid = picks.map(({ item, count }, at) => {
      const text = prices[at] ?? '';
      if (!text.trim()) {
        const set = setPrice(stores, stores.made.item(item), isWholesale);
        if (set === null) issues.push({ path: `prices.${String(at)}`, sentence: 'Give the price.' });
        return (set ?? 0) * count;
      }
      const reading = readMoney(text, rates.currency, 'amount');
      if (!reading.ok) issues.push({ path: `prices.${String(at)}`, sentence: reading.sentence });
      return reading.ok ? roundHalfAwayFromZero(reading.value) * count : 0;
    });
    refuseIssues(issues, MADE_REFUSED);
    const from = picks[0]?.place ?? 'studio';
    const money = moneyOf(
      stores,
      channel,
      from as MadePlace,
      paid.reduce((sum, one) => sum + one, 0),
    );
    const parts = shareSale(money, paid);
    const lines = picks.flatMap(({ item, place, grade, count }, at) =>
      soldPair(stores, { item, place, grade, count }, parts[at]),
    );
    const entry = newEntry(stores, { kind: 'sold', on, channel, buyer, why, lines });
    return [addLeaving(stores, entry, 'sold')];
  });
}

/** Pieces that were picked at a place. */
interface Picked {
  readonly item: string;
  readonly place: string;
  readonly grade: Grade;
  readonly count: number;
}

function soldPair(
  stores: Stores,
  { item, place, grade, count }: Picked,
  amounts: SaleMoney | undefined,
): MadeEntryLine[] {
  const from = { place: heldPlace(stores, place), grade };
  return movePieces(item, count, from, { place: 'sold', grade, ...(amounts && { amounts }) });
}

/** Tax, commission and fees of a sale. @param from  where the pieces lay: a shop has its own commission */
function moneyOf(stores: Stores, channelId: string, from: MadePlace, paidMinor: number): SaleMoney {
  const { selling } = currentBasis(stores).rates;
  const outlet = outletAt(from);
  const shop = outlet && stores.made.outlets().find(({ id }) => id === outlet.id);
  const channel = selling.channels.find(({ id }) => id === (channelId || shop?.channel)) ?? null;
  const share = shop?.commission.trim() ? readShare(shop.commission, 'commission') : null;
  return saleMoney(paidMinor, { channel, rule: selling.rule, commission: share?.ok ? share.value : null });
}

/** Takes the pieces of a sale back into the studio; tax, commission and fees go back with the money. */
export function refund(
  stores: Stores,
  id: number,
  { on, why }: { readonly on: string; readonly why: string },
): MadeEntry[] {
  return stores.inTransaction(() => {
    const sale = stores.made.entry(id);
    if (sale.kind !== 'sold' || sale.correctedBy !== null) throw new NotAcceptable('This is no sale that stands.', []);
    const reference = `refund ${String(id)}`;
    if (stores.made.hasReference(reference)) throw new NotAcceptable('This sale was refunded before.', []);
    const lines = sale.lines
      .filter(({ place }) => place === 'sold')
      .flatMap((line) => {
        const { item, grade, count } = line;
        return movePieces(item, count, { place: 'sold', grade, amounts: negated(line) }, { place: 'studio', grade });
      });
    const { channel, buyer } = sale;
    return [
      addLeaving(stores, newEntry(stores, { kind: 'refunded', on, why, channel, buyer, reference, lines }), 'refunded'),
    ];
  });
}

/** Ticks off a fair: what was brought and did not come home was sold; the rest goes back to the studio. */
export function tickOffFair(stores: Stores, { on, channel, place: text, home, customers }: FairSold): MadeEntry[] {
  const { rates } = currentBasis(stores);
  const place = heldPlace(stores, text);
  const there = stores.made.balances().filter((one) => one.place === place);
  const issues: Issue[] = [];
  const people = customers.trim() ? readCount(customers, 0) : null;
  if (people && !people.ok) issues.push({ path: 'customers', sentence: people.sentence });
  return stores.inTransaction(() => {
    const rows = home.map(({ item, grade, home: typed, price }, at) => {
      const brought = there.find((one) => one.item === item && one.grade === grade)?.count ?? 0;
      const back = readCount(typed || '0', 0);
      const money = price.trim() ? readMoney(price, rates.currency, 'amount') : null;
      const each = money?.ok ? money.value : setPrice(stores, stores.made.item(item), false);
      if (!back.ok) issues.push({ path: `home.${String(at)}.home`, sentence: back.sentence });
      else if (back.value > brought)
        issues.push({ path: `home.${String(at)}.home`, sentence: `Only ${String(brought)} were brought.` });
      if (money && !money.ok) issues.push({ path: `home.${String(at)}.price`, sentence: money.sentence });
      else if (each === null) issues.push({ path: `home.${String(at)}.price`, sentence: 'Give the price.' });
      const came = back.ok ? Math.min(brought, back.value) : 0;
      return { item, grade, came, sold: brought - came, paid: roundHalfAwayFromZero((each ?? 0) * (brought - came)) };
    });
    refuseIssues(issues, MADE_REFUSED);
    const sold = rows.filter((row) => row.sold > 0);
    const came = rows.filter((row) => row.came > 0);
    const money = moneyOf(
      stores,
      channel,
      place,
      sold.reduce((sum, { paid }) => sum + paid, 0),
    );
    const parts = shareSale(
      money,
      sold.map(({ paid }) => paid),
    );
    const entries: MadeEntry[] = [];
    if (sold.length > 0) {
      const lines = sold.flatMap(({ item, grade, sold: count }, at) =>
        soldPair(stores, { item, place, grade, count }, parts[at]),
      );
      const many = people?.ok ? people.value : 0;
      entries.push(addLeaving(stores, newEntry(stores, { kind: 'sold', on, channel, customers: many, lines }), 'sold'));
    }
    if (came.length > 0) {
      const lines = came.flatMap(({ item, grade, came: count }) =>
        movePieces(item, count, { place, grade }, { place: 'studio', grade }),
      );
      entries.push(stores.made.add(newEntry(stores, { kind: 'moved', on, lines })));
    }
    return entries;
  });
}

/** Imports sales and refunds of a file, all or none; what is in the ledger already is left out. */
export function importSales(stores: Stores, { channel, place: text, source, rows }: SalesImport): MadeEntry[] {
  const place = heldPlace(stores, text);
  return stores.inTransaction(() =>
    rows.flatMap(({ on, reference, item, count, paidMinor, feeMinor }): MadeEntry[] => {
      if (count === 0 || stores.made.hasReference(reference)) return [];
      const usual = moneyOf(stores, channel, place, paidMinor);
      const amounts = feeMinor === null ? usual : { ...usual, feeMinor };
      const grade = 'good';
      const isRefund = count < 0;
      const lines = isRefund
        ? movePieces(item, -count, { place: 'sold', grade, amounts }, { place, grade })
        : movePieces(item, count, { place, grade }, { place: 'sold', grade, amounts });
      const kind = isRefund ? 'refunded' : 'sold';
      const entry = newEntry(stores, { kind, on, channel, reference, why: `imported from ${source}`, lines });
      return [addLeaving(stores, entry, kind)];
    }),
  );
}
