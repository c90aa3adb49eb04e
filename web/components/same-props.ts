// Compares the props of a row.
import { shallowEqual } from 'react-redux';

/**
 * For `memo`: props are equal when they are identical or, for `problems`, when they hold the same sentences by path.
 */
export function sameProps<Props extends { readonly problems: Readonly<Record<string, string>> }>(
  before: Props,
  after: Props,
): boolean {
  const { problems: was, ...others } = before;
  const { problems: is, ...newOthers } = after;
  return shallowEqual(others, newOthers) && shallowEqual(was, is);
}
