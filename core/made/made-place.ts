// Places of finished pieces: where they are, and where they come from or go to.

/** Places outside: pieces that came have a negative balance there, pieces that left a positive one. */
export const madeOutside = ['made', 'opening', 'sold', 'melted', 'given', 'lost', 'counted'] as const;
/** A place outside. */
export type MadeOutside = (typeof madeOutside)[number];

/** Kinds of outlets. `shop` holds pieces on consignment, or buys them outright. */
export const outletKinds = ['shop', 'site', 'loan'] as const;
/** A kind of outlet. */
export type OutletKind = (typeof outletKinds)[number];

/** `studio`, `shop/<outlet>`, `site/<outlet>`, `loan/<outlet>`, `fair/<fair>`, or a place outside. */
export type MadePlace = MadeOutside | 'studio' | `${OutletKind | 'fair'}/${string}`;

/** Whether a place holds pieces. */
export function holdsPieces(place: MadePlace): boolean {
  return !(madeOutside as readonly string[]).includes(place);
}

/** Kind and id of an outlet or a fair; null for the studio and places outside. */
export function outletAt(place: MadePlace): { readonly kind: OutletKind | 'fair'; readonly id: string } | null {
  const [kind, id] = place.split('/');
  return id === undefined ? null : { kind: kind as OutletKind | 'fair', id };
}

/** Whether pieces there can be sold: those on loan cannot. */
export const canSellAt = (place: MadePlace) => holdsPieces(place) && !place.startsWith('loan/');
