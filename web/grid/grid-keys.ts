// Selecting rows, filling down, copying and pasting in every table of fields.
import { bindKeys } from '../keys/bind-keys.ts';
import { showToast } from '../state/toasts.ts';
import { words } from '../words/grid.ts';
import { type Block, blockOf, blockOfTable, fillDown, headsOf, isBlock, tsvOf, writeBlock } from './blocks.ts';
import { cellsOf, columnOf, elementAt, rowOf, rowsAround } from './cells.ts';
import { startResize } from './column-widths.ts';
import { dropPicked, pickedRows, pickRow, pickTo } from './picked-rows.ts';

/** Listens on the whole page. @returns the function that ends it */
export function listenForGrids(): () => void {
  const unbind = bindKeys({
    pickRow: pickThis,
    pickDown: pickNext(1),
    pickUp: pickNext(-1),
    fillDown: fill,
    foldUp: dropPicked,
  });
  const on = { copy, paste: (event: ClipboardEvent) => void paste(event), pointerdown: press } as const;
  document.addEventListener('copy', on.copy);
  document.addEventListener('paste', on.paste);
  document.addEventListener('pointerdown', on.pointerdown);
  return () => {
    unbind();
    document.removeEventListener('copy', on.copy);
    document.removeEventListener('paste', on.paste);
    document.removeEventListener('pointerdown', on.pointerdown);
  };
}

/** The field that has the focus, and its row. */
function inHand(): { field: HTMLElement; row: HTMLElement } | null {
  const field = document.activeElement;
  const row = field instanceof HTMLElement ? rowOf(field) : null;
  return row && rowsAround(row).includes(row) ? { field: field as HTMLElement, row } : null;
}

// In a field where something was typed, Shift and Space type a space.
function pickThis(event: KeyboardEvent): void {
  const at = inHand();
  if (!at || (at.field instanceof HTMLInputElement && at.field.type === 'text' && !isAllSelected(at.field))) return;
  event.preventDefault();
  pickRow(at.row);
}

function isAllSelected({ value, selectionStart, selectionEnd }: HTMLInputElement): boolean {
  return selectionStart === 0 && selectionEnd === value.length;
}

function pickNext(by: 1 | -1) {
  return (event: KeyboardEvent) => {
    const at = inHand();
    if (!at || at.field instanceof HTMLTextAreaElement) return;
    const rows = rowsAround(at.row);
    const next = rows[rows.indexOf(at.row) + by];
    event.preventDefault();
    if (!next || next.matches('.blank-row')) {
      pickTo(at.row);
      return;
    }
    pickTo(next, at.row);
    (elementAt(next, Math.max(0, columnOf(at.row, at.field))) ?? elementAt(next, 0))?.focus();
  };
}

function fill(event: KeyboardEvent): void {
  const at = inHand();
  if (!at) return;
  event.preventDefault();
  const column = Math.max(0, columnOf(at.row, at.field));
  const picked = pickedRows();
  if (picked.length > 1) {
    fillDown(picked, column);
    return;
  }
  const rows = rowsAround(at.row);
  const above = rows[rows.indexOf(at.row) - 1];
  if (above && !at.row.matches('.blank-row')) fillDown([above, at.row], column);
}

/** The rows that were copied last: pasted into such a table again they go to the same fields, whatever is beside them. */
let copied: { readonly text: string; readonly heads: string; readonly cells: Block } | null = null;

/** The selected rows as a spreadsheet pastes them; null where none is selected. */
function takeCopy(): string | null {
  const rows = pickedRows();
  const table = rows[0]?.closest('table');
  if (!table) return null;
  const text = tsvOf(blockOfTable(table, rows));
  copied = { text, heads: headsOf(table).join(), cells: rows.map((row) => cellsOf(row).map((cell) => cell.text)) };
  showToast(words.copied);
  return text;
}

function copy(event: ClipboardEvent): void {
  const text = event.defaultPrevented ? null : takeCopy();
  if (text === null) return;
  event.preventDefault();
  event.clipboardData?.setData('text/plain', text);
}

/** Copies the selected rows. */
export function copyPicked(): void {
  const text = takeCopy();
  if (text !== null) void navigator.clipboard.writeText(text);
}

async function paste(event: ClipboardEvent): Promise<void> {
  const text = event.clipboardData?.getData('text/plain') ?? '';
  const at = inHand();
  if (event.defaultPrevented || !at || !isBlock(text) || at.field instanceof HTMLTextAreaElement) return;
  event.preventDefault();
  const table = at.row.closest('table');
  const rows = table && copied?.text === text && copied.heads === headsOf(table).join() ? copied.cells : null;
  const block = rows ?? withoutHeads((await blockOf(text)) ?? [], table);
  const inRow = rows && elementAt(at.row, 0);
  const field = inRow ?? (at.field.isConnected ? at.field : document.activeElement);
  if (block.length === 0 || !field) return;
  const left = writeBlock(field, block, rows !== null);
  if (left > 0) showToast(`${String(left)} ${left === 1 ? words.rowDidNotFit : words.rowsDidNotFit}`);
}

/** Rows copied in another window have the heads of this very table above them. */
function withoutHeads(block: Block, table: HTMLTableElement | null): Block {
  const [first = []] = block;
  const heads = table ? headsOf(table).filter(Boolean) : [];
  return heads.length > 1 && first.join() === heads.join() ? block.slice(1) : block;
}

function press(event: PointerEvent): void {
  const { target } = event;
  if (!(target instanceof Element) || startResize(event)) return;
  if (target.closest('.picked-bar, [role=menu]')) return;
  const row = rowOf(target);
  if (event.shiftKey && row && rowsAround(row).includes(row)) {
    event.preventDefault();
    const at = inHand();
    pickTo(row, at && at.row.closest('table') === row.closest('table') ? at.row : row);
  } else if (pickedRows().length > 0 && !(row && pickedRows().includes(row))) dropPicked();
}
