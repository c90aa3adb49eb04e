// The measures of core against GNU units (Debian's `units`), an independent calculator with its own tables.
import { execFileSync } from 'node:child_process';
import { describe, expect, test } from 'vitest';
import { gaugeMm, gaugeRange, type GaugeSystem } from '../core/measure/gauge.ts';
import { mmPer } from '../core/measure/length-units.ts';
import { gramsPer } from '../core/measure/mass-units.ts';
import { ringInsideMm } from '../core/measure/ring-size.ts';
import { celsius, fahrenheit } from '../core/measure/temperature.ts';

/** One question a line, `18 wiregauge` to `mm`. */
function units(questions: readonly (readonly [have: string, want: string])[]): number[] {
  const input = questions.map(([have, want]) => `${have}\n${want}\n`).join('');
  const output = execFileSync('units', ['--terse', '--digits', '15', '--quiet'], { input, encoding: 'utf8' });
  return output.trim().split('\n').map(Number);
}

describe('gauges', () => {
  const functions = { awg: 'awg', swg: 'brwiregauge', msg: 'stdgauge', usg: 'plategauge' } as const satisfies Record<
    Exclude<GaugeSystem, 'none'>,
    string
  >;
  // GNU units rounds its steel table to 0.0001 in; all others agree to the last digit.
  test.each([
    ['awg', 1e-9],
    ['swg', 1e-9],
    ['msg', 0.00006 * 25.4],
    ['usg', 1e-9],
  ] as const)('every gauge of %s is the diameter of GNU units', (system, within) => {
    const [thickest, thinnest] = gaugeRange[system];
    const gauges = Array.from({ length: thinnest - thickest + 1 }, (_, index) => thickest + index);
    const answers = units(gauges.map((gauge) => [`${functions[system]}(${String(gauge)})`, 'mm']));
    gauges.forEach((gauge, index) => {
      expect(Math.abs(gaugeMm(system, gauge) - (answers[index] ?? NaN))).toBeLessThanOrEqual(within);
    });
  });
});

describe('ring sizes', () => {
  test('the British letters A to Z are the sizes of GNU units', () => {
    const letters = 'A B C D E F G H I J K L M N O P Q R S T U V W X Y Z'.split(' ');
    const answers = units(letters.map((letter) => [`size${letter}ring`, 'mm']));
    letters.forEach((_, index) => {
      expect(ringInsideMm('uk', index) * Math.PI).toBeCloseTo(answers[index] ?? NaN, 9);
    });
  });

  test('the Japanese sizes 1 to 30 are those of GNU units', () => {
    const sizes = Array.from({ length: 30 }, (_, index) => index + 1);
    const answers = units(sizes.map((size) => [`jpringsize(${String(size)})`, 'mm']));
    sizes.forEach((size, index) => {
      expect(ringInsideMm('jp', size) * Math.PI).toBeCloseTo(answers[index] ?? NaN, 9);
    });
  });

  // Another US definition: 1.4216 in + 0.1018 in a size of circumference. It is within a quarter size (0.64 mm) of
  // ours.
  test('the US sizes 2 to 16 are within a quarter size of GNU units', () => {
    const sizes = Array.from({ length: 15 }, (_, index) => index + 2);
    const answers = units(sizes.map((size) => [`ringsize(${String(size)})`, 'mm']));
    sizes.forEach((size, index) => {
      const miss = Math.abs(ringInsideMm('us', size) * Math.PI - (answers[index] ?? NaN));
      expect(miss).toBeGreaterThan(0);
      expect(miss).toBeLessThan(0.64 * 0.6);
    });
  });

  // GNU units counts its European sizes from 40 mm of circumference; ISO 8653 is the circumference itself.
  test('the ISO sizes 41 to 76 are those of GNU units', () => {
    const sizes = Array.from({ length: 36 }, (_, index) => index + 41);
    const answers = units(sizes.map((size) => [`euringsize(${String(size - 40)})`, 'mm']));
    sizes.forEach((size, index) => {
      expect(ringInsideMm('iso', size) * Math.PI).toBeCloseTo(answers[index] ?? NaN, 9);
    });
  });
});

test('lengths and masses convert as in GNU units', () => {
  const lengths = ['mm', 'cm', 'm', 'in', 'ft', 'thou'] as const;
  const masses = { g: 'g', mg: 'mg', kg: 'kg', dwt: 'dwt', ozt: 'troyounce', grain: 'grain' } as const;
  units(lengths.map((unit) => [unit === 'thou' ? 'mil' : unit, 'mm'])).forEach((mm, index) => {
    expect(mmPer(lengths[index] ?? '')).toBeCloseTo(mm, 12);
  });
  units(Object.values(masses).map((unit) => [unit, 'g'])).forEach((grams, index) => {
    expect(gramsPer(Object.keys(masses)[index] ?? '')).toBeCloseTo(grams, 12);
  });
});

test('temperatures convert as in GNU units', () => {
  const [melts, flows] = units([
    ['tempC(802)', 'tempF'],
    ['tempF(1450)', 'tempC'],
  ]);
  expect(fahrenheit(802)).toBeCloseTo(melts ?? NaN, 9);
  expect(celsius(1450)).toBeCloseTo(flows ?? NaN, 9);
});
