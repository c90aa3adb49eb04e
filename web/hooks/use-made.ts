// Finished pieces as screens show them: balances, names of places, prices.
import { useMemo } from 'react';
import type { WaitingBatch } from '../../contract/made.ts';
import { type MadeBalance, madeBalances } from '../../core/made/made-balance.ts';
import { type MadeEntry, wholeEntry } from '../../core/made/made-entry.ts';
import type { MadeItem } from '../../core/made/made-item.ts';
import { holdsPieces, type MadePlace, outletAt } from '../../core/made/made-place.ts';
import type { Outlet } from '../../core/made/outlet.ts';
import { useGetFairsQuery } from '../state/endpoints/fairs.ts';
import { useGetMadeQuery } from '../state/endpoints/made.ts';
import { madeKindWords, words } from '../words/made.ts';

/** Finished pieces as screens show them. */
export interface Made {
  readonly isThere: boolean;
  readonly items: readonly MadeItem[];
  readonly itemOf: ReadonlyMap<string, MadeItem>;
  readonly outlets: readonly Outlet[];
  /** Oldest first. */
  readonly entries: readonly MadeEntry[];
  /** Pieces that are somewhere. */
  readonly held: readonly MadeBalance[];
  readonly waiting: readonly WaitingBatch[];
  readonly placeName: (place: MadePlace) => string;
  /** Places pieces can be moved to: the studio, outlets that are open, and fairs. */
  readonly places: readonly { readonly value: MadePlace; readonly label: string }[];
}

const NONE: readonly never[] = [];

export function useMade(): Made {
  const { data } = useGetMadeQuery(undefined);
  const { data: fairs = NONE } = useGetFairsQuery();
  return useMemo(() => {
    const outlets = data?.outlets ?? NONE;
    const items = data?.items ?? NONE;
    const entries = (data?.entries ?? NONE).map(wholeEntry);
    const placeName = (place: MadePlace) => {
      const outlet = outletAt(place);
      if (outlet?.kind === 'fair') return fairs.find(({ id }) => id === outlet.id)?.body.name ?? words.fair;
      if (outlet) return outlets.find(({ id }) => id === outlet.id)?.name ?? outlet.id;
      return place === 'studio'
        ? words.studio
        : place in madeKindWords
          ? madeKindWords[place as keyof typeof madeKindWords]
          : place;
    };
    return {
      isThere: data !== undefined,
      items,
      itemOf: new Map(items.map((item) => [item.id, item])),
      outlets,
      entries,
      held: madeBalances(entries).filter(({ place }) => holdsPieces(place)),
      waiting: data?.waiting ?? NONE,
      placeName,
      places: [
        { value: 'studio' as const, label: words.studio },
        ...outlets
          .filter(({ isClosed }) => !isClosed)
          .map(({ id, kind, name }) => ({ value: `${kind}/${id}` as const, label: name })),
        ...fairs.map(({ id, body }) => ({ value: `fair/${id}` as const, label: body.name || words.fair })),
      ],
    };
  }, [data, fairs]);
}
