// Every blank rule is a file of its own that is in the list, and says all that a rule has to say.
import { readdirSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { formNames } from '../../stock/words.ts';
import { blankFieldOf, blankRules, blankRulesOf, blankSchema, freshBlank, mainFieldOf } from '../blank.ts';

test('each file of this folder is a rule of the list, under its stored name', () => {
  const files = readdirSync('core/blank/rules').filter((file) => !file.endsWith('.test.ts'));
  expect(blankRules.map(({ fresh }) => `${fresh.rule}.ts`).sort()).toEqual(files.sort());
});

test('every name stored in ledgers since the first version is still there', () => {
  const stored =
    'balled bangle bezel chain disc dome granule hinge-pin jump-ring knuckles outline oval pressed rectangle ring-band ' +
    'ring-bezel straight teardrop twist washer weight worked woven wrap';
  expect(blankRules.map(({ fresh }) => fresh.rule).sort()).toEqual(stored.split(' '));
});

test('every form of stock has a rule, and no two rules share a name', () => {
  for (const form of Object.keys(formNames) as (keyof typeof formNames)[]) expect(blankRulesOf(form)).not.toEqual([]);
  expect(new Set(blankRules.map(({ name }) => name)).size).toBe(blankRules.length);
});

describe.each(blankRules.map(({ fresh, ...rest }) => [fresh.rule, rest] as const))(
  'the rule %s',
  (rule, definition) => {
    test('reads its fresh blank by its own schema', () => {
      expect(blankSchema.parse({ ...freshBlank(rule) })).toEqual(freshBlank(rule));
    });

    test('names only fields of its schema', () => {
      const fields = Object.keys(freshBlank(rule));
      expect(fields).toContain(mainFieldOf(rule));
      for (const field of Object.keys(definition.fields)) {
        expect(fields).toContain(field);
        expect(Object.keys(blankFieldOf(rule, field))).not.toEqual([]);
      }
    });
  },
);
