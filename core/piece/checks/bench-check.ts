// The bench check: runs every check over a piece before metal is cut. It reads only the document and the tables.
import type { Alloy } from '../../metal/alloys.ts';
import { hasSizes, sizesOf } from '../all-sizes.ts';
import { computeRecipe, type Recipe, type RecipeFunctions } from '../compute-recipe.ts';
import type { Piece } from '../piece.ts';
import { pieceInSize } from '../piece-in-size.ts';
import { bezelFit } from './bezel-fit.ts';
import { type Check, CheckContext, type CheckFinding, type Severity } from './check-context.ts';
import { closedForm } from './closed-form.ts';
import { closedSize } from './closed-size.ts';
import { dieDepth } from './die-depth.ts';
import { forming } from './forming.ts';
import { fusing } from './fusing.ts';
import { hardSpot } from './hard-spot.ts';
import { heatAfter } from './heat-after.ts';
import { hinge } from './hinge.ts';
import { marksDue } from './marks-due.ts';
import { openRing } from './open-ring.ts';
import { pairs } from './pairs.ts';
import { platinumApart } from './platinum-apart.ts';
import { ringFit } from './ring-fit.ts';
import { sharpEnds } from './sharp-ends.ts';
import { sideRing } from './side-ring.ts';
import { solderFamily } from './solder-family.ts';
import { solderMelts } from './solder-melts.ts';
import { solderOrder } from './solder-order.ts';
import { steelPickle } from './steel-pickle.ts';
import { textureSoft } from './texture-soft.ts';
import { trappedPickle } from './trapped-pickle.ts';

/** Every check. A test keeps the list complete. */
export const checks: readonly Check[] = [
  solderOrder,
  solderMelts,
  solderFamily,
  closedForm,
  trappedPickle,
  steelPickle,
  platinumApart,
  ringFit,
  bezelFit,
  dieDepth,
  hinge,
  forming,
  heatAfter,
  pairs,
  sharpEnds,
  openRing,
  sideRing,
  closedSize,
  hardSpot,
  textureSoft,
  marksDue,
  fusing,
];

/** Names of the checks whose findings may differ between sizes. */
const sizeDependent: ReadonlySet<string> = new Set(
  checks.filter((check) => check.isSizeDependent).map(({ name }) => name),
);

/** A finding of a check with what the maker said about it. */
export interface Remark extends CheckFinding {
  readonly rule: string;
  readonly why: string;
  /** The maker's reason for overriding it; null when it is not overridden. */
  readonly known: string | null;
}

const rank = { stop: 0, warn: 1, note: 2 } as const satisfies Record<Severity, number>;

/**
 * Checks a piece in one size.
 * @param country  ISO 3166-1 alpha-2 of the maker; '' when unknown
 * @returns the remarks, the most severe first, then in the order of the checks
 */
export function benchCheck(recipe: Recipe, alloys: ReadonlyMap<string, Alloy>, country: string): Remark[] {
  const context = new CheckContext(recipe, alloys, country);
  const { known } = recipe.piece;
  const remarks = checks.flatMap(({ name, why, check }) =>
    check(context).map((found): Remark => {
      const seen = known.find(({ rule, about }) => rule === name && about === found.about);
      return { ...found, rule: name, why, known: seen ? seen.reason : null };
    }),
  );
  return remarks.toSorted((a, b) => rank[a.severity] - rank[b.severity]);
}

/** Checks a piece in all its sizes; a remark that several sizes share is given once. */
export function benchCheckAll(piece: Piece, alloys: ReadonlyMap<string, Alloy>, country: string): Remark[] {
  const checking = benchChecking(piece, alloys, country);
  let step = checking.next();
  while (!step.done) step = checking.next();
  return step.value;
}

/**
 * The same one size at a time, for a page that must not wait: it yields between sizes.
 * @param compute  functions of the recipe that remember what has not changed
 */
export function* benchChecking(
  piece: Piece,
  alloys: ReadonlyMap<string, Alloy>,
  country: string,
  compute?: RecipeFunctions,
): Generator<undefined, Remark[]> {
  if (!hasSizes(piece)) return benchCheck(computeRecipe(piece, alloys, compute), alloys, country);
  const seen = new Map<string, Remark>();
  for (const size of sizesOf(piece)) {
    for (const remark of benchCheck(computeRecipe(pieceInSize(piece, size), alloys, compute), alloys, country)) {
      const key = `${remark.rule} ${remark.about} ${remark.severity}`;
      const named = sizesOf(piece).length > 1 && sizeDependent.has(remark.rule);
      if (!seen.has(key))
        seen.set(key, named ? { ...remark, sentence: `In ${size.name || 'a size'}: ${remark.sentence}` } : remark);
    }
    yield;
  }
  return [...seen.values()].toSorted((a, b) => rank[a.severity] - rank[b.severity]);
}

/** Remarks that keep a piece from being accepted: stops without a reason for overriding them. */
export function standing(remarks: readonly Remark[]): Remark[] {
  return remarks.filter(({ severity, known }) => severity === 'stop' && known === null);
}
