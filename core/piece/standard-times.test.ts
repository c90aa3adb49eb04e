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
test('only pickle, neutraliser, tumbler and glue have unattended time', () => {
  const unattended = stepKinds.filter((kind) => standardStep(kind, '', [], '').unattended !== '');
  expect([...unattended].sort()).toEqual(['glue', 'neutralise', 'pickle', 'tumble']);
});

describe('the outline of a stone', () => {
  const stone = (shape: 'round' | 'oval' | 'cushion' | 'rectangle', length: string, width = '') =>
    stoneOutline(findingSchema.parse({ id: 's', name: 'Agate', kind: 'stone', count: '1', price: '', grams: '', shape, length, width }))!; // prettier-ignore

  test('has the area of its circle, ellipse and rectangle', () => {
    expect(outlineAreaMm2(stone('round', '10 mm').outline)).toBeCloseTo(25 * Math.PI, 9);
    expect(outlineAreaMm2(stone('oval', '14 mm', '10 mm').outline)).toBeCloseTo(35 * Math.PI, 9);
    expect(outlineAreaMm2(stone('rectangle', '8 mm', '6 mm').outline)).toBeCloseTo(48, 9);
  });

  test('of a cushion has corners of a quarter of its width (common practice)', () => {
    expect(perimeterMm(stone('cushion', '8 mm', '6 mm').outline)).toBeCloseTo(28 - 8 * 1.5 + 2 * Math.PI * 1.5, 9);
  });

  test('is unknown without its sizes', () => {
    expect(stone('round', '')).toBeNull();
    expect(stone('oval', '14 mm')).toBeNull();
  });
});
