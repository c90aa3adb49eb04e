// The alloys of a studio: the built-in ones and its own.
import { computed, type Figure, given } from '../figure/figure.ts';
import { type Alloy, type AlloyFamily, builtInAlloys } from './alloys.ts';

const builtInById = new Map<string, Alloy>(builtInAlloys.map((alloy) => [alloy.id, alloy]));

/** The alloys of a studio by id: the built-in ones, then its own. */
export function alloysWith(own: readonly Alloy[]): ReadonlyMap<string, Alloy> {
  return own.length === 0 ? builtInById : new Map([...builtInById, ...own.map((alloy) => [alloy.id, alloy] as const)]);
}

/** The density of an alloy as an input of a sum; null while it is unknown. */
export function densityOf(alloy: Alloy): Figure | null {
  const { densityWorking } = alloy;
  if (densityWorking) {
    const { value, unit, how, from } = densityWorking;
    return computed(`density of ${alloy.name}, ${densityWorking.label}`, value, unit, how, from);
  }
  return alloy.densityGPerCm3 === null
    ? null
    : given(`density of ${alloy.name}`, alloy.densityGPerCm3, 'g/cm³', alloy.densitySource);
}

/** Tint of a metal family on the screen, always shown beside its name. */
export type Tint = 'silver' | 'yellow' | 'rose' | 'white' | 'platinum' | 'copper' | 'brass' | 'steel';

/** Tint of each metal family. */
export const familyTints = {
  silver: 'silver',
  'yellow-gold': 'yellow',
  'rose-gold': 'rose',
  'white-gold': 'white',
  platinum: 'platinum',
  palladium: 'platinum',
  copper: 'copper',
  brass: 'brass',
  bronze: 'copper',
  'nickel-silver': 'white',
  steel: 'steel',
  'stainless-steel': 'steel',
  titanium: 'steel',
  niobium: 'steel',
  aluminium: 'white',
} as const satisfies Record<AlloyFamily, Tint>;
