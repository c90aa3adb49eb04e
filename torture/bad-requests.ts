// Bad requests over every route: made from the schemas of the OpenAPI document, then bent. No answer may be a fault of the
// server (500 and above), and none may take longer than ten seconds.
import { performance } from 'node:perf_hooks';
import type { FastifyInstance } from 'fastify';

type Random = () => number;
interface Schema {
  readonly type?: string | readonly string[];
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly items?: Schema;
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
  readonly $ref?: string;
}
interface Operation {
  readonly parameters?: readonly { readonly name: string; readonly in: string; readonly schema?: Schema }[];
  readonly requestBody?: { readonly content?: Readonly<Record<string, { readonly schema?: Schema }>> };
}
interface OpenApi {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
  readonly components?: { readonly schemas?: Readonly<Record<string, Schema>> };
}

/** A bad request that was answered badly. */
export interface BadAnswer {
  readonly request: string;
  readonly status: number;
  readonly ms: number;
}

const SLOW_MS = 10_000;
const METHODS = ['get', 'post', 'put', 'delete', 'patch'] as const;
/** Routes that would end the test: they close the server, open ports or write to other folders. */
const LEFT_OUT = /\/restore$|\/look$|\/access\/on$|\/backups$|\/backups\/folder$|\/events$/;
const STRANGE = [
  '', ' ', '0', '-1', '1e309', 'NaN', '9999-12-31', '2026-02-30', '2026-03-02', '18 ga', '3/0 in', '1 mm', '((((', 'null', '../../etc', '\u0000', '🪙', 'x'.repeat(5000),
] as const; // prettier-ignore
const NUMBERS = [0, -1, 1, 1.5, 1e9, 1e308, -1e308, 2 ** 53, Number.MAX_SAFE_INTEGER] as const;
const pick = <Item>(of: readonly Item[], random: Random): Item | undefined => of[Math.floor(random() * of.length)];

/**
 * Sends bad requests.
 * @param ids  ids that exist, so that a request gets further than its address
 */
export async function sendBadRequests(
  app: FastifyInstance,
  ids: readonly string[],
  count: number,
  random: Random,
): Promise<{
  readonly sent: number;
  readonly bad: readonly BadAnswer[];
  readonly byStatus: ReadonlyMap<number, number>;
}> {
  const api = app.swagger() as unknown as OpenApi;
  const operations = Object.entries(api.paths).flatMap(([path, methods]) =>
    METHODS.flatMap((method) => {
      const operation = methods[method];
      return operation && !LEFT_OUT.test(path) ? [{ path, method, operation }] : [];
    }),
  );
  const bad: BadAnswer[] = [];
  const byStatus = new Map<number, number>();
  for (let at = 0; at < count; at += 1) {
    const one = operations[at % operations.length];
    if (!one) break;
    const { path, method, operation } = one;
    const parameters = operation.parameters ?? [];
    const filled = path.replace(/\{(\w+)\}/g, () => encodeURIComponent(random() < 0.6 ? (pick(ids, random) ?? '') : (pick(STRANGE, random) ?? ''))); // prettier-ignore
    const query = parameters
      .filter((parameter) => parameter.in === 'query' && random() < 0.8)
      .map(({ name, schema }) => `${name}=${encodeURIComponent(String(made(schema, api, random, 0)))}`);
    const content = Object.entries(operation.requestBody?.content ?? {})[0];
    const body = content ? bent(made(content[1].schema, api, random, 0), random) : undefined;
    const url = filled + (query.length > 0 ? `?${query.join('&')}` : '');
    const payload = body === undefined ? undefined : random() < 0.03 ? '{"broken":' : JSON.stringify(body);
    const headers = { host: '127.0.0.1', ...(payload !== undefined && { 'content-type': content?.[0] ?? 'application/json' }), ...(random() < 0.2 && { 'idempotency-key': `key-${String(Math.floor(random() * 1000)).padStart(8, '0')}` }) }; // prettier-ignore
    const began = performance.now();
    const response = await app.inject({
      method: method.toUpperCase() as 'GET',
      url,
      headers,
      ...(payload !== undefined && { payload }),
    });
    const ms = performance.now() - began;
    const status = response.statusCode;
    byStatus.set(status, (byStatus.get(status) ?? 0) + 1);
    if (status >= 500 || ms > SLOW_MS) bad.push({ request: `${method} ${url} ${payload ?? ''}`, status, ms });
  }
  return { sent: count, bad, byStatus };
}

/** A value of a schema, or one of another kind. */
function made(schema: Schema | undefined, api: OpenApi, random: Random, depth: number): unknown {
  if (!schema || depth > 12 || random() < 0.02) return strange(random);
  if (schema.$ref) {
    const name = schema.$ref.split('/').at(-1) ?? '';
    return made(api.components?.schemas?.[name], api, random, depth + 1);
  }
  if ('const' in schema) return schema.const;
  if (schema.enum) return pick(schema.enum, random);
  const choices = schema.anyOf ?? schema.oneOf ?? schema.allOf;
  if (choices) return made(pick(choices, random), api, random, depth + 1);
  const type = typeof schema.type === 'string' ? schema.type : pick(schema.type ?? ['object'], random);
  switch (type) {
    case 'object':
      return Object.fromEntries(
        Object.entries(schema.properties ?? {}).map(([name, inner]) => [name, made(inner, api, random, depth + 1)]),
      );
    case 'array':
      return Array.from({ length: Math.floor(random() * 3) }, () => made(schema.items, api, random, depth + 1));
    case 'integer':
    case 'number':
      return pick(NUMBERS, random);
    case 'boolean':
      return random() < 0.5;
    case 'null':
      return null;
    default:
      return pick(STRANGE, random);
  }
}

function strange(random: Random): unknown {
  return pick([null, true, -1, 'x', [], {}, [[[[]]]], { a: { b: 1 } }], random);
}

/** A value with a field left out or another put in, now and then. */
function bent(value: unknown, random: Random): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  const entries = Object.entries(value).filter(() => random() > 0.04);
  return Object.fromEntries(random() < 0.05 ? [...entries, ['strange', strange(random)]] : entries);
}
