// The server over RTK Query. Each resource adds its endpoints in web/state/endpoints/.
import { createApi, type FetchArgs } from '@reduxjs/toolkit/query/react';
import { pathTo, type Route } from '../../contract/route.ts';
import { send } from './device/send.ts';

/** What is fetched, by kind. */
export const tags = [
  'Pieces',
  'Trash',
  'Batches',
  'Studio',
  'Fixes',
  'Receipts',
  'Prices',
  'Fairs',
  'Quotes',
  'Shelf',
  'Account',
  'Goods',
  'Made',
  'PriceLists',
  'Bench',
  'Backups',
  'Plan',
  'Document',
  'Access',
] as const;

export const api = createApi({
  baseQuery: send,
  tagTypes: tags,
  refetchOnMountOrArgChange: true,
  endpoints: () => ({}),
});

interface Sent {
  readonly params?: Readonly<Record<string, string | number>>;
  readonly query?: Readonly<Record<string, string | number>>;
  readonly body?: unknown;
}

/** A route of the contract as a request. */
export function requestOf(
  route: Pick<Route<unknown, unknown, unknown, unknown>, 'method' | 'path'>,
  { params, query, body }: Sent = {},
): FetchArgs {
  return {
    url: pathTo(route, params).slice(1),
    method: route.method,
    ...(query && { params: query }),
    ...(body !== undefined && { body }),
  };
}

/**
 * Reads an answer through the schema of its route, in development and in tests. The server has checked it with the same
 * schema, and checking a long list twice would double the time.
 * @throws ZodError when the answer does not fit the contract
 */
export function parsedBy<Answer>({ answer }: Pick<Route<unknown, unknown, unknown, Answer>, 'answer'>) {
  return (data: unknown): Answer =>
    import.meta.env.MODE !== 'production' && answer ? answer.parse(data) : (data as Answer);
}

/**
 * As `parsedBy`, for routes whose schema is too large for the first page: it is fetched in development and in tests
 * only.
 */
export function parsedLater<Answer>(
  routeLater: () => Promise<Pick<Route<unknown, unknown, unknown, Answer>, 'answer'>>,
) {
  return async (data: unknown): Promise<Answer> =>
    import.meta.env.MODE === 'production' ? (data as Answer) : parsedBy(await routeLater())(data);
}
