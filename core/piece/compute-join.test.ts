// Mass of solder against the volumes by hand, and the sentences of a join that cannot be read.
import { describe, expect, test } from 'vitest';
import { beadsMm3, PASTE_METAL_SHARE, seamMm3, snippetsMm3, sweatMm3, usualSnippetMm } from '../metal/solder-mass.ts';
import { solderById } from '../metal/solders.ts';
import { computeJoin } from './compute-join.ts';
import { type Join, joinSchema } from './join.ts';

const density = solderById.get('silver-hard')!.densityGPerCm3;
const join = (more: Partial<Join>): Join =>
  joinSchema.parse({
    id: 'j',
    name: 'Rim',
    kind: 'solder',
    parts: ['rim'],
    solder: 'silver-hard',
    count: '1',
    ...more,
  });

describe('volumes of solder', () => {
  test('follow their geometry', () => {
    expect(snippetsMm3(4, [1.2, 1, 0.25])).toBeCloseTo(1.2, 12);
    expect(seamMm3(40, usualSnippetMm)).toBeCloseTo(40 * 0.25, 12);
    expect(beadsMm3(1)).toBeCloseTo(((4 / 3) * Math.PI) * PASTE_METAL_SHARE, 12); // prettier-ignore
    expect(sweatMm3(96)).toBeCloseTo(9.6, 12);
  });
});

describe('a soldered join', () => {
  test('weighs volume times density, for every joint and sub-assembly', () => {
    const computation = computeJoin(join({ form: 'snippets', amount: '2', count: '3' }), '1.2 x 1 x 0.25 mm', 2);
    expect(computation.joints).toBe(6);
    expect(computation.grams?.value).toBeCloseTo((2 * 0.3 * 6 * density) / 1000, 12);
    expect(computation.problems).toEqual([]);
  });

  test('has the length of its seam over all joints', () => {
    const computation = computeJoin(join({ form: 'seam', amount: '40 mm', count: '2' }));
    expect(computation.seamMm).toBeCloseTo(80, 12);
    expect(computation.grams?.value).toBeCloseTo((40 * 0.25 * 2 * density) / 1000, 12);
  });

  // 1360 °F is 737.8 °C.
  test('takes the typed flow point, in °C or °F, before the table', () => {
    expect(computeJoin(join({ flow: '' })).flow?.value).toBe(solderById.get('silver-hard')!.flowC);
    expect(computeJoin(join({ flow: '745' })).flow?.value).toBe(745);
    expect(computeJoin(join({ flow: '1360 f' })).flow?.value).toBeCloseTo(737.8, 1);
  });
});

test('a riveted join has joints and no solder', () => {
  const computation = computeJoin(join({ kind: 'rivet', count: '2' }));
  expect([computation.joints, computation.grams, computation.flow]).toEqual([2, null, null]);
});

test.each([
  [{ count: 'x' }, 'count'],
  [{ parts: [] }, 'parts'],
  [{ solder: 'nothing' }, 'solder'],
  [{ form: 'seam' as const, amount: 'x' }, 'amount'],
])('a join with %j names the field %s', (more, path) => {
  expect(computeJoin(join(more)).problems.map((problem) => problem.path)).toEqual([path]);
});
