// Plans the cutting of sheets: a first plan at once, then better ones from other orders, on cheaper sheets, and with less
// metal, until time is up or cost and metal are proved optimal. The least cost comes first, then the least metal.
import { seeded } from '../../measure/random.ts';
import type { NoPlan } from '../no-plan.ts';
import type { TimeBudget } from '../time-budget.ts';
import { turnsAlongSides, turnsAskew } from './blank-turns.ts';
import { denserSheets, type Filled, type FilledPlan, laidByGuillotine, needOf } from './denser-sheets.ts';
import { discsInRows } from './disc-rows.ts';
import { type IndexedSheets, indexSheets, plateOf } from './indexed-sheets.ts';
import { boundByLargeBlanks } from './large-blanks.ts';
import { allTowards, type BlankKind, type LaidBlank, type Laying, laySheet, NoFits } from './lay-sheet.ts';
import { lessMetal } from './less-metal.ts';
import { layInPairs, type Pairing } from './outline-pairs.ts';
import { sheetChoices } from './sheet-choices.ts';
import { isBetterPlan, planOf } from './sheet-plan.ts';
import type { SheetPiece, SheetPlan, SheetProblem } from './sheet-problem.ts';

/** Tries in usual orders before less metal is looked for. */
const USUAL_TRIES = 24;
const MOST_TRIES = 4000;
const TILTED_EVERY = 3;
const SEED = 20_231;
/** Share of the time for laying in usual orders, before choices of cheaper sheets are tried. */
const LAYING_SHARE = 0.12;
const LAYING_OUTLINES_SHARE = 0.15;
/** Share of the time until less metal is looked for. */
const COST_SHARE = 0.75;
/** Choices tried in a round, and seconds for each: in the first round, and later. */
const [MANY_CHOICES, FEW_CHOICES] = [8, 3];
const FIRST_S = 0.25;
const LATER_SHARE = 0.3;

/**
 * Plans the cutting of sheets.
 * @yields each better plan
 * @returns the best plan, or why there is none
 */
export function* planSheets(problem: SheetProblem, clock: TimeBudget): Generator<SheetPlan, SheetPlan | NoPlan> {
  const kinds = indexSheets(problem.pieces, problem.gap);
  const canTilt =
    problem.cutting === 'free' && problem.pieces.some((piece) => piece.shape === 'outline' && piece.rotatable);
  const tilted = canTilt ? indexSheets(problem.pieces, problem.gap, tiltsIn(problem)) : null;
  const homeless = problem.pieces.find(
    (_piece, index) => (kinds.kinds[index]?.count ?? 0) > 0 && !fitsAny(problem, tilted ?? kinds, index),
  );
  if (homeless) return { sentence: `“${homeless.id}” is larger than any sheet.` };
  const search = new SheetSearch(problem, clock, kinds, tilted);
  yield* laidPlans(search);
  yield* cheaperPlans(search);
  if (!search.best) return { sentence: 'The sheets do not hold all the pieces, as far as was tried.' };
  yield* lessMetalPlans(search);
  return search.best;
}

/** The best plan so far, and what all parts of the search share. */
class SheetSearch {
  best: SheetPlan | null = null;
  filled: FilledPlan | null = null;
  readonly problem: SheetProblem;
  readonly clock: TimeBudget;
  readonly kinds: IndexedSheets;
  /** With outlines askew; null where none may turn. */
  readonly tilted: IndexedSheets | null;
  readonly random = seeded(SEED);
  readonly noFits: NoFits;
  readonly #large: number;

  constructor(problem: SheetProblem, clock: TimeBudget, kinds: IndexedSheets, tilted: IndexedSheets | null) {
    this.problem = problem;
    this.clock = clock;
    this.kinds = kinds;
    this.tilted = tilted;
    this.noFits = new NoFits(problem.gap);
    this.#large = boundByLargeBlanks(problem);
  }

  /** @returns the plan, where it is better than the best so far */
  take(filled: readonly Filled[] | null, of: IndexedSheets): SheetPlan | null {
    const plan = filled && planOf(this.problem, of, filled, this.best?.bound ?? this.#large);
    if (!plan || (this.best && !isBetterPlan(plan, this.best))) return null;
    this.best = plan;
    this.filled = { filled, kinds: of };
    return plan;
  }
}

/** Lays blanks in one order after another, until the share of the time is up. */
function* laidPlans(search: SheetSearch): Generator<SheetPlan> {
  const { problem, clock, kinds, tilted, random, noFits } = search;
  const isFree = problem.cutting === 'free';
  const hasOutlines = problem.pieces.some(({ shape }) => shape === 'outline');
  const areRectangles = !isFree || problem.pieces.every(({ shape }) => shape === 'rect');
  const laying = clock.seconds * (hasOutlines && isFree ? LAYING_OUTLINES_SHARE : LAYING_SHARE);
  // The first plan is laid to its end, however long that takes.
  const isOver = () => search.best !== null && clock.elapsed() > laying;
  for (let round = 0; round < MOST_TRIES; round += 1) {
    // Outlines are laid alone or in pairs, by right angles or along any side, in turn.
    const of = tilted && round % 4 > 1 ? tilted : kinds;
    const pairing = hasOutlines && round % 2 === 1 ? (round % 8 < 4 ? 'box' : 'hull') : null;
    const own = layingOf(hasOutlines ? Math.floor(round / (tilted ? 4 : 2)) : round, of, random);
    const plan = search.take(fill(problem, of, own, { noFits, pairing, isOver }), of);
    if (plan) yield plan;
    // Beam searches fill rectangles better than any order does.
    const isEnough = round >= USUAL_TRIES && (areRectangles || isProvedPlan(search.best));
    if (isEnough || clock.elapsed() > laying) break;
  }
}

/** Tries cheaper choices of sheets, the roomiest first, until its time is up or none is left. */
function* cheaperPlans(search: SheetSearch): Generator<SheetPlan> {
  const { problem, clock, kinds, tilted, random, noFits } = search;
  const area = needOf(problem, kinds);
  const end = clock.seconds * COST_SHARE;
  for (let tries = 0; ; tries += 1) {
    // Few ways first, then outlines at other angles.
    const of = tilted && tries % TILTED_EVERY === TILTED_EVERY - 1 ? tilted : kinds;
    const { best } = search;
    if (isProvedPlan(best)) return;
    const choices = sheetChoices(problem, area, best?.bound ?? 0, best?.cost ?? Infinity);
    if (choices.length === 0) return;
    for (const choice of choices.slice(0, tries === 0 ? MANY_CHOICES : FEW_CHOICES)) {
      const began = clock.elapsed();
      if (began > end) return;
      // A choice without another has all the time.
      const seconds = choices.length === 1 ? end : Math.max(FIRST_S, clock.seconds * LATER_SHARE);
      const until = Math.min(end, began + (tries === 0 ? FIRST_S : seconds));
      const isOver = () => clock.elapsed() > until;
      const found = denserSheets(problem, of, choice, { random, isOver, noFits, round: tries });
      const plan = found && search.take(found.filled, found.kinds);
      if (!plan) continue;
      yield plan;
      tries = -1;
      break;
    }
  }
}

/** At the least cost found, plans of less metal. */
function* lessMetalPlans(search: SheetSearch): Generator<SheetPlan> {
  const { problem, clock, random, noFits, best } = search;
  if (!best || best.consumed <= best.consumedBound * (1 + 1e-9)) return;
  const take = (plan: FilledPlan) => search.take(plan.filled, plan.kinds) !== null;
  const tighter = lessMetal(problem, () => search.filled, take, clock, { random, noFits });
  for (let step = tighter.next(); !step.done; step = tighter.next()) if (search.best) yield search.best;
}

/** Along its long sides, or askew where it fits no sheet that way. */
function tiltsIn(problem: SheetProblem): (piece: SheetPiece) => readonly number[] {
  const fits = (piece: SheetPiece, turns: readonly number[]) => fitsAny(problem, indexSheets([piece], problem.gap, () => turns), 0); // prettier-ignore
  return (piece) => {
    const turns = turnsAlongSides(piece);
    return fits(piece, turns) ? turns : turnsAskew(piece, (turn) => fits(piece, [turn]));
  };
}

const isProvedPlan = (plan: SheetPlan | null) => plan?.proved === true;

function fitsAny({ sheets, margin }: SheetProblem, { kinds }: IndexedSheets, index: number): boolean {
  return sheets.some(({ width, height, count }) =>
    kinds[index]?.ways.some(
      (way) => count !== 0 && way.width + 2 * margin <= width + 1e-9 && way.height + 2 * margin <= height + 1e-9,
    ),
  );
}

const lyings = ['free', 'flat', 'upright'] as const;

// First the usual orders, large before small; then the same with random changes.
function layingOf(round: number, { kinds }: IndexedSheets, random: () => number): Laying {
  const ways = allTowards.length * lyings.length;
  const usual = 4 * ways;
  const size = (kind: IndexedSheets['kinds'][number]) => {
    const [way] = kind.ways;
    const [width = 0, height = 0] = [way?.width, way?.height];
    const sizes = [kind.areaMm2, Math.max(width, height) ** 2, width ** 2, height ** 2];
    const shaken = round < usual ? 1 : 0.4 + 1.2 * random();
    return (sizes[Math.floor(round / ways) % sizes.length] ?? 0) * shaken;
  };
  const sized = kinds.map((kind, index) => ({ index, size: size(kind) }));
  return {
    order: sized.sort((a, b) => b.size - a.size || a.index - b.index).map(({ index }) => index),
    towards: allTowards[round % allTowards.length] ?? 'bottom',
    lying: lyings[Math.floor(round / allTowards.length) % lyings.length] ?? 'free',
  };
}

interface LayingTerms {
  readonly noFits: NoFits;
  readonly isOver: () => boolean;
  /** How outlines are laid in pairs first; null for not at all. */
  readonly pairing: Pairing | null;
}

/** Fills sheets one after the other, each time the sheet that holds most for its money. */
function fill(problem: SheetProblem, { kinds }: IndexedSheets, laying: Laying, terms: LayingTerms): Filled[] | null {
  const filled: Filled[] = [];
  let left: IndexedSheets['kinds'] = kinds;
  const free = problem.sheets.map(({ count }) => count ?? Infinity);
  while (left.some(({ count }) => count > 0)) {
    if (terms.isOver()) return null;
    const tried = problem.sheets.flatMap((sheet, index) => {
      if ((free[index] ?? 0) <= 0) return [];
      const laid =
        problem.cutting === 'free'
          ? laidFreely(problem, index, left, laying, terms)
          : laidByGuillotine(problem, { kinds: left }, index, laying);
      if (laid.length === 0) return [];
      const holds = laid.reduce((sum, { kind }) => sum + (left[kind]?.areaMm2 ?? 0), 0);
      const isAll = laid.length === left.reduce((sum, { count }) => sum + count, 0);
      return [
        { sheet: index, laid, cost: sheet.cost, rate: sheet.cost / holds, isAll, area: sheet.width * sheet.height },
      ];
    });
    // Where one sheet holds all that is left: the cheapest such sheet, of two equal ones the smaller.
    const [chosen] = tried.sort(
      (a, b) => Number(b.isAll) - Number(a.isAll) || (a.isAll ? a.cost - b.cost : a.rate - b.rate) || a.area - b.area,
    );
    if (!chosen) return null;
    filled.push(chosen);
    free[chosen.sheet] = (free[chosen.sheet] ?? 0) - 1;
    left = left.map((kind, index) => ({
      ...kind,
      count: kind.count - chosen.laid.filter((blank) => blank.kind === index).length,
    }));
  }
  return filled;
}

function laidFreely(
  problem: SheetProblem,
  sheet: number,
  left: IndexedSheets['kinds'],
  laying: Laying,
  { noFits, pairing, isOver }: LayingTerms,
): LaidBlank[] {
  const plate = plateOf(problem, sheet);
  const touching = pairing ? layInPairs(plate, left, laying, { noFits, pairing, isOver }) : laySheet(plate, left, laying, noFits, isOver); // prettier-ignore
  const rows = inRows(problem, sheet, left);
  return rows && rows.length > touching.length ? rows : touching;
}

/** Rows, where only discs of one size are left; else null. */
function inRows(problem: SheetProblem, sheet: number, left: readonly BlankKind[]): LaidBlank[] | null {
  const wanted = [...left.entries()].filter(([, { count }]) => count > 0);
  const [kind = 0, own] = wanted[0] ?? [];
  const shape = own?.ways[0];
  if (wanted.length !== 1 || !own || !shape || shape.radius === 0) return null;
  const { width, height, gap, margin } = plateOf(problem, sheet);
  const inset = margin + shape.radius;
  const middles = discsInRows(width - 2 * inset, height - 2 * inset, shape.width + gap);
  return middles.slice(0, own.count).map(({ x, y }) => ({ kind, way: 0, x: x + inset, y: y + inset }));
}
