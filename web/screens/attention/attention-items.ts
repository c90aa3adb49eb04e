// What deserves attention: one line each, with where it is dealt with. The most pressing first.
import type { Stocked } from '../../../core/batch/buying/goods.ts';
import { daysBetween } from '../../../core/measure/days.ts';
import type { Quote } from '../../../core/price/quote/quote.ts';
import { daysLate } from '../../words/late.ts';

/** A line with the action that deals with it. */
export interface AttentionItem {
  readonly key: string;
  readonly text: string;
  readonly more: string;
  readonly to: string;
}

/** Days before the end of a quote from which on it deserves attention. */
const EXPIRES_WITHIN = 7;
/** Days after which metal prices are old. */
const OLD_PRICES = 14;

interface LateBatch {
  readonly id: string;
  readonly title: string;
  readonly customer: string;
  readonly daysLate: number;
}

/** Batches that end after their due date, the latest first. */
export function lateItems(batches: readonly LateBatch[]): AttentionItem[] {
  return batches
    .filter((batch) => batch.daysLate > 0)
    .toSorted((a, b) => b.daysLate - a.daysLate)
    .map(({ id, title, customer, daysLate: days }) => ({
      key: id,
      text: title,
      more: [daysLate(days), customer].filter(Boolean).join(', '),
      to: `/batches/${id}`,
    }));
}

/** Consumables and findings below their reorder level. */
export function lowItems(stocked: readonly Stocked[]): AttentionItem[] {
  return stocked
    .filter(({ there, least }) => there < least)
    .map(({ key, name, unit, there, least }) => ({
      key,
      text: name,
      more: `${String(there)} of ${String(least)}${unit ? ` ${unit}` : ''}`,
      to: '/buying',
    }));
}

/** Quotes that expire within a week and are not accepted, the soonest first. @param today  ISO date */
export function expiringItems(
  quotes: readonly { readonly id: string; readonly body: Quote }[],
  today: string,
): AttentionItem[] {
  return quotes
    .filter(({ body: { expires, batches } }) => expires !== '' && batches.length === 0)
    .map(({ id, body }) => ({ id, body, left: daysBetween(today, body.expires) }))
    .filter(({ left }) => left >= 0 && left <= EXPIRES_WITHIN)
    .toSorted((a, b) => a.left - b.left)
    .map(({ id, body, left }) => ({
      key: id,
      text: [body.customer, body.what].filter(Boolean).join(', ') || 'Quote',
      more: left === 0 ? 'expires today' : left === 1 ? 'expires tomorrow' : `expires in ${String(left)} days`,
      to: `/quotes/${id}`,
    }));
}

/** Days since the metal prices, where they are old; null where they are not. @param on  ISO date of the prices */
export function oldPriceDays(on: string, today: string): number | null {
  const days = daysBetween(on, today);
  return days > OLD_PRICES ? days : null;
}
