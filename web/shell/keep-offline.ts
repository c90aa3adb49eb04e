// Keeps the program and the last answers of the ledger on this device, and announces a new version of the program.
import { Workbox } from 'workbox-window';
import { accessRoutes } from '../../contract/access.ts';
import { accountRoutes } from '../../contract/account.ts';
import { backupRoutes } from '../../contract/backups.ts';
import { batchRoutes } from '../../contract/batches.ts';
import { benchRoutes } from '../../contract/bench.ts';
import { fairRoutes } from '../../contract/fairs.ts';
import { fixRoutes } from '../../contract/fixes.ts';
import { goodsRoutes } from '../../contract/goods.ts';
import { madeRoutes } from '../../contract/made.ts';
import { piecePaths } from '../../contract/piece-paths.ts';
import { priceListRoutes } from '../../contract/price-lists.ts';
import { quoteRoutes } from '../../contract/quotes.ts';
import { receiptRoutes } from '../../contract/receipts.ts';
import { shelfRoutes } from '../../contract/shelf.ts';
import { studioRoutes } from '../../contract/studio.ts';
import { announceUpdate } from '../state/app-update.ts';

/** ms between two looks for a new version of the program, for a tablet that stays on. */
const LOOK_EVERY_MS = 3_600_000;

/** What every page reads. */
const lists = [
  studioRoutes.get,
  accessRoutes.me,
  backupRoutes.about,
  backupRoutes.state,
  piecePaths.list,
  batchRoutes.list,
  quoteRoutes.list,
  fairRoutes.list,
  shelfRoutes.page,
  goodsRoutes.list,
  priceListRoutes.list,
  receiptRoutes.list,
  fixRoutes.list,
  benchRoutes.learned,
  madeRoutes.page,
  accountRoutes.used,
  benchRoutes.kinds,
];

/** Registers the service worker. */
export async function keepOffline(): Promise<void> {
  const worker = new Workbox('/sw.js');
  worker.addEventListener('waiting', () => {
    announceUpdate(() => {
      worker.addEventListener('controlling', () => location.reload());
      worker.messageSkipWaiting();
    });
  });
  try {
    await worker.register();
    await worker.controlling;
  } catch {
    // Without it the app works as long as the ledger answers.
    return;
  }
  // The service worker keeps the answers. What a page has read since is kept already.
  for (const { path } of lists) if (!(await caches.match(path))) await fetch(path).catch(() => undefined);
  setInterval(() => void worker.update().catch(() => undefined), LOOK_EVERY_MS);
}
