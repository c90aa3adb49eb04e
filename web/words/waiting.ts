// The words for what waits on this device, and for a ledger that does not answer.
import { localWords } from './local-words.ts';

export const words = localWords({
  away: 'Not connected',
  changesWaiting: 'Changes waiting',
  discard: 'Discard',
  notSent: 'Not sent',
  refused: 'Refused',
  sendNow: 'Send now',
  storageFull:
    'This device cannot store what you type: its storage is full or switched off. Keep this page open until everything is saved.',
  typedIsStored: 'What you type is stored on this device and sent when Noon Ledger answers again.',
  whatWaits: 'These changes are stored on this device. They are sent in this order, each once.',
  whatWasRefused: 'Noon Ledger did not accept these changes. Enter them again as they should be, then discard them.',
});

/** What an entry changes, by its endpoint. */
export const entryWords: Readonly<Record<string, string>> = {
  addLot: 'Stock received',
  countLot: 'Stock count',
  issueMetal: 'Metal issued',
  giveBack: 'Metal returned',
  countGoods: 'Count of goods',
  addPriceList: 'Price list',
  addPiece: 'New piece',
  addPieceFile: 'Pieces of a file',
  importPieces: 'Pieces of a spreadsheet',
  undoImportedPieces: 'Import undone',
  importStock: 'Stock of a list',
  undoImportedStock: 'Import undone',
  undoPriceList: 'Import undone',
  addBatch: 'New batch',
  addQuote: 'New quote',
  addFair: 'New fair',
  addBenchEntries: 'Work at the bench',
  addBenchPhoto: 'Photo at the bench',
  addFix: 'Metal prices',
  addFixes: 'Metal prices',
  addReceipt: 'Metal received',
  addPrices: 'Prices',
};
