// A route of the API as one object: the server registers it, the web calls it, and the path is written once.
import type { z } from 'zod';

/** An HTTP call. A field that is left out is not part of the call. */
export interface Route<Params = undefined, Query = undefined, Body = undefined, Answer = undefined> {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** With `:name` for each path parameter: `/api/pieces/:id`. */
  readonly path: `/api/${string}`;
  /** The resource under which the API documents the route. */
  readonly tag: string;
  readonly summary: string;
  readonly params?: z.ZodType<Params>;
  readonly query?: z.ZodType<Query>;
  readonly body?: z.ZodType<Body>;
  /** Left out where the answer is a file or a stream, not JSON. */
  readonly answer?: z.ZodType<Answer>;
  /** HTTP status of the answer; 200 when left out. */
  readonly status?: 200 | 201 | 204;
}

/** Infers the types of a route from its schemas. */
export function route<Params = undefined, Query = undefined, Body = undefined, Answer = undefined>(
  definition: Route<Params, Query, Body, Answer>,
): Route<Params, Query, Body, Answer> {
  return definition;
}

/**
 * The path of a route with its parameters put in.
 * @example pathTo({ path: '/api/pieces/:id/prices' }, { id: 'a b' }) // '/api/pieces/a%20b/prices'
 */
export function pathTo(
  { path }: { readonly path: string },
  params: Readonly<Record<string, string | number>> = {},
): string {
  return path.replace(/:(\w+)/g, (_whole, name: string) => encodeURIComponent(String(params[name] ?? '')));
}
