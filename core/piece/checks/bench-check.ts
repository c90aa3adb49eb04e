// The bench check: every rule over a piece, before metal is cut. It reads the document and the tables, nothing else.
import type { Alloy } from '../../metal/alloys.ts';
import { reckonRecipe, type Recipe } from '../recipe.ts';
import { hasSizes, pieceInSize } from '../sizes.ts';
import type { Piece } from '../piece.ts';
import { bezelFit } from './bezel-fit.ts';
import { closedForm } from './closed-form.ts';
import { dieDepth } from './die-depth.ts';
import { forming } from './forming.ts';
import { fusing } from './fusing.ts';
import { heatAfter } from './heat-after.ts';
import { hinge } from './hinge.ts';
import { marksDue } from './marks-due.ts';
import { openRing } from './open-ring.ts';
import { pairs } from './pairs.ts';
import { platinumApart } from './platinum-apart.ts';
import { ringFit } from './ring-fit.ts';
import { Job, type Found, type Rule, type Severity } from './rule.ts';
import { sharpEnds } from './sharp-ends.ts';
import { solderMelts } from './solder-melts.ts';
import { solderOrder } from './solder-order.ts';
import { steelPickle } from './steel-pickle.ts';
import { trappedPickle } from './trapped-pickle.ts';

export const rules: readonly Rule[] = [
  solderOrder,
  solderMelts,
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
  marksDue,
  fusing,
];

/** What a rule has to say of a piece. */
export interface Remark extends Found {
  readonly rule: string;
  readonly why: string;
  /** The reason the maker gave for letting it stand; null when it is not known. */
  readonly known: string | null;
}

const rank = { stop: 0, warn: 1, note: 2 } as const satisfies Record<Severity, number>;

/**
 * Checks a piece.
 * @param country  ISO 3166-1 alpha-2 of the maker; '' when it is not known
 * @returns the remarks, the gravest first, each rule in its order
 */
export function benchCheck(recipe: Recipe, alloys: ReadonlyMap<string, Alloy>, country: string): Remark[] {
  const job = new Job(recipe, alloys, country);
  const { known } = recipe.piece;
  const remarks = rules.flatMap(({ name, why, check }) =>
    check(job).map((found): Remark => {
      const seen = known.find(({ rule, about }) => rule === name && about === found.about);
      return { ...found, rule: name, why, known: seen ? seen.reason : null };
    }),
  );
  return remarks.toSorted((a, b) => rank[a.severity] - rank[b.severity]);
}

/** Checks a piece in all its sizes; a remark that several sizes share is said once. */
export function benchCheckAll(piece: Piece, alloys: ReadonlyMap<string, Alloy>, country: string): Remark[] {
  if (!hasSizes(piece)) return benchCheck(reckonRecipe(piece, alloys), alloys, country);
  const seen = new Map<string, Remark>();
  for (const size of piece.sizes.rows) {
    for (const remark of benchCheck(reckonRecipe(pieceInSize(piece, size), alloys), alloys, country)) {
      const key = `${remark.rule} ${remark.about} ${remark.severity}`;
      if (!seen.has(key))
        seen.set(key, {
          ...remark,
          sentence:
            piece.sizes.rows.length > 1 && dependsOnSize(remark)
              ? `In ${size.name || 'a size'}: ${remark.sentence}`
              : remark.sentence,
        });
    }
  }
  return [...seen.values()].toSorted((a, b) => rank[a.severity] - rank[b.severity]);
}

// These speak of measures, which a size may change.
const measured = new Set(['ring-fit', 'bezel-fit', 'die-depth', 'hinge', 'forming', 'marks-due', 'pairs']);

function dependsOnSize({ rule }: Remark): boolean {
  return measured.has(rule);
}

/** Remarks that keep a piece from being accepted: stops the maker has not said are known. */
export function standing(remarks: readonly Remark[]): Remark[] {
  return remarks.filter(({ severity, known }) => severity === 'stop' && known === null);
}
