// Common practice: an anneal about every 50 % of reduction; hard wire springs open after it is wound.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, ring, type Sketch, wire } from '../fixtures/check.ts';
import { forming } from './forming.ts';

// 4 mm round is 12.57 mm².
const forged = (width: string, thickness: string, steps: readonly string[] = []): Sketch => ({
  parts: [{ id: 'p', section: wire('4 mm'), blank: { rule: 'worked', length: '80 mm', width, thickness } }],
  steps,
});

test('a reduction by half needs an anneal on the way, and a smaller one does not', () => {
  expect(foundIn(forming, forged('5 mm', '1.3 mm'))).toEqual([]);
  expect(briefly(foundIn(forming, forged('5 mm', '1.2 mm')))).toEqual(['warn p']);
  expect(foundIn(forming, forged('5 mm', '1.2 mm', ['Anneal']))).toEqual([]);
  expect(briefly(foundIn(forming, forged('5 mm', '0.6 mm', ['Anneal'])))).toEqual(['warn p']);
  expect(foundIn(forming, forged('5 mm', '0.65 mm', ['Anneal', 'Anneal again']))).toEqual([]);
});

test('a thinner round is judged by the same halving', () => {
  expect(foundIn(forming, forged('2.9 mm', ''))).toEqual([]);
  expect(briefly(foundIn(forming, forged('2.7 mm', '')))).toEqual(['warn p']);
});

const wound = (temper: 'hard' | 'half-hard' | 'soft'): Sketch => ({
  parts: [{ id: 'r', section: wire(), blank: ring('4 mm'), temper }],
});

test('winding spring-hard wire gives a warning, and softer wire does not', () => {
  expect(briefly(foundIn(forming, wound('hard')))).toEqual(['warn r']);
  expect(foundIn(forming, wound('half-hard'))).toEqual([]);
});

test('the remedy adds an anneal', () => {
  expect(afterRemedy(forming, forged('5 mm', '1.2 mm'))).toEqual([]);
});

test('an anneal clears the warning of spring-hard wire, before the winding only', () => {
  expect(afterRemedy(forming, { ...wound('hard'), steps: ['Wind rings', 'Inspect'] })).toEqual([]);
  expect(briefly(foundIn(forming, { ...wound('hard'), steps: ['Wind rings', 'Anneal'] }))).toEqual(['warn r']);
});
