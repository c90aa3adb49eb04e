// Common practice: metal is annealed before a texture.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, discBlank, foundIn, sheet, type Sketch } from '../fixtures/check.ts';
import { textureSoft } from './texture-soft.ts';

const stamped = (temper: 'hard' | 'soft' | '', ...before: string[]): Sketch => ({
  parts: [{ id: 'p', section: sheet(), blank: discBlank, temper }],
  steps: [...before, { id: 'stamp', name: 'Stamp', of: 'p' }],
});

test('a texture wants an anneal before it, unless the stock is soft', () => {
  expect(briefly(foundIn(textureSoft, stamped('')))).toEqual(['note stamp']);
  expect(foundIn(textureSoft, stamped('soft'))).toEqual([]);
  expect(foundIn(textureSoft, stamped('hard', 'Anneal'))).toEqual([]);
});

test('the remedy puts the anneal before the texture, and the check falls silent', () => {
  expect(afterRemedy(textureSoft, stamped('', 'Inspect'))).toEqual([]);
});
