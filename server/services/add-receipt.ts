// Adds metal received, with the price paid.
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
  return stores.receipts.add(receipt);
}
