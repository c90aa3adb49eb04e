// Statements of a ledger, each prepared once.
import type Database from 'better-sqlite3';
import type { Ledger } from './ledger.ts';

/** Prepares a statement when its SQL is used first, and returns the same one afterwards. */
export type Prepare = <Parameters extends unknown[] | Record<string, unknown> = unknown[], Row = unknown>(
  sql: string,
) => Database.Statement<Parameters extends unknown[] ? Parameters : [Parameters], Row>;

/** A `prepare` that remembers its statements while the ledger is open. */
export function preparedOnce(ledger: Ledger): Prepare {
  const statements = new Map<string, unknown>();
  return ((sql: string) => {
    const known = statements.get(sql) ?? ledger.prepare(sql);
    statements.set(sql, known);
    return known;
  }) as Prepare;
}
