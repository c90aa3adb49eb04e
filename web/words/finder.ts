// The words of the finder.
import { localWords } from './local-words.ts';

export const words = localWords({
  action: 'action',
  backUpNow: 'Back up now',
  batch: 'batch',
  close: 'Close',
  customer: 'customer',
  fair: 'fair',
  find: 'Find',
  help: 'help',
  newFair: 'New fair',
  newPiece: 'New piece',
  newQuote: 'New quote',
  newRepairQuote: 'New repair quote',
  nothingFound: 'Nothing found. Try fewer letters.',
  piece: 'piece',
  quote: 'quote',
  screen: 'screen',
  setting: 'setting',
  showKeys: 'Show the keys',
  stock: 'stock',
  theme: 'Light or dark theme',
  typeToFind: 'Find a piece, batch, customer, setting…',
});
