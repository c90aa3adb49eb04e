// Common practice: fine silver, germanium silver and high-karat gold fuse; sterling, brass and copper are soldered.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, ring, type Sketch, wire } from '../fixtures/check.ts';
import { fusing } from './fusing.ts';

const fused = (alloy: string): Sketch => ({
  parts: [{ id: 'r', alloy, section: wire(), blank: ring('4 mm') }],
  joins: [{ id: 'j', kind: 'fuse', parts: ['r'] }],
});

test.each(['silver-999', 'silver-935-ge', 'gold-22k-yellow'])('%s passes as a fused join', (alloy) => {
  expect(foundIn(fusing, fused(alloy))).toEqual([]);
});

test.each(['silver-925', 'brass-c260', 'copper-c110'])('%s gives a warning as a fused join', (alloy) => {
  expect(briefly(foundIn(fusing, fused(alloy)))).toEqual(['warn j']);
  expect(afterRemedy(fusing, fused(alloy))).toEqual([]);
});
