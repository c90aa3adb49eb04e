// Adds metal received, with the price paid.
import { type NewReceipt, type Receipt, receiptProblems } from '../../core/metal/receipt.ts';
import type { Stores } from '../store/stores.ts';
import { refuseIssues } from './refuse.ts';

/** @throws NotAcceptable when its weight or price cannot be read */
export function addReceipt({ receipts }: Stores, receipt: NewReceipt): Receipt {
  refuseIssues(receiptProblems(receipt), 'This purchase can’t be saved yet.');
  return receipts.add(receipt);
}
