// What the device answers itself while the ledger is away: a document, or a version of a piece, out of a stored list.
import type { FetchArgs, FetchBaseQueryError } from '@reduxjs/toolkit/query/react';

/** HTTP: bad gateway, unavailable, time-out of a gateway. */
const SERVER_AWAY = 502;

/** The ledger did not answer, or the service worker says so for it. */
function isUnanswered({ status }: FetchBaseQueryError): boolean {
  return typeof status !== 'number' || status >= SERVER_AWAY;
}

type Answer = { data: unknown; error?: undefined } | { data?: undefined; error: FetchBaseQueryError };
type Ask = (args: FetchArgs) => Answer | PromiseLike<Answer>;

/**
 * Asks the ledger; while it is away, looks for the answer in a list that the service worker keeps.
 * @param find  the answer within the list; undefined where it is not there
 */
export async function askOrFind<Data>(
  ask: Ask,
  asked: FetchArgs,
  list: string,
  find: (items: readonly unknown[]) => Data | undefined,
): Promise<{ data: Data } | { error: FetchBaseQueryError }> {
  const answer = await ask(asked);
  if (!answer.error) return { data: answer.data as Data };
  if (!isUnanswered(answer.error)) return { error: answer.error };
  const { data } = await ask({ url: list, method: 'GET' });
  const found = Array.isArray(data) ? find(data) : undefined;
  return found === undefined ? { error: answer.error } : { data: found };
}
