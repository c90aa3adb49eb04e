// Short messages at the foot of the screen, with the way to undo what they tell.
import { useSyncExternalStore } from 'react';

export interface Toast {
  readonly id: number;
  readonly text: string;
  /** Undoes what was done, by a counter-entry; null where it cannot be undone. */
  readonly undo: (() => void) | null;
}

let toasts: readonly Toast[] = [];
let made = 0;
const listeners = new Set<() => void>();

function change(next: readonly Toast[]): void {
  toasts = next;
  for (const listener of listeners) listener();
}

/** Shows a message in place of the one before. */
export function showToast(text: string, undo: (() => void) | null = null): void {
  change([{ id: (made += 1), text, undo }]);
}

/** Takes a message away. */
export function dropToast(id: number): void {
  change(toasts.filter((toast) => toast.id !== id));
}

/** Undoes what the latest message told. @returns whether there was something to undo */
export function undoLatest(): boolean {
  const latest = toasts.findLast(({ undo }) => undo !== null);
  if (!latest) return false;
  dropToast(latest.id);
  latest.undo?.();
  return true;
}

export function useToasts(): readonly Toast[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => toasts,
  );
}
