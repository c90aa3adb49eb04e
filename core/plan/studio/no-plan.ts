// Why there is no plan, in a sentence.
import { indexProblem } from '../model/indexed-problem.ts';
import { infeasibleStep } from '../solve/infeasible-step.ts';
import { type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';

/** No maker has working hours, or not enough of them for one of the steps. */
export function noPlanSentence(jobs: readonly StudioJob[], terms: StudioTerms): string {
  const problem = studioProblem(jobs, terms);
  if (problem.makers.every(({ shifts }) => shifts?.length === 0))
    return 'There are no working hours. Enter them in Settings.';
  const homeless = infeasibleStep(indexProblem(problem));
  const step = jobs.find(({ id }) => id === homeless?.job)?.steps.find(({ key }) => key === homeless?.step);
  if (!step) return 'The work does not fit into the working hours of the next months.';
  return `“${step.name}” of ${step.piece} does not fit: no maker for it works long enough in one shift. Enter longer hours in Settings, or shorter loads in the piece.`;
}
