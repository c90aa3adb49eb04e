// A request with an id counts once: its effect and its answer are stored in one transaction, and a repeated request gets
// the stored answer (as the Idempotency-Key draft of the IETF's HTTP API group proposes).
import { createHash } from 'node:crypto';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';

/** Header with the id that the client made. */
const HEADER = 'idempotency-key';
const ID = /^[\w-]{8,64}$/;

/** Answers a request: its work is done at most once for each id. */
export type CountOnce = (request: FastifyRequest, reply: FastifyReply, status: number, work: () => unknown) => unknown;

/** The id of a request; null where it has none. @throws NotAcceptable when it is no id */
function idOf({ headers, method }: FastifyRequest): string | null {
  const id = headers[HEADER];
  if (id === undefined || method === 'GET') return null;
  if (typeof id === 'string' && ID.test(id)) return id;
  throw new NotAcceptable('The id of this request has 8 to 64 letters, digits, - or _. Nothing was changed.', []);
}

/** @returns the wrapper of all work that changes the ledger */
export function countOnce({ requests, inTransaction }: Pick<Stores, 'requests' | 'inTransaction'>): CountOnce {
  return (request, reply, status, work) => {
    const id = idOf(request);
    if (id === null) return work();
    const fingerprint = fingerprintOf(request);
    return inTransaction(() => {
      const known = requests.find(id);
      if (known && known.fingerprint !== fingerprint)
        throw new NotAcceptable('This id belongs to another request. Nothing was changed.', []);
      if (known) {
        void reply.header('idempotency-replayed', 'true').code(known.status);
        return JSON.parse(known.answer) as unknown;
      }
      const answer = work();
      requests.add(id, { fingerprint, status, answer: JSON.stringify(answer ?? null) });
      return answer;
    });
  };
}

function fingerprintOf({ method, url, body }: FastifyRequest): string {
  const hash = createHash('sha256').update(`${method} ${url}\n`);
  return hash.update(Buffer.isBuffer(body) ? body : JSON.stringify(body ?? null)).digest('hex');
}
