// A modal dialog: a question that needs an answer before anything else.
import { Dialog as RadixDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { words } from '../words/components.ts';

interface SheetProps {
  readonly title: string;
  readonly description: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children?: ReactNode;
  readonly wide?: boolean;
  /** The button that does it, beside Cancel. */
  readonly confirm?: { readonly label: string; readonly onConfirm: () => void; readonly isOff?: boolean };
}

export function ModalDialog({ title, description, open, onClose, children, wide, confirm }: SheetProps) {
  return (
    <RadixDialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <RadixDialog.Portal>
        <RadixDialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <RadixDialog.Content
          className="fixed top-[12vh] left-1/2 z-50 max-h-[80vh] w-[min(92vw,var(--w))] -translate-x-1/2 overflow-y-auto rounded bg-page p-6 shadow-xl"
          style={{ '--w': wide ? '860px' : '480px' } as React.CSSProperties}
        >
          <RadixDialog.Title className="text-[20px] font-bold">{title}</RadixDialog.Title>
          <RadixDialog.Description className="mt-1 text-[15px] text-soft">{description}</RadixDialog.Description>
          {children}
          {confirm && (
            <div className="mt-5 flex justify-end gap-3">
              <button type="button" className="button button-quiet" onClick={onClose}>
                {words.cancel}
              </button>
              <button type="button" className="button" disabled={confirm.isOff} onClick={confirm.onConfirm}>
                {confirm.label}
              </button>
            </div>
          )}
        </RadixDialog.Content>
      </RadixDialog.Portal>
    </RadixDialog.Root>
  );
}
