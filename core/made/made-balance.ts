// Where finished pieces are, and what became of all that were made.
import type { Grade, MadeEntry } from './made-entry.ts';
import { holdsPieces, type MadeOutside, madeOutside, type MadePlace } from './made-place.ts';

/** Pieces of one item and grade at a place. */
export interface MadeBalance {
  readonly place: MadePlace;
  readonly item: string;
  readonly grade: Grade;
  readonly count: number;
}

/** Balances over entries, places outside included; empty ones are left out. @param until  ISO day, its end */
export function madeBalances(entries: readonly MadeEntry[], until = '9999-12-31'): MadeBalance[] {
  const sums = new Map<string, MadeBalance>();
  for (const entry of entries) {
    if (entry.on > until) continue;
    for (const { place, item, grade, count } of entry.lines) {
      const key = `${place}\n${item}\n${grade}`;
      sums.set(key, { place, item, grade, count: count + (sums.get(key)?.count ?? 0) });
    }
  }
  return [...sums.values()].filter(({ count }) => count !== 0);
}

/** Pieces that a line adds to the places that hold pieces. */
export const countHeld = ({ place, count }: Pick<MadeBalance, 'place' | 'count'>) => (holdsPieces(place) ? count : 0);

/** What became of an item: made + opening + counted = held + sold + melted + given + lost. */
export type MadeStatement = Readonly<Record<MadeOutside, number>> & { readonly item: string; readonly held: number };

/** The statement of each item at the end of a day. */
export function madeStatements(balances: readonly MadeBalance[]): MadeStatement[] {
  return [...new Set(balances.map(({ item }) => item))].map((item) => {
    const own = balances.filter((one) => one.item === item);
    const at = (isThere: (place: MadePlace) => boolean) =>
      own.reduce((sum, { place, count }) => sum + (isThere(place) ? count : 0), 0);
    const outside = Object.fromEntries(
      madeOutside.map((place) => {
        const sum = at((one) => one === place);
        return [place, place === 'made' || place === 'opening' || place === 'counted' ? -sum || 0 : sum];
      }),
    ) as Record<MadeOutside, number>;
    return { ...outside, item, held: at(holdsPieces) };
  });
}

/** Pieces that have lain long: in good grade, at a place, oldest making first. */
export interface LyingPieces extends MadeBalance {
  /** ISO day the oldest of them came in. */
  readonly since: string;
}

/** Pieces held whose oldest came in before a day. First made is first sold. */
export function lyingSince(entries: readonly MadeEntry[], day: string): LyingPieces[] {
  const held = madeBalances(entries).filter(({ place, grade }) => holdsPieces(place) && grade === 'good');
  const came = new Map<string, { on: string; count: number }[]>();
  for (const { on, lines } of entries)
    for (const { place, item, count } of lines)
      if ((place === 'made' || place === 'opening') && count < 0)
        came.set(item, [...(came.get(item) ?? []), { on, count: -count }]);
  return held
    .flatMap((balance): LyingPieces[] => {
      // The youngest pieces are still there: going back from the last, the held ones are reached at the oldest of them.
      const batches = (came.get(balance.item) ?? []).toSorted((a, b) => b.on.localeCompare(a.on));
      let left = held.filter(({ item }) => item === balance.item).reduce((sum, { count }) => sum + count, 0);
      for (const { on, count } of batches) {
        left -= count;
        if (left <= 0) return on < day ? [{ ...balance, since: on }] : [];
      }
      return [];
    })
    .sort((a, b) => a.since.localeCompare(b.since));
}

/** Whole mg of metal in the pieces at each place, most first; pieces whose metal is not known add nothing. */
export function metalByPlace(
  held: readonly MadeBalance[],
  mgOf: ReadonlyMap<string, { readonly mg: Readonly<Record<string, number>> }>,
): { readonly place: MadePlace; readonly mg: number }[] {
  const sums = new Map<MadePlace, number>();
  for (const { place, item, count } of held) {
    const each = Object.values(mgOf.get(item)?.mg ?? {}).reduce((sum, mg) => sum + mg, 0);
    if (holdsPieces(place) && each > 0) sums.set(place, (sums.get(place) ?? 0) + each * count);
  }
  return [...sums].map(([place, mg]) => ({ place, mg })).sort((a, b) => b.mg - a.mg);
}
