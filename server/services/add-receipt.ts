// Records what was paid for metal in the past, where the metal itself is not in stock.
import { type NewReceipt, type Receipt, receiptProblems } from '../../core/metal/receipt.ts';
import type { Stores } from '../store/stores.ts';
import { dayProblems, foreignProblems } from './entry-problems.ts';
import { refuseIssues } from './refuse.ts';

/** @throws NotAcceptable when its weight or price cannot be read, or it is of a day to come or in another currency */
export function addReceipt(stores: Stores, receipt: NewReceipt): Receipt {
  const problems = [
    ...receiptProblems(receipt),
    ...foreignProblems(stores, receipt),
    ...dayProblems(stores, receipt.on),
  ];
  refuseIssues(problems, 'This purchase can’t be saved yet.');
  const { on, currency, ...paid } = receipt;
  const [entry] = stores.account.add([
    { kind: 'paid', on, batchId: null, why: '', corrects: null, currency, detail: { receipt: paid }, lines: [] },
  ]);
  return { ...receipt, id: entry?.id ?? 0, at: entry?.at ?? stores.now() };
}
