// The store: documents open for editing, the server's answers, and the listener that saves drafts.
import { configureStore, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api, tags } from './api.ts';
import { askHistoryReducer, storeHistory } from './ask-history.ts';
import { startOutbox } from './device/outbox.ts';
import { holdTab } from './device/tab.ts';
import { noteTouches } from './device/touch.ts';
import { waitingReducer } from './device/waiting.ts';
import {
  acknowledged,
  conflictSettled,
  draftsReducer,
  edited,
  opened,
  rebased,
  redone,
  undone,
  unreachable,
} from './drafts.ts';
import { accessEndpoints } from './endpoints/access.ts';
import { listenForChanges } from './live.ts';
import { keepUnsaved, saveDraft, sendUnsaved } from './saving.ts';
import { keepSteps } from './undo-memory.ts';

/** ms of pause in typing before a draft is sent. */
const SAVE_AFTER_MS = 400;
/** ms until a draft that was not answered is sent again: doubled after each try. */
const [TRY_AGAIN_MS, LONGEST_MS] = [1000, 30_000];
let tryAgain = TRY_AGAIN_MS;

const listener = createListenerMiddleware();

export const store = configureStore({
  reducer: {
    drafts: draftsReducer,
    askHistory: askHistoryReducer,
    waiting: waitingReducer,
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
  matcher: isAnyOf(opened, edited, undone, redone, rebased, conflictSettled, unreachable),
  effect: async (action, listening) => {
    listening.cancelActiveListeners();
    await listening.delay(unreachable.match(action) ? tryAgain : rebased.match(action) ? 0 : SAVE_AFTER_MS);
    if (unreachable.match(action)) tryAgain = Math.min(LONGEST_MS, 2 * tryAgain);
    // Every open document: an edit of another one may have postponed the listener.
    for (const name of Object.keys(store.getState().drafts)) await store.dispatch(saveDraft(name));
  },
});
listener.startListening({ actionCreator: acknowledged, effect: () => void (tryAgain = TRY_AGAIN_MS) });

/** ms after a question until it is stored: after the next frame, so that no key waits for the disk. */
const KEEP_AFTER_MS = 50;

// A crash, a reload or an empty battery loses nothing: this device stores what the ledger has not acknowledged.
let { drafts: keptDrafts, askHistory: keptHistory } = store.getState();
let keeping: ReturnType<typeof setTimeout> | undefined;

function keepHistory(): void {
  clearTimeout(keeping);
  keeping = undefined;
  const { askHistory } = store.getState();
  if (askHistory !== keptHistory) storeHistory(askHistory);
  keptHistory = askHistory;
}

store.subscribe(() => {
  const { drafts, askHistory } = store.getState();
  if (drafts !== keptDrafts) {
    keptDrafts = drafts;
    store.dispatch(keepUnsaved(drafts));
  }
  if (askHistory !== keptHistory) keeping ??= setTimeout(keepHistory, KEEP_AFTER_MS);
});
window.addEventListener('pagehide', () => {
  keepHistory();
  keepSteps(store.getState().drafts);
  sendUnsaved(store.getState().drafts);
});

/** ms between questions whether the computer was locked meanwhile. */
const ASK_MS = 60_000;

/** Starts what goes on beside the pages: what waits on this device is sent, and changes of others are shown. */
export function startExchange(): void {
  void holdTab();
  noteTouches();
  setInterval(
    () => void store.dispatch(accessEndpoints.getMe.initiate(undefined, { forceRefetch: true, subscribe: false })),
    ASK_MS,
  );
  const fetchAgain = () => store.dispatch(api.util.invalidateTags([...tags]));
  void startOutbox(store.dispatch, fetchAgain);
  listenForChanges(store.dispatch);
}
