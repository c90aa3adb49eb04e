// The trash: deleted documents of the last 60 days.
import { TRASH_DAYS, type Trashed } from '../../contract/document.ts';
import { nameOfQuote } from '../../core/price/quote/quote.ts';
import type { Ledger } from '../store/ledger.ts';
import type { Stores } from '../store/stores.ts';
import { nameOfBatch } from './dependents.ts';

const DAY_MS = 86_400_000;

/** Deleted documents that can be restored, the latest first. @param now  ms since 1970 */
export function trashed(stores: Stores, now: number): Trashed[] {
  const { pieces, batches, quotes, fairs } = stores;
  const rows: Trashed[] = [
    ...pieces.trash().map(({ document: { id, body }, deletedAt }) => ({ kind: 'piece' as const, id, name: body.name, deletedAt })), // prettier-ignore
    ...batches.trash().map(({ document: { id }, deletedAt }) => ({ kind: 'batch' as const, id, name: nameOfBatch(stores, id), deletedAt })), // prettier-ignore
    ...quotes.trash().map(({ document: { id, body }, deletedAt }) => ({ kind: 'quote' as const, id, name: nameOfQuote(body), deletedAt })), // prettier-ignore
    ...fairs.trash().map(({ document: { id, body }, deletedAt }) => ({ kind: 'fair' as const, id, name: body.name, deletedAt })), // prettier-ignore
  ];
  const since = new Date(now - TRASH_DAYS * DAY_MS).toISOString();
  return rows
    .filter(({ deletedAt }) => deletedAt >= since)
    .map((row) => ({ ...row, name: row.name.trim() || 'unnamed' }))
    .toSorted((a, b) => (a.deletedAt < b.deletedAt ? 1 : -1));
}

/** Takes a document out of the trash. @throws NotThere */
export function restoreTrashed({ pieces, batches, quotes, fairs }: Stores, kind: Trashed['kind'], id: string): void {
  const store = { piece: pieces, batch: batches, quote: quotes, fair: fairs }[kind];
  store.restore(id);
}

/**
 * Empties the trash of what has lain in it for 60 days: what was never accepted and has no entries is deleted. The rest
 * stays out of sight, since batches and entries point at it.
 * @param now  ms since 1970 @returns number of deleted documents
 */
export function emptyTrash(ledger: Ledger, now: number): number {
  const before = new Date(now - TRASH_DAYS * DAY_MS).toISOString();
  const pointsAtIt = pointers.map(
    ({ table, column }) => `and not exists (select 1 from ${table} where ${table}.${column} = document.id)`,
  );
  return ledger
    .prepare(`delete from document where deleted_at < ? and revision = 0 ${pointsAtIt.join(' ')}`)
    .run(before).changes;
}

/** Tables whose entries point at a document. */
const pointers = [
  { table: 'price_entry', column: 'piece_id' },
  { table: 'metal_entry', column: 'batch_id' },
  { table: 'goods_entry', column: 'batch_id' },
  { table: 'bench_entry', column: 'batch_id' },
  { table: 'made_entry', column: 'batch_id' },
] as const;
