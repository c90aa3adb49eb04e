// Shows short messages, with Undo.
import { Toast } from 'radix-ui';
import { keyInWords } from '../keys/key-table.ts';
import { dropToast, useToasts } from '../state/toasts.ts';
import { words } from '../words/toasts.ts';

/** ms that a message stays; it waits while the pointer or the focus is on it. */
const STAYS_MS = 10_000;

export function Toaster() {
  const toasts = useToasts();
  return (
    <Toast.Provider duration={STAYS_MS} label={words.message}>
      {toasts.map(({ id, text, undo }) => (
        <Toast.Root key={id} className="toast" onOpenChange={(open) => !open && dropToast(id)}>
          <Toast.Description className="min-w-0 flex-1">{text}</Toast.Description>
          {undo && (
            <Toast.Action altText={`${words.undo}: ${keyInWords('undo')}`} asChild>
              <button type="button" className="link min-h-[44px] font-semibold" onClick={undo}>
                {words.undo}
              </button>
            </Toast.Action>
          )}
          <Toast.Close className="link min-h-[44px]">{words.close}</Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport className="toasts chrome" />
    </Toast.Provider>
  );
}
