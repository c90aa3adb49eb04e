// The figures of two lines side by side, and the difference of the main ones.
import { computed, type Figure, inSum, renamed } from '../figure/figure.ts';

/** Figures of each line that are compared. */
const COMPARED = 2;

/** One of two lines. */
interface Side {
  readonly label: string;
  readonly figures: readonly Figure[];
}

/** Figures that differ first; the difference before or behind them. */
export function comparedFigures(sides: readonly Side[], isDifferenceAsked: boolean): Figure[] {
  const [first, second] = sides;
  if (!first || !second) return [];
  const pairs = first.figures.flatMap((figure, at) => {
    const other = second.figures[at];
    return other ? [[figure, other] as const] : [];
  });
  const isSame = ([one, other]: readonly [Figure, Figure]) => one.value === other.value;
  const compared = [...pairs.filter((pair) => !isSame(pair)), ...pairs.filter(isSame)]
    .slice(0, COMPARED)
    .flatMap(([one, other]) => [renamed(one, `${first.label}: ${one.label}`), renamed(other, `${second.label}: ${other.label}`)]); // prettier-ignore
  const between = difference(compared);
  return isDifferenceAsked ? [...between, ...compared] : [...compared, ...between];
}

function difference([one, other]: readonly Figure[]): Figure[] {
  if (one?.unit !== other?.unit || !one || !other || one.value === other.value) return [];
  const [large, small] = one.value > other.value ? [one, other] : [other, one];
  const how = `${inSum(large.value)} − ${inSum(small.value)}`;
  return [computed('difference', large.value - small.value, one.unit, how, [large, small])];
}
