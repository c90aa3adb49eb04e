// The words of what deserves attention.
import { localWords } from './local-words.ts';

export const words = localWords({
  attention: 'Attention',
  backUp: 'Back up',
  backupFailed: 'The last backup failed.',
  backupIsOld: 'The last backup is old.',
  counting: 'Counting…',
  allIsWell: 'Nothing needs attention.',
  checkedLong:
    'Late batches, low stock, prices out of date, quotes that expire, metal prices, backups and changes that wait.',
  lateBatches: 'Late batches',
  lowStock: 'Low stock',
  metalPrices: 'Metal prices',
  noMetalPrices: 'There are no metal prices yet.',
  openTheBatch: 'Open',
  order: 'Order',
  pricesOutOfDate: 'Prices out of date',
  quotes: 'Quotes',
  refused: 'Changes that were not accepted',
  review: 'Review',
  safety: 'Backups',
  updateThem: 'Update',
  whatIsChecked: 'What is checked',
});
