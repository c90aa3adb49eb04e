// Units of the ask line: what a word after a number means.
import { mmPer } from '../measure/length-units.ts';
import { GRAMS_PER_TROY_OUNCE, gramsPer } from '../measure/mass-units.ts';

/** Powers of each dimension: a length has `length: 1`, grams per metre `mass: 1, length: -1`. */
export interface Dimensions {
  readonly length: number;
  readonly mass: number;
  readonly money: number;
  readonly turn: number;
  /** 1 for a temperature. It is in °C and cannot be part of a sum. */
  readonly temperature: number;
}

/** Dimensions of a bare number. */
export const plain: Dimensions = { length: 0, mass: 0, money: 0, turn: 0, temperature: 0 };
/** Dimensions of the quantities of the trade. */
export const dimension = {
  length: { ...plain, length: 1 },
  mass: { ...plain, mass: 1 },
  area: { ...plain, length: 2 },
  volume: { ...plain, length: 3 },
  turn: { ...plain, turn: 1 },
  temperature: { ...plain, temperature: 1 },
  massPerLength: { ...plain, mass: 1, length: -1 },
  massPerVolume: { ...plain, mass: 1, length: -3 },
  turnsPerLength: { ...plain, turn: 1, length: -1 },
} as const satisfies Record<string, Dimensions>;

/** Whether two quantities can be added. */
export function sameDimensions(a: Dimensions, b: Dimensions): boolean {
  return (
    a.length === b.length &&
    a.mass === b.mass &&
    a.money === b.money &&
    a.turn === b.turn &&
    a.temperature === b.temperature
  );
}

/** Dimensions of a product, or of a quotient when `sign` is -1. */
export function times(a: Dimensions, b: Dimensions, sign: 1 | -1 = 1): Dimensions {
  return {
    length: a.length + sign * b.length,
    mass: a.mass + sign * b.mass,
    money: a.money + sign * b.money,
    turn: a.turn + sign * b.turn,
    temperature: a.temperature + sign * b.temperature,
  };
}

/** A unit as the ask line knows it. */
export interface AskUnit {
  readonly dimensions: Dimensions;
  /** Factor to the base unit of its dimension: 25.4 for an inch. */
  readonly factor: number;
  /** How the unit is written in an answer. */
  readonly symbol: string;
  /** An ounce of unknown kind, taken as troy. */
  readonly isBareOunce?: true;
  /** Offset for °F, which has another zero. */
  readonly offset?: number;
}

const symbols: Readonly<Record<string, string>> = {
  mm: 'mm', millimetre: 'mm', millimeter: 'mm', cm: 'cm', centimetre: 'cm', centimeter: 'cm', m: 'm', metre: 'm', meter: 'm',
  in: 'in', inch: 'in', inche: 'in', '"': 'in', '″': 'in', '”': 'in', ft: 'ft', foot: 'ft', feet: 'ft', "'": 'ft', '′': 'ft', thou: 'thou',
  mg: 'mg', milligram: 'mg', g: 'g', gm: 'g', gram: 'g', gramme: 'g', kg: 'kg', kilo: 'kg', kilogram: 'kg',
  dwt: 'dwt', pennyweight: 'dwt', ozt: 'ozt', grain: 'grain', gr: 'grain',
}; // prettier-ignore

const CARAT_G = 0.2;
/** Grams in an avoirdupois ounce. */
export const AVOIRDUPOIS_OZ_G = 28.349523125;
const POUND_G = 453.59237;
const MM3_PER_CM3 = 1000;
const MM3_PER_CUBIC_INCH = 25.4 ** 3;
const troyOunce: AskUnit = { dimensions: dimension.mass, factor: GRAMS_PER_TROY_OUNCE, symbol: 'ozt' };
const celsius: AskUnit = { dimensions: dimension.temperature, factor: 1, symbol: '°C' };
const fahrenheit: AskUnit = { dimensions: dimension.temperature, factor: 5 / 9, symbol: '°F', offset: 32 };
const others: Readonly<Record<string, AskUnit>> = {
  c: celsius,
  '°c': celsius,
  celsius,
  centigrade: celsius,
  f: fahrenheit,
  '°f': fahrenheit,
  fahrenheit,
  turn: { dimensions: dimension.turn, factor: 1, symbol: 'turns' },
  twist: { dimensions: dimension.turn, factor: 1, symbol: 'turns' },
  ct: { dimensions: dimension.mass, factor: CARAT_G, symbol: 'ct' },
  carat: { dimensions: dimension.mass, factor: CARAT_G, symbol: 'ct' },
  oz: { ...troyOunce, isBareOunce: true },
  ounce: { ...troyOunce, isBareOunce: true },
  toz: troyOunce,
  lb: { dimensions: dimension.mass, factor: POUND_G, symbol: 'lb' },
  pound: { dimensions: dimension.mass, factor: POUND_G, symbol: 'lb' },
  areaofin: { dimensions: dimension.area, factor: 25.4 ** 2, symbol: 'in²' },
  areaofft: { dimensions: dimension.area, factor: (12 * 25.4) ** 2, symbol: 'ft²' },
  areaofcm: { dimensions: dimension.area, factor: 100, symbol: 'cm²' },
  areaofmm: { dimensions: dimension.area, factor: 1, symbol: 'mm²' },
  cc: { dimensions: dimension.volume, factor: MM3_PER_CM3, symbol: 'cm³' },
  ml: { dimensions: dimension.volume, factor: MM3_PER_CM3, symbol: 'cm³' },
  cuin: { dimensions: dimension.volume, factor: MM3_PER_CUBIC_INCH, symbol: 'in³' },
  cumm: { dimensions: dimension.volume, factor: 1, symbol: 'mm³' },
  avoirdupois: { dimensions: dimension.mass, factor: AVOIRDUPOIS_OZ_G, symbol: 'oz avoirdupois' },
};

/** Every word for a unit, in the singular. */
export const unitWords: readonly string[] = [...Object.keys(symbols), ...Object.keys(others)];

/** The unit a word names, singular or plural; null for any other word. */
export function askUnit(word: string): AskUnit | null {
  const lower = word.toLowerCase();
  for (const spelling of lower.endsWith('s') ? [lower, lower.slice(0, -1)] : [lower]) {
    const other = others[spelling];
    if (other) return other;
    const symbol = symbols[spelling];
    if (!symbol) continue;
    const mm = mmPer(symbol);
    if (mm !== undefined) return { dimensions: dimension.length, factor: mm, symbol };
    const grams = gramsPer(symbol);
    if (grams !== undefined) return { dimensions: dimension.mass, factor: grams, symbol };
  }
  return null;
}

/** A number with a unit, in base units. */
export function inHouse(value: number, { factor, offset = 0 }: AskUnit): number {
  return (value - offset) * factor;
}

/** A number of base units in another unit; the inverse of `inHouse`. */
export function inUnit(value: number, { factor, offset = 0 }: AskUnit): number {
  return value / factor + offset;
}
