// What the page shows of the connection: whether the ledger answers, what waits, and whether this device can store it.
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { WaitingRequest } from './device-store.ts';

interface Waiting {
  /** Whether the ledger did not answer last time. */
  readonly isAway: boolean;
  /** Requests that wait or were refused, in order. */
  readonly requests: readonly WaitingRequest[];
  /** Whether this device could not store what was typed. */
  readonly isFull: boolean;
}

const nothing: Waiting = { isAway: false, requests: [], isFull: false };

const slice = createSlice({
  name: 'waiting',
  initialState: nothing,
  reducers: {
    answered: (state) => (state.isAway ? { ...state, isAway: false } : state),
    notAnswered: (state) => (state.isAway ? state : { ...state, isAway: true }),
    requestsChanged: (state, { payload }: PayloadAction<readonly WaitingRequest[]>) => ({
      ...state,
      requests: payload,
    }),
    storageFailed: (state) => (state.isFull ? state : { ...state, isFull: true }),
    storageWorks: (state) => (state.isFull ? { ...state, isFull: false } : state),
  },
});

export const waitingReducer = slice.reducer;
export const { answered, notAnswered, requestsChanged, storageFailed, storageWorks } = slice.actions;
