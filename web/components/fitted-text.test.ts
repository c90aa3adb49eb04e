// Words in a bar: never wider than the bar, never cut within a word that could be left out whole.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { fittedText } from './fitted-text.ts';

const words = fc.array(fc.stringMatching(/^[a-z]{1,9}$/), { minLength: 1, maxLength: 7 }).map((list) => list.join(' '));

test('shortened text ends with a mark', () => {
  fc.assert(
    fc.property(words, fc.integer({ min: 0, max: 400 }), (label, width) => {
      const shown = fittedText(label, width);
      if (shown === '') return;
      expect(10 + shown.length * 7.1).toBeLessThanOrEqual(Math.max(width, 0) + 7.1);
      if (shown === label) return;
      expect(shown.endsWith('…')).toBe(true);
      expect(label.startsWith(shown.slice(0, -1))).toBe(true);
    }),
    { numRuns: 400, seed: 5 },
  );
});

test('text stays whole where there is room, ends at a word where there is not, and is left out below four letters', () => {
  expect(fittedText('Saw clouds of Anvil-cloud lapel pin', 400)).toBe('Saw clouds of Anvil-cloud lapel pin');
  expect(fittedText('Saw clouds, Anvil-cloud', 100)).toBe('Saw clouds…');
  expect(fittedText('Anvil-cloud', 60)).toBe('Anvil-…');
  expect(fittedText('Anvil-cloud', 30)).toBe('');
});
