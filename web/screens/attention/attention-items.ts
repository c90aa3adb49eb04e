// What deserves attention: one line each, with where it is dealt with. The most pressing first.
import type { Stocked } from '../../../core/batch/buying/goods.ts';
import { fullDay } from '../../../core/format/days.ts';
import { daysBetween } from '../../../core/measure/days.ts';
import { nameOfQuote, type Quote } from '../../../core/price/quote/quote.ts';
import { type BookLine, titleOf } from '../../state/book-line.ts';
import { words } from '../../words/attention.ts';
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
      text: nameOfQuote(body) || 'Quote',
      more: left === 0 ? 'expires today' : left === 1 ? 'expires tomorrow' : `expires in ${String(left)} days`,
      to: `/quotes/${id}`,
    }));
}

/** Prices that no longer hold, in the order of the list. */
export function outdatedItems(lines: readonly Pick<BookLine, 'piece' | 'standing'>[]): AttentionItem[] {
  return lines
    .filter(({ standing }) => standing && !standing.holds)
    .map(({ piece }) => ({ key: piece.id, text: titleOf(piece), more: '', to: `/prices/${piece.id}` }));
}

/** Metal prices that are missing or older than a fortnight. @param on  ISO date of the prices; null without any */
export function metalPriceItems(on: string | null, today: string): AttentionItem[] {
  const line = { key: 'fix', to: '/studio#fix' };
  if (on === null) return [{ ...line, text: words.noMetalPrices, more: '' }];
  const days = daysBetween(on, today);
  return days > OLD_PRICES ? [{ ...line, text: fullDay(on), more: `${String(days)} days old` }] : [];
}

/** A backup that failed or is old. */
export function backupItems(trouble: 'failed' | 'old' | null): AttentionItem[] {
  if (!trouble) return [];
  const text = trouble === 'failed' ? words.backupFailed : words.backupIsOld;
  return [{ key: 'backup', text, more: '', to: '/studio/safety#backups' }];
}

/** A jar that is worth sending to the refiner. */
interface ReadyJar {
  readonly place: string;
  readonly name: string;
  readonly worth: string;
}

export function jarItems(jars: readonly ReadyJar[]): AttentionItem[] {
  return jars.map(({ place, name, worth }) => ({ key: place, text: name, more: worth, to: '/jars' }));
}
