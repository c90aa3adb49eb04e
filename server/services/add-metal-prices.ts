// Adds the metal prices of a day, typed or from a file.
import { type Fix, fixProblems, type NewFix } from '../../core/metal/fix.ts';
import type { Stores } from '../store/stores.ts';
import { refuseIssues } from './refuse.ts';

/** Adds metal prices, which hold for every cost from now on. @throws NotAcceptable when a price cannot be read */
export function addMetalPrices({ fixes }: Stores, fix: NewFix): Fix {
  refuseIssues(fixProblems(fix), 'These prices cannot be fixed yet.');
  return fixes.add(fix);
}

/** Adds the metal prices of a file, all or none. @throws NotAcceptable with the day whose price cannot be read */
export function addManyMetalPrices({ fixes, inTransaction }: Stores, days: readonly NewFix[]): Fix[] {
  days.forEach((fix, index) =>
    refuseIssues(
      fixProblems(fix).map(({ path, sentence }) => ({ path: `fixes.${String(index)}.${path}`, sentence })),
      `The fix of ${fix.on} can’t be saved, so none was saved.`,
    ),
  );
  return inTransaction(() => days.map((fix) => fixes.add(fix)));
}
