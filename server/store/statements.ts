// Statements of a ledger, each compiled once.
import type Database from 'better-sqlite3';
import type { Ledger } from './ledger.ts';

/** Compiles a statement the first time its SQL is asked for, and returns the same one from then on. */
export type Prepare = <Parameters extends unknown[] | Record<string, unknown> = unknown[], Row = unknown>(
  sql: string,
) => Database.Statement<Parameters extends unknown[] ? Parameters : [Parameters], Row>;

/** A `prepare` that remembers its statements for as long as the ledger is open. */
export function preparedOnce(ledger: Ledger): Prepare {
  const statements = new Map<string, unknown>();
  return ((sql: string) => {
    const known = statements.get(sql) ?? ledger.prepare(sql);
    statements.set(sql, known);
    return known;
  }) as Prepare;
}
