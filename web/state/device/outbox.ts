// The outbox: entries are stored on this device before they are sent, and sent in order until the ledger has each once.
import type { BaseQueryApi, FetchArgs, FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import type { ProblemDetails } from '../../../contract/problem.ts';
import { rightNowMs } from '../clock.ts';
import { dropRequest, storedRequests, storeRequest, type WaitingRequest } from './device-store.ts';
import { sendOnce, unanswered, WAITS } from './send-once.ts';
import { sentences } from './sentences.ts';
import { newId } from './tab.ts';
import { requestsChanged, storageFailed, storageWorks } from './waiting.ts';

/** ms until the next try: doubled after each, up to a minute. */
const FIRST_PAUSE = 1000;
const LONGEST_PAUSE = 60_000;
const LOCK = 'noon-outbox';

type Dispatch = BaseQueryApi['dispatch'];

/** Told when an entry that waited is in the ledger. */
type Delivered = (endpoint: string) => void;

let pause = FIRST_PAUSE;
let timer: ReturnType<typeof setTimeout> | undefined;
let lastOrder = 0;
let deliver: { readonly dispatch: Dispatch; readonly delivered: Delivered } | null = null;

/** Starts the outbox with what an earlier page left in it. */
export async function startOutbox(dispatch: Dispatch, delivered: Delivered): Promise<void> {
  deliver = { dispatch, delivered };
  await list(dispatch);
  await sendWaiting();
}

/** Stores an entry and sends it, unless others wait before it. */
export async function queueRequest(
  args: FetchArgs,
  api: BaseQueryApi,
): Promise<{ data: unknown } | { error: FetchBaseQueryError }> {
  const request: WaitingRequest = {
    id: newId(),
    order: (lastOrder = Math.max(lastOrder + 1, rightNowMs())),
    endpoint: api.endpoint,
    url: addressOf(args),
    method: args.method ?? 'POST',
    body: args.body as unknown,
    ...(args.headers && { headers: args.headers as Record<string, string> }),
    refusal: '',
  };
  const isStored = await store(request, api.dispatch);
  const before = isStored
    ? (await storedRequests()).filter(({ refusal, id }) => refusal === '' && id !== request.id)
    : [];
  if (before.length > 0) {
    await list(api.dispatch);
    void sendWaiting();
    return { error: unanswered(sentences.itWaits, WAITS) };
  }
  const { answer, isLost, why } = await sendOnce(args, api, request.id);
  if (!isLost) {
    if (isStored) await dropRequest(request.id);
    return answer.error ? { error: answer.error } : { data: answer.data };
  }
  if (!isStored) return { error: unanswered(sentences.notStored) };
  await list(api.dispatch);
  later();
  return { error: unanswered(why ? `${why} ${sentences.itWaitsHere}` : sentences.itWaits, WAITS) };
}

/** The address of a request with its query, as it is stored. */
function addressOf({ url, params }: FetchArgs): string {
  return params ? `${url}?${new URLSearchParams(params as Record<string, string>).toString()}` : url;
}

async function store(request: WaitingRequest, dispatch: Dispatch): Promise<boolean> {
  try {
    await storeRequest(request);
    dispatch(storageWorks());
    return true;
  } catch {
    dispatch(storageFailed());
    return false;
  }
}

async function list(dispatch: Dispatch): Promise<readonly WaitingRequest[]> {
  const requests = await storedRequests().catch(() => []);
  dispatch(requestsChanged(requests));
  return requests;
}

/** Sends what waits, in order; one tab of the device at a time. */
export async function sendWaiting(): Promise<void> {
  clearTimeout(timer);
  timer = undefined;
  if (!deliver) return;
  const own = deliver;
  if ('locks' in navigator) await navigator.locks.request(LOCK, async () => await sendAll(own));
  else await sendAll(own);
}

async function sendAll({ dispatch, delivered }: NonNullable<typeof deliver>): Promise<void> {
  for (;;) {
    const requests = await list(dispatch);
    const next = requests.find(({ refusal }) => refusal === '');
    if (!next) return;
    const { url, method, body, headers } = next;
    const { answer, isLost } = await sendOnce(
      { url, method, body, ...(headers && { headers }) },
      { dispatch },
      next.id,
    );
    if (isLost) {
      later();
      return;
    }
    pause = FIRST_PAUSE;
    if (answer.error) await storeRequest({ ...next, refusal: (answer.error.data as ProblemDetails).detail });
    else {
      await dropRequest(next.id);
      delivered(next.endpoint);
    }
  }
}

function later(): void {
  timer ??= setTimeout(() => void sendWaiting(), pause);
  pause = Math.min(LONGEST_PAUSE, pause * 2);
}

/** Tries again now. */
export function sendNow(): void {
  pause = FIRST_PAUSE;
  void sendWaiting();
}

/** Deletes a refused entry. */
export async function discardRequest(id: string, dispatch: Dispatch): Promise<void> {
  await dropRequest(id);
  await list(dispatch);
}
