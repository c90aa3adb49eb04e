import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { gaugeMm } from '../gauge.ts';
import { readLength } from './read-length.ts';
import type { Reading } from './reading.ts';

const read = (text: string) => readLength(text, { what: 'length', gauge: 'awg' });
const mm = (reading: Reading) => (reading.ok ? reading.value : NaN);
const sentence = (reading: Reading) => (reading.ok ? '' : reading.sentence);

describe('lengths as makers type them', () => {
  test.each([
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['12.5 mm', 12.5],
    ['3/4 in', 19.05],
    ['3/4in', 19.05],
    ['1 1/2 in', 38.1],
    ['1-1/2"', 38.1],
    ['1½ in', 38.1],
    ['½"', 12.7],
    ['0.040"', 1.016],
    ['.040 in', 1.016],
    ['5 cm', 50],
    ['2 m', 2000],
    ['1\' 6"', 457.2],
    ['2*14+3', 31],
    ['(2*14+3) mm', 31],
    ['2 × 14 mm + 3 mm', 31],
    ['1 in - 1 mm', 24.4],
    ['120/4', 30],
    ['120 mm / 4', 30],
    ['3 * (6.5 + 0.5) mm', 21],
  ])('%s is %f mm', (text, expected) => {
    expect(mm(read(text))).toBeCloseTo(expected, 9);
  });

  test.each([
    ['18 ga', 18],
    ['18ga', 18],
    ['18 gauge', 18],
    ['18#', 18],
    ['0000 ga', -3],
    ['4/0 ga', -3],
    ['00 ga', -1],
    ['18.5 ga', 18.5],
  ])('%s is read as a gauge', (text, gauge) => {
    expect(mm(read(text))).toBe(gaugeMm('awg', gauge));
  });

  test('a gauge names the system it was read by', () => {
    const reading = readLength('16 ga', { what: 'thickness', gauge: 'msg' });
    expect(reading).toMatchObject({ ok: true, source: expect.stringContaining('steel sheet') as string });
  });

  test('any length with two decimals is read back unchanged', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500_000 }),
        (hundredths) => Math.abs(mm(read(`${(hundredths / 100).toFixed(2)} mm`)) - hundredths / 100) < 1e-9,
      ),
    );
  });

  test('an inch is 25.4 mm for any number', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4000 }),
        (thousandths) => Math.abs(mm(read(`${String(thousandths / 1000)}"`)) - thousandths * 0.0254) < 1e-9,
      ),
    );
  });
});

describe('unreadable lengths get a sentence with advice', () => {
  test.each([
    ['99 ga', /no 99 gauge in B&S/],
    ['-3 mm', /negative/],
    ['0', /must be above 0/],
    ['10/0', /divided by zero/],
    ['10 mm / (2-2)', /divided by zero/],
    ['abc', /“abc” does not fit there/],
    ['3 furlongs', /“furlongs” is not a unit/],
    ['3 mm * 4 mm', /does not come out as a length/],
    ['3/4 in + 2', /Give each number .* its unit/],
    ['(3 + 4', /bracket is not closed/],
    ['3 +', /stops in the middle/],
    ['3 & 4', /“&” does not belong/],
    ['99999999999 m', /longer than 2 km/],
    ['', /Give the length, for example/],
    [`${'('.repeat(30)}1`, /too many brackets/],
  ])('%s is refused in its sentence', (text, expected) => {
    expect(sentence(read(text))).toMatch(expected);
  });

  test('a gauge is refused where the stock has none', () => {
    expect(sentence(readLength('18 ga', { what: 'width' }))).toMatch(/mm or inches/);
  });

  test('any text is read or refused, and nothing is thrown', () => {
    const keys = fc.constantFrom(...Array.from('0123456789.,/ *+-()"\'½ga mminct#%×'));
    fc.assert(
      fc.property(fc.array(keys, { maxLength: 60 }), (typed) => {
        const reading = read(typed.join(''));
        return reading.ok ? reading.value > 0 : reading.sentence.endsWith('.');
      }),
      { numRuns: 3000 },
    );
  });
});

test('a trim may be zero', () => {
  expect(readLength('', { what: 'trim', mayBeZero: true })).toMatchObject({ ok: true, value: 0 });
  expect(readLength('0 mm', { what: 'trim', mayBeZero: true })).toMatchObject({ ok: true, value: 0 });
});
