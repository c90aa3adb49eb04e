// The words of the metal account: what happened, and where metal is.
import type { EntryKind } from '../../core/account/entry.ts';
import type { HeldKind, JarKind, OutsidePlace } from '../../core/account/place.ts';
import { localWords } from './local-words.ts';

export const kindWords = localWords({
  opening: 'opening balance',
  received: 'received',
  issued: 'issued',
  returned: 'returned from batch',
  scrapped: 'scrapped',
  converted: 'converted',
  sent: 'sent to refiner',
  settled: 'settled',
  counted: 'stock count',
  'customer-in': 'customer’s metal in',
  'customer-out': 'customer’s metal returned',
  sold: 'sold',
  paid: 'earlier purchase',
  reversed: 'reversal',
} as const satisfies Record<EntryKind, string>);

export const heldWords = localWords({
  stock: 'Stock',
  work: 'In work',
  finished: 'Finished pieces',
  jar: 'Jars',
  refiner: 'At the refiner',
  kept: 'Customers’ metal',
} as const satisfies Record<HeldKind, string>);

export const outsideWords = localWords({
  opening: 'Opening balance',
  supplier: 'Bought',
  customer: 'Customers’ metal',
  sold: 'Sold in pieces',
  settled: 'Sold to the refiner',
  loss: 'Lost',
  counted: 'Stock count differences',
  assay: 'Assay differences',
} as const satisfies Record<OutsidePlace, string>);

export const jarWords = localWords({
  clean: 'clean scrap',
  soldered: 'soldered scrap',
  filings: 'filings',
  mixed: 'mixed',
} as const satisfies Record<JarKind, string>);

export const words = localWords({
  metal: 'Metal',
  finishedLie: 'Finished pieces, gross:',
  importATable: 'Import a table',
  jars: 'Jars',
  metalAccount: 'Metal account',
  buying: 'Buying',
  metalPrices: 'Metal prices',
  correct: 'Reverse',
  corrected: 'Entry reversed.',
  correctedLater: 'reversed later',
  undo: 'Undo',
  lot: 'lot',
  batch: 'batch',
  noEntriesYet: 'No entries yet.',
  entries: 'Entries',
  showMore: 'Show more',
  day: 'day',
  what: 'what',
  grams: 'g',
  gross: 'gross, g',
  fine: 'fine, g',
  exportCsv: 'Export CSV',
  print: 'Print',
  // The account of a period.
  from: 'From',
  until: 'until',
  thisYear: 'This year',
  lastMonth: 'Last month',
  thisMonth: 'This month',
  whereItIs: 'Where it is',
  whereItWent: 'Where it went',
  worth: 'What it is worth',
  alloy: 'alloy',
  atStart: 'at the start',
  atEnd: 'at the end',
  cameIn: 'came in',
  wentOut: 'went out',
  lost: 'lost',
  byMelting: 'by melting',
  atPrices: 'at metal prices',
  pricesOf: 'Metal prices of',
  firstInShort: 'first in, first out',
  average: 'average',
  total: 'Total',
  ownAt: 'Fine metal you own',
  noMetalYet: 'No metal in the account yet. Receive stock, or enter what lies in your drawers and jars.',
  untouched: 'Untouched for a year',
  none: 'none',
  withoutPrice: 'without a price paid',
  balanced: 'Start + in − out − lost = end, to the milligram.',
  aTenth: 'A change of 10 % in metal prices',
  valuation: 'Valuation report',
});
