// Copies of the ledger: how they stand, make one now, choose a second folder.
import type { FastifyInstance } from 'fastify';
import { backupRoutes } from '../../contract/backups.ts';
import type { BackupKeeper } from '../safekeeping/backup-keeper.ts';
import { exportInThread } from '../safekeeping/in-thread.ts';
import { NotAcceptable, NotThere } from '../store/refusals.ts';
import { answerRoute, sendRoute } from './register.ts';

const once = { countsOnce: false } as const;

/** What is done with a copy, by its path. */
export interface CopyUses {
  /** Opens it beside the ledger. @returns its address */
  readonly lookInto: (path: string) => Promise<string>;
  /** Opens the sample workshop beside the ledger. @param from  the address to come back to @returns its address */
  readonly openSample: (from: string) => Promise<string>;
  /** Puts it in the place of the ledger once the request is answered. */
  readonly restore: (path: string) => void;
}

/** Registers the routes of the copies. */
export function registerBackups(
  app: FastifyInstance,
  keeper: BackupKeeper,
  { lookInto, openSample, restore }: CopyUses,
): void {
  answerRoute(app, backupRoutes.look, async ({ params }) => ({ address: await lookInto(found(params.name)) }), once);
  answerRoute(app, backupRoutes.sample, async ({ body }) => ({ address: await openSample(body.from) }), once);
  answerRoute(
    app,
    backupRoutes.restore,
    ({ params }) => {
      restore(found(params.name));
      return null;
    },
    once,
  );
  sendRoute(app, backupRoutes.exportAll, async (_asked, reply) => {
    const day = keeper.state().now.slice(0, 'yyyy-mm-dd'.length);
    return reply
      .type('application/zip')
      .header('content-disposition', `attachment; filename="ledger-${day}.zip"`)
      .send(Buffer.from(await exportInThread(keeper.path)));
  });
  const found = (name: string): string => {
    try {
      return keeper.pathOf(name);
    } catch (error) {
      throw new NotThere(error instanceof Error ? error.message : '');
    }
  };
  answerRoute(app, backupRoutes.state, () => keeper.state());
  answerRoute(app, backupRoutes.now, () => keeper.backUpNow(), once);
  answerRoute(
    app,
    backupRoutes.folder,
    ({ body: { otherFolder } }) => {
      try {
        return keeper.setOtherFolder(otherFolder);
      } catch (error) {
        if (!(error instanceof RangeError)) throw error;
        throw new NotAcceptable(error.message, [{ path: 'otherFolder', sentence: error.message }]);
      }
    },
    once,
  );
}
