// noon nest: a cutting plan for sheets, for scripts.
import { planSheets } from '../../core/cut/sheets/plan-sheets.ts';
import { type SheetPlan, sheetProblemSchema } from '../../core/cut/sheets/sheet-problem.ts';
import { readJson } from './piece-file.ts';

/** A plan, or why there is none. */
export type NestOutcome = SheetPlan | { readonly error: string };

/**
 * Plans the cutting of sheets.
 * @param text  JSON of the problem, see docs/formats/cut.md
 * @param elapsed  seconds since the start
 */
export function nestOutcome(text: string, seconds: number, elapsed: () => number): NestOutcome {
  const problem = readJson(text, sheetProblemSchema);
  if ('error' in problem) return problem;
  const steps = planSheets(problem.value, { seconds, elapsed });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return 'sentence' in step.value ? { error: step.value.sentence } : step.value;
}
