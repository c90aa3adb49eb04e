// Fewer different patterns: two bars exchange pieces so that one gets a pattern that another bar has already. Cost and
// metal stay as they are.
import { consumedBy, type IndexedBars, type Pattern, takenBy } from './indexed-bars.ts';

const keyOf = ({ stock, cuts }: Pattern) => `${String(stock)}: ${cuts.join()}`;

/** @returns bars that make the same pieces of the same stock with no more metal, and no more different patterns */
export function fewerPatterns(bars: IndexedBars, patterns: readonly Pattern[]): readonly Pattern[] {
  const rows = [...patterns];
  const counts = new Map<string, number>();
  const count = (pattern: Pattern, by: number) => {
    const key = keyOf(pattern);
    const now = (counts.get(key) ?? 0) + by;
    if (now > 0) counts.set(key, now);
    else counts.delete(key);
  };
  for (const row of rows) count(row, 1);
  for (let isBetter = true; isBetter;) isBetter = exchangeOnce();
  return rows;

  function exchangeOnce(): boolean {
    for (let one = 0; one < rows.length; one += 1)
      for (let other = 0; other < rows.length; other += 1) {
        const [a, b] = [rows[one], rows[other]];
        // Bars with a pattern of their own are worth a change.
        if (!a || !b || one === other || counts.get(keyOf(a)) !== 1 || keyOf(a) === keyOf(b)) continue;
        for (const wanted of rows) {
          const made = wanted.stock === a.stock ? exchanged(bars, a, b, wanted) : null;
          if (made && swap(one, other, made)) return true;
        }
      }
    return false;
  }

  function swap(one: number, other: number, made: readonly [Pattern, Pattern]): boolean {
    const before = counts.size;
    const was = [rows[one], rows[other]];
    for (const row of was) if (row) count(row, -1);
    for (const row of made) count(row, 1);
    if (counts.size < before) {
      [rows[one], rows[other]] = made;
      return true;
    }
    for (const row of made) count(row, -1);
    for (const row of was) if (row) count(row, 1);
    return false;
  }
}

/** The first bar gets a wanted pattern, the second the other pieces of both; null where that needs more. */
function exchanged(bars: IndexedBars, a: Pattern, b: Pattern, wanted: Pattern): readonly [Pattern, Pattern] | null {
  const rest = wanted.cuts.map((cuts, piece) => (a.cuts[piece] ?? 0) + (b.cuts[piece] ?? 0) - cuts);
  if (rest.some((cuts) => cuts < 0) || rest.every((cuts) => cuts === 0)) return null;
  if (takenBy(bars, rest) > (bars.stock[b.stock]?.room ?? 0)) return null;
  const [first, second] = [
    { stock: a.stock, cuts: wanted.cuts },
    { stock: b.stock, cuts: rest },
  ];
  const metal = (pair: readonly Pattern[]) => pair.reduce((sum, pattern) => sum + consumedBy(bars, pattern), 0);
  return metal([first, second]) <= metal([a, b]) ? [first, second] : null;
}
