import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { attendedEach, attendedMin, computeStep, loadsOf, unattendedMin } from './bench-time.ts';
import { computeRecipe } from './compute-recipe.ts';
import { discBlank, pieceOf, ring, sheet, straightBlank, wire } from './fixtures/check.ts';
import { type StepDriver, stepKindOf, stepSchema } from './step.ts';

const alloys = alloysWith([]);
const step = (more: object) =>
  stepSchema.parse({
    id: 's',
    name: 'Step',
    station: '',
    setUp: '',
    each: '',
    unattended: '',
    overlaps: false,
    ...more,
  });

describe('minutes by driver', () => {
  // Cuts: 2 discs + 3 × 4 rings; joints: 3 + 2; seam 2 × 40 mm; faces 2 × 2 × π/4 × 20² mm² and the rings round.
  const piece = pieceOf({
    parts: [
      { id: 'discs', section: sheet(), blank: discBlank, count: '2' },
      { id: 'rings', section: wire(), blank: ring('4 mm'), count: '4', group: 'g' },
    ],
    groups: [{ id: 'g', name: 'Cluster', count: '3', closed: false, vents: '' }],
    joins: [
      { id: 'shut', parts: ['rings'], count: '1' },
      { id: 'seam', parts: ['discs', 'g'], count: '2', form: 'seam', amount: '40 mm' },
    ],
    steps: (['piece', 'cut', 'joint', 'cm', 'cm2', 'load', 'batch'] as const).map((per) => ({
      id: per,
      name: per,
      per,
      each: '1',
      of: per === 'cm2' ? 'discs' : '',
    })),
  });
  const drivers: Partial<Record<StepDriver, number>> = Object.fromEntries(
    computeRecipe(piece, alloys).steps.map(
      ({ drivers: count }, index) => [piece.steps[index]?.per ?? 'piece', count] as const,
    ),
  );

  test('are counted from the recipe', () => {
    expect(drivers).toMatchObject({ piece: 1, cut: 14, joint: 5, cm: 8, load: 1, batch: 1 });
    expect(drivers.cm2).toBeCloseTo((2 * 2 * (Math.PI / 4) * 400) / 100, 9);
  });

  test('that are typed take precedence over the count', () => {
    expect(computeStep(step({ per: 'cut', each: '2', drivers: '5' }), 14).eachMin).toBe(10);
    expect(computeStep(step({ per: 'cut', each: '2' }), 14).eachMin).toBe(28);
  });

  test('do not apply to a bought part', () => {
    const bought = pieceOf({
      parts: [{ id: 'p', section: wire(), blank: straightBlank, bought: true, buyPrice: '2' }],
      steps: [{ id: 's', name: 'Cut', each: '3', setUp: '5', of: 'p' }],
    });
    expect(computeRecipe(bought, alloys).steps[0]).toMatchObject({ setUpMin: 0, eachMin: 0 });
  });
});

describe('loads', () => {
  test('are so many pieces, or as many pieces as have so many joints', () => {
    const brick = (load: string, drivers = '3') => computeStep(step({ per: 'joint', each: '2', drivers, load }));
    expect(brick('4').load).toBe(4);
    expect(brick('4 pieces').load).toBe(4);
    expect(brick('8 joints').load).toBe(2);
    expect(brick('12 Joints').load).toBe(4);
    // One piece with more joints than the brick holds is still soldered.
    expect(brick('8 joints', '20').load).toBe(1);
    expect(brick('8 bananas').problems).toMatchObject([{ path: 'load' }]);
    expect(brick('joints').problems).toMatchObject([{ path: 'load' }]);
  });

  const pickle = computeStep(step({ setUp: '2', each: '3', per: 'load', unattended: '10', load: '12' }));

  test('of a batch are as many as hold it', () => {
    expect([1, 12, 13, 24, 25].map((pieces) => loadsOf(pickle, pieces))).toEqual([1, 1, 2, 2, 3]);
    expect(loadsOf(computeStep(step({})), 400)).toBe(1);
  });

  test('multiply attended and unattended minutes', () => {
    expect(attendedMin(pickle, 25)).toBe(2 + 3 * 3);
    expect(unattendedMin(pickle, 25)).toBe(30);
    expect(attendedEach([{ step: { name: 'Pickle', per: 'load' }, time: pickle }], 25).value).toBeCloseTo(11 / 25, 12);
  });
});

test('a step is known by its words, or by the kind the maker chose', () => {
  const kinds = ['Saw dials', 'Anneal bars', 'Wind rings', 'Solder the catch', 'Fuse the links', 'Pickle', 'Flush and neutralise', 'File joints', 'Sand to 600', 'Drill', 'Round the ends', 'Link up', 'Rivet', 'Set the stone', 'Polish', 'Tumble', 'Patina', 'Inspect', 'Think']; // prettier-ignore
  expect(kinds.map((name) => stepKindOf({ kind: '', name }))).toEqual(['saw', 'anneal', 'wind', 'solder', 'fuse', 'pickle', 'neutralise', 'file', 'sand', 'drill', 'round-ends', 'link', 'rivet', 'set', 'polish', 'tumble', 'patina', 'inspect', 'other']); // prettier-ignore
  expect(stepKindOf({ kind: 'wax', name: 'Polish' })).toBe('wax');
});
