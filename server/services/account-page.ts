// Reads the metal account: a period with its costs, and the story of a lot.
import type { AccountPage, LotStory, StockUse } from '../../contract/account.ts';
import { CostBook } from '../../core/account/cost-book.ts';
import type { MetalEntry } from '../../core/account/entry.ts';
import { keyOfLot, sectionOf } from '../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../core/batch/stock/size-words.ts';
import { dayAfter, monthsBefore } from '../../core/measure/days.ts';
import { sectionInWords } from '../../core/stock/words.ts';
import type { Account } from '../store/account.ts';
import type { Stores } from '../store/stores.ts';
import { today } from './stockroom.ts';

/** Receipts that the price history of a lot shows. */
const MOST_PAID = 24;
/** Months whose use speaks for the next ones. */
const USED_MONTHS = 12;
const LAST_DAY = '9999-12-31';

/** The account between two days, both included. */
export function accountPage(stores: Stores, from: string, until: string): AccountPage {
  const { account } = stores;
  return {
    from,
    until,
    before: account.balancesAt(dayAfter(from, -1)),
    flows: account.flows(from, until),
    costs: costsAt(stores, until),
    untouched: account.untouchedSince(dayAfter(today(stores), -365)),
  };
}

/** Entries never change, so the book of all of them is carried on; a past day is drawn up anew. */
const books = new WeakMap<Account, { book: CostBook; last: number }>();

/** What all metal cost, by alloy, at the end of a day. */
export function costsAt({ account, now }: Stores, until: string): AccountPage['costs'] {
  if (until < today({ now })) {
    const book = new CostBook();
    for (const entry of account.costLines(0, until)) book.add(entry);
    return book.costs();
  }
  const kept = books.get(account) ?? { book: new CostBook(), last: 0 };
  for (const entry of account.costLines(kept.last, LAST_DAY)) {
    kept.book.add(entry);
    kept.last = entry.id;
  }
  books.set(account, kept);
  return kept.book.costs();
}

/** A lot by id or number. @throws NotThere */
export function lotStory({ account }: Stores, idOrNumber: string): LotStory {
  const { row, number, where } = account.lot(idOrNumber);
  const { mg, pieces } = account.balancesOfLot(row.id)[0] ?? { mg: 0, pieces: 0 };
  const entries = account.entries({ lotId: row.id, limit: 1000 });
  const numberOf = (id: string) => ({ id, number: account.lot(id).number });
  const related = (isSource: boolean) =>
    entries
      .filter(({ kind }) => kind === 'issued' || kind === 'converted' || kind === 'returned')
      .flatMap((entry) => relatives(entry, row.id, isSource).map((id) => ({ ...numberOf(id), entryId: entry.id })));
  return {
    lot: { id: row.id, number, kind: row.kind, alloy: row.alloy, owner: row.owner, supplier: row.supplier, name: nameOf(row) }, // prettier-ignore
    mg,
    pieces,
    isBulk: row.lot === null,
    where,
    entries,
    from: related(true),
    into: related(false),
    paid: account
      .paidLots(row.alloy)
      .filter((one) => (one.lot && row.lot ? keyOfLot(one.lot) === keyOfLot(row.lot) : one.kind === row.kind))
      .slice(0, MOST_PAID)
      .map(({ id, number: ofLot, on, supplier, mg: came, paidMinor, currency }) => ({ id, number: ofLot, on, supplier, mg: came, paidMinor, currency })), // prettier-ignore
    batches: [...new Set(entries.flatMap(({ batchId }) => batchId ?? []))],
  };
}

/** Lots of the same entry on the other side: metal left them and came to this one, or the other way round. */
function relatives({ lines }: MetalEntry, id: string, isSource: boolean): string[] {
  const own = lines.filter(({ lot }) => lot === id).reduce((sum, { mg }) => sum + mg, 0);
  if (own > 0 !== isSource) return [];
  return lines.flatMap(({ lot, mg }) => (lot !== null && lot !== id && mg > 0 !== isSource ? [lot] : []));
}

/** What batches used of each stock item in the last whole months. */
export function stockUse({ account, now }: Stores): StockUse[] {
  const months = monthsBefore(today({ now }).slice(0, 7), USED_MONTHS);
  const byStock = new Map<string, { lot: StockUse['lot']; used: number[] }>();
  for (const { lot, month, mg } of account.usedByMonth(`${months[0] ?? ''}-01`)) {
    const at = months.indexOf(month);
    if (at < 0) continue;
    const entry = byStock.get(keyOfLot(lot)) ?? { lot, used: months.map(() => 0) };
    entry.used[at] = (entry.used[at] ?? 0) + mg / 1000;
    byStock.set(keyOfLot(lot), entry);
  }
  return [...byStock].flatMap(([stock, { lot, used }]) => {
    const grams = used.map((g) => Math.max(0, g));
    const first = grams.findIndex((g) => g > 0);
    return first < 0 ? [] : [{ stock, lot, usedByMonth: grams.slice(first) }];
  });
}

function nameOf({ lot, kind }: ReturnType<Account['lot']>['row']): string {
  return lot ? `${sectionInWords(sectionOf(lot))}, ${sizeInWords(lot.size)}` : kind;
}
