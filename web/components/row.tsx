// A row of a table edited in place. Only the active row has real fields; the others show the same text, since a browser
// keeps a layer for every text field and paints all of them at each key.
import { createContext, type FocusEvent, type KeyboardEvent, type ReactNode, useContext, useState } from 'react';

const InHand = createContext(true);

interface RowProps {
  /** Where an address leads to the row. */
  readonly id?: string;
  readonly className?: string | undefined;
  readonly onKeyDown?: (event: KeyboardEvent) => void;
  /** Whether the row can be dragged to another place. */
  readonly isSortable?: boolean;
  /** Called when focus and pointer have left the row. */
  readonly onLeave?: () => void;
  /** Receives the row's height, where only visible rows are rendered. */
  readonly innerRef?: (row: HTMLTableSectionElement | null) => void;
  readonly index?: number;
  readonly children: ReactNode;
}

export function RowBody({ id, className, onKeyDown, isSortable, onLeave, innerRef, index, children }: RowProps) {
  const [focused, setFocused] = useState(false);
  const [pointed, setPointed] = useState(false);
  return (
    <tbody
      id={id}
      ref={innerRef}
      data-index={index}
      data-row=""
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
        // A finger leaves before its tap is reported: the field it tapped has to stay.
        if (pointerType === 'mouse') setPointed(false);
      }}
    >
      <InHand value={focused || pointed}>{children}</InHand>
    </tbody>
  );
}

/** Whether fields are active here; always true outside of rows. */
export function useInHand(): boolean {
  return useContext(InHand);
}
