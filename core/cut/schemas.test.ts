// The JSON Schemas in the documentation are those of the code; `UPDATE=1 npx vitest run core/cut/schemas` writes them anew.
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { jsonSchemaOf } from '../measure/fixtures/json-schema.ts';
import { barProblemSchema } from './bars/bar-problem.ts';
import { sheetProblemSchema } from './sheets/sheet-problem.ts';

test.each([
  ['bars', barProblemSchema],
  ['sheets', sheetProblemSchema],
])('docs/formats/%s.schema.json is the schema of the code', (name, schema) => {
  const path = `docs/formats/${name}.schema.json`;
  const made = jsonSchemaOf(schema);
  if (process.env['UPDATE']) writeFileSync(path, `${JSON.stringify(made, null, 2)}\n`);
  expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(made);
});

test('the examples on the page are valid problems', () => {
  const page = readFileSync('docs/formats/cut.md', 'utf8');
  const examples = [...page.matchAll(/```json\n([\s\S]*?)```/g)].map(([, text = '']) => JSON.parse(text) as object);
  expect(examples.filter((example) => 'stock' in example).every((one) => barProblemSchema.safeParse(one).success)).toBe(
    true,
  );
  expect(examples.filter((example) => 'gap' in example).every((one) => sheetProblemSchema.safeParse(one).success)).toBe(
    true,
  );
  expect(examples).toHaveLength(4);
});
