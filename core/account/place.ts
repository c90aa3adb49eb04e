// Places of the account: where metal is held, and where it comes from or goes to.
import type { ScrapKind } from '../metal/scrap-kinds.ts';

/** Kinds of jars: the kinds of scrap, and what was mixed up. */
export const jarKinds = ['clean', 'soldered', 'filings', 'mixed'] as const satisfies readonly (ScrapKind | 'mixed')[];
/** A kind of jar. */
export type JarKind = (typeof jarKinds)[number];

/** Places outside the studio. Metal that came has a negative balance there, metal that left a positive one. */
export const outsidePlaces = [
  'opening',
  'supplier',
  'customer',
  'sold',
  'settled',
  'loss',
  'counted',
  'assay',
] as const;
/** A place outside the studio. */
export type OutsidePlace = (typeof outsidePlaces)[number];

/**
 * A place as it is stored: `stock`, `kept` for customers' metal, `finished`, `jar/clean/silver-925`, `jar/mixed`, `work/<batch>`,
 * `refiner/<consignment>`, or a place outside.
 */
export type Place =
  | OutsidePlace
  | 'stock'
  | 'kept'
  | 'finished'
  | 'jar/mixed'
  | `jar/${JarKind}/${string}`
  | `work/${string}`
  | `refiner/${string}`;

/** Kinds of places that hold metal. What is kept for customers is not the studio's own. */
export const heldKinds = ['stock', 'work', 'finished', 'jar', 'refiner', 'kept'] as const;
/** A kind of place that holds metal. */
export type HeldKind = (typeof heldKinds)[number];

/** The jar for scrap of a metal; everything that was mixed up goes into one. */
export function jarOf(kind: JarKind, alloyId: string): Place {
  return kind === 'mixed' ? 'jar/mixed' : `jar/${kind}/${alloyId}`;
}

/** Whether metal at a place belongs to the studio. */
export function isOwned(place: Place): boolean {
  return place !== 'kept' && heldKind(place) !== null;
}

/** @returns the kind of a place that holds metal; null for a place outside */
export function heldKind(place: Place): HeldKind | null {
  const [head = ''] = place.split('/');
  return (heldKinds as readonly string[]).includes(head) ? (head as HeldKind) : null;
}

/** Kind and alloy of a jar; null for another place, and alloy '' for the mixed jar. */
export function jarAt(place: Place): { readonly kind: JarKind; readonly alloy: string } | null {
  const [head, kind, alloy = ''] = place.split('/');
  return head === 'jar' ? { kind: kind as JarKind, alloy } : null;
}

/** Id of the batch whose metal is at a place; null for another place. */
export function batchAt(place: Place): string | null {
  return place.startsWith('work/') ? place.slice('work/'.length) : null;
}
