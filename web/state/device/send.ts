// Sends requests. A request that changes something carries an id, so that it counts once however often it is sent. An
// entry waits on this device until the ledger has it; any other request is tried a few times and keeps its id for later.
import type { BaseQueryApi, BaseQueryFn, FetchArgs, FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import { noteAnswered, noteUnanswered, unansweredId } from './device-store.ts';
import { queueRequest } from './outbox.ts';
import { sendOnce, unanswered } from './send-once.ts';
import { sentences } from './sentences.ts';
import { newId } from './tab.ts';

/** How an endpoint is sent. */
export interface SendOptions {
  /** An entry: it waits on this device and is sent in order. */
  readonly isEntry?: boolean;
  /** A draft, which is stored and sent again by its document. */
  readonly isDraft?: boolean;
  /** A secret: it is stored nowhere, not even as a hash. */
  readonly isSecret?: boolean;
}

/** ms before each further try. */
const TRIES_AFTER = [300, 1200] as const;

/** The base of all endpoints. */
export const send: BaseQueryFn<FetchArgs, unknown, FetchBaseQueryError, SendOptions> = async (args, api, options) => {
  if (api.type === 'query') return (await sendOnce(args, api)).answer;
  // eslint-disable-next-line @typescript-eslint/no-unnecessary-condition -- endpoints without options leave them out
  if (options?.isDraft || options?.isSecret) return (await sendOnce(args, api)).answer;
  // eslint-disable-next-line @typescript-eslint/no-unnecessary-condition -- as above
  return options?.isEntry ? await queueRequest(args, api) : await sendWithId(args, api);
};

/** Tries a request a few times under one id, which a later try of the same request keeps. */
async function sendWithId(args: FetchArgs, api: BaseQueryApi) {
  const asks = await asksOf(args);
  const id = (await unansweredId(asks).catch(() => undefined)) ?? newId();
  let said = '';
  for (const pause of [0, ...TRIES_AFTER]) {
    if (pause > 0) await new Promise((resolve) => setTimeout(resolve, pause));
    const { answer, isLost, why } = await sendOnce(args, api, id);
    said = why;
    if (isLost) continue;
    await noteAnswered(asks).catch(() => undefined);
    return answer;
  }
  await noteUnanswered(asks, id).catch(() => undefined);
  return { error: unanswered(said || sentences.notAnswered) };
}

/** What a request asks, as a short text: SHA-256 of all of it. */
async function asksOf({ url, method = 'GET', body }: FetchArgs): Promise<string> {
  const text = body instanceof Blob ? await body.arrayBuffer() : new TextEncoder().encode(JSON.stringify(body ?? null));
  const head = new TextEncoder().encode(`${method} ${url}\n`);
  const whole = new Uint8Array(head.length + text.byteLength);
  whole.set(head);
  whole.set(new Uint8Array(text), head.length);
  const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', whole));
  return Array.from(hash, (byte) => byte.toString(16).padStart(2, '0')).join('');
}
