// The server wired together: API, its documentation, and the built pages.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import swagger from '@fastify/swagger';
import swaggerUi from '@fastify/swagger-ui';
import Fastify, { type FastifyInstance, type FastifyReply } from 'fastify';
import { jsonSchemaTransform, validatorCompiler } from 'fastify-type-provider-zod';
import { answerError, answerNotFound, BODY_LIMIT_BYTES, sendProblem } from './error-responses.ts';
import { standIn } from './prices/stand-in.ts';
import { batchRoutes } from './routes/batches.ts';
import { fairRoutes } from './routes/fairs.ts';
import { fixRoutes } from './routes/fixes.ts';
import { photoRoutes } from './routes/photos.ts';
import { pieceRoutes } from './routes/pieces.ts';
import { planRoutes } from './routes/plan.ts';
import { goodsRoutes } from './routes/goods.ts';
import { priceListRoutes } from './routes/price-lists.ts';
import { priceRoutes } from './routes/prices.ts';
import { quoteRoutes } from './routes/quotes.ts';
import { receiptRoutes } from './routes/receipts.ts';
import { shelfRoutes } from './routes/shelf.ts';
import { sheetRoutes } from './routes/sheets.ts';
import { studioRoutes } from './routes/studio.ts';
import type { Book } from './store/book.ts';

export interface AppOptions {
  /** The built pages; without them only the API answers. */
  readonly webDir?: string;
  /** pino level: structured lines on standard error. */
  readonly logLevel?: 'silent' | 'warn' | 'info';
}

export async function createApp(book: Book, { webDir, logLevel = 'warn' }: AppOptions = {}): Promise<FastifyInstance> {
  const app = Fastify({
    bodyLimit: BODY_LIMIT_BYTES,
    logger: logLevel === 'silent' ? false : { level: logLevel, file: undefined, stream: process.stderr },
  });
  app.setValidatorCompiler(validatorCompiler);
  // What the ledger holds was read through its schema already: reading it a second time on the way out would double the
  // time a long book takes. The response schemas stand in the documentation, and the tests read answers through them.
  app.setSerializerCompiler(() => (answer) => JSON.stringify(answer));
  app.setErrorHandler(answerError);
  sayWhereJsonBreaks(app);
  refuseStrangers(app);
  await app.register(helmet, {
    enableCSPNonces: true,
    strictTransportSecurity: false,
    contentSecurityPolicy: { useDefaults: false, directives: contentSecurity },
  });
  await app.register(swagger, {
    openapi: {
      openapi: '3.1.0',
      info: {
        title: 'Noon Ledger',
        version: '1',
        description: 'Documents and entries of one ledger. Errors are problem details (RFC 9457).',
      },
    },
    transform: jsonSchemaTransform,
  });
  await app.register(swaggerUi, { routePrefix: '/api/docs', staticCSP: docsSecurity });
  await app.register(studioRoutes(book));
  await app.register(pieceRoutes(book));
  await app.register(photoRoutes(book));
  await app.register(batchRoutes(book));
  await app.register(fixRoutes(book, standIn));
  await app.register(receiptRoutes(book));
  await app.register(shelfRoutes(book));
  await app.register(planRoutes(book));
  await app.register(goodsRoutes(book));
  await app.register(priceListRoutes(book));
  await app.register(priceRoutes(book));
  await app.register(fairRoutes(book));
  await app.register(quoteRoutes(book));
  await app.register(sheetRoutes(book));
  app.get('/api/health', { schema: { hide: true } }, () => ({ ok: true }));
  await servePages(app, webDir);
  return app;
}

// The documentation page styles itself inline; nothing else on it is looser.
const docsSecurity =
  "default-src 'none'; script-src 'self'; connect-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self'; base-uri 'none'; frame-ancestors 'none'";

const contentSecurity = {
  defaultSrc: ["'none'"],
  // The solver of the cutting plans is WebAssembly.
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  workerSrc: ["'self'"],
  connectSrc: ["'self'"],
  styleSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  manifestSrc: ["'self'"],
  baseUri: ["'none'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
};

// The parser says only that something is not JSON; a file that was damaged wants to know where.
function sayWhereJsonBreaks(app: FastifyInstance): void {
  const parse = app.getDefaultJsonParser('error', 'error');
  app.addContentTypeParser('application/json', { parseAs: 'string' }, (request, body, done) => {
    void parse(request, body as string, (error, value) => {
      if (!error) {
        done(null, value);
        return;
      }
      try {
        JSON.parse(body as string);
      } catch (cause) {
        error.cause = cause;
      }
      done(error);
    });
  });
}

// A page elsewhere could have its own name point at this machine; only this machine's names are answered.
function refuseStrangers(app: FastifyInstance): void {
  app.addHook('onRequest', (request, reply, next) => {
    if (/^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/.test(request.headers.host ?? '')) {
      next();
      return;
    }
    sendProblem(reply, {
      type: 'about:blank',
      title: 'Refused',
      status: 403,
      detail: 'Open this ledger on its own computer, at 127.0.0.1.',
    });
  });
}

async function servePages(app: FastifyInstance, webDir: string | undefined): Promise<void> {
  const indexFile = webDir && join(webDir, 'index.html');
  if (!indexFile || !existsSync(indexFile)) {
    app.setNotFoundHandler(answerNotFound);
    return;
  }
  const html = readFileSync(indexFile, 'utf8');
  const page = (reply: FastifyReply) =>
    reply
      .type('text/html; charset=utf-8')
      .header('cache-control', 'no-store')
      .send(html.replaceAll('__CSP_NONCE__', reply.cspNonce.style));
  await app.register(fastifyStatic, {
    root: webDir,
    index: false,
    cacheControl: false,
    setHeaders: (reply, path) => {
      reply.setHeader('cache-control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache');
    },
  });
  app.get('/', { schema: { hide: true } }, (_request, reply) => page(reply));
  app.setNotFoundHandler((request, reply) => {
    const wantsPage =
      request.method === 'GET' &&
      !request.url.startsWith('/api/') &&
      (request.headers.accept ?? '').includes('text/html');
    return wantsPage ? page(reply) : answerNotFound(request, reply);
  });
}
