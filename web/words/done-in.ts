// When a batch is done in a plan, in words.
import { clockInWords } from '../../core/format/days.ts';
import { dayInWords } from '../../core/format/days.ts';
import { dayOf } from '../../core/plan/model/calendar.ts';
import type { StudioPlan } from '../../core/plan/studio/studio-plan.ts';

export interface Done {
  readonly words: string;
  readonly daysLate: number;
}

type Dated = Pick<StudioPlan, 'firstDay'>;

/** @returns null without a plan, or when the batch is not in it */
export function doneIn(
  planned: { readonly plan: Dated & Pick<StudioPlan, 'done'> } | { readonly sentence: string } | null,
  batchId: string,
): Done | null {
  if (!planned || 'sentence' in planned) return null;
  const found = planned.plan.done.find(({ batch }) => batch === batchId);
  return found ? { words: momentInWords(planned.plan, found.at), daysLate: found.daysLate } : null;
}

/** A plan minute as `Thu 12 Nov, 14:05`. */
export function momentInWords({ firstDay }: Dated, minute: number): string {
  return `${dayInWords(dayOf({ firstDay }, minute))}, ${clockInWords(minute)}`;
}
