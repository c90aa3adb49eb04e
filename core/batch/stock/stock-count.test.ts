import { describe, expect, it } from 'vitest';
import { countDifference, countedValue } from './stock-count.ts';

describe('stock count', () => {
  const grain = { expected: 41.237, isWeighed: true };
  const bars = { expected: 3, isWeighed: false };

  it('a line that was not counted has no difference', () => {
    expect(countedValue(' ', true)).toBeNull();
    expect(countDifference(grain, '')).toBe(0);
    expect(countDifference(bars, 'three')).toBe(0);
  });

  it('nothing left is a count', () => {
    expect(countedValue('0', false)).toBe(0);
    expect(countDifference(bars, '0')).toBe(-3);
    expect(countDifference(grain, '0 g')).toBe(-41.24);
  });

  it('scales read to the hundredth: less is no difference', () => {
    expect(countDifference(grain, '41.24 g')).toBe(0);
    expect(countDifference(grain, '41.3')).toBe(0.06);
  });

  it('pieces are whole', () => {
    expect(countedValue('2.5', false)).toBeNull();
    expect(countDifference(bars, '4')).toBe(1);
  });
});
