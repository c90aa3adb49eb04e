// A new version of the program that waits until the maker takes it.
import { useSyncExternalStore } from 'react';

let take: (() => void) | null = null;
const listeners = new Set<() => void>();

/** @param takeIt  takes the new version, which loads the page again */
export function announceUpdate(takeIt: () => void): void {
  take = takeIt;
  for (const listener of listeners) listener();
}

/** Takes the new version; null where there is none. */
export function useAppUpdate(): (() => void) | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => take,
  );
}
