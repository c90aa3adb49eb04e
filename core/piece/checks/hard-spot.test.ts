// Common practice: loops of a woven chain are fused, because solder leaves a hard spot.
import { expect, test } from 'vitest';
import { briefly, foundIn, type Sketch, wire } from '../fixtures/check.ts';
import { hardSpot } from './hard-spot.ts';

const chain = (kind: 'solder' | 'fuse'): Sketch => ({
  parts: [{ id: 'loops', section: wire(), blank: { rule: 'woven', length: '90 mm', pitch: '3 mm', each: '20 mm' } }],
  joins: [{ id: 'j', kind, parts: ['loops'] }],
});

test('soldered loops of a woven chain are named, fused ones are not', () => {
  expect(briefly(foundIn(hardSpot, chain('solder')))).toEqual(['note j']);
  expect(foundIn(hardSpot, chain('fuse'))).toEqual([]);
});
