// The metal account: balances, entries, batches, jars, refining, conversions.
import type { FastifyInstance } from 'fastify';
import { accountRoutes } from '../../contract/account.ts';
import type { AccessKeeper } from '../access/access-keeper.ts';
import { accountPage, lotStory, stockUse } from '../services/account-page.ts';
import { convertMetal } from '../services/convert-metal.ts';
import { correctEntry } from '../services/correct-entry.ts';
import { issueByHand, returnMetal } from '../services/issue-metal.ts';
import { jarsPage, sendToRefiner, settle } from '../services/refine.ts';
import { fillJar, handBack, scrapLot } from '../services/stockroom.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute, sendRoute } from './register.ts';

/** Registers the routes of the metal account. */
export function registerAccount(app: FastifyInstance, stores: Stores, access: AccessKeeper | null): void {
  const { account } = stores;
  answerRoute(app, accountRoutes.page, ({ query }) => accountPage(stores, query.from, query.until));
  answerRoute(app, accountRoutes.entries, ({ query }) => account.entries(query));
  answerRoute(app, accountRoutes.reverse, ({ params, body }) => correctEntry(stores, params.id, body.why));
  answerRoute(app, accountRoutes.used, () => stockUse(stores));
  answerRoute(app, accountRoutes.lot, ({ params }) => lotStory(stores, params.id));
  sendRoute(app, accountRoutes.lotCode, async ({ params, headers }, reply) => {
    const { number } = account.lot(params.id);
    const [address = `http://${headers.host ?? ''}`] = access?.state().addresses ?? [];
    const { toSVG } = await import('bwip-js/node');
    const svg = toSVG({ bcid: 'qrcode', text: `${address}/lots/${String(number)}`, scale: 3 });
    return reply.type('image/svg+xml').send(svg);
  });
  answerRoute(app, accountRoutes.putLot, ({ params, body }) => {
    account.putLot(account.lot(params.id).row.id, body.where.trim());
  });
  answerRoute(app, accountRoutes.scrapLot, ({ params, body }) => scrapLot(stores, params.id, body));
  answerRoute(app, accountRoutes.handBack, ({ params, body }) => handBack(stores, params.id, body));
  answerRoute(app, accountRoutes.issue, ({ params, body }) => issueByHand(stores, params.id, body));
  answerRoute(app, accountRoutes.return, ({ params, body }) => returnMetal(stores, params.id, body));
  answerRoute(app, accountRoutes.jars, () => jarsPage(stores));
  answerRoute(app, accountRoutes.intoJar, ({ body }) => fillJar(stores, body));
  answerRoute(app, accountRoutes.send, ({ body }) => sendToRefiner(stores, body));
  answerRoute(app, accountRoutes.settle, ({ params, body }) => settle(stores, params.id, body));
  answerRoute(app, accountRoutes.convert, ({ body }) => convertMetal(stores, body));
}
