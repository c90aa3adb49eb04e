import { readdirSync } from 'node:fs';
import { expect, test } from 'vitest';
import { alloysWith } from '../../metal/alloy.ts';
import { computeRecipe } from '../compute-recipe.ts';
import { discBlank, pieceOf, sheet } from '../fixtures/check.ts';
import { benchCheck, benchCheckAll, checks, standing } from './bench-check.ts';

const alloys = alloysWith([]);
const steel = pieceOf({
  parts: [{ id: 'p', alloy: 'steel-low-carbon', section: sheet(), blank: discBlank, endsTouchSkin: true }],
  steps: ['Pickle'],
});

test('every check is a file of its own with its test, and has a unique name', () => {
  const files = readdirSync('core/piece/checks').filter((file) => !/^(check-context|bench-check)\b/.test(file));
  const names = files.filter((file) => !file.endsWith('.test.ts')).map((file) => file.replace('.ts', ''));
  expect(checks.map(({ name }) => name).sort()).toEqual(names.sort());
  for (const name of names) expect(files).toContain(`${name}.test.ts`);
  expect(checks).toHaveLength(22);
});

test('the most severe finding comes first', () => {
  const remarks = benchCheck(computeRecipe(steel, alloys), alloys, 'GB');
  expect(remarks.map(({ severity, rule }) => `${severity} ${rule}`)).toEqual(['stop steel-pickle', 'warn sharp-ends']);
  expect(standing(remarks)).toHaveLength(1);
});

test('an overridden finding keeps its reason and no longer blocks', () => {
  const known = { ...steel, known: [{ rule: 'steel-pickle', about: 's1', reason: 'A pickle of its own.' }] };
  const remarks = benchCheckAll(known, alloys, 'GB');
  expect(remarks.find(({ rule }) => rule === 'steel-pickle')?.known).toBe('A pickle of its own.');
  expect(standing(remarks)).toEqual([]);
});

test('a piece in sizes is checked in each, and a shared finding appears once', () => {
  const sized = {
    ...pieceOf({
      parts: [
        {
          id: 'p',
          section: sheet('2 mm'),
          blank: { rule: 'pressed', width: '9 mm', length: '9 mm', depth: 'deep', excess: '' },
        },
        { id: 'q', alloy: 'steel-low-carbon', section: sheet(), blank: discBlank },
      ],
      steps: ['Pickle'],
    }),
    sizes: {
      parameters: [{ id: 'd', name: 'deep' }],
      rows: [
        { id: 's', name: 'small', values: { d: '1.5 mm' } },
        { id: 'l', name: 'large', values: { d: '2.5 mm' } },
      ],
      price: 'each' as const,
      patterns: [],
    },
  };
  const remarks = benchCheckAll(sized, alloys, 'GB').filter(({ severity }) => severity === 'stop');
  expect(remarks.map(({ rule }) => rule)).toEqual(['steel-pickle', 'die-depth']);
  expect(remarks[1]?.sentence).toMatch(/^In large: p: 2 mm thick, in a die 2.5 mm deep/);
});
