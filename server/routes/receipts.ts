// Metal receipts: read them, add one. An entry never changes.
import type { FastifyInstance } from 'fastify';
import { receiptRoutes } from '../../contract/receipts.ts';
import { addReceipt } from '../services/add-receipt.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of metal receipts. */
export function registerReceipts(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, receiptRoutes.list, () => stores.account.receipts());
  answerRoute(app, receiptRoutes.add, ({ body }) => addReceipt(stores, body));
}
