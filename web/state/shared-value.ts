// A value that parts of the page share outside of the store: what is on the screen now, gone after a reload.
import { useSyncExternalStore } from 'react';

export interface SharedValue<Value> {
  readonly get: () => Value;
  readonly set: (next: Value) => void;
  /** @returns the function that ends it */
  readonly listen: (listener: () => void) => () => void;
}

export function sharedValue<Value>(initial: Value): SharedValue<Value> {
  let value = initial;
  const listeners = new Set<() => void>();
  return {
    get: () => value,
    set: (next) => {
      value = next;
      for (const listener of listeners) listener();
    },
    listen: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

/** The value, drawn again when it changes. */
export function useShared<Value>({ listen, get }: SharedValue<Value>): Value {
  return useSyncExternalStore(listen, get);
}
