// The rows of a table that are selected together.
import { useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';
import { asOneStep } from '../state/one-step.ts';
import { deedsOf, rowsAround } from './cells.ts';

interface Picked {
  /** Where the selection started. */
  readonly anchor: HTMLElement | null;
  readonly rows: readonly HTMLElement[];
}

const none: Picked = { anchor: null, rows: [] };
let picked = none;
const listeners = new Set<() => void>();

function change(next: Picked): void {
  for (const row of picked.rows) delete row.dataset['picked'];
  for (const row of next.rows) row.dataset['picked'] = '';
  picked = next;
  for (const listener of listeners) listener();
}

/** The selected rows that are still on the page, from above. */
export function pickedRows(): readonly HTMLElement[] {
  return picked.rows.filter(({ isConnected }) => isConnected);
}

/** Selects one row, or takes the selection away where it was the only one. */
export function pickRow(row: HTMLElement): void {
  change(picked.rows.length === 1 && picked.rows[0] === row ? none : { anchor: row, rows: [row] });
}

/** Selects the rows from the start of the selection to this one. @param from  where it starts if there is none */
export function pickTo(row: HTMLElement, from: HTMLElement = row): void {
  const rows = rowsAround(row);
  const anchor = picked.anchor && rows.includes(picked.anchor) ? picked.anchor : from;
  const [start = 0, end = 0] = [rows.indexOf(anchor), rows.indexOf(row)].sort((a, b) => a - b);
  change({ anchor, rows: rows.slice(start, end + 1) });
}

export function dropPicked(): void {
  if (picked !== none) change(none);
}

/** Whether the selected rows can be deleted. */
export function canDelete(): boolean {
  return pickedRows().some((row) => deedsOf(row) !== undefined);
}

/** Deletes the selected rows, as one step of Undo. */
export function deletePicked(): void {
  // From below, so that the places of the others stay.
  asOneStep(() => {
    for (const row of pickedRows().toReversed()) flushSync(() => deedsOf(row)?.remove());
  });
  dropPicked();
}

/** Number of selected rows. */
export function usePickedCount(): number {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => picked.rows.length,
  );
}
