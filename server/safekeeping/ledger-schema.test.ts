// The JSON Schema in the documentation is that of the tables; `UPDATE=1 npx vitest run server/safekeeping/ledger-schema`
// writes it anew.
import { readFileSync, writeFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import { expect, test } from 'vitest';
import { openLedger } from '../store/ledger.ts';
import { exportLedger } from './export-ledger.ts';
import { ledgerTables } from './ledger-tables.ts';

const PATH = 'docs/formats/ledger.schema.json';
const typeOf = { TEXT: 'string', INTEGER: 'integer', REAL: 'number', BLOB: 'string', ANY: 'string' } as const;

test('docs/formats/ledger.schema.json is the schema of the tables', () => {
  const ledger = openLedger(':memory:', 'server/migrations', 'own');
  const tables = ledgerTables(ledger).map(({ name, columns }) => {
    const kept = columns.filter(({ type }) => type !== 'BLOB');
    const properties = kept.map((column) => {
      const type = typeOf[column.type];
      if (column.isJson) return [column.name, {}];
      return [column.name, { type: column.isRequired || column.key > 0 ? type : [type, 'null'] }];
    });
    const row = {
      type: 'object',
      properties: Object.fromEntries(properties) as object,
      required: kept.map((column) => column.name),
      additionalProperties: false,
    };
    return [`tables/${name}.json`, { type: 'array', items: row }] as const;
  });
  const made = {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'The files of a ledger export',
    type: 'object',
    properties: {
      'ledger.json': {
        type: 'object',
        properties: {
          format: { const: 'noon-ledger/ledger' },
          version: { const: 1 },
          migrations: { const: ledger.pragma('user_version', { simple: true }) },
          rows: { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } },
        },
        required: ['format', 'version', 'migrations', 'rows'],
      },
      ...Object.fromEntries(tables),
    },
  };
  if (process.env['UPDATE']) writeFileSync(PATH, `${JSON.stringify(made, null, 2)}\n`);
  expect(JSON.parse(readFileSync(PATH, 'utf8'))).toEqual(made);
  const files = unzipSync(exportLedger(ledger));
  expect(JSON.parse(strFromU8(files['ledger.json'] ?? new Uint8Array()))).toMatchObject({
    migrations: made.properties['ledger.json'].properties.migrations.const,
  });
  ledger.close();
});
