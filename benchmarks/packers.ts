// Sheets of rectangles against another packer in the same run: the number of sheets, and how far shears come.
import { createRequire } from 'node:module';
import type * as maxrects from 'maxrects-packer';
import { familySheets, type SheetFamily } from '../core/cut/fixtures/sheet-families.ts';
import { planSheets } from '../core/cut/sheets/plan-sheets.ts';
import type { SheetPlan, SheetProblem } from '../core/cut/sheets/sheet-problem.ts';
import type { Measured } from './measured.ts';

// Its module form names no exports.
const { MaxRectsPacker, PACKING_LOGIC } = createRequire(import.meta.url)('maxrects-packer') as typeof maxrects;

const SECONDS = 5;
const HELD_OUT = [2, 4, 6];

export function packers(): Measured[] {
  return (['jigsaw', 'nearly full', 'strip'] as const).flatMap((family): Measured[] => {
    const problems = HELD_OUT.map((seed) => familySheets(family, seed));
    const plans = problems.map(({ problem }) => planned(problem));
    const ours = plans.reduce((sum, plan) => sum + plan.sheets.length, 0);
    const theirs = problems.reduce((sum, { problem }) => sum + sheetsOfMaxRects(problem), 0);
    const shears = problems.map(({ problem }) => planned({ ...problem, cutting: 'guillotine' }));
    const known = problems.reduce((sum, { knownCost }) => sum + (knownCost ?? 0), 0);
    const byShears = shears.reduce((sum, { cost }) => sum + cost, 0);
    return [
      { what: `sheets, ${family}: number against maxrects-packer`, measured: ours / theirs, bound: 1, unit: '×' },
      { what: `sheets by shears, ${family}: above the known cost`, measured: (byShears / known - 1) * 100, bound: 20, unit: '%' }, // prettier-ignore
      ...metalOf(family, problems, plans),
    ];
  });
}

function metalOf(family: SheetFamily, problems: ReturnType<typeof familySheets>[], plans: SheetPlan[]): Measured[] {
  const over = problems.flatMap(({ knownConsumed }, at) => {
    const plan = plans[at];
    return knownConsumed && plan ? [(plan.consumed / knownConsumed - 1) * 100] : [];
  });
  if (over.length === 0) return [];
  return [{ what: `sheets, ${family}: metal above a known plan, worst`, measured: Math.max(...over), bound: 5, unit: '%' }]; // prettier-ignore
}

function planned(problem: SheetProblem): SheetPlan {
  const began = performance.now();
  const steps = planSheets(problem, { seconds: SECONDS, elapsed: () => (performance.now() - began) / 1000 });
  let step = steps.next();
  while (!step.done) step = steps.next();
  if ('sentence' in step.value) throw new Error(step.value.sentence);
  return step.value;
}

/** The fewest sheets of its two rules, the blanks sorted by it. */
function sheetsOfMaxRects({ sheets: [sheet], pieces }: SheetProblem): number {
  const rectangles = pieces.flatMap((piece) =>
    piece.shape === 'rect' ? Array.from({ length: piece.count }, () => piece) : [],
  );
  const counts = [PACKING_LOGIC.MAX_AREA, PACKING_LOGIC.MAX_EDGE].map((logic) => {
    const packer = new MaxRectsPacker(sheet?.width, sheet?.height, 0, {
      smart: false,
      pot: false,
      square: false,
      allowRotation: true,
      logic,
    });
    const size = ({ width, height }: { width: number; height: number }) =>
      logic === PACKING_LOGIC.MAX_AREA ? width * height : Math.max(width, height);
    for (const { width, height } of rectangles.toSorted((a, b) => size(b) - size(a))) packer.add(width, height, null);
    return packer.bins.length;
  });
  return Math.min(...counts);
}
