// Length units in millimetres. The international inch is exactly 25.4 mm (1959 agreement).
/** Millimetres in the international inch. */
export const MM_PER_INCH = 25.4;

const mmPerLengthUnit = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  ft: MM_PER_INCH * 12,
  thou: MM_PER_INCH / 1000,
} as const satisfies Record<string, number>;

const spellings: Readonly<Record<string, keyof typeof mmPerLengthUnit>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '′': 'ft',
  thou: 'thou',
  thous: 'thou',
};

/** Millimetres in a unit as people write it; undefined for a word that is no length unit. */
export function mmPer(unit: string): number | undefined {
  const known = spellings[unit.toLowerCase()];
  return known && mmPerLengthUnit[known];
}
