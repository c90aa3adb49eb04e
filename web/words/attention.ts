// The words of what deserves attention.
import { localWords } from './local-words.ts';

export const words = localWords({
  attention: 'Attention',
  backUp: 'Back up',
  backupFailed: 'The last backup failed.',
  backupIsOld: 'The last backup is old.',
  allIsWell: 'Nothing needs attention.',
  checkedLong:
    'Late batches, low stock, prices out of date, quotes that expire within a week, old metal prices, and backups.',
  jarsToSend: 'Jars worth sending to the refiner',
  send: 'Send',
  lateBatches: 'Late batches',
  lowStock: 'Low stock',
  metalPrices: 'Metal prices',
  noMetalPrices: 'There are no metal prices yet.',
  open: 'Open',
  order: 'Order',
  pricesOutOfDate: 'Prices out of date',
  quotes: 'Quotes',
  safety: 'Backups',
  update: 'Update',
  whatIsChecked: 'What is checked',
});
