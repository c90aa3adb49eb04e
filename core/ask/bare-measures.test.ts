// Which numbers without a unit are measures: mm by the trade's habit, inches for fractions (common practice).
import { describe, expect, it } from 'vitest';
import { bareMeasure, type LineSoFar } from './bare-measures.ts';
import { readLine } from './grammar.ts';

/** The measure of the number in brackets. */
function measureOf(marked: string, known: Partial<LineSoFar> = {}) {
  const start = marked.indexOf('[');
  const line = marked.replace(/[[\]]/g, '');
  const terms = readLine(line);
  const at = terms.findIndex((term) => term.start === start);
  const value = (terms[at] as { quantity: { value: number } }).quantity.value;
  return bareMeasure({ line, terms, topics: new Set(), sizes: [], hasScale: false, ...known }, at, value);
}
const size = (mm: number) => ({ mm, gauge: null, role: null, crossed: false, used: false, start: 0, end: 1 });

describe('a number without a unit', () => {
  it.each([
    ['tube 6 mm od wall [0.6]', 0.6],
    ['tube 6 mm od [0.6] wall', 0.6],
    ['12 x 8 mm bezel [0.4]', 0.4],
    ['strip [22] wide 100 mm', 22],
  ])('is in mm in %s', (line, mm) => {
    expect(measureOf(line)).toEqual({ mm, isInches: false });
  });

  it('is in mm after the word of what metal is worked to', () => {
    expect(measureOf('rolled to [0.8]', { topics: new Set(['work']) })).toEqual({ mm: 0.8, isInches: false });
    expect(measureOf('rolled to [0.8]')).toBeNull();
  });

  it('is in inches as a fraction beside the word of its measure', () => {
    expect(measureOf('rings [3/16] id 18 ga')).toMatchObject({ isInches: true });
  });

  it('is in inches when it is a thousandth beside inches', () => {
    expect(measureOf('strip 2 in wide thickness [0.04]')?.mm).toBeCloseTo(1.016, 9);
  });

  it('is a thickness as a decimal beside a long length only', () => {
    expect(measureOf('2 m of [0.8] sterling', { sizes: [size(2000)] })?.mm).toBe(0.8);
    expect(measureOf('2 m of [8] sterling', { sizes: [size(2000)] })).toBeNull();
    expect(measureOf('2 m of [0.8] sterling', { sizes: [size(2000)], hasScale: true })).toBeNull();
  });

  it.each(['ring size [7]', '120 mm x [24]', '6 mm id [200] pcs', 'strip 4 mm, [3] wide bands', '5 mm ar [4.5]'])(
    'is a count, a size or a ratio in %s',
    (line) => {
      expect(measureOf(line)).toBeNull();
    },
  );
});
