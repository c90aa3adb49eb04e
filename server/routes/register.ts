// Registers routes of the contract: their schemas check requests and document answers.
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import type { Route } from '../../contract/route.ts';

/** What a handler receives: the parts of the request, each parsed by the schema of its route. */
interface Asked<Params, Query, Body> {
  readonly params: Params;
  readonly query: Query;
  readonly body: Body;
  readonly headers: FastifyRequest['headers'];
}

interface RouteOptions {
  /** Largest request body, bytes, where it differs from that of other routes. */
  readonly bodyLimit?: number;
}

/**
 * Registers a route that answers with JSON.
 * @param handle  returns the answer; what it throws becomes problem details
 */
export function answerRoute<Params, Query, Body, Answer>(
  app: FastifyInstance,
  route: Route<Params, Query, Body, Answer>,
  handle: (asked: Asked<Params, Query, Body>, reply: FastifyReply) => Answer | Promise<Answer>,
  options: RouteOptions = {},
): void {
  app.route({
    ...options,
    method: route.method,
    url: route.path,
    schema: schemaOf(route),
    handler: async (request, reply) => {
      const answer = await handle(request as Asked<Params, Query, Body>, reply);
      void reply.code(route.status ?? 200);
      return answer;
    },
  });
}

/** Registers a route that answers with a file or a stream, which its handler sends. */
export function sendRoute<Params, Query, Body>(
  app: FastifyInstance,
  route: Route<Params, Query, Body>,
  handle: (asked: Asked<Params, Query, Body>, reply: FastifyReply) => FastifyReply | Promise<FastifyReply>,
): void {
  app.route({
    method: route.method,
    url: route.path,
    schema: schemaOf(route),
    handler: async (request, reply) => await handle(request as Asked<Params, Query, Body>, reply),
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
