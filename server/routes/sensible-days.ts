// A date far from now is a slip of the hand or of a program: it is refused before it reaches the ledger.
import type { FastifyInstance } from 'fastify';
import { NotAcceptable } from '../store/refusals.ts';

const FIRST = '1990-01-01';
const LAST = '2099-12-31';
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** Refuses requests with a date before 1990 or after 2099, anywhere in the body or the query. */
export function refuseSenselessDays(app: FastifyInstance): void {
  app.addHook('preHandler', (request, _reply, done) => {
    const path = senselessDay(request.query) ?? senselessDay(request.body);
    if (path === null) {
      done();
      return;
    }
    const sentence = 'This date is outside 1990 to 2099.';
    done(new NotAcceptable(`Nothing was changed. ${sentence}`, [{ path, sentence }]));
  });
}

/** @returns the path of the first such date, `lines.0.due`; null where there is none */
function senselessDay(value: unknown, path = ''): string | null {
  if (typeof value === 'string') return DAY.test(value) && (value < FIRST || value > LAST) ? path : null;
  if (typeof value !== 'object' || value === null || Buffer.isBuffer(value)) return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = senselessDay(inner, path ? `${path}.${key}` : key);
    if (found !== null) return found;
  }
  return null;
}
