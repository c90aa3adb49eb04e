// Sends one request as it is, and says whether the ledger answered.
import {
  type BaseQueryApi,
  type FetchArgs,
  fetchBaseQuery,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import type { ProblemDetails } from '../../../contract/problem.ts';
import { sentences } from './sentences.ts';
import { tabId } from './tab.ts';
import { isTouched } from './touch.ts';
import { answered, doorChanged, notAnswered } from './waiting.ts';

const plain = fetchBaseQuery({ baseUrl: '/' });
const forEver = new AbortController();

const doors: Partial<Record<ProblemDetails['type'], 'locked' | 'not-paired'>> = {
  '/problems/locked': 'locked',
  '/problems/not-paired': 'not-paired',
};

/** @returns the answer, and whether it was lost: the ledger said nothing, or failed and may do better later */
export async function sendOnce(
  args: FetchArgs,
  { dispatch, signal = forEver.signal }: Pick<BaseQueryApi, 'dispatch'> & Partial<Pick<BaseQueryApi, 'signal'>>,
  id?: string,
) {
  const headers = {
    ...(args.headers as Record<string, string> | undefined),
    'noon-tab': tabId(),
    ...(isTouched() && { 'noon-touch': '1' }),
    ...(id && { 'idempotency-key': id }),
  };
  const api: BaseQueryApi = {
    dispatch,
    signal,
    abort: () => undefined,
    getState: () => null,
    extra: undefined,
    endpoint: '',
    type: 'query',
  };
  const answer = await plain({ ...args, headers }, api, {});
  const isSilent = answer.error !== undefined && !isProblem(answer.error.data);
  dispatch(isSilent ? notAnswered() : answered());
  const door = answer.error && isProblem(answer.error.data) && doors[answer.error.data.type];
  if (door) dispatch(doorChanged(door));
  return {
    answer,
    isLost: isSilent || isFault(answer.error),
    why: isProblem(answer.error?.data) ? answer.error.data.detail : '',
  };
}

/** A fault of the server: the same request may go well later. */
function isFault(error: FetchBaseQueryError | undefined): boolean {
  return error !== undefined && isProblem(error.data) && error.data.status >= 500;
}

function isProblem(data: unknown): data is ProblemDetails {
  return typeof data === 'object' && data !== null && 'detail' in data;
}

/** Type of the problem of an entry that waits on this device. */
export const WAITS = '/problems/waiting' as const;

/** An error with words, for the place where the hand is. */
export function unanswered(detail: string, type: ProblemDetails['type'] = 'about:blank'): FetchBaseQueryError {
  const data: ProblemDetails = { type, title: sentences.notSent, status: 0, detail };
  return { status: 'CUSTOM_ERROR', error: detail, data };
}
