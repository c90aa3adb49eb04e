// Backwards against the forward formulas, by hand: mean diameters and constant volume.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Blank } from '../blank/blank.ts';
import { alloysWith } from '../metal/alloy.ts';
import { isDecidedByCut, madeOfCut } from './backwards.ts';
import { computePart } from './compute-part.ts';
import { partSchema } from './part.ts';

const alloys = alloysWith([]);
const partOf = (blank: Blank, diameter = '1.5 mm', trim = '') =>
  partSchema.parse({
    id: 'p',
    name: 'Part',
    alloy: 'silver-925',
    section: { form: 'round', diameter },
    blank,
    count: '1',
    trim,
  });

describe('a blank that is cut already', () => {
  test('closes to a ring: length / pi less the thickness', () => {
    const made = madeOfCut(partOf({ rule: 'ring-band', system: 'uk', size: '', ease: 'habit' }), 61, alloys);
    expect(made?.mm).toBeCloseTo(61 / Math.PI - 1.5, 2);
    expect(made?.blank).toEqual({ rule: 'ring-band', system: 'mm', size: '17.92 mm', ease: 'habit' });
  });

  test('with a trim makes a smaller ring', () => {
    const made = madeOfCut(
      partOf({ rule: 'ring-band', system: 'mm', size: '', ease: 'habit' }, '1.5 mm', '0.5 mm'),
      61,
      alloys,
    );
    expect(made?.mm).toBeCloseTo(60.5 / Math.PI - 1.5, 2);
  });

  test('bends to a cuff with its opening', () => {
    // Inside circumference = length + opening - pi x thickness.
    const made = madeOfCut(partOf({ rule: 'bangle', inside: '', opening: '28 mm' }, '3 mm'), 165, alloys);
    expect(made?.mm).toBeCloseTo((165 + 28 - Math.PI * 3) / Math.PI, 2);
  });

  test('melts to a granule or to a ball, by volume', () => {
    // D = cube root of 1.5 d² l.
    const grain = madeOfCut(partOf({ rule: 'granule', diameter: '' }, '0.8 mm'), 4, alloys);
    expect(grain?.mm).toBeCloseTo(Math.cbrt(1.5 * 0.64 * 4), 2);
    const ball = madeOfCut(partOf({ rule: 'balled', length: '44 mm', ball: '', ends: '1' }, '0.8 mm'), 50, alloys);
    expect(ball?.mm).toBeCloseTo(Math.cbrt(1.5 * 0.64 * 6), 2);
  });

  test('forges to a length, by volume', () => {
    const worked: Blank = { rule: 'worked', length: '', width: '5 mm', thickness: '1.5 mm' };
    const made = madeOfCut(partOf(worked, '4 mm'), 100, alloys);
    expect(made?.mm).toBeCloseTo((100 * Math.PI * 4) / 7.5, 1);
  });

  test('that is too short makes nothing', () => {
    expect(madeOfCut(partOf({ rule: 'ring-band', system: 'mm', size: '', ease: 'habit' }), 3, alloys)).toBeNull();
    expect(madeOfCut(partOf({ rule: 'balled', length: '44 mm', ball: '', ends: '1' }), 20, alloys)).toBeNull();
  });

  test('does not decide a straight length or a bezel round a stone', () => {
    expect(isDecidedByCut(partOf({ rule: 'straight', length: '20 mm' }))).toBe(false);
    expect(isDecidedByCut(partOf({ rule: 'bezel', stone: 's', around: '', clearance: '' }))).toBe(false);
  });
});

test('forwards and back gives the same measure', () => {
  const blanks = (mm: string): Blank[] => [
    { rule: 'ring-band', system: 'mm', size: mm, ease: 'habit' },
    { rule: 'bangle', inside: mm, opening: '' },
    { rule: 'jump-ring', inside: mm } as Blank,
    { rule: 'granule', diameter: mm },
    { rule: 'balled', length: '30 mm', ball: mm, ends: '2' },
    { rule: 'twist', length: mm, system: '', strands: '2', turns: '10', per: '' },
  ];
  fc.assert(
    fc.property(fc.double({ min: 3, max: 80, noNaN: true }), fc.nat(5), (mm, which) => {
      const blank = blanks(`${mm.toFixed(2)} mm`)[which]!;
      const { cut } = computePart(partOf(blank), alloys);
      const length = cut?.kind === 'length' ? cut.length.value : NaN;
      expect(madeOfCut(partOf(blank), length, alloys)?.mm).toBeCloseTo(Number(mm.toFixed(2)), 2);
    }),
    { numRuns: 60 },
  );
});
