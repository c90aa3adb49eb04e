// The route kept in step with the recipe: what changes when the recipe changes.
import type { Alloy } from '../metal/alloys.ts';
import { sizesOf } from './all-sizes.ts';
import { computeRecipe, type Recipe } from './compute-recipe.ts';
import type { Piece } from './piece.ts';
import { pieceInSize } from './piece-in-size.ts';
import { type Proposal, proposeRoute } from './propose-route.ts';
import type { StandardTimes } from './standard-times.ts';
import { type Step, type StepKind, stepKindOf } from './step.ts';

/** A change of the route that a changed recipe proposes. */
export type RouteChange =
  | { readonly kind: 'add'; readonly proposal: Proposal; readonly after: string | null }
  | { readonly kind: 'remove'; readonly step: Step }
  | { readonly kind: 'change'; readonly step: Step; readonly proposal: Proposal };

/**
 * Compares the route with what the recipe proposes now. Steps that the maker added or changed are never touched, and
 * what was declined is not proposed again.
 */
export function routeChanges(recipe: Recipe, times?: StandardTimes): RouteChange[] {
  const { steps, declined } = recipe.piece;
  const proposed = proposeRoute(recipe, times);
  const here = new Map(steps.map((step) => [step.from, step]));
  const wanted = new Set(proposed.map(({ from }) => from));
  // A step the maker typed may be the proposed one: it is not proposed twice.
  const own = recipe.piece.route === 'recipe' ? [] : steps.filter(({ from }) => from === '');
  const kinds = new Set(own.flatMap((step) => kindred(stepKindOf(step))));
  const changes: RouteChange[] = [];
  let after: string | null = null;
  for (const proposal of proposed) {
    const step = here.get(proposal.from);
    if (step) {
      after = step.id;
      if (!step.byHand && differs(step, proposal)) changes.push({ kind: 'change', step, proposal });
    } else if (!declined.includes(proposal.from) && !kinds.has(stepKindOf(proposal))) {
      changes.push({ kind: 'add', proposal, after });
    }
  }
  for (const step of steps) {
    if (step.from && !step.byHand && !wanted.has(step.from)) changes.push({ kind: 'remove', step });
  }
  return changes;
}

// What a maker calls “saw to length” may be the proposed cutting.
const families: readonly (readonly StepKind[])[] = [
  ['cut', 'saw'],
  ['form', 'wind', 'forge', 'press', 'dome', 'twist'],
  ['assemble', 'link', 'wrap'],
  ['texture', 'stamp', 'roll'],
];

function kindred(kind: StepKind): readonly StepKind[] {
  return families.find((family) => family.includes(kind)) ?? [kind];
}

function differs(step: Step, proposal: Proposal): boolean {
  return (Object.keys(proposal) as (keyof Proposal)[]).some(
    (key) => key !== 'overlaps' && String(step[key]) !== String(proposal[key]),
  );
}

/** Proposals for a piece; for one with sizes, from its first size. Its steps stay as typed. */
export function routeOffers(piece: Piece, alloys: ReadonlyMap<string, Alloy>, times?: StandardTimes): RouteChange[] {
  const [size] = sizesOf(piece);
  const recipe = computeRecipe(size ? pieceInSize(piece, size) : piece, alloys);
  return routeChanges({ ...recipe, piece: { ...recipe.piece, steps: piece.steps } }, times);
}

/** Key of a change among the others. */
export function changeKey(change: RouteChange): string {
  return `${change.kind} ${change.kind === 'remove' ? change.step.id : change.proposal.from}`;
}

/** A change in words: `Add “Pickle the rim”`. */
export function changeInWords(change: RouteChange): string {
  if (change.kind === 'add') return `Add “${change.proposal.name}”`;
  if (change.kind === 'remove') return `Delete “${change.step.name}”`;
  const { step, proposal } = change;
  return step.name === proposal.name ? `Change “${step.name}” to the recipe` : `Call “${step.name}” “${proposal.name}”`;
}

/** Applies changes to the steps. @param newId  makes an id for each added step */
export function withChanges(steps: readonly Step[], changes: readonly RouteChange[], newId: () => string): Step[] {
  const result = [...steps];
  // Each step goes after the one before it in the proposal, which may have been added just now.
  let last: string | null = null;
  let lastAfter: string | null | undefined;
  for (const change of changes) {
    if (change.kind === 'remove') {
      const at = result.findIndex(({ id }) => id === change.step.id);
      if (at >= 0) result.splice(at, 1);
    } else if (change.kind === 'change') {
      const at = result.findIndex(({ id }) => id === change.step.id);
      if (at >= 0) result[at] = { ...change.proposal, id: change.step.id, overlaps: change.step.overlaps };
    } else {
      const behind: string | null = change.after === lastAfter ? last : change.after;
      const at = result.findIndex(({ id }) => id === behind);
      const id = newId();
      result.splice(at + 1, 0, { ...change.proposal, id });
      last = id;
      lastAfter = change.after;
    }
  }
  return result;
}
