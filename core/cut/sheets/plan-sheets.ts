// Plans the cutting of sheets: a first plan at once, then better ones from other orders, until it is proved optimal or
// time is up. The least cost comes first, then the largest offcut along an edge.
import { seeded } from '../../measure/random.ts';
import type { NoPlan } from '../no-plan.ts';
import { isSameCost } from '../same-cost.ts';
import type { TimeBudget } from '../time-budget.ts';
import { denserSheets, type Filled, needOf } from './denser-sheets.ts';
import { discsInRows } from './disc-rows.ts';
import { type IndexedSheets, indexSheets } from './indexed-sheets.ts';
import { allTowards, type BlankKind, type LaidBlank, type Laying, laySheet, NoFits, type Plate } from './lay-sheet.ts';
import { sheetLowerBound } from './lower-bound.ts';
import { sheetChoices } from './sheet-choices.ts';
import { offcutBeside } from './sheet-offcut.ts';
import type { Placement, PlannedSheet, Rectangle, SheetPlan, SheetProblem } from './sheet-problem.ts';

/** Tries for a larger offcut once the cost is optimal. */
const TRIES_FOR_OFFCUT = 24;
const MOST_TRIES = 4000;
const TILTED_EVERY = 3;
const SEED = 20_231;
/** Share of the time for laying in usual orders, before choices of cheaper sheets are tried. */
const LAYING_SHARE = 0.12;
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
  const canTilt = problem.pieces.some((piece) => piece.shape === 'outline' && piece.rotatable);
  const tilted = canTilt ? indexSheets(problem.pieces, problem.gap, true) : null;
  const homeless = problem.pieces.find(
    (_piece, index) => (kinds.kinds[index]?.count ?? 0) > 0 && !fitsAny(problem, tilted ?? kinds, index),
  );
  if (homeless) return { sentence: `“${homeless.id}” is larger than any sheet.` };
  const noFits = new NoFits(problem.gap);
  const random = seeded(SEED);
  const held: { best: SheetPlan | null } = { best: null };
  const take = (filled: readonly Filled[] | null, of = kinds): SheetPlan | null => {
    const plan = filled && planOf(problem, of, filled, held.best?.bound ?? 0);
    if (!plan || (held.best && !isBetter(plan, held.best))) return null;
    held.best = plan;
    return plan;
  };
  const need = needOf(problem, kinds);
  let round = 0;
  for (; round < MOST_TRIES; round += 1) {
    // Every third round lays outlines at other angles, too.
    const of = tilted && round % TILTED_EVERY === TILTED_EVERY - 1 ? tilted : kinds;
    const laying = layingOf(tilted ? Math.floor(round / 2) : round, of, random);
    const plan = take(fill(problem, of, laying, noFits), of);
    if (plan) yield plan;
    const isProved = isProvedPlan(held.best) && round >= TRIES_FOR_OFFCUT;
    const laysOn = need === null || isProvedPlan(held.best);
    if (isProved || clock.elapsed() > clock.seconds * (laysOn ? 1 : LAYING_SHARE)) break;
  }
  if (need !== null) yield* cheaper(need);
  return held.best ?? { sentence: 'The sheets do not hold all the pieces, as far as was tried.' };

  /** Tries cheaper choices of sheets, the roomiest first, until time is up or none is left. */
  function* cheaper(area: number): Generator<SheetPlan> {
    for (let tries = 0; ; tries += 1) {
      if (isProvedPlan(held.best)) return;
      const choices = sheetChoices(problem, area, held.best?.bound ?? 0, held.best?.cost ?? Infinity);
      if (choices.length === 0) return;
      for (const choice of choices.slice(0, tries === 0 ? MANY_CHOICES : FEW_CHOICES)) {
        const began = clock.elapsed();
        if (began > clock.seconds) return;
        const until = Math.min(clock.seconds, began + (tries === 0 ? FIRST_S : Math.max(FIRST_S, clock.seconds * LATER_SHARE))); // prettier-ignore
        const isOver = () => clock.elapsed() > until;
        const plan = take(denserSheets(problem, kinds, choice, { random, isOver, noFits, round: tries }));
        if (!plan) continue;
        yield plan;
        tries = -1;
        break;
      }
    }
  }
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

/** Fills sheets one after the other, each time the sheet that holds most for its money. */
function fill(problem: SheetProblem, { kinds }: IndexedSheets, laying: Laying, noFits: NoFits): Filled[] | null {
  const filled: Filled[] = [];
  let left: readonly (BlankKind & { areaMm2: number })[] = kinds;
  const free = problem.sheets.map(({ count }) => count ?? Infinity);
  while (left.some(({ count }) => count > 0)) {
    const tried = problem.sheets.flatMap((sheet, index) => {
      if ((free[index] ?? 0) <= 0) return [];
      const touching = laySheet(plateOf(problem, index), left, laying, noFits);
      const rows = inRows(problem, index, left);
      const laid = rows && rows.length > touching.length ? rows : touching;
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

function plateOf({ sheets, gap, margin }: SheetProblem, index: number): Plate {
  const { width = 0, height = 0 } = sheets[index] ?? {};
  return { width, height, gap, margin };
}

/** The plan of filled sheets. @param boundBefore  a bound that is known already */
export function planOf(
  problem: SheetProblem,
  kinds: IndexedSheets,
  filled: readonly Filled[],
  boundBefore = 0,
): SheetPlan {
  const cost = filled.reduce((sum, { sheet }) => sum + (problem.sheets[sheet]?.cost ?? 0), 0);
  const bound = Math.max(boundBefore, sheetLowerBound(problem, kinds, cost));
  const isCheapest = bound > cost || isSameCost(cost, bound);
  const waiting = kinds.nested.map((nested) => ({ ...nested }));
  return {
    cost,
    bound: isCheapest ? cost : bound,
    proved: isCheapest,
    sheets: filled.map(({ sheet, laid }): PlannedSheet => ({
      sheet: problem.sheets[sheet]?.id ?? '',
      placements: laid.flatMap((blank) => placementsOf(problem, kinds, blank, waiting)),
      offcut: offcutBeside(
        plateOf(problem, sheet),
        laid.map((blank) => boxOf(blank, kinds)),
        problem.gap,
      ),
    })),
  };
}

/** The blank, and what is cut from its middle. */
function placementsOf(
  { pieces }: SheetProblem,
  { kinds }: IndexedSheets,
  { kind, way, x, y }: LaidBlank,
  waiting: { washer: number; disc: number; count: number }[],
): Placement[] {
  const piece = pieces[kind];
  const shape = kinds[kind]?.ways[way];
  if (!piece || !shape) return [];
  const turn = kinds[kind]?.turns[way] ?? 0;
  const own: Placement = {
    piece: piece.id,
    x: neat(x - shape.width / 2),
    y: neat(y - shape.height / 2),
    rotated: turn === 90 || turn === 270,
    ...(piece.shape === 'outline' && { turn }),
  };
  const nested = waiting.find(({ washer, count }) => washer === kind && count > 0);
  const inner = nested && pieces[nested.disc];
  if (!nested || inner?.shape !== 'disc') return [own];
  nested.count -= 1;
  const half = inner.diameter / 2;
  return [own, { piece: inner.id, x: neat(x - half), y: neat(y - half), rotated: false }];
}

const neat = (mm: number) => Math.round(mm * 1e9) / 1e9;

function boxOf({ kind, way, x, y }: LaidBlank, { kinds }: IndexedSheets): Rectangle {
  const { width = 0, height = 0 } = kinds[kind]?.ways[way] ?? {};
  return { x: x - width / 2, y: y - height / 2, width, height };
}

function isBetter(a: SheetPlan, b: SheetPlan): boolean {
  if (!isSameCost(a.cost, b.cost)) return a.cost < b.cost;
  return largest(a) > largest(b) + 1e-6;
}

function largest({ sheets }: SheetPlan): number {
  return Math.max(0, ...sheets.map(({ offcut }) => (offcut ? offcut.width * offcut.height : 0)));
}
