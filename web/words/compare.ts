// The words of the compare screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  atCurrentMetalPrices: 'At current metal prices',
  compare: 'Compare',
  currentDraft: 'current draft',
  effectOnCostAndPrice: 'Effect on cost and price',
  firstPiece: 'First piece',
  noDifferences: 'No differences.',
  oneDifference: 'One difference',
  secondPiece: 'Second piece',
  sideBySide: 'Side by side',
  unnamedPiece: 'Unnamed piece',
});
