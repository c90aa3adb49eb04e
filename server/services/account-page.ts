// Reads the metal account: a period with its costs, and the story of a lot.
import type { AccountPage, LotStory } from '../../contract/account.ts';
import { CostBook } from '../../core/account/cost-book.ts';
import type { MetalEntry } from '../../core/account/entry.ts';
import { sectionOf } from '../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../core/batch/stock/size-words.ts';
import { dayAfter } from '../../core/measure/days.ts';
import { sectionInWords } from '../../core/stock/words.ts';
import type { Account } from '../store/account.ts';
import type { Stores } from '../store/stores.ts';
import { today } from './stockroom.ts';

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

function costsAt({ account, now }: Stores, until: string): AccountPage['costs'] {
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
    batches: [...new Set(entries.flatMap(({ batchId }) => batchId ?? []))],
  };
}

/** Lots of the same entry on the other side: metal left them and came to this one, or the other way round. */
function relatives({ lines }: MetalEntry, id: string, isSource: boolean): string[] {
  const own = lines.filter(({ lot }) => lot === id).reduce((sum, { mg }) => sum + mg, 0);
  if (own > 0 !== isSource) return [];
  return lines.flatMap(({ lot, mg }) => (lot !== null && lot !== id && mg > 0 !== isSource ? [lot] : []));
}

function nameOf({ lot, kind }: ReturnType<Account['lot']>['row']): string {
  return lot ? `${sectionInWords(sectionOf(lot))}, ${sizeInWords(lot.size)}` : kind;
}
