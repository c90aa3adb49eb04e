// The menu of a row: move, remove. It stands in the margin, so that the columns keep their widths.
import { GripVertical } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { type KeyboardEvent, memo, useRef, useState } from 'react';
import { rowOf } from '../grid/cells.ts';
import { pickRow } from '../grid/picked-rows.ts';
import type { RowMoves } from '../hooks/use-row-moves.ts';
import { type KeyId, keyInWords } from '../keys/key-table.ts';
import { words } from '../words/components.ts';
import { words as gridWords } from '../words/grid.ts';
import { useHandle } from './sortable-rows.tsx';

interface RowToolsProps extends RowMoves {
  readonly name: string;
  readonly index: number;
  readonly last: number;
}

export const RowTools = memo(function RowTools({ name, index, last, onMove, onRemove }: RowToolsProps) {
  const [open, setOpen] = useState(false);
  const handle = useHandle();
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <button
        ref={button}
        type="button"
        // One of a table is reached by Tab; the arrows lead to the others.
        tabIndex={index === 0 ? 0 : -1}
        onKeyDown={toNextTool}
        className="row-tool chrome"
        aria-label={`Row actions for ${name}`}
        aria-haspopup="menu"
        aria-expanded={open}
        // A press may start a drag, so the menu waits for the click.
        onPointerDown={(event) => handle?.(event)}
        onClick={() => setOpen(true)}
      >
        <GripVertical size={17} />
      </button>
      {/* Rendered only when it is opened: a long piece has a hundred rows. */}
      {open && (
        <DropdownMenu.Root modal={false} open onOpenChange={setOpen}>
          <DropdownMenu.Trigger asChild>
            <span className="row-tool invisible h-[21px] w-[21px]" />
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content
              className="menu"
              align="start"
              sideOffset={2}
              onCloseAutoFocus={(event) => {
                event.preventDefault();
                button.current?.focus();
              }}
            >
              <Item label={gridWords.selectRow} of="pickRow" onSelect={() => pick(button.current)} />
              <Item label={words.moveUp} of="rowUp" disabled={index === 0} onSelect={() => onMove(index, -1)} />
              <Item label={words.moveDown} of="rowDown" disabled={index === last} onSelect={() => onMove(index, 1)} />
              <Item label={words.insertAbove} of="rowInsert" onSelect={() => onMove(index, 'insert')} />
              <Item label={words.duplicate} of="rowDuplicate" onSelect={() => onMove(index, 'duplicate')} />
              <Item label={words.delete} of="rowDelete" onSelect={() => onRemove(index)} />
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      )}
    </>
  );
});

function pick(button: HTMLElement | null): void {
  const row = button && rowOf(button);
  if (row) pickRow(row);
}

function toNextTool(event: KeyboardEvent<HTMLElement>): void {
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  if (by === 0 || event.altKey || event.shiftKey) return;
  const tools = [...(event.currentTarget.closest('table')?.querySelectorAll<HTMLElement>('.row-tool') ?? [])];
  const next = tools[tools.indexOf(event.currentTarget) + by];
  if (!next) return;
  event.preventDefault();
  next.focus();
}

function Item({
  label,
  of,
  disabled = false,
  onSelect,
}: {
  label: string;
  of: KeyId;
  disabled?: boolean;
  onSelect: () => void;
}) {
  return (
    <DropdownMenu.Item className="menu-item" disabled={disabled} onSelect={onSelect}>
      {label} <span className="aside">{keyInWords(of)}</span>
    </DropdownMenu.Item>
  );
}
