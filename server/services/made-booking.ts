// What every change of finished pieces shares: the entry, the place, and the metal of pieces that leave.
import type { MadeEntry, NewMadeEntry } from '../../core/made/made-entry.ts';
import { holdsPieces, type MadePlace, outletAt } from '../../core/made/made-place.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { dayProblems } from './entry-problems.ts';
import { bookMetal, type LeavingHow } from './made-metal.ts';
import { refuseIssues } from './refuse.ts';

/** Title of a refusal. */
export const MADE_REFUSED = 'This can’t be booked yet.';

type EntryParts = Pick<NewMadeEntry, 'kind' | 'lines' | 'on'> & Partial<NewMadeEntry>;

/** An entry with what most entries share. @throws NotAcceptable for a day that cannot be */
export function newEntry(stores: Stores, more: EntryParts): NewMadeEntry {
  const { currency } = currentBasis(stores).rates;
  refuseIssues(dayProblems(stores, more.on), MADE_REFUSED);
  return {
    channel: '',
    buyer: '',
    customers: 1,
    batchId: null,
    why: '',
    corrects: null,
    currency,
    reference: '',
    ...more,
  };
}

/** A place that holds pieces. @throws NotAcceptable for another */
export function heldPlace(stores: Stores, text: string): MadePlace {
  const place = text as MadePlace;
  const outlet = outletAt(place);
  const isKnown =
    place === 'studio' ||
    (outlet !== null &&
      (outlet.kind === 'fair'
        ? stores.fairs.list().some(({ id }) => id === outlet.id)
        : stores.made.outlets().some(({ id, kind }) => id === outlet.id && kind === outlet.kind)));
  // Pieces can always be taken from where they are, whatever became of the fair or the shop.
  const isHeldThere = () => stores.made.balances().some((one) => one.place === place && one.count > 0);
  if (!holdsPieces(place) || !(isKnown || isHeldThere()))
    throw new NotAcceptable('This place is not in the ledger.', []);
  return place;
}

/** Adds an entry of pieces that leave or come back, with the entry of their metal. */
export function addLeaving(stores: Stores, entry: NewMadeEntry, how: LeavingHow): MadeEntry {
  const leaving = entry.lines
    .filter(({ place }) => !holdsPieces(place))
    .map(({ item, count }) => ({ item: stores.made.item(item), count: Math.abs(count) }));
  const why =
    entry.why ||
    leaving
      .map(({ item, count }) => `${String(count)} × ${item.name}`)
      .join(', ')
      .slice(0, 400);
  const metal = bookMetal(stores, leaving, how, { on: entry.on, why });
  return stores.made.add(entry, metal?.id ?? null);
}
