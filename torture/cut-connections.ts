// A proxy that cuts connections at random bytes, in either direction, before a server that goes on.
import { once } from 'node:events';
import { connect, createServer, type Server, type Socket } from 'node:net';

/** A proxy before a server on this machine. */
export interface CuttingProxy {
  readonly url: string;
  /** Connections that were cut. */
  readonly cuts: () => number;
  readonly close: () => Promise<void>;
}

/** Bytes after which a connection is cut, at most; some are not cut at all. */
const LATEST_CUT = 1500;

/** @param share  of connections that are cut */
export async function cuttingProxy(target: string, share: number, random: () => number): Promise<CuttingProxy> {
  const { port } = new URL(target);
  let cuts = 0;
  const open = new Set<Socket>();
  const server: Server = createServer((near) => {
    const far = connect(Number(port), '127.0.0.1');
    for (const socket of [near, far]) {
      open.add(socket);
      socket.on('error', () => undefined);
      socket.on('close', () => open.delete(socket));
    }
    let left = random() < share ? Math.floor(random() * LATEST_CUT) : Infinity;
    const pass = (from: Socket, to: Socket) =>
      from.on('data', (bytes: Buffer) => {
        if (bytes.length <= left) {
          left -= bytes.length;
          to.write(bytes);
          return;
        }
        // The last bytes still go through: half a request, or half an answer.
        to.write(bytes.subarray(0, left));
        left = 0;
        cuts += 1;
        near.destroy();
        far.destroy();
      });
    pass(near, far);
    pass(far, near);
    near.on('close', () => far.destroy());
    far.on('close', () => near.destroy());
  });
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  const own = typeof address === 'object' && address ? address.port : 0;
  return {
    url: `http://127.0.0.1:${String(own)}`,
    cuts: () => cuts,
    close: async () => {
      for (const socket of open) socket.destroy();
      server.close();
      await once(server, 'close');
    },
  };
}
