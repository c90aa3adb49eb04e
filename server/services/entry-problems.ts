// What no entry may be, since it would be used silently ever after: of a day to come, or in a foreign currency.
import { NotThere } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { acceptedStudio } from './basis.ts';

/** An issue at a field. */
interface Problem {
  readonly path: string;
  readonly sentence: string;
}

/** Tomorrow is let in: it may have begun where the page is. */
export function dayProblems({ fixes }: Pick<Stores, 'fixes'>, on: string): Problem[] {
  return on > fixes.tomorrow() ? [{ path: 'on', sentence: 'This day is still to come.' }] : [];
}

/** Money of the studio is in one currency. */
export function foreignProblems(stores: Stores, { currency }: { readonly currency: string }): Problem[] {
  const own = currencyOf(stores);
  if (own === null || own === currency) return [];
  return [{ path: 'currency', sentence: `This is in ${currency}. The studio counts in ${own}.` }];
}

/** @returns null before the first run */
function currencyOf(stores: Stores): string | null {
  try {
    return acceptedStudio(stores).currency;
  } catch (error) {
    if (error instanceof NotThere) return null;
    throw error;
  }
}
