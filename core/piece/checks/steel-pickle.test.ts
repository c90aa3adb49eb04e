// Common practice: iron and steel never go into the common pickle.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, discBlank, foundIn, sheet, straightBlank, wire } from '../fixtures/check.ts';
import { steelPickle } from './steel-pickle.ts';

const steel = { id: 'steel', alloy: 'steel-low-carbon', section: sheet(), blank: discBlank };
const silver = { id: 'silver', section: wire(), blank: straightBlank };

test.each(['steel-low-carbon', 'stainless-304'])('%s in the pickle is stopped', (alloy) => {
  expect(briefly(foundIn(steelPickle, { parts: [{ ...steel, alloy }], steps: ['Pickle'] }))).toEqual(['stop s1']);
});

test('brushed steel, or steel whose neighbour alone is pickled, passes', () => {
  expect(foundIn(steelPickle, { parts: [steel], steps: ['Brush clean'] })).toEqual([]);
  expect(foundIn(steelPickle, { parts: [steel, silver], steps: [{ id: 's1', name: 'Pickle', of: 'silver' }] })).toEqual(
    [],
  );
});

test('a part riveted on later passes, and a soldered one is stopped', () => {
  const finding = { id: 'pin', name: 'Steel pin', alloy: 'steel-low-carbon' };
  const joined = (kind: 'rivet' | 'solder') =>
    foundIn(steelPickle, {
      parts: [silver],
      findings: [finding],
      joins: [{ id: 'j', kind, parts: ['silver', 'pin'] }],
      steps: ['Pickle'],
    });
  expect(joined('rivet')).toEqual([]);
  expect(briefly(joined('solder'))).toEqual(['stop s1']);
});

test('the remedy brushes the steel instead', () => {
  expect(afterRemedy(steelPickle, { parts: [steel], steps: ['Pickle'] })).toEqual([]);
});
