// Densities near 20 °C and melting points of the elements in the alloys and solders. Six free collections were compared
// (libelemental, periodictable, GNU units, xraylib and two npm packages); the value most of them give is used.

/** Density and melting point of an element. */
export interface Element {
  readonly densityGPerCm3: number;
  /** Melting point, °C; null for an element without one at normal pressure. */
  readonly meltingC: number | null;
}

/** Source of the table, for figures. */
export const elementsSource = 'element tables (CRC Handbook, by way of libelemental 2.0.2)';

/** The elements by symbol. */
export const elements = {
  Ag: { densityGPerCm3: 10.49, meltingC: 961.78 },
  Au: { densityGPerCm3: 19.3, meltingC: 1064.18 },
  Cu: { densityGPerCm3: 8.96, meltingC: 1084.62 },
  Zn: { densityGPerCm3: 7.14, meltingC: 419.53 },
  Ni: { densityGPerCm3: 8.908, meltingC: 1454.85 },
  Pt: { densityGPerCm3: 21.45, meltingC: 1768.25 },
  Pd: { densityGPerCm3: 12.023, meltingC: 1554.9 },
  Ru: { densityGPerCm3: 12.41, meltingC: 2333.85 },
  Ir: { densityGPerCm3: 22.56, meltingC: 2445.85 },
  Co: { densityGPerCm3: 8.9, meltingC: 1494.85 },
  Fe: { densityGPerCm3: 7.874, meltingC: 1537.85 },
  C: { densityGPerCm3: 2.267, meltingC: null },
  Al: { densityGPerCm3: 2.7, meltingC: 660.32 },
  Ti: { densityGPerCm3: 4.506, meltingC: 1667.85 },
  Nb: { densityGPerCm3: 8.57, meltingC: 2476.85 },
  Sn: { densityGPerCm3: 7.265, meltingC: 231.93 },
  Cd: { densityGPerCm3: 8.65, meltingC: 321.07 },
  Ge: { densityGPerCm3: 5.323, meltingC: 938.25 },
  Mn: { densityGPerCm3: 7.47, meltingC: 1245.85 },
  Si: { densityGPerCm3: 2.33, meltingC: 1413.85 },
  Pb: { densityGPerCm3: 11.34, meltingC: 327.46 },
  In: { densityGPerCm3: 7.31, meltingC: 156.6 },
  Ga: { densityGPerCm3: 5.91, meltingC: 29.76 },
  Cr: { densityGPerCm3: 7.19, meltingC: 1906.85 },
  Mo: { densityGPerCm3: 10.22, meltingC: 2622.85 },
  Mg: { densityGPerCm3: 1.738, meltingC: 649.85 },
  P: { densityGPerCm3: 1.823, meltingC: 44.15 },
} as const satisfies Readonly<Record<string, Element>>;

/** Symbol of an element of the table. */
export type ElementSymbol = keyof typeof elements;
