// The store: documents open for editing, the server's answers, and the listener that saves drafts.
import { configureStore, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api.ts';
import { askHistoryReducer, storeHistory } from './ask-history.ts';
import { conflictSettled, draftsReducer, edited, opened, redone, undone, unreachable } from './drafts.ts';
import { keepUnsaved, saveDraft, sendUnsaved } from './saving.ts';

/** ms of pause in typing before a draft is sent. */
const SAVE_AFTER_MS = 400;
const TRY_AGAIN_MS = 3000;

const listener = createListenerMiddleware();

export const store = configureStore({
  reducer: {
    drafts: draftsReducer,
    askHistory: askHistoryReducer,
    [api.reducerPath]: api.reducer,
  },
  middleware: (defaults) =>
    // The checks read every draft at every keystroke, in development only, and the drafts are plain JSON by their
    // schema.
    defaults({ immutableCheck: false, serializableCheck: false }).prepend(listener.middleware).concat(api.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

listener.startListening({
  matcher: isAnyOf(opened, edited, undone, redone, conflictSettled, unreachable),
  effect: async (action, listening) => {
    listening.cancelActiveListeners();
    await listening.delay(unreachable.match(action) ? TRY_AGAIN_MS : SAVE_AFTER_MS);
    // Every open document: an edit of another one may have postponed the listener.
    for (const name of Object.keys(store.getState().drafts)) await store.dispatch(saveDraft(name));
  },
});

/** ms after a change until the browser stores it: after the next frame, so that no key waits for the disk. */
const KEEP_AFTER_MS = 50;

// A crash, a reload or an empty battery loses nothing: the browser stores what the ledger has not acknowledged.
let { drafts: keptDrafts, askHistory: keptHistory } = store.getState();
let keeping: ReturnType<typeof setTimeout> | undefined;

function keep(): void {
  clearTimeout(keeping);
  keeping = undefined;
  const { drafts, askHistory } = store.getState();
  if (drafts !== keptDrafts) keepUnsaved(drafts);
  if (askHistory !== keptHistory) storeHistory(askHistory);
  keptDrafts = drafts;
  keptHistory = askHistory;
}

store.subscribe(() => {
  const { drafts, askHistory } = store.getState();
  if (drafts !== keptDrafts || askHistory !== keptHistory) keeping ??= setTimeout(keep, KEEP_AFTER_MS);
});
window.addEventListener('pagehide', () => {
  keep();
  sendUnsaved(store.getState().drafts);
});
