// Saves drafts: one write at a time for each document, each naming the version it is based on.
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import type { DocumentOf } from '../../contract/document.ts';
import type { ProblemDetails } from '../../contract/problem.ts';
import {
  acknowledged,
  conflicted,
  type Drafts,
  nameOf,
  type OpenDocument,
  opened,
  refused,
  sameJson,
  saveStarted,
  unreachable,
} from './drafts.ts';
import { documentEndpoints, type DocumentKey, draftPathOf, listPatches } from './endpoints/documents.ts';
import type { Unsaved } from './unsaved.ts';

/** The part of the store that saving reads. */
interface DraftsState {
  readonly drafts: Drafts;
}
/** An action of saving. */
export type Thunk<Result> = ThunkAction<Result, DraftsState, unknown, UnknownAction>;

/** Opens a document for editing, with the draft that an earlier page could not send. */
export function openDocument(key: DocumentKey, stored: DocumentOf<unknown>): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    void listPatches();
    const text = localStorage.getItem(storageKey(key));
    // A stored draft is rare, and the schemas that read it are large: they load on demand.
    const kept = text === null ? null : (await import('./unsaved.ts')).readUnsaved(key.kind, text);
    // Read after the wait: another page of the same document may have opened it meanwhile.
    const open = getState().drafts[nameOf(key)];
    if (open && (open.saving !== 'saved' || open.stored.version === stored.version)) return;
    localStorage.removeItem(storageKey(key));
    if (!kept || sameJson(kept.body, stored.body)) dispatch(opened({ key, stored }));
    else if (kept.version === stored.version) dispatch(opened({ key, stored, unsaved: kept.body }));
    else {
      dispatch(opened({ key, stored: { ...stored, version: kept.version }, unsaved: kept.body }));
    }
  };
}

/** Sends what is typed, unless the ledger has it. Resolves when it is acknowledged, refused or unreachable. */
export function saveDraft(name: string): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    const open = getState().drafts[name];
    if (!open || !isUnsaved(open) || open.saving === 'saving' || open.conflict) return;
    const sent = open.body;
    dispatch(saveStarted({ name }));
    const answer = await dispatch(
      documentEndpoints.saveDraft.initiate({ ...open.key, version: open.stored.version, body: sent }),
    );
    if (answer.data) {
      dispatch(acknowledged({ name, stored: answer.data, sent }));
      await dispatch(saveDraft(name));
    } else {
      dispatch(answerRefusal(name, sent, answer.error));
    }
  };
}

/** Marks a document whose write was refused: unreachable, in conflict, or refused with the ledger's reason. */
export function answerRefusal(name: string, sent: unknown, error: unknown): Thunk<void> {
  return (dispatch) => {
    const problem = problemOf(error);
    if (!problem) {
      dispatch(unreachable({ name }));
      return;
    }
    const current = problem.current as DocumentOf<unknown> | undefined;
    if (problem.status === 409 && current) {
      // The page before this one may have sent the same draft while it closed.
      dispatch(
        sameJson(current.body, sent) ? acknowledged({ name, stored: current, sent }) : conflicted({ name, current }),
      );
      return;
    }
    dispatch(refused({ name, refusal: problem.detail }));
  };
}

/** Whether anything typed is not in the ledger yet. */
export function isUnsaved(open: OpenDocument): boolean {
  return open.body !== open.stored.body && open.saving !== 'saved';
}

/** The problem details of a refused call; null when the server could not be reached. */
export function problemOf(error: unknown): ProblemDetails | null {
  const { data } = (error ?? {}) as { data?: ProblemDetails };
  return data && typeof data === 'object' && 'detail' in data ? data : null;
}

const storageKey = (key: DocumentKey) => `noon-unsaved/${nameOf(key)}`;

/** Stores in the browser what the ledger has not acknowledged, and deletes what it has: after every change. */
export function keepUnsaved(drafts: Drafts): void {
  for (const open of Object.values(drafts)) {
    if (!isUnsaved(open)) {
      if (open.saving === 'saved') localStorage.removeItem(storageKey(open.key));
      continue;
    }
    try {
      localStorage.setItem(storageKey(open.key), JSON.stringify(unsavedOf(open)));
    } catch {
      // The browser's storage is full or refused; the draft is still sent to the ledger.
    }
  }
}

/** Sends what is not acknowledged when the page closes. */
export function sendUnsaved(drafts: Drafts): void {
  for (const open of Object.values(drafts)) {
    if (!isUnsaved(open)) continue;
    // A browser lets no request above 64 kB outlive its page; the stored draft is sent when the document is opened
    // next.
    void fetch(draftPathOf(open.key), {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(unsavedOf(open)),
      keepalive: true,
    }).catch(() => undefined);
  }
}

function unsavedOf({ stored, body }: OpenDocument): Unsaved {
  return { version: stored.version, body };
}
