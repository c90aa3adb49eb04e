// A handler that stays the same function while what it does changes: what takes it need not be drawn again.
import { useCallback, useLayoutEffect, useRef } from 'react';

/** @returns calls the handler of the latest drawing; for events alone, not while drawing */
export function useLatest<Args extends readonly unknown[]>(handler: (...args: Args) => void): (...args: Args) => void {
  const latest = useRef(handler);
  useLayoutEffect(() => {
    latest.current = handler;
  });
  return useCallback((...args: Args) => latest.current(...args), []);
}
