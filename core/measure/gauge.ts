// Gauge systems: a gauge number means nothing until the system is named, and the alloy decides the system.
import { MM_PER_INCH } from './length-units.ts';

/**
 * - `awg`: Brown & Sharpe (American wire gauge), for non-ferrous wire and sheet in North America.
 * - `msg`: Manufacturers' Standard Gauge, for uncoated steel sheet.
 * - `usg`: US Standard Gauge of 1893, by which stainless sheet is sold (common practice).
 * - `none`: no gauge is in use for this stock; give millimetres or inches.
 */
export type GaugeSystem = 'awg' | 'msg' | 'usg' | 'none';

export const gaugeSystemNames = {
  awg: 'B&S',
  msg: 'steel sheet',
  usg: 'stainless sheet',
  none: 'no gauge',
} as const satisfies Record<GaugeSystem, string>;

export const gaugeSystemSources = {
  awg: 'ASTM B258',
  msg: "Manufacturers' Standard Gauge, published inch table",
  usg: 'US Standard Gauge of 1893, ounces per square foot',
  none: '',
} as const satisfies Record<GaugeSystem, string>;

// US Manufacturers' Standard Gauge, thickness in inches as published (41.82 lb/ft² per inch of steel).
const msgInches: Readonly<Record<number, number>> = {
  // prettier-ignore
  3: 0.2391,
  4: 0.2242,
  5: 0.2092,
  6: 0.1943,
  7: 0.1793,
  8: 0.1644,
  9: 0.1495,
  10: 0.1345,
  11: 0.1196,
  12: 0.1046,
  13: 0.0897,
  14: 0.0747,
  15: 0.0673,
  16: 0.0598,
  17: 0.0538,
  18: 0.0478,
  19: 0.0418,
  20: 0.0359,
  21: 0.0329,
  22: 0.0299,
  23: 0.0269,
  24: 0.0239,
  25: 0.0209,
  26: 0.0179,
  27: 0.0164,
  28: 0.0149,
  29: 0.0135,
  30: 0.012,
  31: 0.0105,
  32: 0.0097,
  33: 0.009,
  34: 0.0082,
  35: 0.0075,
  36: 0.0067,
  37: 0.0064,
  38: 0.006,
};

// US Standard Gauge of 1893, ounces per square foot; at 480 lb/ft³ an inch of plate weighs 640 oz/ft².
const usgOunces: Readonly<Record<number, number>> = {
  // prettier-ignore
  3: 160,
  4: 150,
  5: 140,
  6: 130,
  7: 120,
  8: 110,
  9: 100,
  10: 90,
  11: 80,
  12: 70,
  13: 60,
  14: 50,
  15: 45,
  16: 40,
  17: 36,
  18: 32,
  19: 28,
  20: 24,
  21: 22,
  22: 20,
  23: 18,
  24: 16,
  25: 14,
  26: 12,
  27: 11,
  28: 10,
  29: 9,
  30: 8,
  31: 7,
  32: 6.5,
  33: 6,
  34: 5.5,
  35: 5,
  36: 4.5,
  37: 4.2,
  38: 4,
};
const USG_OUNCES_PER_INCH = 640;

/**
 * Diameter of wire or thickness of sheet of a gauge.
 * @param gauge  gauge number; aughts are 0 and below (0 is 0, 00 is -1, 000 is -2, 0000 is -3)
 * @returns mm
 * @throws RangeError when the system has no such gauge; the message is a sentence for the maker
 * @example gaugeMm('awg', 36) // 0.127
 */
export function gaugeMm(system: GaugeSystem, gauge: number): number {
  if (system === 'none') {
    throw new RangeError('There is no gauge for this stock here: give its size in mm or inches.');
  }
  if (system === 'awg') {
    if (!(gauge >= -3 && gauge <= 40)) throw outOfRange(system, gauge, '0000 to 40');
    // ASTM B258: 36 gauge is 0.005 in (0.127 mm) and each step is a factor of 92^(1/39). Between-gauge sizes follow.
    return 0.127 * 92 ** ((36 - gauge) / 39);
  }
  const inches = system === 'msg' ? msgInches[gauge] : ounces(gauge);
  if (inches === undefined) throw outOfRange(system, gauge, 'whole gauges 3 to 38');
  return inches * MM_PER_INCH;
}

/**
 * The gauge nearest to a size, for showing beside millimetres.
 * @param mm  diameter or thickness, above 0
 * @returns the whole gauge and how far the size is from it (0.01 is 1 % thicker), or null outside the table
 */
export function nearestGauge(system: GaugeSystem, mm: number): { gauge: number; miss: number } | null {
  if (system === 'none' || !(mm > 0)) return null;
  let best: { gauge: number; miss: number } | null = null;
  for (let gauge = system === 'awg' ? -3 : 3; gauge <= (system === 'awg' ? 40 : 38); gauge += 1) {
    const miss = mm / gaugeMm(system, gauge) - 1;
    if (best === null || Math.abs(miss) < Math.abs(best.miss)) best = { gauge, miss };
  }
  return best && Math.abs(best.miss) < 0.06 ? best : null;
}

/** How a gauge number is written: `0000` for -3, `18` for 18. */
export function gaugeText(gauge: number): string {
  return gauge > 0 ? String(gauge) : '0'.repeat(1 - gauge);
}

function ounces(gauge: number): number | undefined {
  const perSquareFoot = usgOunces[gauge];
  return perSquareFoot === undefined ? undefined : perSquareFoot / USG_OUNCES_PER_INCH;
}

function outOfRange(system: GaugeSystem, gauge: number, range: string): RangeError {
  return new RangeError(
    `There is no ${gaugeText(gauge)} gauge in ${gaugeSystemNames[system]}: it has ${range}. Or give mm or inches.`,
  );
}
