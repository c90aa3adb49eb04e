// A list that is read again only after something in the ledger has changed: nobody else writes to it.
import type { Ledger } from './ledger.ts';

/** @returns the same list as long as the ledger is the same */
export function untilChange<List extends object>(ledger: Ledger, read: () => List): () => List {
  const changes = ledger.prepare<[], { n: number }>('select total_changes() as n');
  let known: { readonly at: number; readonly list: List } | null = null;
  return () => {
    const at = changes.get()?.n ?? -1;
    // Inside a transaction that may still be undone, nothing is kept.
    if (ledger.inTransaction) return read();
    if (known?.at !== at) known = { at, list: read() };
    return known.list;
  };
}
