// Proposes the bench route of a recipe: cuts, anneals, forming, joins, pickles and finish, in order.
import { blankRuleOf } from '../blank/blank.ts';
import { annealsBetween } from '../blank/reduction.ts';
import { readLength } from '../measure/read/read-length.ts';
import type { Alloy } from '../metal/alloys.ts';
import { areaMm2, bendMm } from '../stock/section.ts';
import type { PartComputation } from './compute-part.ts';
import { computeRecipe, type Recipe } from './compute-recipe.ts';
import { isHot, type Join, type JoinKind } from './join.ts';
import type { Part } from './part.ts';
import type { Piece } from './piece.ts';
import { pieceInSize } from './piece-in-size.ts';
import { standardStep } from './standard-times.ts';
import { type Step, type StepKind, stepKindOf } from './step.ts';

/** A proposed step. */
export type Proposal = Omit<Step, 'id'>;

/** Thicker stock is annealed before it is bent, mm (common practice). */
const THICK_MM = 1.5;

const joining = {
  solder: { kind: 'solder', verb: 'Solder' },
  fuse: { kind: 'fuse', verb: 'Fuse' },
  rivet: { kind: 'rivet', verb: 'Rivet' },
  screw: { kind: 'assemble', verb: 'Screw together' },
  wrap: { kind: 'assemble', verb: 'Wrap' },
  link: { kind: 'assemble', verb: 'Link' },
  set: { kind: 'set', verb: 'Set' },
} as const satisfies Record<JoinKind, { kind: StepKind; verb: string }>;

/**
 * Proposes the route of a recipe. Each step names its origin, so that the same recipe proposes the same steps.
 * @returns steps in order; none for an empty recipe
 */
export function proposeRoute(recipe: Recipe): Proposal[] {
  const { piece } = recipe;
  const parts = piece.parts.flatMap((part, index) => {
    const computation = recipe.parts[index];
    return computation && !part.bought ? [{ part, computation }] : [];
  });
  if (parts.length === 0 && piece.joins.length === 0) return [];
  const early = piece.joins.filter((join) => join.kind !== 'set' && (isHot(join) || join.kind === 'wrap'));
  const late = piece.joins.filter((join) => !early.includes(join) && join.kind !== 'set');
  const settings = piece.joins.filter(({ kind }) => kind === 'set');
  const sawn = parts.filter(({ part }) => part.section.form !== 'grain' && !blankRuleOf(part.blank.rule).cutFromCoil);

  return [
    ...(sawn.length > 0 ? [standardStep('cut', 'Cut the blanks', '', 'cut')] : []),
    ...parts.flatMap(({ part, computation }) => shaping(part, computation)),
    ...parts.flatMap(({ part }) => (part.hole.trim() ? [ofPart('drill', `Drill ${named(part)}`, part)] : [])),
    ...vents(recipe),
    ...early.flatMap((join) => joinSteps(join, recipe)),
    ...trimmed(recipe),
    ...(piece.joins.some(isHot) ? [standardStep('file', 'File the joints', '', 'file')] : []),
    ...parts.flatMap(({ part }) =>
      part.endsTouchSkin ? [ofPart('round-ends', `Round the ends of ${named(part)}`, part)] : [],
    ),
    standardStep('sand', 'Sand', '', 'sand'),
    ...late.flatMap((join) => joinSteps(join, recipe)),
    standardStep('polish', 'Polish', '', 'polish'),
    ...settings.flatMap((join) => joinSteps(join, recipe)),
    ...(piece.soldBy === 'pair' ? [standardStep('pair', 'Match the pairs', '', 'pair')] : []),
    standardStep('inspect', 'Inspect and weigh', '', 'inspect'),
  ];
}

function named(row: { readonly name: string }): string {
  return row.name.trim().toLowerCase() || 'it';
}

// Names of joins that say the work already: “set the stone”, “fuse the links”.
const WORK =
  /^(?:set|fuse|solder|rivet|link|glue|stitch|screw|bend|fold|tie|close|join|wrap|crimp|mount|attach|fix)\b/i;

function isWork({ name }: { readonly name: string }): boolean {
  return WORK.test(name.trim());
}

/** `Solder the rim`; a name that says the work stands alone: `Set the stone`. */
function workOn(verb: string, row: { readonly name: string }): string {
  const name = named(row);
  return isWork(row) ? name.charAt(0).toUpperCase() + name.slice(1) : `${verb} ${name}`;
}

function ofPart(kind: StepKind, name: string, part: Part): Proposal {
  return standardStep(kind, name, part.id, `${kind}:${part.id}`);
}

function shaping(part: Part, computation: PartComputation): Proposal[] {
  const verb = blankRuleOf(part.blank.rule).forming;
  if (part.blank.rule === 'balled' || part.blank.rule === 'granule')
    return [
      ofPart('fuse', part.blank.rule === 'balled' ? `Ball the ends of ${named(part)}` : `Melt ${named(part)}`, part),
    ];
  if (!verb) return [];
  const form = ofPart('form', `${verb} ${named(part)}`, part);
  const perCut = blankRuleOf(part.blank.rule).cutFromCoil;
  const shaped = perCut ? { ...form, per: 'cut' as const, each: '0.5' } : form;
  const anneals = annealsOf(part, computation);
  if (anneals === 0) return [shaped];
  const anneal = ofPart('anneal', `Anneal ${named(part)}`, part);
  const between = Array.from({ length: anneals - 1 }, (_, index): Proposal[] => [
    { ...shaped, name: `${shaped.name}, pass ${String(index + 1)}`, from: `${shaped.from}:${String(index + 1)}` },
    { ...anneal, name: `${anneal.name} again`, from: `${anneal.from}:${String(index + 1)}` },
  ]);
  return [anneal, ...between.flat(), shaped];
}

// One anneal if it is hard or thick, and one for each halving of a forged section.
function annealsOf(part: Part, { section }: PartComputation): number {
  if (!section || section.form === 'grain') return 0;
  const first = part.temper === 'hard' || (part.temper !== 'soft' && bendMm(section) > THICK_MM) ? 1 : 0;
  if (part.blank.rule !== 'worked' || section.form === 'sheet') return first;
  const width = readLength(part.blank.width, { what: 'width' });
  const thickness = readLength(part.blank.thickness || part.blank.width, { what: 'thickness' });
  if (!width.ok || !thickness.ok) return first;
  const after = part.blank.thickness.trim()
    ? width.value * thickness.value
    : areaMm2({ form: 'round', diameterMm: width.value });
  return first + annealsBetween(areaMm2(section), after);
}

function vents({ piece }: Recipe): Proposal[] {
  return piece.groups.flatMap((group) =>
    group.vents.trim() && group.vents.trim() !== '0'
      ? [standardStep('drill', `Drill the vent of ${named(group)}`, group.id, `vent:${group.id}`)]
      : [],
  );
}

function joinSteps(join: Join, recipe: Recipe): Proposal[] {
  const { kind, verb } = joining[join.kind];
  const step = standardStep(kind, workOn(verb, join), join.id, `join:${join.id}`);
  const seam = join.kind === 'solder' && join.form === 'seam' ? { per: 'cm' as const, each: '0.8' } : {};
  if (!isHot(join)) return [step];
  const hot = { ...step, ...seam };
  // Steel is never pickled: it is brushed clean.
  const steel = hasSteel(join, recipe);
  const clean = steel
    ? standardStep(
        'brush',
        isWork(join) ? `Brush clean after: ${named(join)}` : `Brush ${named(join)} clean`,
        join.id,
        `clean:${join.id}`,
      )
    : standardStep(
        'pickle',
        isWork(join) ? `Pickle after: ${named(join)}` : `Pickle ${named(join)}`,
        join.id,
        `clean:${join.id}`,
      );
  const flush =
    !steel && isHollow(join, recipe)
      ? [standardStep('neutralise', `Flush ${named(join)}, boil out in bicarbonate`, join.id, `flush:${join.id}`)]
      : [];
  return [hot, clean, ...flush];
}

function membersOfJoin(join: Join, { piece }: Recipe) {
  const ids = new Set(join.parts);
  return [...piece.parts, ...piece.findings].filter((row) => ids.has(row.id) || ids.has(row.group));
}

function hasSteel(join: Join, recipe: Recipe): boolean {
  return membersOfJoin(join, recipe).some(({ alloy }) => alloy.startsWith('steel') || alloy.startsWith('stainless'));
}

function isHollow(join: Join, recipe: Recipe): boolean {
  const { parts, groups } = recipe.piece;
  const members = membersOfJoin(join, recipe);
  return members.some(
    (row) =>
      parts.some((part) => part.id === row.id && part.blank.rule === 'knuckles') ||
      groups.some((group) => group.id === row.group && (group.closed || group.vents.trim() !== '')),
  );
}

// What was soldered with a border is sawn and filed to the line.
function trimmed({ piece }: Recipe): Proposal[] {
  return piece.parts.flatMap((part) =>
    part.scrap === 'soldered' && part.trim.trim() && !part.bought
      ? [ofPart('cut', `Saw ${named(part)} to the line`, part)]
      : [],
  );
}

/** A change of the route that a changed recipe proposes. */
export type RouteChange =
  | { readonly kind: 'add'; readonly proposal: Proposal; readonly after: string | null }
  | { readonly kind: 'remove'; readonly step: Step }
  | { readonly kind: 'change'; readonly step: Step; readonly proposal: Proposal };

/**
 * Compares the route with what the recipe proposes now. Steps that the maker added or changed are never touched, and
 * what was declined is not proposed again.
 */
export function routeChanges(recipe: Recipe): RouteChange[] {
  const { steps, declined } = recipe.piece;
  const proposed = proposeRoute(recipe);
  const here = new Map(steps.map((step) => [step.from, step]));
  const wanted = new Set(proposed.map(({ from }) => from));
  // A step the maker typed may be the proposed one: it is not proposed twice.
  const kinds = new Set(steps.filter(({ from }) => from === '').map(stepKindOf));
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

function differs(step: Step, proposal: Proposal): boolean {
  return (Object.keys(proposal) as (keyof Proposal)[]).some((key) => key !== 'overlaps' && step[key] !== proposal[key]);
}

/** Proposals for a piece; for one with sizes, from its first size. Its steps stay as typed. */
export function routeOffers(piece: Piece, alloys: ReadonlyMap<string, Alloy>): RouteChange[] {
  const [size] = piece.sizes.rows;
  const recipe = computeRecipe(size ? pieceInSize(piece, size) : piece, alloys);
  return routeChanges({ ...recipe, piece: { ...recipe.piece, steps: piece.steps } });
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
