// What a ledger gives the commands: alloys, rates and metal prices of the maker.
import type { AskBasis } from '../../core/ask/ask.ts';
import { setStudioFormat } from '../../core/format/studio-format.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import { type Rates, readRates, withReceipts } from '../../core/studio/rates.ts';
import { openLedger } from '../store/ledger.ts';
import { kindOfLedger, migrationsFolder } from '../store/migrations-folder.ts';
import { openStores } from '../store/stores.ts';

/** Settings and metal prices for a command; without a ledger there are none. */
export interface CommandBasis extends AskBasis {
  readonly country: string;
  readonly rates: Rates | null;
}

/** Reads the settings and the latest metal prices of a ledger, and sets the format of its country. */
export function ledgerBasis(path: string): CommandBasis {
  const ledger = openLedger(path, migrationsFolder(), kindOfLedger());
  try {
    const stores = openStores(ledger);
    const [studio] = stores.studio.list();
    const settings = studio && (studio.accepted ?? studio.body);
    if (settings) setStudioFormat(settings.country);
    const rates = settings ? withReceipts(readRates(settings, studio.revision), stores.account.receipts()) : null;
    return {
      rates,
      alloys: rates?.alloys ?? alloysWith([]),
      fix: settings ? stores.fixes.current(settings.currency) : null,
      country: settings?.country ?? '',
    };
  } finally {
    ledger.close();
  }
}
