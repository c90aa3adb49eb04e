// Standard times are readable steps, and the outline of a stone is the one its finding gives.
import { describe, expect, test } from 'vitest';
import { outlineAreaMm2, perimeterMm } from '../geometry/outline.ts';
import { readCount, readMinutes, readShare } from '../measure/read/read-number.ts';
import { findingSchema } from './piece.ts';
import { standardStep, stepKinds } from './step.ts';
import { stoneOutline } from './stone.ts';

test.each([...stepKinds])('the standard time of the kind %s can be read in every field', (kind) => {
  const step = standardStep(kind, 'A step', [], '');
  for (const text of [step.setUp, step.each, step.unattended]) if (text) expect(readMinutes(text).ok).toBe(true);
  if (step.load) expect(readCount(step.load).ok).toBe(true);
  if (step.yield) expect(readShare(step.yield, 'yield')).toMatchObject({ ok: true });
  expect(step).toMatchObject({ kind, byHand: false, name: 'A step' });
});

// Common practice: pickle and tumbler run unattended in loads.
test('only pickle, neutraliser, tumbler, glue and the etching bath have unattended time', () => {
  const unattended = stepKinds.filter((kind) => standardStep(kind, '', [], '').unattended !== '');
  expect([...unattended].sort()).toEqual(['etch', 'glue', 'neutralise', 'pickle', 'tumble']);
});

describe('the outline of a stone', () => {
  const read = (typed: object) =>
    stoneOutline(findingSchema.parse({ id: 's', name: 'Agate', kind: 'stone', count: '1', price: '', grams: '', ...typed })); // prettier-ignore
  const stone = (shape: 'round' | 'oval' | 'cushion' | 'rectangle', length: string, width = '') => {
    const measures = read({ shape, length, width });
    return measures && 'outline' in measures ? measures.outline : null;
  };

  test('has the area of its circle, ellipse and rectangle', () => {
    expect(outlineAreaMm2(stone('round', '10 mm')!)).toBeCloseTo(25 * Math.PI, 9);
    expect(outlineAreaMm2(stone('oval', '14 mm', '10 mm')!)).toBeCloseTo(35 * Math.PI, 9);
    expect(outlineAreaMm2(stone('rectangle', '8 mm', '6 mm')!)).toBeCloseTo(48, 9);
  });

  test('of a cushion has corners of a quarter of its width (common practice)', () => {
    expect(perimeterMm(stone('cushion', '8 mm', '6 mm')!)).toBeCloseTo(28 - 8 * 1.5 + 2 * Math.PI * 1.5, 9);
  });

  test('of a free stone is its corners, or its girth as measured', () => {
    // A right triangle of 12 and 16 mm has a girth of 12 + 16 + 20 mm.
    const corners = read({ shape: 'free', points: '0,0 12,0 12,16' });
    expect(corners && 'outline' in corners && perimeterMm(corners.outline)).toBeCloseTo(48, 9);
    const measured = read({ shape: 'free', points: '0,0 12,0 12,16', girth: '51.3 mm' });
    expect(measured && 'girth' in measured && measured.girth.value).toBe(51.3);
    expect(read({ shape: 'free' })).toBeNull();
  });

  test('is unknown without its sizes', () => {
    expect(stone('round', '')).toBeNull();
    expect(stone('oval', '14 mm')).toBeNull();
  });
});
