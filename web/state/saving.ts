// Saves drafts: one write at a time for each document, each naming the version it is based on.
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import type { DocumentOf } from '../../contract/document.ts';
import type { ProblemDetails } from '../../contract/problem.ts';
import { rightNowMs } from './clock.ts';
import { dropStoredDraft, storedDrafts, storeDraft } from './device/device-store.ts';
import { adoptTab, isOwnTab, openTabs, tabId } from './device/tab.ts';
import { storageFailed, storageWorks } from './device/waiting.ts';
import {
  acknowledged,
  conflicted,
  type Drafts,
  nameOf,
  type OpenDocument,
  opened,
  rebased,
  refused,
  replaced,
  sameJson,
  saveStarted,
  stepsRestored,
  unreachable,
} from './drafts.ts';
import { documentEndpoints, type DocumentKey, draftPathOf, listPatches } from './endpoints/documents.ts';
import { keptSteps } from './undo-memory.ts';
import type { Unsaved } from './unsaved.ts';

/** The part of the store that saving reads. */
interface DraftsState {
  readonly drafts: Drafts;
}
/** An action of saving. */
export type Thunk<Result> = ThunkAction<Result, DraftsState, unknown, UnknownAction>;

/**
 * Opens a document for editing, with what this tab, or one that was closed, could not send. What other open tabs have
 * typed stays theirs.
 */
export function openDocument(key: DocumentKey, stored: DocumentOf<unknown>): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    void listPatches();
    const kept = await keptDraft(key);
    // Read after the wait: another page of the same document may have opened it meanwhile.
    const open = getState().drafts[nameOf(key)];
    if (open && (open.saving !== 'saved' || open.stored.version >= stored.version)) return;
    if (open) {
      // Another device has changed it.
      dispatch(replaced({ name: nameOf(key), stored }));
      return;
    }
    if (!kept || sameJson(kept.body, stored.body)) {
      if (kept) await dropStoredDraft(tabId(), nameOf(key)).catch(() => undefined);
      dispatch(opened({ key, stored }));
    } else if (kept.version === stored.version || isOwnTab(stored.writer)) {
      dispatch(opened({ key, stored, unsaved: kept.body }));
    } else {
      dispatch(opened({ key, stored: { ...stored, version: kept.version }, unsaved: kept.body }));
    }
    const name = nameOf(key);
    const steps = keptSteps(name, getState().drafts[name]?.body);
    if (steps) dispatch(stepsRestored({ name, ...steps }));
  };
}

/** The draft of this tab, or of the last tab that was closed; null where nothing was left, or it cannot be read. */
async function keptDraft({ kind, id }: DocumentKey): Promise<Unsaved | null> {
  const name = nameOf({ kind, id });
  const found = await storedDrafts(name).catch(() => []);
  if (found.length === 0) return null;
  const living = await openTabs();
  const own = found.find(({ tab }) => tab === tabId()) ?? found.find(({ tab }) => !living.has(tab));
  if (!own) return null;
  // A stored draft is rare, and the schemas that read it are large: they load on demand.
  const read = (await import('./unsaved.ts')).readUnsaved(kind, own);
  if (own.tab !== tabId()) {
    adoptTab(own.tab);
    if (read) await storeDraft({ ...own, tab: tabId() });
    await dropStoredDraft(own.tab, name);
  } else if (!read) await dropStoredDraft(own.tab, name);
  return read;
}

/** Sends what is typed, unless the ledger has it. Resolves when it is acknowledged, refused or unreachable. */
export function saveDraft(name: string): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    const open = getState().drafts[name];
    if (!open || !isUnsaved(open) || open.saving === 'saving' || open.conflict) return;
    const sent = open.body;
    dispatch(saveStarted({ name }));
    const answer = await dispatch(
      documentEndpoints.saveDraft.initiate({
        ...open.key,
        version: open.stored.version,
        body: sent,
        writer: tabId(),
      }),
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
    // A fault of the server may pass, as silence may.
    if (!problem || problem.status === 0 || problem.status >= 500) {
      dispatch(unreachable({ name, why: problem?.detail ?? '' }));
      return;
    }
    const current = problem.current as DocumentOf<unknown> | undefined;
    if (problem.status === 409 && current && isOwnTab(current.writer) && !sameJson(current.body, sent)) {
      dispatch(rebased({ name, stored: current }));
      return;
    }
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

/** Bodies that this device has stored, by name of the document. */
const keptBodies = new Map<string, unknown>();

/** Stores on this device what the ledger has not acknowledged, and deletes what it has: after every change, at once. */
export function keepUnsaved(drafts: Drafts): Thunk<void> {
  return (dispatch) => {
    for (const open of Object.values(drafts)) {
      const name = nameOf(open.key);
      if (isUnsaved(open)) {
        if (keptBodies.get(name) === open.body) continue;
        keptBodies.set(name, open.body);
        const { version } = open.stored;
        storeDraft({ tab: tabId(), name, version, body: open.body, at: rightNowMs() }).then(
          () => dispatch(storageWorks()),
          () => dispatch(storageFailed()),
        );
      } else if (open.saving === 'saved' && keptBodies.has(name)) {
        keptBodies.delete(name);
        void dropStoredDraft(tabId(), name).catch(() => undefined);
      }
    }
  };
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

function unsavedOf({ stored, body }: OpenDocument) {
  return { version: stored.version, body, writer: tabId() };
}
