// The words of the sheets screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  a4Mm: 'A4, mm',
  aLineSheetShowsShops:
    'A line sheet shows shops your pieces and wholesale prices. It lists pieces that have a saved version.',
  codeOnTheTag: 'Code on the tag',
  copiesOfEach: 'Copies of each',
  downloadLineSheet: 'Download line sheet:',
  exportCsv: 'Export CSV',
  lineSheet: 'Line sheet',
  lineSheetAndPriceTags: 'Line sheet and price tags',
  newPiece: 'New piece',
  noPhoto: 'no photo',
  piecesOnTheLineSheet: 'Pieces on the line sheet',
  priceTags: 'Price tags',
  pricesAreThoseOfThe: 'Prices are those of the price book. Minimum order and volume discounts are in Settings.',
  sheetLayout: 'Sheet layout',
  theSheetOfPriceTags: 'The sheet of price tags, to scale',
  unnamedPiece: 'Unnamed piece',
  usedTagsToSkip: 'used tags to skip',
  usedTagsToSkipTitle: 'Used tags to skip',
});
