// Which prices follow the studio's rule when a piece is saved as a new version.
import type { Priced } from '../piece/standing.ts';

/** A price set by hand stays as it was set; one made by the rule, or none, follows the rule. */
export function followsRule(last: Pick<Priced, 'how'> | null): boolean {
  return last === null || last.how === 'accepted' || last.how === 'fix';
}
