// While the ledger is away a stored list answers for it; an answer of the ledger always counts more.
import { expect, it, vi } from 'vitest';
import { askOrFind } from './while-away.ts';

const asked = { url: 'api/pieces/p1', method: 'GET' };
const list = { data: [{ id: 'p1' }, { id: 'p2' }] };
const find = (items: readonly unknown[]) => (items as { id: string }[]).find(({ id }) => id === 'p1');
const away = { error: { status: 'FETCH_ERROR', error: 'no answer' } } as const;

it('takes the answer of the ledger, without a look at the list', async () => {
  const ask = vi.fn(() => ({ data: { id: 'p1', fresh: true } }));
  expect(await askOrFind(ask, asked, 'api/pieces', find)).toEqual({ data: { id: 'p1', fresh: true } });
  expect(ask).toHaveBeenCalledTimes(1);
});

it.each([away, { error: { status: 503, data: null } }])('finds it in the list after %j', async (failure) => {
  const ask = ({ url }: { url: string }) => (url === 'api/pieces' ? list : failure);
  expect(await askOrFind(ask, asked, 'api/pieces', find)).toEqual({ data: { id: 'p1' } });
});

it('keeps the refusal of the ledger, and the failure where the list does not hold it', async () => {
  const missing = { error: { status: 404, data: null } };
  expect(await askOrFind(() => missing, asked, 'api/pieces', find)).toEqual(missing);
  const ask = ({ url }: { url: string }) => (url === 'api/pieces' ? { data: [] } : away);
  expect(await askOrFind(ask, asked, 'api/pieces', find)).toEqual(away);
  expect(await askOrFind(() => away, asked, 'api/pieces', find)).toEqual(away);
});
