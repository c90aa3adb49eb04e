// Registers routes of the contract: their schemas check requests and document answers.
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import type { Route } from '../../contract/route.ts';
import type { CountOnce } from './count-once.ts';

/** What a handler receives: the parts of the request, each parsed by the schema of its route. */
interface Asked<Params, Query, Body> {
  readonly params: Params;
  readonly query: Query;
  readonly body: Body;
  readonly headers: FastifyRequest['headers'];
}

declare module 'fastify' {
  interface FastifyInstance {
    countOnce: CountOnce;
    /** @throws FileFault when the ledger file is no longer the one that was opened */
    checkFile: () => void;
  }
}

/** Does work at most once for each id of a request. The work does not wait for anything. */
type Once<Answer = unknown> = (work: () => Answer) => Answer;

interface RouteOptions {
  /** Largest request body, bytes, where it differs from that of other routes. */
  readonly bodyLimit?: number;
  /** Requests from one address in a time, ms. */
  readonly rateLimit?: { readonly max: number; readonly timeWindow: number };
  /** False where the handler does so itself, with `once`, or where a repetition doubles nothing. */
  readonly countsOnce?: boolean;
}

/**
 * Registers a route that answers with JSON.
 * @param handle  returns the answer; what it throws becomes problem details
 */
export function answerRoute<Params, Query, Body, Answer>(
  app: FastifyInstance,
  route: Route<Params, Query, Body, Answer>,
  handle: (
    asked: Asked<Params, Query, Body>,
    reply: FastifyReply,
    once: Once<Answer>,
    request: FastifyRequest,
  ) => Answer | Promise<Answer>,
  { bodyLimit, rateLimit, countsOnce = route.method !== 'GET' }: RouteOptions = {},
): void {
  app.route({
    ...(bodyLimit !== undefined && { bodyLimit }),
    ...(rateLimit && { config: { rateLimit } }),
    method: route.method,
    url: route.path,
    schema: schemaOf(route),
    handler: async (request, reply) => {
      const status = route.status ?? 200;
      void reply.code(status);
      const once: Once = (work) => app.countOnce(request, reply, status, work);
      const work = () => handle(request as Asked<Params, Query, Body>, reply, once as Once<Answer>, request);
      if (route.method === 'GET') return await work();
      app.checkFile();
      const answer = await (countsOnce ? once(work) : work());
      // Before it is acknowledged: the file may have gone meanwhile.
      app.checkFile();
      return answer;
    },
  });
}

/** Registers a route that answers with a file or a stream, which its handler sends. */
export function sendRoute<Params, Query, Body>(
  app: FastifyInstance,
  route: Route<Params, Query, Body>,
  handle: (
    asked: Asked<Params, Query, Body>,
    reply: FastifyReply,
    request: FastifyRequest,
  ) => FastifyReply | Promise<FastifyReply>,
): void {
  app.route({
    method: route.method,
    url: route.path,
    schema: schemaOf(route),
    handler: async (request, reply) => await handle(request as Asked<Params, Query, Body>, reply, request),
  });
}

function schemaOf({
  tag,
  summary,
  params,
  query,
  body,
  answer,
  status = 200,
}: Route<unknown, unknown, unknown, unknown>) {
  return {
    tags: [tag],
    summary,
    ...(params && { params }),
    ...(query && { querystring: query }),
    ...(body && { body }),
    ...(answer && { response: { [status]: answer } }),
  };
}
