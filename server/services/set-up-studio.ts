// Sets up the studio on the first run, and accepts its settings.
import type { DocumentOf } from '../../contract/document.ts';
import { STUDIO_ID } from '../../contract/studio.ts';
import { readRates } from '../../core/studio/rates.ts';
import { type FirstRun, startingStudio, type Studio } from '../../core/studio/studio.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { refuseIssues } from './refuse.ts';

/** Sets up the studio on the first run. @throws NotAcceptable when it exists already or the rate cannot be read */
export function setUpStudio(stores: Stores, answers: FirstRun): DocumentOf<Studio> {
  if (stores.studio.list().length > 0)
    throw new NotAcceptable('The studio is set up already. Change it in Settings.', []);
  const body = startingStudio(answers);
  refuseIssues(readRates(body, 0).problems, 'The studio cannot be set up yet.');
  const { version } = stores.studio.add(body, STUDIO_ID);
  return acceptStudio(stores, version);
}

/** @throws NotAcceptable when a setting cannot be read */
export function acceptStudio({ studio }: Stores, version: number): DocumentOf<Studio> {
  return studio.accept(STUDIO_ID, version, (settings) => {
    refuseIssues(readRates(settings, 0).problems, 'These settings can’t be saved yet.');
    return null;
  });
}
