// Questions asked and pinned on this device. Only the questions are stored: an answer is computed again at today's
// metal prices.
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';

const KEY = 'noon-ask';
const MOST_KEPT = 60;

const keptSchema = z.object({ asked: z.array(z.string().max(500)), pinned: z.array(z.string().max(500)) });
/** Questions, the latest first. */
export type AskHistory = z.infer<typeof keptSchema>;

const slice = createSlice({
  name: 'askHistory',
  initialState: readHistory,
  reducers: {
    /** Puts a question first in the list; a blank one changes nothing. */
    asked(history, { payload }: PayloadAction<string>) {
      const line = payload.trim();
      if (line) history.asked = [line, ...history.asked.filter((other) => other !== line)].slice(0, MOST_KEPT);
    },
    pinToggled(history, { payload: line }: PayloadAction<string>) {
      const { pinned } = history;
      history.pinned = pinned.includes(line) ? pinned.filter((other) => other !== line) : [line, ...pinned];
    },
    historyCleared(history) {
      history.asked = [];
    },
  },
});

export const askHistoryReducer = slice.reducer;
export const { asked, pinToggled, historyCleared } = slice.actions;

/** The part of the store that holds the history. */
interface WithHistory {
  readonly askHistory: AskHistory;
}
export const selectAskHistory = ({ askHistory }: WithHistory): AskHistory => askHistory;

/** The history that the browser stored; an empty one where there is none, or it cannot be read. */
export function readHistory(): AskHistory {
  try {
    return keptSchema.parse(JSON.parse(localStorage.getItem(KEY) ?? ''));
  } catch {
    return { asked: [], pinned: [] };
  }
}

/** Stores the history in the browser. */
export function storeHistory(history: AskHistory): void {
  localStorage.setItem(KEY, JSON.stringify(history));
}
