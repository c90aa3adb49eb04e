// Adds the metal prices of a day, typed or from a file.
import { type Fix, fixProblems, type NewFix } from '../../core/metal/fix.ts';
import type { Stores } from '../store/stores.ts';
import { dayProblems, foreignProblems } from './entry-problems.ts';
import { refuseIssues } from './refuse.ts';

/**
 * Adds metal prices, which hold for every cost from now on.
 * @throws NotAcceptable when a price cannot be read, is of a day to come or in another currency than the studio's
 */
export function addMetalPrices(stores: Stores, fix: NewFix): Fix {
  refuseIssues(problemsOf(stores, fix), 'These prices cannot be fixed yet.');
  return stores.fixes.add(fix);
}

/** Adds the metal prices of a file, all or none. @throws NotAcceptable with the day whose price cannot be used */
export function addManyMetalPrices(stores: Stores, days: readonly NewFix[]): Fix[] {
  days.forEach((fix, index) =>
    refuseIssues(
      problemsOf(stores, fix).map(({ path, sentence }) => ({ path: `fixes.${String(index)}.${path}`, sentence })),
      `The fix of ${fix.on} can’t be saved, so none was saved.`,
    ),
  );
  return stores.inTransaction(() => days.map((fix) => stores.fixes.add(fix)));
}

function problemsOf(stores: Stores, fix: NewFix) {
  return [...fixProblems(fix), ...foreignProblems(stores, fix), ...dayProblems(stores, fix.on)];
}
