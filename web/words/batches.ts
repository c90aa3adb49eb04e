// The words of the batches screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  aBatchIsAQuantity: 'A batch is a quantity of pieces to make by a due date. Open a',
  allBatchesAreScheduledTogether: 'All batches are scheduled together',
  allOpenBatches: 'All open batches',
  andChooseNewBatchThis: 'and choose “New batch”. This page then lists what to cut and when each batch will be done.',
  batches: 'Batches',
  benchTime: 'Bench time',
  buyingList: 'Buying list',
  cost: 'Cost',
  draft: 'draft',
  dueSoonest: 'Due soonest',
  showAllFinished: 'Show all finished batches',
  finished: 'Finished',
  metal: 'Metal',
  metalToIssue: 'Metal to issue',
  noDueDate: 'no due date',
  piece: 'piece',
  profitAtWholesale: 'Profit at wholesale',
  unattendedTime: 'Unattended time',
  wholesaleValue: 'Wholesale value',
});
