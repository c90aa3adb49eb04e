// Copies of the ledger: how they stand, make one now, choose a second folder.
import type { FastifyInstance } from 'fastify';
import { backupRoutes } from '../../contract/backups.ts';
import type { BackupKeeper } from '../safekeeping/backup-keeper.ts';
import { NotAcceptable } from '../store/refusals.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of the copies. */
export function registerBackups(app: FastifyInstance, keeper: BackupKeeper): void {
  answerRoute(app, backupRoutes.state, () => keeper.state());
  answerRoute(app, backupRoutes.now, () => keeper.backUpNow(), { countsOnce: false });
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
    { countsOnce: false },
  );
}
