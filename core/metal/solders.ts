// Solders with typical values of common grades. A studio's own may differ by tens of degrees, so the solder maker's
// sheet always wins. Every composition and temperature is from memory; illustrative solders were made up to fit carat
// and flow point.

import type { Alloy, AlloyFamily } from './alloys.ts';

/** From the lowest flow point to the highest; IT is for enamelling. */
type SolderGrade = 'extra-easy' | 'easy' | 'medium' | 'hard' | 'hard-IT';

/** A solder. */
export interface Solder {
  readonly id: string;
  readonly name: string;
  readonly family: string;
  readonly grade: SolderGrade;
  readonly form: 'wire-sheet' | 'paste';
  /** Mass fractions by element symbol. */
  readonly composition: Readonly<Record<string, number>>;
  readonly solidusC: number;
  /** The usual flow point, about the liquidus, °C. */
  readonly flowC: number;
  readonly densityGPerCm3: number;
  /** Solder with cadmium is listed so that old stock is recognised. It must not be used. */
  readonly cadmiumFree: boolean;
  readonly source: string;
}

// prettier-ignore
/** The solders that ship with the app. */
export const solders = [
  { id: 'silver-extra-easy', name: 'Silver solder, extra easy', family: 'silver', grade: 'extra-easy', form: 'wire-sheet', composition: { Ag: 0.56, Cu: 0.22, Zn: 0.17, Sn: 0.05 }, solidusC: 618, flowC: 652, densityGPerCm3: 9.21, cadmiumFree: true, source: 'typical value, not checked against its source (American Welding Society A5.8 filler BAg-7): compare your supplier’s data sheet' },
  { id: 'silver-easy', name: 'Silver solder, easy', family: 'silver', grade: 'easy', form: 'wire-sheet', composition: { Ag: 0.65, Cu: 0.2, Zn: 0.15 }, solidusC: 671, flowC: 718, densityGPerCm3: 9.5, cadmiumFree: true, source: 'typical value, not checked against its source (American Welding Society A5.8 filler BAg-9): compare your supplier’s data sheet' },
  { id: 'silver-medium', name: 'Silver solder, medium', family: 'silver', grade: 'medium', form: 'wire-sheet', composition: { Ag: 0.7, Cu: 0.2, Zn: 0.1 }, solidusC: 691, flowC: 738, densityGPerCm3: 9.7, cadmiumFree: true, source: 'typical value, not checked against its source (American Welding Society A5.8 filler BAg-10): compare your supplier’s data sheet' },
  { id: 'silver-hard', name: 'Silver solder, hard', family: 'silver', grade: 'hard', form: 'wire-sheet', composition: { Ag: 0.75, Cu: 0.22, Zn: 0.03 }, solidusC: 741, flowC: 788, densityGPerCm3: 9.97, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table: compare your supplier’s data sheet' },
  { id: 'silver-hard-it', name: 'Silver solder, hard, enamelling', family: 'silver', grade: 'hard-IT', form: 'wire-sheet', composition: { Ag: 0.8, Cu: 0.16, Zn: 0.04 }, solidusC: 727, flowC: 810, densityGPerCm3: 10.03, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table: compare your supplier’s data sheet' },
  { id: 'silver-easy-paste', name: 'Silver solder, easy, paste', family: 'silver', grade: 'easy', form: 'paste', composition: { Ag: 0.65, Cu: 0.2, Zn: 0.15 }, solidusC: 671, flowC: 718, densityGPerCm3: 9.5, cadmiumFree: true, source: 'filler assumed the same as silver-easy wire; not checked: compare your supplier’s data sheet' },
  { id: 'silver-medium-paste', name: 'Silver solder, medium, paste', family: 'silver', grade: 'medium', form: 'paste', composition: { Ag: 0.7, Cu: 0.2, Zn: 0.1 }, solidusC: 691, flowC: 738, densityGPerCm3: 9.7, cadmiumFree: true, source: 'filler assumed the same as silver-medium wire; not checked: compare your supplier’s data sheet' },
  { id: 'silver-hard-paste', name: 'Silver solder, hard, paste', family: 'silver', grade: 'hard', form: 'paste', composition: { Ag: 0.75, Cu: 0.22, Zn: 0.03 }, solidusC: 741, flowC: 788, densityGPerCm3: 9.97, cadmiumFree: true, source: 'filler assumed the same as silver-hard wire; not checked: compare your supplier’s data sheet' },
  { id: 'silver-extra-easy-cd', name: 'Silver solder, extra easy, with cadmium', family: 'silver', grade: 'extra-easy', form: 'wire-sheet', composition: { Ag: 0.45, Cu: 0.15, Zn: 0.16, Cd: 0.24 }, solidusC: 607, flowC: 618, densityGPerCm3: 9.11, cadmiumFree: false, source: 'typical value, not checked against its source (American Welding Society A5.8 filler BAg-1): compare your supplier’s data sheet' },
  { id: 'gold-9k-easy', name: '9k gold solder, easy', family: 'gold-9k', grade: 'easy', form: 'wire-sheet', composition: { Au: 0.375, Ag: 0.3188, Cu: 0.1813, Zn: 0.0812, In: 0.0312, Ga: 0.0125 }, solidusC: 637, flowC: 702, densityGPerCm3: 11.39, cadmiumFree: true, source: 'typical value, not checked against its source (published cadmium-free carat gold solder tables; name of the grade less certain): compare your supplier’s data sheet' },
  { id: 'gold-9k-medium', name: '9k gold solder, medium', family: 'gold-9k', grade: 'medium', form: 'wire-sheet', composition: { Au: 0.375, Ag: 0.2938, Cu: 0.1938, Zn: 0.1062, In: 0.025, Ga: 0.0062 }, solidusC: 658, flowC: 721, densityGPerCm3: 11.31, cadmiumFree: true, source: 'typical value, not checked against its source (published cadmium-free carat gold solder tables; name of the grade less certain): compare your supplier’s data sheet' },
  { id: 'gold-9k-hard', name: '9k gold solder, hard', family: 'gold-9k', grade: 'hard', form: 'wire-sheet', composition: { Au: 0.375, Ag: 0.25, Cu: 0.3, Zn: 0.075 }, solidusC: 755, flowC: 795, densityGPerCm3: 11.46, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table; composition illustrative: compare your supplier’s data sheet' },
  { id: 'gold-10k-easy', name: '10k gold solder, easy', family: 'gold-10k', grade: 'easy', form: 'wire-sheet', composition: { Au: 0.417, Ag: 0.26, Cu: 0.193, Zn: 0.11, In: 0.02 }, solidusC: 680, flowC: 730, densityGPerCm3: 11.62, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table; composition illustrative: compare your supplier’s data sheet' },
  { id: 'gold-10k-medium', name: '10k gold solder, medium', family: 'gold-10k', grade: 'medium', form: 'wire-sheet', composition: { Au: 0.417, Ag: 0.27, Cu: 0.223, Zn: 0.09 }, solidusC: 743, flowC: 763, densityGPerCm3: 11.79, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table; composition illustrative: compare your supplier’s data sheet' },
  { id: 'gold-10k-hard', name: '10k gold solder, hard', family: 'gold-10k', grade: 'hard', form: 'wire-sheet', composition: { Au: 0.417, Ag: 0.28, Cu: 0.243, Zn: 0.06 }, solidusC: 777, flowC: 795, densityGPerCm3: 11.93, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table; composition illustrative: compare your supplier’s data sheet' },
  { id: 'gold-14k-easy', name: '14k gold solder, easy', family: 'gold-14k', grade: 'easy', form: 'wire-sheet', composition: { Au: 0.5834, Ag: 0.15, Cu: 0.1366, Zn: 0.1, In: 0.03 }, solidusC: 669, flowC: 741, densityGPerCm3: 12.84, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table; composition illustrative: compare your supplier’s data sheet' },
  { id: 'gold-14k-medium', name: '14k gold solder, medium', family: 'gold-14k', grade: 'medium', form: 'wire-sheet', composition: { Au: 0.5834, Ag: 0.175, Cu: 0.1566, Zn: 0.06, In: 0.025 }, solidusC: 774, flowC: 788, densityGPerCm3: 13.12, cadmiumFree: true, source: 'typical value, not checked against its source (published cadmium-free carat gold solder tables; name of the grade less certain): compare your supplier’s data sheet' },
  { id: 'gold-14k-hard', name: '14k gold solder, hard', family: 'gold-14k', grade: 'hard', form: 'wire-sheet', composition: { Au: 0.5834, Ag: 0.2, Cu: 0.1833, Zn: 0.0333 }, solidusC: 795, flowC: 807, densityGPerCm3: 13.44, cadmiumFree: true, source: 'typical value, not checked against its source (published cadmium-free carat gold solder tables; name of the grade less certain): compare your supplier’s data sheet' },
  { id: 'gold-18k-easy', name: '18k gold solder, easy', family: 'gold-18k', grade: 'easy', form: 'wire-sheet', composition: { Au: 0.75, Ag: 0.05, Cu: 0.093, Zn: 0.067, In: 0.04 }, solidusC: 726, flowC: 750, densityGPerCm3: 14.52, cadmiumFree: true, source: 'typical value, not checked against its source (published cadmium-free carat gold solder tables; name of the grade less certain): compare your supplier’s data sheet' },
  { id: 'gold-18k-medium', name: '18k gold solder, medium', family: 'gold-18k', grade: 'medium', form: 'wire-sheet', composition: { Au: 0.75, Ag: 0.06, Cu: 0.1, Zn: 0.07, In: 0.02 }, solidusC: 765, flowC: 781, densityGPerCm3: 14.65, cadmiumFree: true, source: 'typical value, not checked against its source (published cadmium-free carat gold solder tables; name of the grade less certain): compare your supplier’s data sheet' },
  { id: 'gold-18k-hard', name: '18k gold solder, hard', family: 'gold-18k', grade: 'hard', form: 'wire-sheet', composition: { Au: 0.75, Ag: 0.06, Cu: 0.11, Zn: 0.08 }, solidusC: 797, flowC: 804, densityGPerCm3: 14.69, cadmiumFree: true, source: 'typical value, not checked against its source (published cadmium-free carat gold solder tables; name of the grade less certain): compare your supplier’s data sheet' },
  { id: 'gold-22k-hard', name: '22k gold solder, hard', family: 'gold-22k', grade: 'hard', form: 'wire-sheet', composition: { Au: 0.917, Ag: 0.02, Cu: 0.03, Zn: 0.033 }, solidusC: 865, flowC: 880, densityGPerCm3: 17.42, cadmiumFree: true, source: 'typical value of the trade, not checked against a published table; composition illustrative: compare your supplier’s data sheet' },
  { id: 'platinum-easy', name: 'Platinum solder, easy', family: 'platinum', grade: 'easy', form: 'wire-sheet', composition: { Au: 0.92, Pd: 0.08 }, solidusC: 1200, flowC: 1240, densityGPerCm3: 18.41, cadmiumFree: true, source: 'typical value, not checked against its source (American Welding Society A5.8 filler BVAu-8): compare your supplier’s data sheet' },
  { id: 'platinum-medium', name: 'Platinum solder, medium', family: 'platinum', grade: 'medium', form: 'wire-sheet', composition: { Au: 0.87, Pd: 0.13 }, solidusC: 1260, flowC: 1305, densityGPerCm3: 17.89, cadmiumFree: true, source: 'typical value, not checked against its source (industrial gold-palladium filler): compare your supplier’s data sheet' },
  { id: 'platinum-hard', name: 'Platinum solder, hard', family: 'platinum', grade: 'hard', form: 'wire-sheet', composition: { Au: 0.75, Pd: 0.25 }, solidusC: 1375, flowC: 1400, densityGPerCm3: 16.76, cadmiumFree: true, source: 'typical value, not checked against its source (industrial gold-palladium filler): compare your supplier’s data sheet' },
  { id: 'copper-easy', name: 'Brazing solder, easy', family: 'copper-brass', grade: 'easy', form: 'wire-sheet', composition: { Cu: 0.8825, P: 0.0675, Ag: 0.05 }, solidusC: 643, flowC: 771, densityGPerCm3: 8.1, cadmiumFree: true, source: 'typical value, not checked against its source (American Welding Society A5.8 filler BCuP-7): compare your supplier’s data sheet' },
  { id: 'copper-medium', name: 'Brazing solder, medium', family: 'copper-brass', grade: 'medium', form: 'wire-sheet', composition: { Cu: 0.9275, P: 0.0725 }, solidusC: 710, flowC: 793, densityGPerCm3: 8, cadmiumFree: true, source: 'typical value, not checked against its source (American Welding Society A5.8 filler BCuP-2): compare your supplier’s data sheet' },
  { id: 'brass-hard', name: 'Brazing solder, hard', family: 'copper-brass', grade: 'hard', form: 'wire-sheet', composition: { Cu: 0.5925, Zn: 0.401, Sn: 0.0065 }, solidusC: 888, flowC: 899, densityGPerCm3: 8.38, cadmiumFree: true, source: 'typical value, not checked against its source (American Welding Society A5.8 filler RBCuZn-A): compare your supplier’s data sheet' },
] as const satisfies readonly Solder[];

const familyOfSolder: Readonly<Record<string, AlloyFamily>> = {
  silver: 'silver',
  platinum: 'platinum',
  'copper-brass': 'brass',
};

/** A solder as an alloy with a price: its content, and the fabrication charge of wire of its family. */
export function solderAsAlloy(solder: Solder): Alloy {
  return {
    id: solder.id,
    name: solder.name,
    family: familyOfSolder[solder.family] ?? 'yellow-gold',
    composition: solder.composition,
    fineness: null,
    densityGPerCm3: solder.densityGPerCm3,
    solidusC: solder.solidusC,
    liquidusC: solder.flowC,
    fusible: false,
    densitySource: solder.source,
  };
}

/** The solders by id. */
export const solderById: ReadonlyMap<string, Solder> = new Map(solders.map((solder) => [solder.id, solder]));
