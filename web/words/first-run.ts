// The words of the first run screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  change: 'Change',
  lookAroundFirst: 'Or look around first, with pieces, batches and prices of an invented workshop:',
  openSample: 'Open the sample workshop',
  openingSample: 'Opening…',
  yourFormat: 'Money and measures',
  country: 'Country',
  currency: 'Currency',
  nameOfYourStudio: 'name of your studio',
  setUpYourStudio: 'Set up your studio',
  start: 'Start',
  studio: 'Studio',
  targetHourlyRate: 'Target hourly rate',
  units: 'Units',
  whatYouWantToEarn: 'What you want to earn per bench hour, before rent and tools.',
  youCanChangeEverythingLater: 'You can change everything later in Settings. Your data stays on this computer.',
});
