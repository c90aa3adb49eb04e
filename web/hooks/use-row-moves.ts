// Moves and removes rows of a document, by menu, keyboard or drag.
import type { Draft } from '@reduxjs/toolkit';
import { type KeyboardEvent, useCallback } from 'react';
import type { Edit } from './use-document.ts';

export interface RowMoves {
  readonly onMove: (index: number, by: number) => void;
  readonly onRemove: (index: number) => void;
}

/**
 * Functions that move and remove rows of a document; the same functions each time.
 * @param rowsOf  the rows within the document; pass the same function each time
 */
export function useRowMoves<Body>(edit: Edit<Body>, rowsOf: (draft: Draft<Body>) => unknown[]): RowMoves {
  const onMove = useCallback<RowMoves['onMove']>(
    (index, by) => edit('', (draft) => moveRow(rowsOf(draft), index, by)),
    [edit, rowsOf],
  );
  const onRemove = useCallback<RowMoves['onRemove']>(
    (index) => edit('', (draft) => void rowsOf(draft).splice(index, 1)),
    [edit, rowsOf],
  );
  return { onMove, onRemove };
}

/** Alt with an arrow moves the row that has the focus. */
export function moveByKeys(event: KeyboardEvent, index: number, onMove: RowMoves['onMove']): void {
  if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
  event.preventDefault();
  onMove(index, event.key === 'ArrowUp' ? -1 : 1);
}

/** Moves a row of an array in place; an index out of range changes nothing. */
export function moveRow(rows: unknown[], index: number, by: number): void {
  const to = index + by;
  if (to < 0 || to >= rows.length) return;
  rows.splice(to, 0, ...rows.splice(index, 1));
}
