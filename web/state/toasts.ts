// Short messages at the foot of the screen, with the way to undo what they tell.
import { sharedValue, useShared } from './shared-value.ts';

export interface Toast {
  readonly id: number;
  readonly text: string;
  /** Undoes what was done, by a counter-entry; null where it cannot be undone. */
  readonly undo: (() => void) | null;
}

const toasts = sharedValue<readonly Toast[]>([]);
let made = 0;

/** Shows a message in place of the one before. */
export function showToast(text: string, undo: (() => void) | null = null): void {
  toasts.set([{ id: (made += 1), text, undo }]);
}

/** Takes a message away. */
export function dropToast(id: number): void {
  toasts.set(toasts.get().filter((toast) => toast.id !== id));
}

/** Undoes what the latest message told. @returns whether there was something to undo */
export function undoLatest(): boolean {
  const latest = toasts.get().findLast(({ undo }) => undo !== null);
  if (!latest) return false;
  dropToast(latest.id);
  latest.undo?.();
  return true;
}

export function useToasts(): readonly Toast[] {
  return useShared(toasts);
}
