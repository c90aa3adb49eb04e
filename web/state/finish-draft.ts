// Accepts a draft as the next revision, or discards it.
import type { DocumentOf } from '../../contract/document.ts';
import { replaced } from './drafts.ts';
import { documentEndpoints } from './endpoints/documents.ts';
import { answerRefusal, isUnsaved, saveDraft, type Thunk } from './saving.ts';

// Accepting waits for a running write, ten seconds at most.
const WAIT_MS = 50;
const MOST_WAITS = 200;

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

/** What is being finished, by the name of its document: a second press waits for the first. */
const running = new Map<string, Promise<unknown>>();

function finishDraft(name: string, how: 'acceptDraft' | 'dropDraft'): Thunk<Promise<DocumentOf<unknown> | null>> {
  return async (dispatch) => {
    while (running.has(name)) await running.get(name);
    const finishing = dispatch(finishNow(name, how));
    running.set(name, finishing);
    return await finishing.finally(() => running.delete(name));
  };
}

function finishNow(name: string, how: 'acceptDraft' | 'dropDraft'): Thunk<Promise<DocumentOf<unknown> | null>> {
  return async (dispatch, getState) => {
    for (let waits = 0; waits < MOST_WAITS && getState().drafts[name]?.saving === 'saving'; waits += 1)
      await pause(WAIT_MS);
    await dispatch(saveDraft(name));
    const open = getState().drafts[name];
    if (!open || isUnsaved(open)) return null;
    if (!open.stored.isDraft && open.stored.revision > 0) return open.stored;
    const answer = await dispatch(documentEndpoints[how].initiate({ ...open.key, version: open.stored.version }));
    if (answer.data) {
      dispatch(replaced({ name, stored: answer.data }));
      return answer.data;
    }
    dispatch(answerRefusal(name, open.body, answer.error));
    return null;
  };
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
