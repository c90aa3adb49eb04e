// When a plan has a batch done, in words.
import { clockOf, dayOf } from '../../core/plan/calendar.ts';
import type { Plan } from '../../core/plan/forward.ts';
import { dayInWords } from '../app/dates.ts';

export interface Done {
  readonly words: string;
  readonly daysLate: number;
}

/** @returns null when the batch is not in the plan or there is none */
export function doneIn(plan: Plan | { readonly sentence: string } | null, batchId: string): Done | null {
  if (!plan || 'sentence' in plan) return null;
  const found = plan.done.find(({ batch }) => batch === batchId);
  return found ? { words: momentInWords(plan, found.at), daysLate: found.daysLate } : null;
}

/** A plan minute as `Thu 12 Nov, 14:05`. */
export function momentInWords({ calendar }: Plan, minute: number): string {
  return `${dayInWords(dayOf(calendar, minute))}, ${clockOf(minute)}`;
}
