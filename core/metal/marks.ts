// Whether a hallmark or a fineness mark may be required, by precious metal and weight, as commonly given.
import type { Alloy, AlloyFamily } from './alloys.ts';
import { type PreciousMetal, preciousMetals, ukExemptBelowG } from './hallmarks.ts';

const metalOf: Readonly<Partial<Record<AlloyFamily, PreciousMetal>>> = {
  silver: 'silver',
  'yellow-gold': 'gold',
  'white-gold': 'gold',
  'rose-gold': 'gold',
  platinum: 'platinum',
  palladium: 'palladium',
};

/** Grams of alloy of a precious metal. */
export interface PreciousWeight {
  readonly metal: PreciousMetal;
  readonly grams: number;
}

/** Grams of alloy of each precious metal in a piece; metals without any are left out. */
export function preciousWeights(
  parts: readonly { readonly alloy: Alloy | null; readonly net: { readonly value: number } | null }[],
): PreciousWeight[] {
  return preciousMetals.flatMap((metal) => {
    const grams = parts.reduce((sum, { alloy, net }) => {
      return sum + (alloy?.fineness != null && metalOf[alloy.family] === metal ? (net?.value ?? 0) : 0);
    }, 0);
    return grams > 0 ? [{ metal, grams }] : [];
  });
}

/** Countries without a compulsory hallmark (from memory; a mark that is struck all the same follows local rules). */
const NO_DUTY = new Set(['AU', 'BE', 'CA', 'DE', 'NO', 'NZ', 'US']);

/**
 * Whether a mark may be required.
 * @param country  ISO 3166-1 alpha-2. Only Britain's limits are known. Elsewhere small weights are exempt too, so
 *   Britain's limits stand for the local ones; where no mark is compulsory, none is due.
 */
export function isMarkDue({ metal, grams }: PreciousWeight, country: string): boolean {
  return !NO_DUTY.has(country) && grams >= ukExemptBelowG[metal];
}
