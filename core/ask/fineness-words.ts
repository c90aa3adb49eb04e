// Which alloys a fineness beside the word of a metal names.
import type { Alloy } from '../metal/alloys.ts';
import { LineError } from './grammar.ts';

/** Finenesses that name a metal when they stand beside its word: 925 silver, 750 gold. */
const FINENESS = new Set([333, 375, 417, 585, 750, 800, 850, 900, 916, 925, 935, 950, 958, 960, 990, 999]);
const alloysByFineness: Readonly<
  Record<'silver' | 'platinum' | 'palladium', Readonly<Record<number, readonly string[]>>>
> = {
  silver: {
    925: ['silver-925'],
    935: ['silver-935-ge'],
    958: ['silver-958'],
    960: ['silver-960-ge'],
    999: ['silver-999'],
  },
  platinum: { 950: ['platinum-950-ru', 'platinum-950-ir', 'platinum-950-co'] },
  palladium: { 950: ['palladium-950-ru'] },
};
const metalWords: Readonly<Record<string, keyof typeof alloysByFineness | 'gold'>> = {
  silver: 'silver',
  sterling: 'silver',
  platinum: 'platinum',
  palladium: 'palladium',
  gold: 'gold',
  yellow: 'gold',
  white: 'gold',
  rose: 'gold',
  red: 'gold',
};
const karats: Readonly<Record<number, number>> = { 375: 9, 417: 10, 585: 14, 750: 18, 916: 22, 999: 24 };

/** One thing of a metal. `375 rings` are counted. */
const THING = /^(?:ring|bangle|pendant|casting|piece)$/;

/** Words that narrow an alloy, and the element of its composition that each names. */
const qualifiers: Readonly<Record<string, string>> = {
  ruthenium: 'Ru',
  iridium: 'Ir',
  cobalt: 'Co',
  germanium: 'Ge',
};

/** Alloys that a fineness names, first the likeliest, or the karat of a gold. */
export type ByFineness =
  { readonly ids: readonly string[]; readonly karat: null } | { readonly ids: null; readonly karat: number };

/**
 * What a number beside the words of a line names: 958 beside `silver`, 925 before `ring`.
 * @param before the word before it
 * @param after the word after it
 * @returns null when the number is no fineness of a metal beside it
 * @throws LineError when no alloy of the metal beside it has that fineness
 */
export function byFineness(fineness: number, before: string | undefined, after: string | undefined): ByFineness | null {
  if (after && THING.test(after)) return byNumber(fineness);
  const metal = FINENESS.has(fineness) && [before, after].map((word) => word && metalWords[word]).find(Boolean);
  if (!metal) return null;
  if (metal === 'gold') {
    const karat = karats[fineness];
    if (!karat) throw notInTheBook(metal, fineness, Object.keys(karats));
    return { ids: null, karat };
  }
  const ids = alloysByFineness[metal][fineness];
  if (!ids) throw notInTheBook(metal, fineness, Object.keys(alloysByFineness[metal]));
  return { ids, karat: null };
}

/** What a number alone names, beside no metal: 925 is a silver, 750 a gold. */
export function byNumber(fineness: number): ByFineness | null {
  const ids = alloysByFineness.silver[fineness];
  if (ids) return { ids, karat: null };
  const karat = karats[fineness];
  return karat === undefined ? null : { ids: null, karat };
}

/** The alloy that a word such as ruthenium narrows a metal to, or null. */
export function narrowed(alloys: readonly Alloy[], word: string): Alloy | null {
  const element = qualifiers[word];
  return (element && alloys.find(({ composition }) => (composition[element] ?? 0) > 0)) || null;
}

function notInTheBook(metal: string, fineness: number, known: readonly string[]): LineError {
  return new LineError(
    `The book has no ${metal} of ${String(fineness)}. It has ${known.join(', ')}; enter your own in Settings.`,
  );
}
