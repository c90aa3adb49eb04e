// Serves a second ledger on this machine for a while: a copy that is looked at, or the sample workshop.
import type { FastifyInstance } from 'fastify';

/** A ledger beside the maker's own. */
export interface Look {
  readonly address: string;
  readonly close: () => Promise<void>;
}

/** ms after which nobody looks any more. */
const CLOSE_AFTER_MS = 2 * 3_600_000;

/** @param onClosed  takes away what was served */
export async function serveAside(app: FastifyInstance, onClosed: () => void): Promise<Look> {
  const address = await app.listen({ host: '127.0.0.1', port: 0 });
  let isClosed = false;
  const close = async () => {
    if (isClosed) return;
    isClosed = true;
    clearTimeout(timer);
    app.server.closeAllConnections();
    await app.close();
    onClosed();
  };
  const timer = setTimeout(() => void close(), CLOSE_AFTER_MS).unref();
  return { address, close };
}
