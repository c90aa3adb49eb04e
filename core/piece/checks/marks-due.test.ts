// British limits: Hallmarking Act 1973 as amended, from memory (7.78 g of silver, 1 g of gold, 0.5 g of platinum).
import { expect, test } from 'vitest';
import { briefly, foundIn, type Sketch } from '../fixtures/check.ts';
import { marksDue } from './marks-due.ts';

const cast = (alloy: string, grams: string, steps: readonly string[] = []): Sketch => ({
  parts: [{ id: 'p', alloy, section: { form: 'grain' }, blank: { rule: 'weight', grams } }],
  steps,
});

test.each([
  ['silver-925', '7.77 g', []],
  ['silver-925', '7.78 g', ['note']],
  ['gold-9k-yellow', '0.99 g', []],
  ['gold-9k-yellow', '1 g', ['note']],
  ['platinum-950-ru', '0.49 g', []],
  ['platinum-950-ru', '0.5 g', ['note']],
  ['copper-c110', '40 g', []],
])('%s of %s in Britain gives %j', (alloy, grams, found) => {
  expect(briefly(foundIn(marksDue, cast(alloy, grams)))).toEqual(found);
});

test('elsewhere it refers to the local rule, and is silent where no mark is compulsory', () => {
  expect(foundIn(marksDue, cast('silver-925', '9 g'), 'NL')[0]?.sentence).toMatch(/ask locally/);
  expect(foundIn(marksDue, cast('silver-999', '0.5 g'), 'NL')).toEqual([]);
  expect(foundIn(marksDue, cast('silver-925', '90 g'), 'US')).toEqual([]);
});

test('a route with an assay office step gives no finding', () => {
  expect(foundIn(marksDue, cast('silver-925', '9 g', ['Hallmark']))).toEqual([]);
});
