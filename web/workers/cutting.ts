// Plans the cutting in a worker and reports each better plan; ending the worker stops it.
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import type { BarPlan, BarProblem } from '../../core/cut/bars/bar-problem.ts';
import { noSolver } from '../../core/cut/bars/linear-program.ts';
import { planBars } from '../../core/cut/bars/plan-bars.ts';
import type { NoPlan } from '../../core/cut/no-plan.ts';
import { planSheets } from '../../core/cut/sheets/plan-sheets.ts';
import type { SheetPlan, SheetProblem } from '../../core/cut/sheets/sheet-problem.ts';
import { solveWith } from '../../solver/highs.ts';

export type CuttingAsked = {
  /** Names the stock the problem is of. */
  readonly stock: string;
  readonly seconds: number;
} & ({ readonly bars: BarProblem } | { readonly sheets: SheetProblem });

export interface CuttingTold {
  readonly stock: string;
  readonly plan: BarPlan | SheetPlan | NoPlan;
  readonly isDone: boolean;
}

/**
 * The solver; null where its file cannot be had: offline, or while the page is left. Its own loader would report that as
 * an error of the program.
 */
const ready = fetch(wasmUrl)
  .then(async (answer) => (answer.ok ? await answer.arrayBuffer() : null))
  .then(async (wasmBinary) => (wasmBinary ? solveWith(await loadHighs({ wasmBinary })) : null))
  .catch(() => null);

addEventListener('message', ({ data }: MessageEvent<readonly CuttingAsked[]>) => {
  void planAll(data);
});

async function planAll(asked: readonly CuttingAsked[]): Promise<void> {
  const solve = (await ready) ?? noSolver;
  for (const one of asked) {
    const began = performance.now();
    const clock = { seconds: one.seconds, elapsed: () => (performance.now() - began) / 1000 };
    const steps: Generator<BarPlan | SheetPlan, BarPlan | SheetPlan | NoPlan> =
      'bars' in one ? planBars(one.bars, solve, clock) : planSheets(one.sheets, clock);
    let step = steps.next();
    while (!step.done) {
      postMessage({ stock: one.stock, plan: step.value, isDone: false } satisfies CuttingTold);
      step = steps.next();
    }
    postMessage({ stock: one.stock, plan: step.value, isDone: true } satisfies CuttingTold);
  }
}
