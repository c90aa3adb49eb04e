// What changed, told to every page at once: server-sent events (HTML Living Standard, 9.2).
import type { FastifyInstance, FastifyReply } from 'fastify';

/** ms between lines that keep the connection open. */
const ALIVE_MS = 25_000;
/** Open streams at most: a page holds one for all tabs of its device. */
const MOST_STREAMS = 40;
const TAB = 'noon-tab';
const PLACE = /^\/api\/(?<folder>[\w-]+)(?:\/(?<id>[\w-]+)\/)?/;

declare module 'fastify' {
  interface FastifyInstance {
    /** Ends what a device listens to. */
    endStreams: (device: string) => void;
  }
}

/** Registers the stream of changes: after every write its path, below /api, and the tab that made it. */
export function registerEvents(app: FastifyInstance): void {
  /** Open streams with the device that listens; '' for this computer. */
  const streams = new Map<FastifyReply, string>();
  const send = (text: string) => {
    for (const { raw } of streams.keys()) raw.write(text);
  };
  app.decorate('endStreams', (device: string) => {
    for (const [{ raw }, of] of streams) if (of === device) raw.end();
  });
  const alive = setInterval(() => send(': still here\n\n'), ALIVE_MS).unref();
  app.addHook('preClose', (done) => {
    clearInterval(alive);
    for (const { raw } of streams.keys()) raw.end();
    done();
  });
  app.addHook('onResponse', (request, reply, done) => {
    if (request.method !== 'GET' && reply.statusCode < 400 && request.url.startsWith('/api/')) {
      const { folder = '', id = '' } = PLACE.exec(request.url)?.groups ?? {};
      send(`data: ${JSON.stringify({ folder, id, tab: request.headers[TAB] ?? '' })}\n\n`);
    }
    done();
  });
  app.get('/api/events', { schema: { hide: true } }, (request, reply) => {
    if (streams.size >= MOST_STREAMS) {
      void reply.code(503).send();
      return;
    }
    reply.hijack();
    const { raw } = reply;
    raw.writeHead(200, {
      ...(reply.getHeaders() as Record<string, string>),
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
    });
    raw.write('retry: 2000\n\n');
    streams.set(reply, request.device?.id ?? '');
    raw.on('close', () => streams.delete(reply));
  });
}
