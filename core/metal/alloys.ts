// The built-in alloys with typical values. Actual stock varies by maker, so a studio may enter its own. Densities are
// at 20 °C; `densitySource` says how certain each is. Compositions and melting ranges are nominal, from memory.

import type { Figure } from '../figure/figure.ts';

/** Metal families. */
export const alloyFamilies = [
  'silver',
  'yellow-gold',
  'white-gold',
  'rose-gold',
  'platinum',
  'palladium',
  'copper',
  'brass',
  'bronze',
  'nickel-silver',
  'steel',
  'stainless-steel',
  'titanium',
  'niobium',
  'aluminium',
] as const;
/** A metal family. */
export type AlloyFamily = (typeof alloyFamilies)[number];

/** An alloy. */
export interface Alloy {
  readonly id: string;
  readonly name: string;
  readonly family: AlloyFamily;
  /** Mass fractions by element symbol; they sum to 1. */
  readonly composition: Readonly<Record<string, number>>;
  /** Parts per thousand of the precious metal, or null for base metals. */
  readonly fineness: number | null;
  /** g/cm³ at 20 °C; null while unknown. */
  readonly densityGPerCm3: number | null;
  /** Solidus and liquidus, °C; null while unknown. */
  readonly solidusC: number | null;
  readonly liquidusC: number | null;
  /** Whether it is commonly fused to itself by torch without solder (common practice). */
  readonly fusible: boolean;
  readonly densitySource: string;
  /** Calculation of a computed density: from the composition, or weighed in water. */
  readonly densityWorking?: Figure;
}

// prettier-ignore
/** The alloys that ship with the app. */
export const builtInAlloys = [
  { id: 'silver-999', name: 'Fine silver', family: 'silver', composition: { Ag: 0.999, Cu: 0.001 }, fineness: 999, densityGPerCm3: 10.49, solidusC: 961.8, liquidusC: 961.8, fusible: true, densitySource: 'pure silver from published element tables' },
  { id: 'silver-925', name: 'Sterling silver', family: 'silver', composition: { Ag: 0.925, Cu: 0.075 }, fineness: 925, densityGPerCm3: 10.36, solidusC: 802, liquidusC: 893, fusible: false, densitySource: 'typical value, not checked against its source (ASM Handbook vol. 2): compare your supplier’s data sheet' },
  { id: 'silver-935-ge', name: '935 tarnish-resistant silver (germanium-bearing)', family: 'silver', composition: { Ag: 0.935, Cu: 0.053, Ge: 0.012 }, fineness: 935, densityGPerCm3: 10.3, solidusC: 770, liquidusC: 880, fusible: true, densitySource: 'rule of mixtures, rounded up' },
  { id: 'silver-960-ge', name: '960 tarnish-resistant silver (germanium-bearing)', family: 'silver', composition: { Ag: 0.96, Cu: 0.029, Ge: 0.011 }, fineness: 960, densityGPerCm3: 10.35, solidusC: 805, liquidusC: 920, fusible: true, densitySource: 'rule of mixtures, rounded up' },
  { id: 'silver-958', name: 'Britannia silver', family: 'silver', composition: { Ag: 0.958, Cu: 0.042 }, fineness: 958, densityGPerCm3: 10.4, solidusC: 875, liquidusC: 925, fusible: false, densitySource: 'typical value, not checked against a published table: compare your supplier’s data sheet' },
  { id: 'gold-24k', name: '24k gold', family: 'yellow-gold', composition: { Au: 0.999, Ag: 0.001 }, fineness: 999, densityGPerCm3: 19.3, solidusC: 1064.2, liquidusC: 1064.2, fusible: true, densitySource: 'pure gold from published element tables' },
  { id: 'gold-22k-yellow', name: '22k yellow gold', family: 'yellow-gold', composition: { Au: 0.917, Ag: 0.055, Cu: 0.028 }, fineness: 916, densityGPerCm3: 17.9, solidusC: 995, liquidusC: 1020, fusible: true, densitySource: 'typical value, not checked against its source (published gold-alloy handbook tables): compare your supplier’s data sheet' },
  { id: 'gold-18k-yellow', name: '18k yellow gold', family: 'yellow-gold', composition: { Au: 0.75, Ag: 0.125, Cu: 0.125 }, fineness: 750, densityGPerCm3: 15.45, solidusC: 885, liquidusC: 895, fusible: false, densitySource: 'typical value, not checked against its source (published gold-alloy handbook tables): compare your supplier’s data sheet' },
  { id: 'gold-14k-yellow', name: '14k yellow gold', family: 'yellow-gold', composition: { Au: 0.585, Ag: 0.09, Cu: 0.28, Zn: 0.045 }, fineness: 585, densityGPerCm3: 13.07, solidusC: 830, liquidusC: 879, fusible: false, densitySource: 'typical value, not checked against its source (trade specific-gravity and melting charts of the trade): compare your supplier’s data sheet' },
  { id: 'gold-10k-yellow', name: '10k yellow gold', family: 'yellow-gold', composition: { Au: 0.417, Ag: 0.11, Cu: 0.413, Zn: 0.06 }, fineness: 417, densityGPerCm3: 11.57, solidusC: 840, liquidusC: 907, fusible: false, densitySource: 'typical value, not checked against its source (trade specific-gravity and melting charts of the trade): compare your supplier’s data sheet' },
  { id: 'gold-9k-yellow', name: '9k yellow gold', family: 'yellow-gold', composition: { Au: 0.375, Ag: 0.115, Cu: 0.44, Zn: 0.07 }, fineness: 375, densityGPerCm3: 11.2, solidusC: 860, liquidusC: 900, fusible: false, densitySource: 'typical value, not checked against a published table: compare your supplier’s data sheet' },
  { id: 'gold-18k-white-pd', name: '18k white gold, palladium', family: 'white-gold', composition: { Au: 0.75, Pd: 0.15, Ag: 0.1 }, fineness: 750, densityGPerCm3: 16.4, solidusC: 1220, liquidusC: 1300, fusible: false, densitySource: 'typical value, not checked against its source (published gold-alloy handbook tables): compare your supplier’s data sheet' },
  { id: 'gold-14k-white-pd', name: '14k white gold, palladium', family: 'white-gold', composition: { Au: 0.585, Pd: 0.05, Ag: 0.325, Cu: 0.03, Zn: 0.01 }, fineness: 585, densityGPerCm3: 14.25, solidusC: 1030, liquidusC: 1100, fusible: false, densitySource: 'rule of mixtures' },
  { id: 'gold-9k-white-pd', name: '9k white gold, palladium', family: 'white-gold', composition: { Au: 0.375, Ag: 0.5, Pd: 0.06, Cu: 0.045, Zn: 0.02 }, fineness: 375, densityGPerCm3: 12.5, solidusC: 940, liquidusC: 985, fusible: false, densitySource: 'rule of mixtures, rounded' },
  { id: 'gold-18k-white-ni', name: '18k white gold, nickel', family: 'white-gold', composition: { Au: 0.75, Ni: 0.173, Zn: 0.055, Cu: 0.022 }, fineness: 750, densityGPerCm3: 14.64, solidusC: 900, liquidusC: 943, fusible: false, densitySource: 'typical value, not checked against its source (trade specific-gravity and melting charts of the trade): compare your supplier’s data sheet' },
  { id: 'gold-14k-white-ni', name: '14k white gold, nickel', family: 'white-gold', composition: { Au: 0.585, Cu: 0.22, Ni: 0.12, Zn: 0.075 }, fineness: 585, densityGPerCm3: 12.61, solidusC: 930, liquidusC: 995, fusible: false, densitySource: 'typical value, not checked against its source (trade specific-gravity and melting charts of the trade): compare your supplier’s data sheet' },
  { id: 'gold-9k-white-ni', name: '9k white gold, nickel', family: 'white-gold', composition: { Au: 0.375, Cu: 0.4, Ni: 0.105, Zn: 0.12 }, fineness: 375, densityGPerCm3: 10.8, solidusC: 960, liquidusC: 1040, fusible: false, densitySource: 'rule of mixtures, rounded' },
  { id: 'gold-18k-rose', name: '18k rose gold', family: 'rose-gold', composition: { Au: 0.75, Ag: 0.045, Cu: 0.205 }, fineness: 750, densityGPerCm3: 15.15, solidusC: 890, liquidusC: 895, fusible: false, densitySource: 'typical value, not checked against its source (published gold-alloy handbook tables): compare your supplier’s data sheet' },
  { id: 'gold-14k-rose', name: '14k rose gold', family: 'rose-gold', composition: { Au: 0.585, Ag: 0.09, Cu: 0.325 }, fineness: 585, densityGPerCm3: 13.26, solidusC: 850, liquidusC: 885, fusible: false, densitySource: 'typical value, not checked against its source (trade specific-gravity and melting charts of the trade): compare your supplier’s data sheet' },
  { id: 'gold-9k-rose', name: '9k rose gold', family: 'rose-gold', composition: { Au: 0.375, Ag: 0.075, Cu: 0.55 }, fineness: 375, densityGPerCm3: 11.4, solidusC: 890, liquidusC: 950, fusible: false, densitySource: 'rule of mixtures, rounded' },
  { id: 'platinum-950-ru', name: 'Platinum 950, ruthenium', family: 'platinum', composition: { Pt: 0.95, Ru: 0.05 }, fineness: 950, densityGPerCm3: 20.7, solidusC: 1780, liquidusC: 1795, fusible: true, densitySource: 'typical value, not checked against its source (published platinum-alloy tables): compare your supplier’s data sheet' },
  { id: 'platinum-950-ir', name: 'Platinum 950, iridium', family: 'platinum', composition: { Pt: 0.95, Ir: 0.05 }, fineness: 950, densityGPerCm3: 21.5, solidusC: 1780, liquidusC: 1790, fusible: true, densitySource: 'typical value, not checked against its source (published platinum-alloy tables): compare your supplier’s data sheet' },
  { id: 'platinum-950-co', name: 'Platinum 950, cobalt', family: 'platinum', composition: { Pt: 0.95, Co: 0.05 }, fineness: 950, densityGPerCm3: 20, solidusC: 1750, liquidusC: 1765, fusible: true, densitySource: 'corrected by us to the rule of mixtures, rounded' },
  { id: 'palladium-950-ru', name: 'Palladium 950, ruthenium', family: 'palladium', composition: { Pd: 0.95, Ru: 0.05 }, fineness: 950, densityGPerCm3: 12, solidusC: 1570, liquidusC: 1590, fusible: false, densitySource: 'typical value, not checked against a published table: compare your supplier’s data sheet' },
  { id: 'copper-c110', name: 'Copper C110', family: 'copper', composition: { Cu: 1 }, fineness: null, densityGPerCm3: 8.89, solidusC: 1065, liquidusC: 1083, fusible: false, densitySource: 'IACS standard value 8.89 (as in GNU units 2.22)' },
  { id: 'brass-c230', name: 'Red brass C230 (85/15)', family: 'brass', composition: { Cu: 0.85, Zn: 0.15 }, fineness: null, densityGPerCm3: 8.75, solidusC: 990, liquidusC: 1025, fusible: false, densitySource: 'typical value, not checked against its source (handbook data for the UNS grade): compare your supplier’s data sheet' },
  { id: 'bronze-c220', name: "Jeweller's bronze C220 (90/10)", family: 'brass', composition: { Cu: 0.9, Zn: 0.1 }, fineness: null, densityGPerCm3: 8.8, solidusC: 1020, liquidusC: 1045, fusible: false, densitySource: 'typical value, not checked against its source (handbook data for the UNS grade): compare your supplier’s data sheet' },
  { id: 'bronze-c226', name: 'Jewellery bronze C226 (87.5/12.5)', family: 'brass', composition: { Cu: 0.875, Zn: 0.125 }, fineness: null, densityGPerCm3: 8.78, solidusC: 1005, liquidusC: 1035, fusible: false, densitySource: 'typical value, not checked against its source (handbook data for the UNS grade): compare your supplier’s data sheet' },
  { id: 'brass-c260', name: 'Cartridge brass C260 (70/30)', family: 'brass', composition: { Cu: 0.7, Zn: 0.3 }, fineness: null, densityGPerCm3: 8.53, solidusC: 915, liquidusC: 955, fusible: false, densitySource: 'typical value, not checked against its source (handbook data for the UNS grade): compare your supplier’s data sheet' },
  { id: 'nickel-silver-c752', name: 'Nickel silver C752 (65-18-17)', family: 'nickel-silver', composition: { Cu: 0.65, Ni: 0.18, Zn: 0.17 }, fineness: null, densityGPerCm3: 8.73, solidusC: 1070, liquidusC: 1110, fusible: false, densitySource: 'typical value, not checked against its source (handbook data for the UNS grade): compare your supplier’s data sheet' },
  { id: 'phosphor-bronze-c510', name: 'Phosphor bronze C510', family: 'bronze', composition: { Cu: 0.948, Sn: 0.05, P: 0.002 }, fineness: null, densityGPerCm3: 8.86, solidusC: 950, liquidusC: 1050, fusible: false, densitySource: 'typical value, not checked against its source (handbook data for the UNS grade): compare your supplier’s data sheet' },
  { id: 'steel-low-carbon', name: 'Low-carbon steel', family: 'steel', composition: { Fe: 0.9935, Mn: 0.005, C: 0.0015 }, fineness: null, densityGPerCm3: 7.87, solidusC: 1490, liquidusC: 1525, fusible: false, densitySource: 'typical value, not checked against its source (ASM Handbook vol. 2): compare your supplier’s data sheet' },
  { id: 'stainless-304', name: 'Stainless steel 304', family: 'stainless-steel', composition: { Fe: 0.7, Cr: 0.19, Ni: 0.09, Mn: 0.015, Si: 0.005 }, fineness: null, densityGPerCm3: 7.9, solidusC: 1400, liquidusC: 1450, fusible: false, densitySource: 'typical value, not checked against its source (EN 10088-1): compare your supplier’s data sheet' },
  { id: 'stainless-316', name: 'Stainless steel 316', family: 'stainless-steel', composition: { Fe: 0.665, Cr: 0.17, Ni: 0.12, Mo: 0.025, Mn: 0.015, Si: 0.005 }, fineness: null, densityGPerCm3: 7.98, solidusC: 1375, liquidusC: 1400, fusible: false, densitySource: 'typical value, not checked against its source (common European table value; EN 10088-1 rounds it to 8.0): compare your supplier’s data sheet' },
  { id: 'titanium-gr2', name: 'Titanium grade 2', family: 'titanium', composition: { Ti: 0.997, Fe: 0.003 }, fineness: null, densityGPerCm3: 4.51, solidusC: 1660, liquidusC: 1665, fusible: false, densitySource: 'typical value, not checked against its source (ASM Handbook vol. 2): compare your supplier’s data sheet' },
  { id: 'niobium', name: 'Niobium', family: 'niobium', composition: { Nb: 1 }, fineness: null, densityGPerCm3: 8.57, solidusC: 2477, liquidusC: 2477, fusible: false, densitySource: 'published element tables' },
  { id: 'aluminium-1100', name: 'Aluminium 1100', family: 'aluminium', composition: { Al: 0.991, Fe: 0.005, Si: 0.0028, Cu: 0.0012 }, fineness: null, densityGPerCm3: 2.71, solidusC: 643, liquidusC: 657, fusible: false, densitySource: 'typical value, not checked against its source (ASM Handbook vol. 2): compare your supplier’s data sheet' },
  { id: 'aluminium-5052', name: 'Aluminium 5052', family: 'aluminium', composition: { Al: 0.9725, Mg: 0.025, Cr: 0.0025 }, fineness: null, densityGPerCm3: 2.68, solidusC: 607, liquidusC: 649, fusible: false, densitySource: 'typical value, not checked against its source (ASM Handbook vol. 2): compare your supplier’s data sheet' },
] as const satisfies readonly Alloy[];
