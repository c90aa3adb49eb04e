// Common practice: platinum has its own solder, its own files and no common pickle.
import { expect, test } from 'vitest';
import { briefly, discBlank, foundIn, sheet } from '../fixtures/check.ts';
import { platinumApart } from './platinum-apart.ts';

const platinum = { id: 'pt', alloy: 'platinum-950-ru', section: sheet(), blank: discBlank };
const gold = { id: 'au', alloy: 'gold-18k-yellow', section: sheet(), blank: discBlank };
const joined = (solder: string) => [{ id: 'j', parts: ['pt'], solder }];

test('platinum solder passes, and another solder gives a warning', () => {
  expect(foundIn(platinumApart, { parts: [platinum], joins: joined('platinum-hard') })).toEqual([]);
  expect(briefly(foundIn(platinumApart, { parts: [platinum], joins: joined('gold-18k-hard') }))).toEqual(['warn j']);
});

test('a shared pickle or file gives one warning each', () => {
  const steps = ['Pickle', 'File', 'Sand', 'Polish'];
  expect(briefly(foundIn(platinumApart, { parts: [platinum, gold], steps }))).toEqual(['warn s1', 'warn s2']);
  expect(foundIn(platinumApart, { parts: [platinum], steps })).toEqual([]);
  expect(foundIn(platinumApart, { parts: [gold], steps })).toEqual([]);
});
