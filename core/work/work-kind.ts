// What a kind of work is: its words, what its minutes grow with, and what belongs to it. One file a kind in `kinds/`.
import type { CautionId } from './cautions.ts';

/** What work is done to. */
type WorkTarget = 'part' | 'group' | 'join' | 'finding' | 'piece';

/**
 * Drivers: what the minutes of `each` are counted by. The recipe gives their number in one piece.
 *
 * `part`: parts worked on; `ring`: wound rings and links; `end`, `hole`, `grain`, `bend`, `turn`, `opening`: as named;
 * `seam`: soldered joints that show; `edge`: cm of trimmed edge; `outline`: cm of sawn outline; `bar`: cm of forged
 * bar; `cm`: cm of soldered seam; `cm2`: cm² of surface.
 */
export const workDrivers = [
  'piece', 'part', 'cut', 'outline', 'bar', 'ring', 'end', 'grain', 'hole', 'opening', 'bend', 'turn', 'joint', 'seam',
  'cm', 'edge', 'cm2', 'load', 'batch',
] as const; // prettier-ignore
/** A driver. */
export type WorkDriver = (typeof workDrivers)[number];

/** Where work stands in the route unless the maker moves it. */
type WorkPlace = 'before-join' | 'at-join' | 'after-join' | 'finish' | 'end';

/** A kind of work. Minutes and shares are starting values (common practice): the bench log of a studio replaces them. */
export interface WorkKind {
  /** Name as stored; the name of its file. */
  readonly kind: string;
  /** In lists: `drilling`. */
  readonly name: string;
  /** Before what it is done to: `Drill`. */
  readonly verb: string;
  /** Recognises a typed name; null for none. */
  readonly pattern: RegExp | null;
  readonly on: readonly WorkTarget[];
  readonly driver: WorkDriver;
  /** Attended minutes once a batch and for each driver, and unattended minutes for each load, as typed. */
  readonly start: {
    readonly setUp: string;
    readonly each: string;
    readonly unattended?: string;
    /** Pieces in a load; left out: all of them. */
    readonly load?: string;
  };
  readonly station: string;
  /** Share done again: it costs minutes and solder, and loses nothing. As typed. */
  readonly again: string;
  /** Share lost: only this makes extras necessary. As typed. */
  readonly lost: string;
  readonly place: WorkPlace;
  /** An optional finish: offered while the piece has none of it. */
  readonly offered?: true;
  /** It leaves oxide: pickle, or what stands in for it, comes after. */
  readonly heat?: true;
  /** Kinds that usually come before and after it. They are offered, never added silently. */
  readonly needs: readonly string[];
  readonly brings: readonly string[];
  /** Consumables it uses. */
  readonly uses: readonly string[];
  readonly cautions: readonly CautionId[];
  /** What is looked at when it is done; '' for nothing in particular. */
  readonly inspect: string;
}
