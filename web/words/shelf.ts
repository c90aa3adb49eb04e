// The words of the shelf screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  importATable: 'Import a table',
  counted: 'Stock count',
  stockReceived: 'Stock received.',
  undone: 'undone',
  addToStock: 'Add to stock',
  buyingList: 'Buying list',
  cancel: 'Cancel',
  entriesCantBeEditedCorrect: 'Entries can’t be edited. Correct a mistake with a stock count.',
  metalInStock: 'Metal in stock',
  noStockYetAddYour:
    'No stock yet. Add your bars and sheets: cutting plans use stock first, offcuts before whole pieces.',
  none: 'none',
  noneYet: 'none yet',
  notKnown: 'not known',
  offcut: ', offcut',
  reason: 'reason',
  receiveStock: 'Receive stock',
  recentStockMovements: 'Recent stock movements',
  stock: 'Stock',
  stockLength: 'Stock, length',
  stockLengthOfTheSheet: 'Stock, length of the sheet',
  stockMovements: 'Stock movements',
  stockQuantity: 'Stock, quantity',
  stockTemper: 'Stock, temper',
  stockTotalPaid: 'Stock, total paid',
  stockWhichMetal: 'Stock, which metal',
  stockWhichSection: 'Stock, which section',
  stockWidthOfTheSheet: 'Stock, width of the sheet',
});
