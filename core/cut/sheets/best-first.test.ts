// Candidates in lots come in the order of one sort.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { Candidates } from './best-first.ts';

test('candidates come by their guide, each once, whatever the size of the lots', () => {
  const guide = fc.oneof(fc.integer({ min: 0, max: 5 }), fc.double({ min: 0, max: 5, noNaN: true }));
  fc.assert(
    fc.property(fc.array(guide, { maxLength: 3000 }), fc.integer({ min: 1, max: 50 }), (guides, lot) => {
      const candidates = new Candidates();
      guides.forEach((own, code) => {
        candidates.add(own, code);
      });
      const codes = [...candidates.bestFirst(lot)];
      expect(codes.map((code) => guides[code])).toEqual(guides.toSorted((a, b) => a - b));
      expect(new Set(codes).size).toBe(guides.length);
    }),
    { numRuns: 50, seed: 4 },
  );
});
