// A new version of the program that waits until the maker takes it.
import { sharedValue, useShared } from './shared-value.ts';

const take = sharedValue<(() => void) | null>(null);

/** @param takeIt  takes the new version, which loads the page again */
export function announceUpdate(takeIt: () => void): void {
  take.set(takeIt);
}

/** Takes the new version; null where there is none. */
export function useAppUpdate(): (() => void) | null {
  return useShared(take);
}
