// Common practice: an anneal about every 50 % of reduction; hard wire springs open after it is wound.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, ring, wire, type Sketch } from '../fixtures/check.ts';
import { forming } from './forming.ts';

// 4 mm round is 12.57 mm².
const forged = (width: string, thickness: string, steps: readonly string[] = []): Sketch => ({
  parts: [{ id: 'p', section: wire('4 mm'), blank: { rule: 'worked', length: '80 mm', width, thickness } }],
  steps,
});

test('half as much metal across needs no anneal on the way, less needs one', () => {
  expect(foundIn(forming, forged('5 mm', '1.3 mm'))).toEqual([]);
  expect(briefly(foundIn(forming, forged('5 mm', '1.2 mm')))).toEqual(['warn p']);
  expect(foundIn(forming, forged('5 mm', '1.2 mm', ['Anneal']))).toEqual([]);
  expect(briefly(foundIn(forming, forged('5 mm', '0.6 mm', ['Anneal'])))).toEqual(['warn p']);
  expect(foundIn(forming, forged('5 mm', '0.65 mm', ['Anneal', 'Anneal again']))).toEqual([]);
});

test('drawn to a thinner round it is judged by the same halves', () => {
  expect(foundIn(forming, forged('2.9 mm', ''))).toEqual([]);
  expect(briefly(foundIn(forming, forged('2.7 mm', '')))).toEqual(['warn p']);
});

const wound = (temper: 'hard' | 'half-hard' | 'soft'): Sketch => ({
  parts: [{ id: 'r', section: wire(), blank: ring('4 mm'), temper }],
});

test('spring-hard wire wound on a mandrel is warned of, softer wire is not', () => {
  expect(briefly(foundIn(forming, wound('hard')))).toEqual(['warn r']);
  expect(foundIn(forming, wound('half-hard'))).toEqual([]);
});

test('the remedy adds an anneal', () => {
  expect(afterRemedy(forming, forged('5 mm', '1.2 mm'))).toEqual([]);
});
