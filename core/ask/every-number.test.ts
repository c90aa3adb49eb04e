// Nothing of a question is passed over in silence: another number gives another answer, or the question is refused.
import { expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { ask } from './ask.ts';
import { wordOrders } from './fixtures/word-orders.ts';

const basis = { alloys: alloysWith([]), fix: null };
/** A number that names an alloy; the book has not every other one. */
const NAMES_ALLOY = /^(?:925|14|18|9)$/;
/** Whole numbers of blanks and links may stay as they are. */
const counted = new Set(['cutting', 'chain']);

const figuresOf = (answer: ReturnType<typeof ask>) =>
  answer.ok ? answer.figures.map(({ label, value }) => `${label} ${value.toPrecision(8)}`) : [];

const changes = wordOrders(3, 400)
  .filter(([family]) => !counted.has(family))
  .flatMap(([, line]) =>
    [...line.matchAll(/\d+(?:\.\d+)?/g)]
      .filter(({ 0: number }) => !NAMES_ALLOY.test(number))
      .map(({ 0: number, index }): [string, string] => {
        const other = number.includes('.') ? (Number(number) * 1.1).toFixed(3) : String(Number(number) + 2);
        return [line, line.slice(0, index) + other + line.slice(index + number.length)];
      }),
  );

test(`another number of a question changes its answer: ${String(changes.length)} changes`, () => {
  expect(changes.length).toBeGreaterThan(800);
  const unmoved = changes.filter(([line, changed]) => {
    const [before, after] = [ask(line, basis), ask(changed, basis)];
    return after.ok && String(figuresOf(after)) === String(figuresOf(before));
  });
  expect(unmoved).toEqual([]);
});
