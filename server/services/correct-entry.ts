// Corrects an entry of the metal account by its counter-entry.
import { type MetalEntry, reversed } from '../../core/account/entry.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { today } from './stockroom.ts';

/**
 * @throws NotThere; NotAcceptable when it is a counter-entry or was corrected before, or its metal has been used since
 */
export function correctEntry(stores: Stores, id: number, why: string): MetalEntry[] {
  return stores.inTransaction(() => {
    const entry = stores.account.entry(id);
    if (entry.kind === 'reversed') throw new NotAcceptable('A counter-entry stays. Enter what happened again.', []);
    if (entry.correctedBy !== null) throw new NotAcceptable('This entry was corrected before.', []);
    return stores.account.add([reversed(entry, today(stores), why || 'corrected')]);
  });
}
