// A row of a table written in place. Only the row in hand has real fields; the others show the same words as light text,
// since a browser keeps layers of its own for every text field and paints all of them at each key.
import { createContext, useContext, useState, type FocusEvent, type KeyboardEvent, type ReactNode } from 'react';

const InHand = createContext(true);

interface RowProps {
  readonly className?: string | undefined;
  readonly onKeyDown?: (event: KeyboardEvent) => void;
  /** Whether it may be dragged to another place. */
  readonly isSortable?: boolean;
  /** Called when the hand has left the row. */
  readonly onLeave?: () => void;
  /** Takes the row's real height, where only those in sight are drawn. */
  readonly innerRef?: (row: HTMLTableSectionElement | null) => void;
  readonly index?: number;
  readonly children: ReactNode;
}

export function RowBody({ className, onKeyDown, isSortable, onLeave, innerRef, index, children }: RowProps) {
  const [focused, setFocused] = useState(false);
  const [pointed, setPointed] = useState(false);
  return (
    <tbody
      ref={innerRef}
      data-index={index}
      role="rowgroup"
      data-sortable={isSortable ? '' : undefined}
      className={className}
      onKeyDown={onKeyDown}
      onFocus={() => setFocused(true)}
      onBlur={(event: FocusEvent) => {
        if (event.currentTarget.contains(event.relatedTarget)) return;
        setFocused(false);
        onLeave?.();
      }}
      onPointerEnter={() => setPointed(true)}
      onPointerLeave={({ pointerType }) => {
        // A finger leaves before its tap is told: the field it tapped has to stay.
        if (pointerType === 'mouse') setPointed(false);
      }}
    >
      <InHand value={focused || pointed}>{children}</InHand>
    </tbody>
  );
}

/** Whether what is written here can be written in now; always, outside of rows. */
export function useInHand(): boolean {
  return useContext(InHand);
}
