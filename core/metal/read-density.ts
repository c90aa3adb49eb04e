// Reads the density of a studio's own alloy: a number, a composition, or a sample weighed in air and in water.
import { type Figure, given } from '../figure/figure.ts';
import { readDensity } from '../measure/read/read-number.ts';
import { celsius } from '../measure/temperature.ts';
import { hydrostaticDensity } from './hydrostatic.ts';
import { type Composition, mixtureDensity } from './mixture.ts';

/** The result of reading a density. */
export type DensityReading =
  | { readonly ok: true; readonly density: Figure; readonly composition: Composition | null }
  | { readonly ok: false; readonly sentence: string };

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const IN_AIR = new RegExp(`${NUMBER}\\s*g?\\s*(?:in\\s+)?air`, 'i');
const IN_WATER = new RegExp(`${NUMBER}\\s*g?\\s*(?:in\\s+)?water`, 'i');
const TEMPERATURE = new RegExp(`${NUMBER}\\s*°?\\s*([cf])\\b`, 'i');
const SYMBOL_FIRST = new RegExp(`^([A-Z][a-z]?)\\s*:?\\s*${NUMBER}\\s*%?$`);
const SHARE_FIRST = new RegExp(`^${NUMBER}\\s*%?\\s*([A-Z][a-z]?)$`);
/** Temperature of the water when none is given, °C. */
const ROOM_C = 20;

/**
 * Reads a density: `8.53`; `Cu 70, Zn 30` (per cent, or fractions of 1); `12.41 g in air, 11.22 in water at 21 C`.
 * @returns g/cm³ with its calculation, and the composition where one was typed
 */
export function readAlloyDensity(text: string): DensityReading {
  try {
    if (/air|water/i.test(text)) return weighed(text);
    if (/^\s*(?:[A-Z][a-z]?\b|[\d.,]+\s*%?\s*[A-Z])/.test(text)) return mixed(text);
  } catch (error) {
    if (error instanceof RangeError) return { ok: false, sentence: error.message };
    throw error;
  }
  const reading = readDensity(text);
  if (!reading.ok) return reading;
  return {
    ok: true,
    density: given('density', reading.value, 'g/cm³', 'Studio, own alloy, as typed'),
    composition: null,
  };
}

function weighed(text: string): DensityReading {
  const [air, water] = [IN_AIR, IN_WATER].map((pattern) => pattern.exec(text)?.[1]);
  if (!air || !water)
    return { ok: false, sentence: 'Give both weights, for example 12.41 g in air, 11.22 in water at 21 C.' };
  const [, degrees, scale] = TEMPERATURE.exec(text) ?? [];
  const at = degrees === undefined ? ROOM_C : scale?.toLowerCase() === 'f' ? celsius(number(degrees)) : number(degrees);
  return { ok: true, density: hydrostaticDensity(number(air), number(water), at), composition: null };
}

function mixed(text: string): DensityReading {
  const parts = text.match(/[A-Z][a-z]?\s*:?\s*\d+(?:[.,]\d+)?\s*%?|\d+(?:[.,]\d+)?\s*%?\s*[A-Z][a-z]?/g) ?? [];
  const shares = parts.flatMap((part): [string, number][] => {
    const first = SYMBOL_FIRST.exec(part.trim());
    if (first?.[1] && first[2]) return [[first[1], number(first[2])]];
    const last = SHARE_FIRST.exec(part.trim());
    return last?.[1] && last[2] ? [[last[2], number(last[1])]] : [];
  });
  const total = shares.reduce((sum, [, share]) => sum + share, 0);
  const whole = Math.abs(total - 1) < 0.01 ? 1 : 100;
  const composition = Object.fromEntries(shares.map(([symbol, share]) => [symbol, share / whole]));
  return { ok: true, density: mixtureDensity(composition), composition };
}

function number(text: string): number {
  return Number(text.replace(',', '.'));
}
