// Which items of the finder fit what is typed: every word must be in one, more or less.
import { defaultFilter } from 'cmdk';

/** Something that can be found. */
export interface FinderItem {
  /** The address, or `do:` and an action. */
  readonly to: string;
  readonly kind: string;
  readonly name: string;
  /** What else it is found by: customer, note, number. */
  readonly more: string;
  /** What is shown beside the name; left out: the kind. */
  readonly hint?: string;
  /** The id of its picture. */
  readonly photo?: string | undefined;
}

/** Items that are shown. */
const SHOWN = 40;
/** Beside a good match, weaker ones are chance: letters that happen to be in this order. */
const OF_THE_BEST = 0.02;

/**
 * The best items, the best first. Without words: the recent ones first, then all as they come.
 * @param recent  addresses, the latest first
 */
export function findMatches(
  items: readonly FinderItem[],
  typed: string,
  recent: readonly string[],
): readonly FinderItem[] {
  const words = typed.trim().split(/\s+/).filter(Boolean);
  const rank = new Map(recent.map((to, at) => [to, at]));
  if (words.length === 0)
    return items
      .toSorted((a, b) => (rank.get(a.to) ?? recent.length) - (rank.get(b.to) ?? recent.length))
      .slice(0, SHOWN);
  const scored = items
    .map((item) => ({ item, score: scoreOf(item, words) * (rank.has(item.to) ? 1.2 : 1) }))
    .toSorted((a, b) => b.score - a.score);
  const best = scored[0]?.score ?? 0;
  return scored
    .filter(({ score }) => score > 0 && score >= OF_THE_BEST * best)
    .slice(0, SHOWN)
    .map(({ item }) => item);
}

/** The least that any of the words fits; the name counts more than the rest. */
function scoreOf({ name, more, kind }: FinderItem, words: readonly string[]): number {
  return Math.min(
    ...words.map((word) => Math.max(defaultFilter(name, word), 0.6 * defaultFilter(more, word), 0.4 * defaultFilter(kind, word))), // prettier-ignore
  );
}
