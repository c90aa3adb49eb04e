// The basis of the commands: the maker's own settings and metal prices when there is a ledger.
import { existsSync } from 'node:fs';
import { alloysWith } from '../../core/metal/alloy.ts';
import type { CommandBasis } from './ledger-basis.ts';

/** Without a ledger at the path: the built-in alloys and no prices. */
export async function basisOfLedger(path: string): Promise<CommandBasis> {
  if (!existsSync(path)) return { alloys: alloysWith([]), fix: null, country: '', rates: null };
  const { ledgerBasis } = await import('./ledger-basis.ts');
  return ledgerBasis(path);
}
