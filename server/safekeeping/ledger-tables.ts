// The tables of a ledger as an export holds them: what a maker wrote and what happened, without the ledger's own affairs.
import type { Ledger } from '../store/ledger.ts';

/** Tables of the program itself: how far it is migrated, answers it may repeat, devices it knows, sums it keeps. */
const OWN_AFFAIRS: ReadonlySet<string> = new Set([
  'ledger',
  'migration',
  'request_entry',
  'device',
  'metal_balance',
  'metal_month',
  'made_balance',
]);

/** A table with its columns in order. */
export interface LedgerTable {
  readonly name: string;
  readonly columns: readonly Column[];
}

/** A column of a table. */
interface Column {
  readonly name: string;
  readonly type: 'TEXT' | 'INTEGER' | 'REAL' | 'BLOB' | 'ANY';
  readonly isRequired: boolean;
  /** Place in the primary key from 1; 0 outside it. */
  readonly key: number;
  /** Whether its text is JSON. */
  readonly isJson: boolean;
}

/** Tables by name. */
export function ledgerTables(ledger: Ledger): LedgerTable[] {
  const tables = ledger
    .prepare<[], { name: string; sql: string }>(
      `select name, sql from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name`,
    )
    .all();
  return tables
    .filter(({ name }) => !OWN_AFFAIRS.has(name))
    .map(({ name, sql }) => {
      const json = new Set([...sql.matchAll(/json_valid\((\w+)\)/g)].map(([, column]) => column));
      const columns = ledger.pragma(`table_info(${name})`) as {
        name: string;
        type: Column['type'];
        notnull: number;
        pk: number;
      }[];
      return {
        name,
        columns: columns.map((column) => ({
          name: column.name,
          type: column.type,
          isRequired: column.notnull === 1,
          key: column.pk,
          isJson: json.has(column.name),
        })),
      };
    });
}

/** Columns of the primary key, in order, for `order by`. */
export function primaryKeyOf({ columns }: LedgerTable): string {
  const keys = columns.filter(({ key }) => key > 0).toSorted((a, b) => a.key - b.key);
  return keys.length > 0 ? keys.map(({ name }) => name).join(', ') : 'rowid';
}
