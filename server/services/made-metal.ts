// The metal of finished pieces: when pieces leave, their metal leaves the metal account with them.
import { type Balance } from '../../core/account/balance.ts';
import { type MetalEntry, move, type NewMetalEntry, partOf } from '../../core/account/entry.ts';
import { jarOf, type Place } from '../../core/account/place.ts';
import type { MadeItem } from '../../core/made/made-item.ts';
import type { Stores } from '../store/stores.ts';
import { entryOf } from './stockroom.ts';

/** Pieces that leave, or come back. */
interface Leaving {
  readonly item: MadeItem;
  readonly count: number;
}

/** Why they leave. */
export type LeavingHow = 'sold' | 'refunded' | 'melted' | 'given' | 'lost';

const kinds = { sold: 'sold', refunded: 'sold', melted: 'scrapped', given: 'sold', lost: 'counted' } as const satisfies Record<LeavingHow, NewMetalEntry['kind']>; // prettier-ignore

/**
 * Books the metal of pieces that leave. Pieces whose metal is not in the account leave without an entry.
 * @returns the entry; null where no metal of them is known
 */
export function bookMetal(
  stores: Stores,
  leaving: readonly Leaving[],
  how: LeavingHow,
  { on, why }: { readonly on: string; readonly why: string },
): MetalEntry | null {
  const from: Place = how === 'refunded' ? 'sold' : 'finished';
  const there = stores.account.balances(from);
  const wanted = new Map<string, { mg: number; pieces: number }>();
  for (const { item, count } of leaving)
    for (const [at, [alloy, mg]] of Object.entries(item.mg).entries()) {
      const before = wanted.get(alloy) ?? { mg: 0, pieces: 0 };
      wanted.set(alloy, { mg: before.mg + mg * count, pieces: before.pieces + (at === 0 ? count : 0) });
    }
  const lines = [...wanted].flatMap(([alloy, { mg, pieces }]) => {
    const held = sumOfAlloy(there, alloy);
    const taken = Math.min(mg, held?.mg ?? 0);
    if (!held || taken <= 0) return [];
    const to: Place = how === 'refunded' ? 'finished' : how === 'melted' ? jarOf('soldered', alloy) : how === 'lost' ? 'loss' : 'sold'; // prettier-ignore
    const counted = Math.min(pieces, held.pieces);
    const isJar = how === 'melted';
    return move(partOf(held, taken), { place: from, pieces: counted }, { place: to, pieces: isJar || how === 'lost' ? 0 : counted }); // prettier-ignore
  });
  if (lines.length === 0) return null;
  const [entry] = stores.account.add([entryOf(stores, { kind: kinds[how], on, why, lines })]);
  return entry ?? null;
}

function sumOfAlloy(there: readonly Balance[], alloy: string): Balance | null {
  return there.find((one) => one.alloy === alloy && one.lot === null) ?? null;
}
