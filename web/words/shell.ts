// The words of the frame around every screen.
import { localWords } from './local-words.ts';

export const words = localWords({
  allQuestions: 'All questions',
  answer: 'Answer',
  backupFailed: 'Backup failed',
  backupIsOld: 'No recent backup',
  batches: 'Batches',
  calculate18GaSterling120: '=  calculate: 18 ga sterling 120 mm',
  calculator: 'Calculator',
  cantConnectToNoonLedger: 'Can’t connect to Noon Ledger',
  copyOf: 'This is the backup of',
  onlyToLookAt: 'Only to look at: nothing can be changed here. Close this tab to go back.',
  darkTheme: 'Dark theme',
  goBack: 'Go back',
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
  thisPageWasNotFetched:
    'Noon Ledger does not answer, so this page cannot be shown. What you typed is stored on this device and sent when Noon Ledger answers again.',
  thisPageHasStoppedWorking: 'This page has stopped working',
  whatYouTypedIsStored: 'What you typed is stored on this device. Reload the page to continue.',
});
