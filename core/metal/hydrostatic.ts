// Density of a sample weighed in air and in water.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';

/** Density of dry air at a bench, g/cm³ (common practice). */
const AIR_G_PER_CM3 = 0.0012;

/**
 * Density of air-free water.
 * @param celsius  0 to 40 °C
 * @returns g/cm³
 * @throws RangeError outside 0 to 40 °C
 * @source Kell 1975, J. Chem. Eng. Data 20, 97 (the CRC Handbook's table is made from it), from memory
 */
export function waterDensity(celsius: number): number {
  if (!(celsius >= 0 && celsius <= 40))
    throw new RangeError(`Water is weighed in between 0 and 40 °C, not at ${inSum(celsius)} °C.`);
  const t = celsius;
  const above =
    999.83952 +
    16.945176 * t -
    7.9870401e-3 * t ** 2 -
    46.170461e-6 * t ** 3 +
    105.56302e-9 * t ** 4 -
    280.54253e-12 * t ** 5;
  return above / (1 + 16.87985e-3 * t) / 1000;
}

/**
 * Density of a sample weighed in air and hung in water.
 * @param airG    reading in air, g
 * @param waterG  reading in water, g: less, by the water it displaces
 * @returns g/cm³ with its calculation, corrected for the buoyancy of air
 * @throws RangeError when the sample does not lose weight in water
 */
export function hydrostaticDensity(airG: number, waterG: number, celsius: number): Figure {
  if (!(waterG > 0 && airG > waterG))
    throw new RangeError('A sample weighs less in water than in air, and more than 0. Check the two weights.');
  const water = given('density of water', waterDensity(celsius), 'g/cm³', `Kell 1975, at ${inSum(celsius)} °C`);
  const inAir = given('weight in air', airG, 'g', 'the scale');
  const inWater = given('weight in water', waterG, 'g', 'the scale');
  const value = (airG * water.value - waterG * AIR_G_PER_CM3) / (airG - waterG);
  const [air, lost] = [inSum(airG), inSum(waterG)];
  return computed(
    'weighed in water',
    value,
    'g/cm³',
    () => `(${air} × ${inSum(water.value)} − ${lost} × ${inSum(AIR_G_PER_CM3)}) ÷ (${air} − ${lost})`,
    [inAir, inWater, water, given('density of air', AIR_G_PER_CM3, 'g/cm³', 'common practice')],
  );
}
