// The rules of the house that no other tool checks: exported names, links and commands in the docs, examples in docstrings.
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import ts from 'typescript';
import { describe, expect, test } from 'vitest';

const files = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], { encoding: 'utf8' })
  .split('\n')
  .filter((path) => path !== '' && existsSync(path));
const sources = files.filter(
  (path) => /^(core|solver|contract|server|web)\/.*\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path),
);
const pages = files.filter((path) => path.endsWith('.md'));
const read = (path: string) => readFileSync(path, 'utf8');

interface Exported {
  readonly name: string;
  readonly path: string;
  readonly docs: string;
}

/** Declarations that a file exports, with the text of their docstrings. */
function exportsOf(path: string): Exported[] {
  const tree = ts.createSourceFile(path, read(path), ts.ScriptTarget.Latest, true);
  return tree.statements.flatMap((statement): Exported[] => {
    if (!ts.canHaveModifiers(statement)) return [];
    if (!ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)) return [];
    const docs = ts
      .getJSDocCommentsAndTags(statement)
      .map((node) => node.getText())
      .join('\n');
    if (ts.isVariableStatement(statement))
      return statement.declarationList.declarations.map(({ name }) => ({ name: name.getText(), path, docs }));
    const named = statement as ts.FunctionDeclaration | ts.ClassDeclaration | ts.InterfaceDeclaration;
    return named.name ? [{ name: named.name.text, path, docs }] : [];
  });
}

const exported = sources.flatMap(exportsOf);

test('no two files export the same name', () => {
  const places = new Map<string, Set<string>>();
  // The words of each screen have one name in their own module.
  const named = exported.filter(({ path }) => !path.startsWith('web/words/'));
  for (const { name, path } of named) places.set(name, (places.get(name) ?? new Set()).add(path));
  const shared = [...places].filter(([, paths]) => paths.size > 1).map(([name, paths]) => [name, ...paths].join(' '));
  expect(exported.length).toBeGreaterThan(1000);
  expect(shared).toEqual([]);
});

test('every export of core has a docstring', () => {
  const bare = exported.filter(({ path, docs }) => path.startsWith('core/') && docs === '');
  expect(bare.map(({ name, path }) => `${path} ${name}`)).toEqual([]);
});

describe('the docs', () => {
  test.each(pages)('%s links only to files that exist', (page) => {
    const targets = [...read(page).matchAll(/\]\(([^)#\s]+)(?:#[^)]*)?\)/g)].map(([, target = '']) => target);
    const broken = targets.filter((target) => !/^https?:/.test(target) && !existsSync(join(dirname(page), target)));
    expect(broken).toEqual([]);
  });

  test.each(pages)('%s names only source files that exist', (page) => {
    const names = [...read(page).matchAll(/`([\w./-]+\.(?:tsx?|mjs|sql))`/g)].map(([, name = '']) => name);
    const known = new Set(files.map((path) => basename(path)));
    const missing = names.filter((name) => (name.includes('/') ? !existsSync(name) : !known.has(name)));
    // A how-to page may name the file that the reader is about to write.
    expect(missing.filter((name) => !name.startsWith('server/migrations/010-') && name !== '010-lots.sql')).toEqual([]);
  });

  test.each(pages)('%s gives only npm commands that exist', (page) => {
    const { scripts } = JSON.parse(read('package.json')) as { scripts: Readonly<Record<string, string>> };
    const commands = [...read(page).matchAll(/npm run (?:-s )?([a-z:]+)/g)].map(([, name = '']) => name);
    expect(commands.filter((name) => !(name in scripts))).toEqual([]);
  });
});

describe('examples in docstrings', () => {
  const examples = exported.flatMap(({ name, path, docs }) =>
    [...docs.matchAll(/@example\s+(.+?)\s*\/\/\s*(.+?)\s*(?:\*\/)?$/gm)].map(([, code = '', result = '']) => ({
      title: `${name}: ${code}`,
      path,
      code,
      result,
    })),
  );

  test('every example is found', () => {
    expect(examples.length).toBeGreaterThan(5);
    const written = sources.flatMap((path) => [...read(path).matchAll(/@example/g)]).length;
    expect(examples.length).toBe(written);
  });

  test.each(examples)('$title gives what it says', async ({ path, code, result }) => {
    const module = (await import(pathToFileURL(path).href)) as Readonly<Record<string, unknown>>;
    const names = Object.keys(module);
    const evaluate = (expression: string): unknown =>
      // eslint-disable-next-line @typescript-eslint/no-implied-eval -- examples are code of this repository
      (new Function(...names, `return (${expression});`) as (...values: unknown[]) => unknown)(
        ...Object.values(module),
      );
    expect(evaluate(code)).toEqual(evaluate(result));
  });
});
