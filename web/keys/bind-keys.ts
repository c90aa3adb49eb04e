// Binds keys of the table to what they do.
import { createKeybindingsHandler, tinykeys } from 'tinykeys';
import { type KeyId, keyTable } from './key-table.ts';

/** What keys do, by their action. */
export type KeyActions = Partial<Readonly<Record<KeyId, (event: KeyboardEvent) => void>>>;

/** Binds keys to the whole page. @returns the function that releases them */
export function bindKeys(actions: KeyActions): () => void {
  return tinykeys(window, handlersOf(actions));
}

/** A listener for the keys of one element, such as a row. */
export function keysOf(actions: KeyActions): (event: KeyboardEvent) => void {
  return createKeybindingsHandler(handlersOf(actions));
}

function handlersOf(actions: KeyActions): Record<string, (event: KeyboardEvent) => void> {
  return Object.fromEntries(
    (Object.keys(actions) as KeyId[]).flatMap((id) => {
      const { press, whileTyping = false } = keyTable[id] as { press: readonly string[]; whileTyping?: boolean };
      const handler = (event: KeyboardEvent) => {
        if (event.defaultPrevented || (!whileTyping && isTyping(event.target))) return;
        actions[id]?.(event);
      };
      return press.map((one) => [one, handler]);
    }),
  );
}

/** Whether a key types something where the focus is. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof Element && target.closest('input, select, textarea, [contenteditable], [role=menu]') !== null
  );
}
