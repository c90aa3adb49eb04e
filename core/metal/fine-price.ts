// The price of a fine metal on a day.
import { type Figure, given } from '../figure/figure.ts';
import { readPricePerGram } from '../measure/read/read-money.ts';

/** Metals with a price. */
export const fixMetals = ['Ag', 'Au', 'Pt', 'Pd', 'Cu'] as const;
/** A metal with a price. */
export type FixMetal = (typeof fixMetals)[number];

/** Names of the metals with a price. */
export const fixMetalNames = {
  Ag: 'silver',
  Au: 'gold',
  Pt: 'platinum',
  Pd: 'palladium',
  Cu: 'copper',
} as const satisfies Record<FixMetal, string>;

/** Prices of fine metals on a day, as typed. */
export interface DayPrices {
  readonly on: string;
  readonly currency: string;
  readonly prices: Partial<Readonly<Record<FixMetal, string>>>;
  readonly source: string;
}

/**
 * The price of one fine metal.
 * @returns minor units per gram of fine metal with the source; null when it has no price that day
 */
export function finePrice(fix: DayPrices, metal: FixMetal): Figure | null {
  const typed = fix.prices[metal]?.trim();
  if (!typed) return null;
  const reading = readPricePerGram(typed, fix.currency);
  if (!reading.ok || !(reading.value > 0)) return null;
  const source = `metal prices of ${fix.on}: ${typed}, ${fix.source}`;
  return given(`fine ${fixMetalNames[metal]}`, reading.value, `${fix.currency}/g`, source);
}
