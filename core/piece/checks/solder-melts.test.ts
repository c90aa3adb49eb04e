// Sterling melts from 802 to 893 °C (ASM Handbook vol. 2, from memory); hard silver solder on it is everyday work.
import { expect, test } from 'vitest';
import { briefly, discBlank, foundIn, sheet } from '../fixtures/check.ts';
import { solderMelts } from './solder-melts.ts';

const found = (flow: string, alloy = 'silver-925') =>
  briefly(
    foundIn(solderMelts, {
      parts: [{ id: 'p', alloy, section: sheet(), blank: discBlank }],
      joins: [{ id: 'j', parts: ['p'], flow }],
    }),
  );

test.each([
  ['', []],
  ['788', []],
  ['792', []],
  ['793', ['note j']],
  ['802', ['note j']],
  ['803', ['warn j']],
  ['893', ['warn j']],
  ['894', ['stop j']],
])('a solder that flows at %s gives %j on sterling', (flow, remarks) => {
  expect(found(flow)).toEqual(remarks);
});

test('each metal is checked, and the most severe finding is shown', () => {
  expect(found('788', 'copper-c110')).toEqual([]);
  expect(found('810', 'silver-935-ge')).toEqual(['warn j']);
});
