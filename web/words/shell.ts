// The words of the frame around every screen.
import { localWords } from './local-words.ts';

export const words = localWords({
  allQuestions: 'All questions',
  answer: 'Answer',
  batches: 'Batches',
  calculate18GaSterling120: '=  calculate: 18 ga sterling 120 mm',
  calculator: 'Calculator',
  cantConnectToNoonLedger: 'Can’t connect to Noon Ledger',
  darkTheme: 'Dark theme',
  lengthsWeightsGaugesRingSizes: 'Lengths, weights, gauges, ring sizes, bezels, chains, melts…',
  lightTheme: 'Light theme',
  loading: 'Loading…',
  metalPrices: 'Metal prices',
  noFurtherDetails: 'No further details.',
  noMetalPrices: 'No metal prices',
  noonLedger: 'Noon Ledger',
  noonLedgerIsNotRunning:
    'Noon Ledger is not running on this computer. Start it again (npm start), then reload this page. Your data is safe.',
  pieces: 'Pieces',
  pressOnAnyPageTo: 'Press = on any page to come here',
  prices: 'Prices',
  reference: 'Reference',
  reload: 'Reload',
  schedule: 'Schedule',
  sections: 'Sections',
  settings: 'Settings',
  thisPageHasStoppedWorking: 'This page has stopped working',
  yourChangesAreSavedReload: 'Your changes are saved. Reload the page to continue.',
});
