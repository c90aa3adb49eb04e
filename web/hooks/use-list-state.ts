// Search, filters and order of a list. They stand in the address, so that Back restores them and a link shows the same;
// order and filters are remembered on this device as well.
import { useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { remember, remembered } from '../state/remembered.ts';

/** ms after the last change until the address takes it: it is typed in. */
const WRITE_AFTER_MS = 350;

type ListState = Readonly<Record<string, string>>;

/**
 * @param list        names the list on this device
 * @param usual       the state without any choice; pass the same object each time
 * @param rememberedFields  fields that are remembered; a search is not, or pieces would seem to be gone
 */
export function useListState<State extends ListState>(
  list: string,
  usual: State,
  rememberedFields: readonly (keyof State & string)[],
): readonly [State, (next: State) => void] {
  const [params, setParams] = useSearchParams();
  const { pathname } = useLocation();
  const [state, setState] = useState<State>(() => {
    const inAddress = Object.fromEntries(Object.keys(usual).flatMap((key) => (params.has(key) ? [[key, params.get(key)]] : []))); // prettier-ignore
    const otherwise = Object.keys(inAddress).length > 0 ? {} : stored(list, rememberedFields);
    return { ...usual, ...otherwise, ...inAddress };
  });
  const writing = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(writing.current), []);
  const change = (next: State) => {
    setState(next);
    remember(keyOf(list), Object.fromEntries(rememberedFields.map((key) => [key, next[key]])));
    clearTimeout(writing.current);
    writing.current = setTimeout(() => {
      // While the next screen loads, this one still stands: a write would take the browser back to it.
      if (window.location.pathname !== pathname) return;
      setParams((before) => withState(before, next, usual), { replace: true });
    }, WRITE_AFTER_MS);
  };
  return [state, change];
}

/** The address with a list's state; what is usual is left out. */
function withState(before: URLSearchParams, state: ListState, usual: ListState): URLSearchParams {
  const next = new URLSearchParams(before);
  for (const [key, value] of Object.entries(state)) {
    if (value === usual[key]) next.delete(key);
    else next.set(key, value);
  }
  return next;
}

const keyOf = (list: string) => `noon-list-${list}`;

function stored(list: string, names: readonly string[]): ListState {
  const read = remembered(keyOf(list));
  if (typeof read !== 'object' || read === null) return {};
  return Object.fromEntries(
    Object.entries(read).filter(([key, value]) => names.includes(key) && typeof value === 'string'),
  );
}
