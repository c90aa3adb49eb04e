// Saves drafts: one write at a time for each document, each naming the version it is based on.
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { batchSchema } from '../../core/batch/batch.ts';
import { withStandardTerms } from '../../core/piece/earlier-versions.ts';
import { pieceSchema } from '../../core/piece/piece.ts';
import { fairSchema } from '../../core/price/fair/fair.ts';
import { quoteSchema } from '../../core/price/quote/quote.ts';
import { studioSchema } from '../../core/studio/studio.ts';
import type { DocumentOf } from '../../contract/document.ts';
import type { ProblemDetails } from '../../contract/problem.ts';
import { documentEndpoints, draftPathOf, type DocumentKey } from './endpoints/documents.ts';
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

// Accepting waits for a running write, ten seconds at most.
const WAIT_MS = 50;
const MOST_WAITS = 200;

/** The part of the store that saving reads. */
interface DraftsState {
  readonly drafts: Drafts;
}
type Thunk<Result> = ThunkAction<Result, DraftsState, unknown, UnknownAction>;

/** Opens a document for editing, with the draft that an earlier page could not send. */
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

function answerRefusal(name: string, sent: unknown, error: unknown): Thunk<void> {
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

/**
 * Accepts the draft as the next revision. Resolves to the document, or to null when it was refused (the reason is
 * stored with it).
 */
export function acceptDraft(name: string): Thunk<Promise<DocumentOf<unknown> | null>> {
  return (dispatch) => dispatch(finishDraft(name, 'acceptDraft'));
}

/** Discards the draft for the accepted revision. */
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
    const answer = await dispatch(documentEndpoints[how].initiate({ ...open.key, version: open.stored.version }));
    if (answer.data) {
      dispatch(replaced({ name, stored: answer.data }));
      return answer.data;
    }
    dispatch(answerRefusal(name, open.body, answer.error));
    return null;
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

const unsavedSchema = z.object({ version: z.int().min(1), body: z.unknown() });
type Unsaved = z.infer<typeof unsavedSchema>;

const bodySchemaOf = {
  piece: z.preprocess(withStandardTerms, pieceSchema),
  batch: batchSchema,
  fair: fairSchema,
  quote: quoteSchema,
  studio: studioSchema,
} as const satisfies Record<DocumentKey['kind'], z.ZodType>;

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

/** The stored draft of a document, read through its schema; null when there is none or it does not fit. */
function takeUnsaved(key: DocumentKey): Unsaved | null {
  const text = localStorage.getItem(storageKey(key));
  localStorage.removeItem(storageKey(key));
  if (text === null) return null;
  try {
    const { version, body } = unsavedSchema.parse(JSON.parse(text));
    return { version, body: bodySchemaOf[key.kind].parse(body) };
  } catch {
    return null;
  }
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
