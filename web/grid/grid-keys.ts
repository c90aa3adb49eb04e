// Selecting rows, filling down, copying and pasting in every table of fields.
import { bindKeys } from '../keys/bind-keys.ts';
import { showToast } from '../state/toasts.ts';
import { words } from '../words/grid.ts';
import { type Block, blockOf, blockOfTable, fillDown, headText, isBlock, tsvOf, writeBlock } from './blocks.ts';
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

function copy(event: ClipboardEvent): void {
  const rows = pickedRows();
  const table = rows[0]?.closest('table');
  if (!table || event.defaultPrevented) return;
  event.preventDefault();
  event.clipboardData?.setData('text/plain', tsvOf(blockOfTable(table, rows)));
  // Rows pasted into such a table again go to the same fields, whatever is shown beside them.
  const own: OwnRows = { heads: headsOf(table), cells: rows.map((row) => cellsOf(row).map(({ text }) => text)) };
  event.clipboardData?.setData(OWN_TYPE, JSON.stringify(own));
  showToast(words.copied);
}

/** Copies the selected rows. */
export function copyPicked(): void {
  const rows = pickedRows();
  const table = rows[0]?.closest('table');
  if (table) void navigator.clipboard.writeText(tsvOf(blockOfTable(table, rows))).then(() => showToast(words.copied));
}

async function paste(event: ClipboardEvent): Promise<void> {
  const text = event.clipboardData?.getData('text/plain') ?? '';
  const at = inHand();
  if (event.defaultPrevented || !at || !isBlock(text) || at.field instanceof HTMLTextAreaElement) return;
  event.preventDefault();
  const own = ownRows(event.clipboardData?.getData(OWN_TYPE) ?? '', at.row);
  const first = own && elementAt(at.row, 0);
  const block = own?.cells ?? (await blockOf(text));
  const field = first ?? (at.field.isConnected ? at.field : document.activeElement);
  if (!block || !field) return;
  const left = writeBlock(field, block, own !== null);
  if (left > 0) showToast(`${String(left)} ${left === 1 ? words.rowDidNotFit : words.rowsDidNotFit}`);
}

const OWN_TYPE = 'application/x-noon-rows';

interface OwnRows {
  readonly heads: string;
  readonly cells: Block;
}

/** Rows copied from a table with the same columns. */
function ownRows(text: string, row: HTMLElement): OwnRows | null {
  const table = row.closest('table');
  if (!text || !table) return null;
  const own = JSON.parse(text) as OwnRows;
  return own.heads === headsOf(table) ? own : null;
}

function headsOf(table: HTMLTableElement): string {
  return [...(table.tHead?.rows[0]?.cells ?? [])].map(headText).join('|');
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
