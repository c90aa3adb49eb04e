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
  /** Whether the ledger lets this page in. */
  readonly door: Door;
}

/** Locked by a passcode, or not let in yet. */
type Door = 'open' | 'locked' | 'not-paired';

const nothing: Waiting = { isAway: false, requests: [], isFull: false, door: 'open' };

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
    doorChanged: (state, { payload }: PayloadAction<Door>) =>
      state.door === payload ? state : { ...state, door: payload },
    storageFailed: (state) => (state.isFull ? state : { ...state, isFull: true }),
    storageWorks: (state) => (state.isFull ? { ...state, isFull: false } : state),
  },
});

export const waitingReducer = slice.reducer;
export const { answered, doorChanged, notAnswered, requestsChanged, storageFailed, storageWorks } = slice.actions;
