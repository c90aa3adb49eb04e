// Keys of the table, bound while a component is shown.
import { useEffect } from 'react';
import { bindKeys, type KeyActions } from '../keys/bind-keys.ts';
import { useLatest } from './use-latest.ts';

/** @param actions  the same keys each time */
export function useKeys(actions: KeyActions): void {
  const ids = Object.keys(actions).join(' ');
  const latest = useLatest((id: string, event: KeyboardEvent) => actions[id as keyof KeyActions]?.(event));
  useEffect(
    () => bindKeys(Object.fromEntries(ids.split(' ').map((id) => [id, (event: KeyboardEvent) => latest(id, event)]))),
    [ids, latest],
  );
}
