// Common practice: each later join on an assembly takes a solder that flows lower, unless one grade is kept throughout.
import { expect, test } from 'vitest';
import {
  afterRemedy,
  briefly,
  discBlank,
  foundIn,
  sheet,
  type Sketch,
  straightBlank,
  wire,
} from '../fixtures/check.ts';
import { solderOrder } from './solder-order.ts';

const parts = [
  { id: 'base', section: sheet(), blank: discBlank },
  { id: 'rim', section: wire(), blank: straightBlank },
  { id: 'post', section: wire(), blank: straightBlank },
];
const joins = (...grades: string[]): Sketch => ({
  parts,
  joins: grades.map((grade, index) => ({
    id: `j${String(index + 1)}`,
    parts: index === 0 ? ['base', 'rim'] : ['base', 'post'],
    solder: `silver-${grade}`,
  })),
});

test.each([
  [['hard', 'medium'], []],
  [['hard', 'hard'], ['warn j2']],
  [['easy', 'medium'], ['warn j2']],
  [['medium', 'easy', 'medium'], ['warn j3']],
])('solders %j give %j', (grades, found) => {
  expect(briefly(foundIn(solderOrder, joins(...grades)))).toEqual(found);
});

test('a studio with one solder grade gets a note only', () => {
  expect(briefly(foundIn(solderOrder, { ...joins('hard', 'hard'), school: 'one-grade' }))).toEqual(['note j2']);
});

test('joins on separate parts do not affect each other', () => {
  const apart = joins('medium', 'medium');
  const [first, second] = apart.joins ?? [];
  if (!first || !second) throw new Error('Two joins are made above.');
  const found = (parts1: string[], parts2: string[]) =>
    foundIn(solderOrder, {
      parts,
      joins: [
        { ...first, parts: parts1 },
        { ...second, parts: parts2 },
      ],
    });
  expect(found(['rim'], ['post'])).toEqual([]);
  expect(briefly(found(['rim'], ['base', 'rim']))).toEqual(['warn j2']);
});

test('a flow point from the maker’s data sheet takes precedence over the table', () => {
  const sketch = joins('hard', 'medium');
  const flows = (flow: string) =>
    foundIn(solderOrder, {
      ...sketch,
      joins: sketch.joins?.map((join, index) => (index === 1 ? { ...join, flow } : join)) ?? [],
    });
  expect(flows('')).toEqual([]);
  expect(briefly(flows('790'))).toEqual(['warn j2']);
});

test('the remedy chooses the next lower solder of the family', () => {
  expect(foundIn(solderOrder, joins('hard', 'hard'))[0]?.remedy?.says).toBe('Make it medium');
  expect(afterRemedy(solderOrder, joins('hard', 'hard'))).toEqual([]);
});
