// Whether a row need not be drawn again.
import { shallowEqual } from 'react-redux';

/** For `memo`: props are the same when they are identical or, for `problems`, when they say the same by path. */
export function sameProps<Props extends { readonly problems: Readonly<Record<string, string>> }>(
  before: Props,
  after: Props,
): boolean {
  const { problems: was, ...others } = before;
  const { problems: is, ...newOthers } = after;
  return shallowEqual(others, newOthers) && shallowEqual(was, is);
}
