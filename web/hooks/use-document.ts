// A document open for editing in a screen: its body, its edits, and its state in the ledger.
import { createNextState, type Draft } from '@reduxjs/toolkit';
import { useCallback, useEffect } from 'react';
import type { DocumentKind } from '../../contract/document.ts';
import {
  edited,
  editEnded,
  FOLLOWS,
  nameOf,
  type OpenDocument,
  redone,
  selectOpenDocument,
  undone,
} from '../state/drafts.ts';
import { type Bodies, useGetDocumentQuery } from '../state/endpoints/documents.ts';
import { stepOf } from '../state/one-step.ts';
import { openDocument } from '../state/saving.ts';
import { useAppDispatch, useAppSelector } from '../state/store.ts';
import { useKeys } from './use-keys.ts';

/**
 * Changes the document in place.
 * @param edit  what is changed, `parts.2.count`: further typing in the same field is one undo step; '' is a step of its
 *   own
 */
export type Edit<Body> = (edit: string, change: (body: Draft<Body>) => void) => void;

export interface DocumentInHand<Body> {
  readonly name: string;
  readonly open: OpenDocument;
  readonly body: Body;
  readonly edit: Edit<Body>;
}

/** @returns null while it is being fetched; `missing` when the ledger does not hold it */
export function useDocument<Kind extends DocumentKind>(
  kind: Kind,
  id: string,
): DocumentInHand<Bodies[Kind]> | null | 'missing' {
  const dispatch = useAppDispatch();
  const name = nameOf({ kind, id });
  const { currentData, isFetching, error } = useGetDocumentQuery({ kind, id });
  const open = useAppSelector(selectOpenDocument(name));

  useEffect(() => {
    if (currentData && !isFetching) void dispatch(openDocument({ kind, id }, currentData));
  }, [dispatch, kind, id, currentData, isFetching]);

  useUndoKeys(name);

  const edit = useCallback<Edit<Bodies[Kind]>>(
    (what, change) => {
      dispatch((send, getState) => {
        const before = getState().drafts[name]?.body as Bodies[Kind] | undefined;
        if (before === undefined) return;
        const after = createNextState(before, change);
        if (after !== before) send(edited({ name, body: after, edit: what === FOLLOWS ? what : stepOf(what) }));
      });
    },
    [dispatch, name],
  );

  if (!open) return error && 'status' in error && error.status === 404 ? 'missing' : null;
  return { name, open, body: open.body as Bodies[Kind], edit };
}

function useUndoKeys(name: string): void {
  const dispatch = useAppDispatch();
  const step = (what: typeof undone | typeof redone) => (event: KeyboardEvent) => {
    event.preventDefault();
    dispatch(what({ name }));
  };
  useKeys({ undo: step(undone), redo: step(redone) });
  useEffect(() => {
    const onFocusOut = () => dispatch(editEnded({ name }));
    window.addEventListener('focusout', onFocusOut);
    return () => window.removeEventListener('focusout', onFocusOut);
  }, [dispatch, name]);
}
