// Metal prices of a day, typed or read from a file.
import { fixProblems, type Fix, type NewFix } from '../../core/metal/fix.ts';
import type { Stores } from '../store/stores.ts';
import { refuseIssues } from './refuse.ts';

/** Adds metal prices, at which everything is costed from now on. @throws NotAcceptable when a price cannot be read */
export function addMetalPrices({ fixes }: Stores, fix: NewFix): Fix {
  refuseIssues(fixProblems(fix), 'These prices cannot be fixed yet.');
  return fixes.add(fix);
}

/** Adds the metal prices of a file together. @throws NotAcceptable, saying which day, when one cannot be read */
export function addManyMetalPrices({ fixes, inTransaction }: Stores, days: readonly NewFix[]): Fix[] {
  days.forEach((fix, index) =>
    refuseIssues(
      fixProblems(fix).map(({ path, sentence }) => ({ path: `fixes.${String(index)}.${path}`, sentence })),
      `The fix of ${fix.on} cannot be kept, so none of them is.`,
    ),
  );
  return inTransaction(() => days.map((fix) => fixes.add(fix)));
}
