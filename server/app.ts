// Wires the server: the API, its documentation, and the built pages.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import cookie from '@fastify/cookie';
import helmet from '@fastify/helmet';
import rateLimit from '@fastify/rate-limit';
import fastifyStatic from '@fastify/static';
import Fastify, { type FastifyInstance, type FastifyReply } from 'fastify';
import { validatorCompiler } from 'fastify-type-provider-zod';
import { backupRoutes } from '../contract/backups.ts';
import { setStudioFormat } from '../core/format/studio-format.ts';
import type { Finder } from '../solver/finder.ts';
import type { AccessKeeper } from './access/access-keeper.ts';
import { guard } from './access/guard.ts';
import { answerText } from './answer-text.ts';
import { serveApiDocs } from './api-docs.ts';
import { answerError, answerNotFound, BODY_LIMIT_BYTES, sendProblem } from './error-responses.ts';
import { standIn } from './prices/stand-in.ts';
import { registerAccess } from './routes/access.ts';
import { registerAccount } from './routes/account.ts';
import { registerAccountSheets } from './routes/account-sheets.ts';
import { type CopyUses, registerBackups } from './routes/backups.ts';
import { registerBatches } from './routes/batches.ts';
import { registerBench } from './routes/bench.ts';
import { countOnce } from './routes/count-once.ts';
import { registerEvents } from './routes/events.ts';
import { registerFairs } from './routes/fairs.ts';
import { registerFixes } from './routes/fixes.ts';
import { registerGoods } from './routes/goods.ts';
import { registerImports } from './routes/imports.ts';
import { registerMade } from './routes/made.ts';
import { registerOrders } from './routes/orders.ts';
import { registerPhotos } from './routes/photos.ts';
import { registerPieces } from './routes/pieces.ts';
import { registerPlan } from './routes/plan.ts';
import { registerPriceLists } from './routes/price-lists.ts';
import { registerPrices } from './routes/prices.ts';
import { registerQuotes } from './routes/quotes.ts';
import { registerReceipts } from './routes/receipts.ts';
import { answerRoute } from './routes/register.ts';
import { refuseSenselessDays } from './routes/sensible-days.ts';
import { registerSheets } from './routes/sheets.ts';
import { registerShelf } from './routes/shelf.ts';
import { registerStudio } from './routes/studio.ts';
import { registerTrash } from './routes/trash.ts';
import type { BackupKeeper } from './safekeeping/backup-keeper.ts';
import type { Stores } from './store/stores.ts';

/** Options of the server. */
export interface AppOptions {
  /** The built pages; without them only the API answers. */
  readonly webDir?: string;
  /** pino level: structured lines on standard error. */
  /** Looks for better plans; left out: nobody does. */
  readonly finder?: Finder | null;
  /** Keeps copies of the ledger; left out: there are none. */
  readonly backups?: (CopyUses & { readonly keeper: BackupKeeper }) | null;
  /** When the copy that is shown was made: nothing is changed in it; '' for the ledger itself. */
  readonly copyOf?: string;
  /** Address of the ledger from which the sample workshop was opened; blank for any other ledger. */
  readonly sampleFrom?: string;
  /** Lets other devices in; left out: there are none. */
  readonly access?: AccessKeeper | null;
  /** Throws when the ledger file is no longer the one that was opened; left out for a ledger in memory. */
  readonly checkFile?: () => void;
  /** Whether the API documents itself at `/api/docs`; in development. */
  readonly apiDocs?: boolean;
  readonly logLevel?: 'silent' | 'warn' | 'info';
}

/** Creates the server over open stores. It does not listen yet. */
export async function createApp(
  stores: Stores,
  {
    webDir,
    finder = null,
    backups = null,
    copyOf = '',
    sampleFrom = '',
    access = null,
    checkFile = () => undefined,
    apiDocs = false,
    logLevel = 'warn',
  }: AppOptions = {},
): Promise<FastifyInstance> {
  const app = Fastify({
    bodyLimit: BODY_LIMIT_BYTES,
    logger: logLevel === 'silent' ? false : { level: logLevel, file: undefined, stream: process.stderr },
  });
  app.setValidatorCompiler(validatorCompiler);
  // The ledger's content was parsed when it was read: serializing it through its schema again would double the time of
  // a long list. The response schemas stand in the documentation, and the tests read answers through them.
  // Fastify sends bytes as well as text.
  const asText = answerText() as (answer: unknown) => string;
  app.setSerializerCompiler(() => asText);
  app.setErrorHandler(answerError);
  // Papers and sentences show numbers and days as the studio's country writes them.
  app.addHook('onRequest', (_request, _reply, done) => {
    const [studio] = stores.studio.list();
    if (studio) setStudioFormat((studio.accepted ?? studio.body).country);
    done();
  });
  app.decorate('countOnce', countOnce(stores));
  app.decorate('checkFile', checkFile);
  stores.requests.forgetOld();
  sayWhereJsonBreaks(app);
  await app.register(cookie);
  await app.register(rateLimit, { global: false });
  guard(app, stores.devices, access);
  refuseSenselessDays(app);
  keepPrivate(app);
  registerEvents(app);
  await app.register(helmet, {
    enableCSPNonces: true,
    strictTransportSecurity: false,
    contentSecurityPolicy: { useDefaults: false, directives: contentSecurity },
  });
  if (apiDocs) await serveApiDocs(app);
  registerResources(app, stores, { access, standIn, finder });
  if (backups) registerBackups(app, backups.keeper, backups);
  answerRoute(app, backupRoutes.about, () => ({ copyOf, sampleFrom }));
  if (copyOf) refuseChanges(app);
  if (access) registerAccess(app, access, stores.devices);
  app.get('/api/health', { schema: { hide: true } }, () => ({ ok: true }));
  await servePages(app, webDir);
  return app;
}

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

// The parser only says that it is no JSON; a damaged file needs the place.
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

/** A copy is only looked at: what would change it is refused before it is read. */
function refuseChanges(app: FastifyInstance): void {
  app.addHook('onRequest', (request, reply, next) => {
    if (['GET', 'HEAD', 'OPTIONS'].includes(request.method)) next();
    else
      sendProblem(reply, {
        type: 'about:blank',
        title: 'Only to look at',
        status: 403,
        detail: 'This is a copy, only to look at. Nothing was changed.',
      });
  });
}

/** What a ledger holds is kept in no cache, unless its route says otherwise. */
function keepPrivate(app: FastifyInstance): void {
  app.addHook('onSend', (request, reply, _payload, done) => {
    if (request.url.startsWith('/api/') && !reply.hasHeader('cache-control'))
      void reply.header('cache-control', 'no-store');
    done();
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
  // The second address is the one that the service worker stores.
  for (const address of ['/', '/index.html'])
    app.get(address, { schema: { hide: true } }, (_request, reply) => page(reply));
  app.setNotFoundHandler((request, reply) => {
    const wantsPage =
      request.method === 'GET' &&
      !request.url.startsWith('/api/') &&
      (request.headers.accept ?? '').includes('text/html');
    return wantsPage ? page(reply) : answerNotFound(request, reply);
  });
}

interface ResourceParts {
  readonly access: Parameters<typeof registerAccount>[2];
  readonly standIn: Parameters<typeof registerFixes>[2];
  readonly finder: Parameters<typeof registerPlan>[2];
}

/** The routes of everything that the ledger holds. */
function registerResources(app: FastifyInstance, stores: Stores, { access, standIn, finder }: ResourceParts): void {
  registerStudio(app, stores);
  registerPieces(app, stores);
  registerPhotos(app, stores);
  registerBatches(app, stores);
  registerFixes(app, stores, standIn);
  registerReceipts(app, stores);
  registerShelf(app, stores);
  registerAccount(app, stores, access);
  registerOrders(app, stores);
  registerMade(app, stores);
  registerPlan(app, stores, finder);
  registerBench(app, stores);
  registerGoods(app, stores);
  registerPriceLists(app, stores);
  registerPrices(app, stores);
  registerFairs(app, stores);
  registerTrash(app, stores);
  registerImports(app, stores);
  registerQuotes(app, stores);
  registerSheets(app, stores);
  registerAccountSheets(app, stores);
}
