// The words of docs/glossary.md: what its “avoid” column names is in no visible text.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { expect, test } from 'vitest';

/** Words of one word that are old where they stand; others (`left`, `there`, `by`) are good words elsewhere. */
const SINGLE = ['meanwhile', 'mark-up', 'nought', 'in Studio', 'noon fix'];
/** Phrases of the column that are right in other places. */
const FINE = new Set(['set-up, min', 'an hour', 'the job', 'it is', 'cutting plan', 'comes to', 'leave it', 'goes on']);

const glossary = readFileSync('docs/glossary.md', 'utf8');
const avoided = [
  ...glossary
    .split('\n')
    .filter((line) => line.startsWith('|'))
    .flatMap(
      (line) =>
        line
          .split('|')
          .at(-2)
          ?.split(/[,/;]|“|”|\.\.\./) ?? [],
    )
    .map((phrase) => phrase.replace(/\(.*?\)|…/g, '').trim())
    .filter((phrase) => phrase.split(' ').length >= 2 && !phrase.startsWith('---') && !FINE.has(phrase)),
  ...SINGLE,
];

/** Texts of a source file that a maker may see. */
function visibleTexts(path: string): { readonly line: number; readonly text: string }[] {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);
  const texts: { line: number; text: string }[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (
      ts.isJsxText(node) ||
      ts.isStringLiteralLike(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddleOrTemplateTail(node)
    )
      texts.push({
        line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1,
        text: node.text.replace(/\s+/g, ' '),
      });
    ts.forEachChild(node, visit);
  };
  visit(source);
  return texts;
}

const files = ['core', 'server', 'web'].flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter(
      (path) => /\.tsx?$/.test(path) && !/\.test\.|fixtures|vocabulary|grammar|migrations|earlier-versions/.test(path),
    )
    .map((path) => join(folder, path)),
);

const patterns = avoided.map(
  (phrase) => new RegExp(`(?<![\\w-])${phrase.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\w-])`, 'i'),
);

test('the glossary names words to avoid', () => {
  expect(avoided.length).toBeGreaterThan(80);
});

test.each(files)('%s uses the words of the glossary', (path) => {
  const found = visibleTexts(path).flatMap(({ line, text }) =>
    patterns.flatMap((pattern, index) =>
      pattern.test(text) ? `${String(line)}: “${avoided[index] ?? ''}” in “${text.trim()}”` : [],
    ),
  );
  expect(found).toEqual([]);
});
