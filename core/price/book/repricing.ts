// Which prices follow the studio's rule when a piece is saved as a new version.
import type { Priced } from '../piece/standing.ts';

/** Whether a price follows the rule: one set by hand does not, one made by the rule or none at all does. */
export function followsRule(last: Pick<Priced, 'how'> | null): boolean {
  return last === null || last.how === 'accepted' || last.how === 'fix';
}
