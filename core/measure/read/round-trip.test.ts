// What the book prints it can read again: parse(print(x)) = x, to the digits printed.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { showValue } from '../../figure/show.ts';
import { gaugeMm, gaugeRange, type GaugeSystem, gaugeText, nearestGauge } from '../gauge.ts';
import { MM_PER_INCH } from '../length-units.ts';
import { readRingSize, ringInsideMm, ringSizeOf, type RingSizeSystem, ringSizeText } from '../ring-size.ts';
import { celsius, fahrenheit } from '../temperature.ts';
import { readLength } from './read-length.ts';
import { readMoney } from './read-money.ts';
import { readGrams } from './read-number.ts';

const value = (reading: ReturnType<typeof readLength>) => (reading.ok ? reading.value : NaN);
const within = (a: number, b: number) => Math.abs(a / b - 1) < 1e-9;

describe('lengths', () => {
  test.each([
    ['mm', 1],
    ['cm', 10],
    ['m', 1000],
    ['in', MM_PER_INCH],
    ['ft', 12 * MM_PER_INCH],
    ['thou', MM_PER_INCH / 1000],
  ])('a length in %s is read as it was written', (unit, mm) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 19_000 }), (tenths) => {
        return within(value(readLength(`${(tenths / 10).toFixed(1)} ${unit}`, { what: 'length' })), (tenths / 10) * mm);
      }),
    );
  });

  test('fractions of an inch on a rule are read as written', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 1, max: 63 }), (whole, part) => {
        const inches = value(
          readLength(`${whole ? `${String(whole)} ` : ''}${String(part)}/64 in`, { what: 'length' }),
        );
        return within(inches, (whole + part / 64) * MM_PER_INCH);
      }),
    );
  });
});

describe.each(['awg', 'swg', 'msg', 'usg'] as const satisfies readonly GaugeSystem[])('gauges of %s', (system) => {
  const [thickest, thinnest] = gaugeRange[system];
  const gauges = Array.from({ length: thinnest - thickest + 1 }, (_, index) => thickest + index);

  test('each gauge is read as it is written, those above 0 too', () => {
    // A field reads aughts to 0000 as the trade writes them; 5/0 and beyond stand in the table alone.
    for (const gauge of gauges.filter((each) => each >= -3)) {
      expect(value(readLength(`${gaugeText(gauge)} ga`, { what: 'diameter', gauge: system }))).toBe(
        gaugeMm(system, gauge),
      );
    }
  });

  test('each gauge is the nearest to its own size, and sizes fall as gauges rise', () => {
    for (const gauge of gauges) {
      expect(nearestGauge(system, gaugeMm(system, gauge))).toEqual({ gauge, miss: 0 });
      if (gauge < thinnest) expect(gaugeMm(system, gauge)).toBeGreaterThan(gaugeMm(system, gauge + 1));
    }
  });
});

describe('ring sizes', () => {
  test.each([
    ['us', 0, 16, 0.25],
    ['uk', 0, 31, 0.5],
    ['iso', 41, 76, 0.25],
    ['jp', 1, 30, 0.25],
  ] as const satisfies readonly [RingSizeSystem, number, number, number][])(
    '%s is read back in quarters or halves',
    (system, from, to, step) => {
      for (let size = from; size <= to; size += step) {
        const text = ringSizeText(system, size);
        expect(value(readRingSize(text, system)), text).toBeCloseTo(ringInsideMm(system, size), 9);
        expect(ringSizeOf(system, ringInsideMm(system, size))).toBeCloseTo(size, 9);
      }
    },
  );
});

test('masses are read as they were written', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('g', 'mg', 'dwt', 'ozt', 'grain', 'kg'),
      fc.integer({ min: 1, max: 9999 }),
      (unit, amount) => {
        const one = value(readGrams(`1 ${unit}`));
        return within(value(readGrams(`${String(amount)} ${unit}`)), amount * one);
      },
    ),
  );
});

// ISO 4217: no minor unit in yen, two digits in pounds, three in Kuwaiti dinars.
test.each([
  ['JPY', 1],
  ['GBP', 100],
  ['KWD', 1000],
])('money in %s is read back with its minor units', (currency, minorPerMajor) => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 99_999_999 }), (minor) => {
      const printed = showValue(minor, currency).replaceAll(',', '');
      return Math.abs(value(readMoney(printed, currency)) - minor) < 1e-6;
    }),
  );
  expect(value(readMoney('1', currency))).toBe(minorPerMajor);
});

test('temperatures are read as they were written', () => {
  fc.assert(
    fc.property(fc.double({ min: -40, max: 2500, noNaN: true }), (c) => Math.abs(celsius(fahrenheit(c)) - c) < 1e-9),
  );
  // Water freezes at 32 and boils at 212 °F; the scales meet at -40.
  expect([0, 100, -40].map(fahrenheit)).toEqual([32, 212, -40]);
});
