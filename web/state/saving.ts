// Saving drafts: one write at a time for each document, each naming the version it is based on.
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import type { DocumentOf } from '../../contract/document.ts';
import type { ProblemDetails } from '../../contract/problem.ts';
import { api, pathOf, type DocumentKey } from './api.ts';
import {
  acknowledged,
  conflicted,
  nameOf,
  opened,
  refused,
  replaced,
  sameJson,
  saveStarted,
  unreachable,
  type Drafts,
  type OpenDocument,
} from './drafts.ts';

// A write under way is waited for, ten seconds at most, before a draft is accepted.
const WAIT_MS = 50;
const MOST_WAITS = 200;

/** As much of the store as saving reads. */
interface DraftsState {
  readonly drafts: Drafts;
}
type Thunk<Result> = ThunkAction<Result, DraftsState, unknown, UnknownAction>;

/** Opens a document for writing, taking up what an earlier page could not send any more. */
export function openDocument(key: DocumentKey, stored: DocumentOf<unknown>): Thunk<void> {
  return (dispatch, getState) => {
    const open = getState().drafts[nameOf(key)];
    if (open && (open.saving !== 'saved' || open.stored.version === stored.version)) return;
    const kept = takeUnsaved(key);
    if (!kept || sameJson(kept.body, stored.body)) dispatch(opened({ key, stored }));
    else if (kept.version === stored.version) dispatch(opened({ key, stored, unsaved: kept.body }));
    else {
      dispatch(opened({ key, stored: { ...stored, version: kept.version }, unsaved: kept.body }));
    }
  };
}

/** Sends what is typed, if the ledger does not have it yet. Resolves when it is acknowledged, refused or unreachable. */
export function saveDraft(name: string): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    const open = getState().drafts[name];
    if (!open || !isUnsaved(open) || open.saving === 'saving' || open.conflict) return;
    const sent = open.body;
    dispatch(saveStarted({ name }));
    const answer = await dispatch(
      api.endpoints.saveDraft.initiate({ ...open.key, version: open.stored.version, body: sent }),
    );
    if (answer.data) {
      dispatch(acknowledged({ name, stored: answer.data, sent }));
      await dispatch(saveDraft(name));
    } else {
      dispatch(answerRefusal(name, sent, answer.error));
    }
  };
}

function answerRefusal(name: string, sent: unknown, error: unknown): Thunk<void> {
  return (dispatch) => {
    const problem = problemOf(error);
    if (!problem) {
      dispatch(unreachable({ name }));
      return;
    }
    const current = problem.current as DocumentOf<unknown> | undefined;
    if (problem.status === 409 && current) {
      // The page before this one may have sent the same thing on its way out.
      dispatch(
        sameJson(current.body, sent) ? acknowledged({ name, stored: current, sent }) : conflicted({ name, current }),
      );
      return;
    }
    dispatch(refused({ name, refusal: problem.detail }));
  };
}

/** Accepts the draft as the next revision. Resolves to the document, or null when it was refused (the reason is kept with it). */
export function acceptDraft(name: string): Thunk<Promise<DocumentOf<unknown> | null>> {
  return (dispatch) => dispatch(finishDraft(name, 'acceptDraft'));
}

/** Leaves the draft for the accepted revision. */
export function dropDraft(name: string): Thunk<Promise<DocumentOf<unknown> | null>> {
  return (dispatch) => dispatch(finishDraft(name, 'dropDraft'));
}

function finishDraft(name: string, how: 'acceptDraft' | 'dropDraft'): Thunk<Promise<DocumentOf<unknown> | null>> {
  return async (dispatch, getState) => {
    for (let waits = 0; waits < MOST_WAITS && getState().drafts[name]?.saving === 'saving'; waits += 1)
      await pause(WAIT_MS);
    await dispatch(saveDraft(name));
    const open = getState().drafts[name];
    if (!open || isUnsaved(open)) return null;
    const answer = await dispatch(api.endpoints[how].initiate({ ...open.key, version: open.stored.version }));
    if (answer.data) {
      dispatch(replaced({ name, stored: answer.data }));
      return answer.data;
    }
    dispatch(answerRefusal(name, open.body, answer.error));
    return null;
  };
}

/** Whether anything typed is not yet in the ledger. */
export function isUnsaved(open: OpenDocument): boolean {
  return open.body !== open.stored.body && open.saving !== 'saved';
}

/** The problem details of a refused call; null when the server could not be reached. */
export function problemOf(error: unknown): ProblemDetails | null {
  const { data } = (error ?? {}) as { data?: ProblemDetails };
  return data && typeof data === 'object' && 'detail' in data ? data : null;
}

interface Unsaved {
  readonly version: number;
  readonly body: unknown;
}

const storageKey = (key: DocumentKey) => `noon-unsaved/${nameOf(key)}`;

/** Keeps what is not acknowledged in the browser, and sends it once more as the page goes. */
export function keepUnsaved(drafts: Readonly<Record<string, OpenDocument>>): void {
  for (const open of Object.values(drafts)) {
    if (!isUnsaved(open)) continue;
    const unsaved: Unsaved = { version: open.stored.version, body: open.body };
    localStorage.setItem(storageKey(open.key), JSON.stringify(unsaved));
    const headers = { 'content-type': 'application/json' };
    // Past 64 kB a browser lets nothing outlive the page; what is kept above is then sent when the document is next opened.
    void fetch(`/api/${pathOf(open.key)}/draft`, {
      method: 'PUT',
      headers,
      body: JSON.stringify(unsaved),
      keepalive: true,
    }).catch(() => undefined);
  }
}

function takeUnsaved(key: DocumentKey): Unsaved | null {
  const text = localStorage.getItem(storageKey(key));
  localStorage.removeItem(storageKey(key));
  return text === null ? null : (JSON.parse(text) as Unsaved);
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
