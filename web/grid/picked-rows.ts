// The rows of a table that are selected together.
import { flushSync } from 'react-dom';
import { asOneStep } from '../state/one-step.ts';
import { sharedValue, useShared } from '../state/shared-value.ts';
import { removerOf, rowsAround } from './cells.ts';

interface Picked {
  /** Where the selection started. */
  readonly anchor: HTMLElement | null;
  readonly rows: readonly HTMLElement[];
}

const none: Picked = { anchor: null, rows: [] };
const picked = sharedValue(none);

function change(next: Picked): void {
  for (const row of picked.get().rows) delete row.dataset['picked'];
  for (const row of next.rows) row.dataset['picked'] = '';
  picked.set(next);
}

/** The selected rows that are still on the page, from above. */
export function pickedRows(): readonly HTMLElement[] {
  return picked.get().rows.filter(({ isConnected }) => isConnected);
}

/** Selects one row, or takes the selection away where it was the only one. */
export function pickRow(row: HTMLElement): void {
  const { rows } = picked.get();
  change(rows.length === 1 && rows[0] === row ? none : { anchor: row, rows: [row] });
}

/** Selects the rows from the start of the selection to this one. @param from  where it starts if there is none */
export function pickTo(row: HTMLElement, from: HTMLElement = row): void {
  const rows = rowsAround(row);
  const { anchor: before } = picked.get();
  const anchor = before && rows.includes(before) ? before : from;
  const [start = 0, end = 0] = [rows.indexOf(anchor), rows.indexOf(row)].sort((a, b) => a - b);
  change({ anchor, rows: rows.slice(start, end + 1) });
}

export function dropPicked(): void {
  if (picked.get() !== none) change(none);
}

/** Whether the selected rows can be deleted. */
export function canDelete(): boolean {
  return pickedRows().some((row) => removerOf(row) !== undefined);
}

/** Deletes the selected rows, as one step of Undo. */
export function deletePicked(): void {
  // From below, so that the places of the others stay.
  asOneStep(() => {
    for (const row of pickedRows().toReversed()) flushSync(() => removerOf(row)?.());
  });
  dropPicked();
}

/** Number of selected rows. */
export function usePickedCount(): number {
  return useShared(picked).rows.length;
}
