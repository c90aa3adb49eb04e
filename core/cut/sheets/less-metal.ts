// Less metal at the same cost: the blanks of one sheet, with those of some others, are packed again on a smaller part of
// it, so that a larger offcut is left.
import type { TimeBudget } from '../time-budget.ts';
import { denserSheets, type DenserTerms, type FilledPlan } from './denser-sheets.ts';
import { boxOf, offcutOf } from './sheet-plan.ts';
import type { SheetProblem } from './sheet-problem.ts';

/** Share of the filled length that is taken off at first, and the least, where another sheet is tried. */
const FIRST_STEP = 0.25;
const LEAST_STEP = 0.004;
/** Sheets that are packed again together, at most. */
const TOGETHER = 3;
/** Seconds of one try, and how they grow when every sheet has been tried. */
const FIRST_S = 0.04;
const GROWTH = 1.6;

/**
 * Tries until time is up.
 * @param held  the best plan so far; taken anew for each try
 * @param take  takes a plan; returns whether it was better
 */
export function* lessMetal(
  problem: SheetProblem,
  held: () => FilledPlan | null,
  take: (plan: FilledPlan) => boolean,
  clock: TimeBudget,
  { random, noFits }: Pick<DenserTerms, 'random' | 'noFits'>,
): Generator<null> {
  const steps = new Map<string, number>();
  let [seconds, round] = [FIRST_S, 0];
  while (clock.elapsed() < clock.seconds) {
    const plan = held();
    if (!plan) return;
    const sides = plan.filled.flatMap((_sheet, at) => (['width', 'height'] as const).map((side) => ({ at, side })));
    const keyOf = ({ at, side }: (typeof sides)[number]) => `${String(at)} ${side}`;
    const open = sides.filter((one) => (steps.get(keyOf(one)) ?? FIRST_STEP) >= LEAST_STEP);
    if (open.length === 0) {
      steps.clear();
      seconds *= GROWTH;
      round += 1;
      continue;
    }
    const one = open[Math.floor(random() * open.length)];
    if (!one) return;
    const step = steps.get(keyOf(one)) ?? FIRST_STEP;
    const until = Math.min(clock.seconds, clock.elapsed() + seconds);
    const terms = { random, noFits, round, isOver: () => clock.elapsed() > until };
    const found = packedTighter(problem, plan, one.at, one.side, step, terms);
    if (found && take(found)) yield null;
    else steps.set(keyOf(one), step / 2);
  }
}

/** The plan with one sheet packed on less of it; null where that failed. */
function packedTighter(
  problem: SheetProblem,
  { filled, kinds }: FilledPlan,
  at: number,
  side: 'width' | 'height',
  step: number,
  terms: DenserTerms,
): FilledPlan | null {
  const tight = filled[at];
  const sheet = problem.sheets[tight?.sheet ?? -1];
  if (!tight || !sheet) return null;
  const boxes = tight.laid.map((blank) => boxOf(blank, kinds));
  const ends = boxes.map((box) => (side === 'width' ? box.x + box.width : box.y + box.height));
  const reach = Math.max(0, ...ends) + problem.margin;
  // What is left over has to be worth keeping.
  const [full, across] = side === 'width' ? [sheet.width, sheet.height] : [sheet.height, sheet.width];
  const { short, long } = problem.keepFrom;
  const least = across >= Math.max(short, long) ? Math.min(short, long) : Math.max(short, long);
  if (across < Math.min(short, long)) return null;
  const size = Math.min(reach * (1 - step), full - least + problem.margin - problem.gap);
  if (size <= 2 * problem.margin || hasOffcutBeside(offcutOf(problem, kinds, tight), full, side, size, problem)) return null; // prettier-ignore
  const others = [...filled.keys()].filter((index) => index !== at);
  const chosen = [at];
  while (chosen.length < TOGETHER && others.length > 0 && terms.random() < 0.6)
    chosen.push(...others.splice(Math.floor(terms.random() * others.length), 1));
  const smaller = { ...sheet, [side]: size };
  const counts = kinds.kinds.map(() => 0);
  for (const index of chosen) for (const { kind } of filled[index]?.laid ?? []) counts[kind] = (counts[kind] ?? 0) + 1;
  const own = { ...kinds, kinds: kinds.kinds.map((kind, index) => ({ ...kind, count: counts[index] ?? 0 })) };
  const virtual = problem.sheets.length;
  const choice = { sheets: chosen.map((index) => (index === at ? virtual : (filled[index]?.sheet ?? 0))), cost: 0, spare: 0 }; // prettier-ignore
  const packed = denserSheets({ ...problem, sheets: [...problem.sheets, smaller] }, own, choice, terms);
  if (!packed) return null;
  const kept = filled.filter((_one, index) => !chosen.includes(index));
  const repacked = packed.filled.map((one) => (one.sheet === virtual ? { ...one, sheet: tight.sheet } : one));
  // Ways may have been added; the counts are those of the whole plan.
  const all = packed.kinds.kinds.map((kind, index) => ({ ...kind, count: kinds.kinds[index]?.count ?? 0 }));
  return { filled: [...kept, ...repacked], kinds: { ...packed.kinds, kinds: all } };
}

/** Whether the sheet leaves as much already. */
function hasOffcutBeside(
  offcut: { readonly width: number; readonly height: number } | null,
  full: number,
  side: 'width' | 'height',
  size: number,
  { margin, gap }: SheetProblem,
): boolean {
  if (!offcut) return false;
  const left = full - (size - margin + gap);
  return offcut[side] >= left - 1e-6 && offcut[side] < full - 1e-6;
}
