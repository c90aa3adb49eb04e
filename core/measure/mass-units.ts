// Mass units in grams. The troy ounce is exactly 31.1034768 g, the pennyweight a twentieth of it, the grain 64.79891 mg
// (1959 agreement). Precious metal is never weighed in avoirdupois, so there is no plain ounce.
/** Grams in the troy ounce. */
export const GRAMS_PER_TROY_OUNCE = 31.1034768;

const gramsPerUnit: Readonly<Record<string, number>> = {
  mg: 0.001,
  milligram: 0.001,
  milligrams: 0.001,
  g: 1,
  gram: 1,
  grams: 1,
  gm: 1,
  gramme: 1,
  grammes: 1,
  kg: 1000,
  kilo: 1000,
  kilos: 1000,
  kilogram: 1000,
  kilograms: 1000,
  dwt: GRAMS_PER_TROY_OUNCE / 20,
  pennyweight: GRAMS_PER_TROY_OUNCE / 20,
  pennyweights: GRAMS_PER_TROY_OUNCE / 20,
  ozt: GRAMS_PER_TROY_OUNCE,
  grain: 0.06479891,
  grains: 0.06479891,
  gr: 0.06479891,
};

/** Grams in a unit as people write it; undefined for a word that is no mass unit of the trade. */
export function gramsPer(unit: string): number | undefined {
  return gramsPerUnit[unit.toLowerCase()];
}
