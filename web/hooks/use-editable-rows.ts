// The rows of a document as a table edits them: changed, moved, removed, and a blank row that is added by typing.
import type { Draft } from '@reduxjs/toolkit';
import { useCallback } from 'react';
import { useBlankRow } from './use-blank-row.ts';
import type { Edit } from './use-document.ts';
import { type RowMoves, useRowMoves } from './use-row-moves.ts';

/** New values of some fields, or a function that changes the row in place. */
type RowChange<Row> = Partial<Row> | ((row: Draft<Row>) => void);

/**
 * Changes one row; adds the blank row first.
 * @param field  what is changed, for undo: typing in one field is one step. Left out: the names of the changed fields
 */
export type SetRow<Row> = (index: number, row: Row, change: RowChange<Row>, field?: string) => void;

/** Changes the row in place. @param field  what is changed, for undo; '' is a step of its own */
export type SetFields<Row> = (field: string, change: (row: Draft<Row>) => void) => void;

interface EditableRowsOf<Row> extends RowMoves {
  readonly set: SetRow<Row>;
  /** The row at the foot that is not in the document yet. */
  readonly blank: Row;
}

interface RowsOptions<Body, Row> {
  readonly edit: Edit<Body>;
  /** Name of the list within the document, for undo: `parts`. */
  readonly list: string;
  readonly rows: readonly Row[];
  /** The rows within the document. Pass the same function each time. */
  readonly rowsOf: (draft: Draft<Body>) => Draft<Row>[];
  /** A fresh row. Pass the same function each time. */
  readonly fresh: (previous: Row | undefined, id: string) => Row;
}

/** Everything a table of rows of a document needs. The functions stay the same while the document is open. */
export function useEditableRows<Body, Row extends { readonly id: string }>({
  edit,
  list,
  rows,
  rowsOf,
  fresh,
}: RowsOptions<Body, Row>): EditableRowsOf<Row> {
  const blank = useBlankRow(rows, fresh);
  const moves = useRowMoves(edit, rowsOf, fresh);
  const set = useCallback<SetRow<Row>>(
    (index, row, change, field = typeof change === 'function' ? '' : Object.keys(change).join()) =>
      edit(field && `${list}.${row.id}.${field}`, (draft) => {
        const drafts = rowsOf(draft);
        const written = (drafts[index] ??= structuredClone(row) as Draft<Row>);
        if (typeof change === 'function') change(written);
        else Object.assign(written, change);
      }),
    [edit, list, rowsOf],
  );
  return { ...moves, set, blank };
}
