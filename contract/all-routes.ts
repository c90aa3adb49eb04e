// Every route of the API, for tests that compare them.
import type { z } from 'zod';
import { accessRoutes } from './access.ts';
import { accountRoutes } from './account.ts';
import { backupRoutes } from './backups.ts';
import { batchRoutes } from './batches.ts';
import { benchRoutes } from './bench.ts';
import { fairRoutes } from './fairs.ts';
import { fixRoutes } from './fixes.ts';
import { goodsRoutes } from './goods.ts';
import { importRoutes } from './imports.ts';
import { madeRoutes } from './made.ts';
import { orderRoutes } from './orders.ts';
import { photoRoutes } from './photos.ts';
import { pieceRoutes } from './pieces.ts';
import { planRoutes } from './plan.ts';
import { priceListRoutes } from './price-lists.ts';
import { priceRoutes } from './prices.ts';
import { quoteRoutes } from './quotes.ts';
import { receiptRoutes } from './receipts.ts';
import { sheetRoutes } from './sheets.ts';
import { shelfRoutes } from './shelf.ts';
import { studioRoutes } from './studio.ts';

interface AnyRoute {
  readonly method: string;
  readonly path: string;
  readonly params?: z.ZodType;
}

const groups: readonly Readonly<Record<string, AnyRoute>>[] = [
  studioRoutes,
  pieceRoutes,
  backupRoutes,
  accessRoutes,
  batchRoutes,
  fairRoutes,
  quoteRoutes,
  madeRoutes,
  importRoutes,
  photoRoutes,
  fixRoutes,
  receiptRoutes,
  priceRoutes,
  shelfRoutes,
  accountRoutes,
  orderRoutes,
  goodsRoutes,
  priceListRoutes,
  planRoutes,
  benchRoutes,
  sheetRoutes,
];

/** Every route of the API. */
export const allRoutes: readonly AnyRoute[] = groups.flatMap((routes) => Object.values(routes));
