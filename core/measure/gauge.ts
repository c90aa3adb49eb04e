// Gauge systems. A gauge number means nothing without its system, and the alloy decides the system.
import { MM_PER_INCH } from './length-units.ts';

/**
 * - `awg`: Brown & Sharpe (American wire gauge), for non-ferrous wire and sheet in North America.
 * - `swg`: British imperial standard wire gauge, for older wire in Britain and Australia.
 * - `msg`: Manufacturers' Standard Gauge, for uncoated steel sheet.
 * - `usg`: US Standard Gauge of 1893, by which stainless sheet is sold (common practice).
 * - `none`: no gauge is in use for this stock; give millimetres or inches.
 */
export type GaugeSystem = 'awg' | 'swg' | 'msg' | 'usg' | 'none';

/** Names of the systems as makers use them. */
export const gaugeSystemNames = {
  awg: 'B&S',
  swg: 'SWG',
  msg: 'steel sheet',
  usg: 'stainless sheet',
  none: 'no gauge',
} as const satisfies Record<GaugeSystem, string>;

/** Published source of each system. */
export const gaugeSystemSources = {
  awg: 'ASTM B258',
  swg: 'BS 3737, published inch table',
  msg: "Manufacturers' Standard Gauge, published inch table",
  usg: 'US Standard Gauge of 1893, ounces per square foot',
  none: '',
} as const satisfies Record<GaugeSystem, string>;

// British standard wire gauge, diameter in inches as published; aughts count down from 0 (00 is -1, 7/0 is -6).
const swgInches: ReadonlyMap<number, number> = new Map([
  [-6, 0.5],
  [-5, 0.464],
  [-4, 0.432],
  [-3, 0.4],
  [-2, 0.372],
  [-1, 0.348],
  [0, 0.324],
  [1, 0.3],
  [2, 0.276],
  [3, 0.252],
  [4, 0.232],
  [5, 0.212],
  [6, 0.192],
  [7, 0.176],
  [8, 0.16],
  [9, 0.144],
  [10, 0.128],
  [11, 0.116],
  [12, 0.104],
  [13, 0.092],
  [14, 0.08],
  [15, 0.072],
  [16, 0.064],
  [17, 0.056],
  [18, 0.048],
  [19, 0.04],
  [20, 0.036],
  [21, 0.032],
  [22, 0.028],
  [23, 0.024],
  [24, 0.022],
  [25, 0.02],
  [26, 0.018],
  [27, 0.0164],
  [28, 0.0148],
  [29, 0.0136],
  [30, 0.0124],
  [31, 0.0116],
  [32, 0.0108],
  [33, 0.01],
  [34, 0.0092],
  [35, 0.0084],
  [36, 0.0076],
  [37, 0.0068],
  [38, 0.006],
  [39, 0.0052],
  [40, 0.0048],
]);

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
  37: 4.25,
  38: 4,
};
const USG_OUNCES_PER_INCH = 640;

/** Whole gauges of each system, thickest first; aughts are 0 and below. */
export const gaugeRange = {
  awg: [-3, 40],
  swg: [-6, 40],
  msg: [3, 38],
  usg: [3, 38],
} as const satisfies Record<Exclude<GaugeSystem, 'none'>, readonly [number, number]>;

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
  const [thickest, thinnest] = gaugeRange[system];
  if (system === 'awg') {
    if (!(gauge >= thickest && gauge <= thinnest)) throw outOfRange(system, gauge);
    // ASTM B258: 36 gauge is 0.005 in (0.127 mm) and each step is a factor of 92^(1/39). Between-gauge sizes follow.
    return 0.127 * 92 ** ((36 - gauge) / 39);
  }
  const inches = inchesOf(system, gauge);
  if (inches === undefined) throw outOfRange(system, gauge);
  return inches * MM_PER_INCH;
}

function inchesOf(system: 'swg' | 'msg' | 'usg', gauge: number): number | undefined {
  if (system === 'swg') return swgInches.get(gauge);
  if (system === 'msg') return msgInches[gauge];
  const perSquareFoot = usgOunces[gauge];
  return perSquareFoot === undefined ? undefined : perSquareFoot / USG_OUNCES_PER_INCH;
}

/** A gauge with the difference of a size from it. */
export interface NearestGauge {
  readonly gauge: number;
  /** Difference of the size from the gauge: 0.01 is 1 % thicker. */
  readonly miss: number;
}

/** Beyond this a size lies between gauges or outside them, and naming one would mislead. */
const NEAR = 0.06;

/**
 * The gauge nearest to a size, for showing beside millimetres.
 * @param mm  diameter or thickness, above 0
 * @returns the whole gauge and how far the size is from it, or null when none is near
 */
export function nearestGauge(system: GaugeSystem, mm: number): NearestGauge | null {
  if (system === 'none' || !(mm > 0)) return null;
  const [thickest, thinnest] = gaugeRange[system];
  let best: NearestGauge | null = null;
  for (let gauge = thickest; gauge <= thinnest; gauge += 1) {
    const miss = mm / gaugeMm(system, gauge) - 1;
    if (best === null || Math.abs(miss) < Math.abs(best.miss)) best = { gauge, miss };
  }
  return best && Math.abs(best.miss) < NEAR ? best : null;
}

/**
 * How a gauge number is written.
 * @example gaugeText(-3) // '0000'
 */
export function gaugeText(gauge: number): string {
  if (gauge > 0) return String(gauge);
  return gauge < -3 ? `${String(1 - gauge)}/0` : '0'.repeat(1 - gauge);
}

function outOfRange(system: Exclude<GaugeSystem, 'none'>, gauge: number): RangeError {
  const [thickest, thinnest] = gaugeRange[system];
  const range = `${system === 'awg' ? '' : 'whole gauges '}${gaugeText(thickest)} to ${gaugeText(thinnest)}`;
  const asked = Number.isInteger(gauge) ? gaugeText(gauge) : String(gauge);
  return new RangeError(
    `There is no ${asked} gauge in ${gaugeSystemNames[system]}: it has ${range}. Or give mm or inches.`,
  );
}
