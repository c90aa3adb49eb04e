import fc from 'fast-check';
import { expect, test } from 'vitest';
import { fingerprint } from './fingerprint.ts';

test('equal values have the same fingerprint of 14 hexadecimal digits', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      expect(fingerprint(value)).toBe(fingerprint(JSON.parse(JSON.stringify(value))));
      expect(fingerprint(value)).toMatch(/^[0-9a-f]{14}$/);
    }),
  );
});

test('ten thousand values that differ in one digit have ten thousand fingerprints', () => {
  const all = new Set(Array.from({ length: 10_000 }, (_, at) => fingerprint({ due: 1440, step: at })));
  expect(all.size).toBe(10_000);
});
