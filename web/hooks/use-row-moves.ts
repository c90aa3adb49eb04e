// Moves, copies, inserts and removes rows of a document, by menu, keyboard or drag.
import type { Draft } from '@reduxjs/toolkit';
import { type KeyboardEvent, useCallback } from 'react';
import { keysOf } from '../keys/bind-keys.ts';
import type { Edit } from './use-document.ts';

/** Where a row goes: by so many places, or it is copied below itself, or a new one is put above it. */
export type RowMove = number | 'duplicate' | 'insert';

export interface RowMoves {
  readonly onMove: (index: number, by: RowMove) => void;
  readonly onRemove: (index: number) => void;
}

/**
 * Functions that move, copy, insert and remove rows of a document; the same functions each time.
 * @param rowsOf  the rows within the document; pass the same function each time
 * @param fresh   a new row; left out where none can be inserted; pass the same function each time
 */
export function useRowMoves<Body, Row extends { readonly id: string }>(
  edit: Edit<Body>,
  rowsOf: (draft: Draft<Body>) => Draft<Row>[],
  fresh: (previous: Row | undefined, id: string) => Row,
): RowMoves {
  const onMove = useCallback<RowMoves['onMove']>(
    (index, by) =>
      edit('', (draft) => {
        const rows = rowsOf(draft);
        // A new row takes what it can from the one before it.
        changeRows(rows, index, by, (id) => fresh(rows[index - 1] as Row | undefined, id) as Draft<Row>);
      }),
    [edit, rowsOf, fresh],
  );
  const onRemove = useCallback<RowMoves['onRemove']>(
    (index) => edit('', (draft) => void rowsOf(draft).splice(index, 1)),
    [edit, rowsOf],
  );
  return { onMove, onRemove };
}

/** The keys of a row that has the focus. */
export function rowKeys(event: KeyboardEvent, index: number, { onMove, onRemove }: RowMoves): void {
  const act = (work: () => void) => () => {
    event.preventDefault();
    work();
  };
  keysOf({
    rowUp: act(() => onMove(index, -1)),
    rowDown: act(() => onMove(index, 1)),
    rowInsert: act(() => onMove(index, 'insert')),
    rowDuplicate: act(() => onMove(index, 'duplicate')),
    rowDelete: act(() => onRemove(index)),
  })(event.nativeEvent);
}

/** Moves, copies or inserts a row of an array in place; an index out of range changes nothing. */
export function changeRows<Row>(rows: Row[], index: number, by: RowMove, fresh: (id: string) => Row): void {
  const row = rows[index];
  if (row === undefined) return;
  if (by === 'insert') rows.splice(index, 0, fresh(crypto.randomUUID()));
  else if (by === 'duplicate') rows.splice(index + 1, 0, { ...row, id: crypto.randomUUID() });
  else if (index + by >= 0 && index + by < rows.length) rows.splice(index + by, 0, ...rows.splice(index, 1));
}
