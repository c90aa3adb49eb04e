// The basis of all computation: accepted settings, prices paid for metal, current metal prices.
import { STUDIO_ID } from '../../contract/studio.ts';
import type { Fix } from '../../core/metal/fix.ts';
import { type Rates, readRates, withReceipts } from '../../core/studio/rates.ts';
import type { Studio } from '../../core/studio/studio.ts';
import type { Stores } from '../store/stores.ts';

/** Rates and metal prices of a ledger; `fix` is null before the first metal prices. */
export interface LedgerBasis {
  readonly rates: Rates;
  readonly fix: Fix | null;
}

/** The settings in force: the last accepted ones, or those of the first run. @throws NotThere before the first run */
export function acceptedStudio({ studio }: Pick<Stores, 'studio'>): Studio {
  const { accepted, body } = studio.get(STUDIO_ID);
  return accepted ?? body;
}

/** The current basis. @throws NotThere before the first run */
export function currentBasis(stores: Stores): LedgerBasis {
  const { revision } = stores.studio.get(STUDIO_ID);
  const rates = withReceipts(readRates(acceptedStudio(stores), revision), stores.account.receipts());
  return { rates, fix: stores.fixes.current(rates.currency) };
}
