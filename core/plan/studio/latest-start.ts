// The last day a batch can be begun on and still be done when it is due.
import { dayAfter, daysBetween } from '../../measure/days.ts';
import { quickPlan } from '../solve/quick-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';

/** So many days past the promise a batch may still be at work. */
const DAYS_PAST = 30;

/**
 * Of the days from today to the due day, the last on which the batch, alone in the studio, may be begun.
 * @returns ISO day; today when even that is too late; '' when nothing is promised or nobody ever works
 */
export function latestStart(job: StudioJob, terms: Pick<StudioTerms, 'bench' | 'day'>): string {
  const { due } = job.batch;
  if (!due) return '';
  const ahead = Math.max(0, daysBetween(terms.day, due));
  const isDoneInTime = (day: number) => {
    const problem = studioProblem([{ ...job, batch: { ...job.batch, materialsOn: '' } }], {
      ...terms,
      day: dayAfter(terms.day, day),
      minute: 0,
      standings: new Map(),
      days: ahead - day + DAYS_PAST,
    });
    const plan = quickPlan(problem);
    return plan === null ? null : plan.objective.tardiness === 0;
  };
  if (isDoneInTime(0) === null) return '';
  // Later begun is later done: the days that are early enough come first.
  let [early, late] = [0, ahead + 1];
  while (late - early > 1) {
    const day = Math.floor((early + late) / 2);
    if (isDoneInTime(day)) early = day;
    else late = day;
  }
  return dayAfter(terms.day, early);
}
