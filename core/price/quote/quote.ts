// A quote for a commission or a repair: items, deposit and expiry. It offers usual terms; what binds is decided by the
// local rule and the maker's own terms.
import { z } from 'zod';
import { computed, type Figure, given, inSum, renamed, totalOf } from '../../figure/figure.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { taxName } from '../../format/variants.ts';
import type { Issue } from '../../measure/issue.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { readCount, readGrams, readShare } from '../../measure/read/read-number.ts';
import { isoDateSchema, nameSchema, noteSchema, rowIdSchema, typedSchema } from '../../measure/typed.ts';
import type { PriceRule } from '../../studio/selling.ts';

const quoteLineSchema = z.strictObject({
  id: rowIdSchema,
  /** Description of the item. */
  what: nameSchema,
  /** Id of a piece and the revision it is quoted from; blank for a custom item. */
  piece: z.string().max(40),
  size: z.string().max(40),
  count: typedSchema,
  /** Price of one, typed; blank for the retail price of the piece. */
  price: typedSchema,
});

/** A quote as it is stored. */
export const quoteSchema = z.strictObject({
  kind: z.enum(['commission', 'repair']),
  /** `2026-014`; the ledger gives it when the quote is added. */
  number: z.string().max(20).default(''),
  /** Name of the customer. */
  customer: nameSchema,
  what: nameSchema,
  lines: z.array(quoteLineSchema).max(40, 'A quote has 40 lines at most.'),
  /** Minimum charge. */
  least: typedSchema,
  /** Customer-supplied metal: what it is, its weight, and the credit for it. */
  ownMetal: nameSchema,
  ownGrams: typedSchema,
  allowed: typedSchema,
  /** Deposit, as a share. */
  deposit: typedSchema,
  expires: z.union([isoDateSchema, z.literal('')]),
  /** The metal price is held until this day; blank: as long as the quote is valid. */
  metalFixedUntil: z.union([isoDateSchema, z.literal('')]),
  due: z.union([isoDateSchema, z.literal('')]),
  note: noteSchema,
  /** Batches it became when it was accepted. */
  batches: z.array(z.string().max(40)).max(40),
});

/** A quote as it is stored. */
export type Quote = z.infer<typeof quoteSchema>;
/** An item of a quote. */
export type QuoteLine = Quote['lines'][number];

/** A quote before anything is typed. */
export const emptyQuote: Quote = {
  kind: 'commission',
  number: '',
  customer: '',
  what: '',
  lines: [],
  least: '',
  ownMetal: '',
  ownGrams: '',
  allowed: '',
  deposit: '50 %',
  expires: '',
  metalFixedUntil: '',
  due: '',
  note: '',
  batches: [],
};

/** An item before anything is typed. */
export const newQuoteLine = (id: string): QuoteLine => ({ id, what: '', piece: '', size: '', count: '1', price: '' });

/** Totals of a quote. */
export interface QuoteCount {
  /** Prices of each item, for one and in total, in the order of the items. */
  readonly lines: readonly { readonly each: Figure; readonly all: Figure }[];
  readonly total: Figure;
  /** Tax on top of the total, or within it; null where none is charged. */
  readonly tax: Figure | null;
  /** The total, with the tax where it comes on top. */
  readonly toPay: Figure;
  /** Share of what there is to pay. */
  readonly deposit: Figure;
  /** Balance due. */
  readonly rest: Figure;
  readonly problems: readonly Issue[];
}

/**
 * @param retailOf  retail price of a piece in a size, minor units; null when the piece does not exist
 * @param charged   the tax as the studio charges it
 */
export function countQuote(
  quote: Quote,
  currency: string,
  retailOf: (piece: string, size: string) => Figure | null,
  charged: PriceRule['tax'],
): QuoteCount {
  const problems: Issue[] = [];
  const money = (path: string, text: string) => {
    const reading = readMoney(text, currency);
    if (reading.ok) return reading.value;
    problems.push({ path, sentence: reading.sentence });
    return 0;
  };
  const lines = quote.lines.map((line, index) => {
    const path = `lines.${String(index)}`;
    const count = readCount(line.count);
    if (!count.ok) problems.push({ path: `${path}.count`, sentence: count.sentence });
    const typed = given('price each', roundHalfAwayFromZero(money(`${path}.price`, line.price)), currency, 'as typed');
    const ofPiece = line.piece && !line.price.trim() ? retailOf(line.piece, line.size) : null;
    if (line.piece && !line.price.trim() && !ofPiece)
      problems.push({ path: `${path}.price`, sentence: 'This piece was deleted. Enter its price.' });
    const each = ofPiece ? renamed(ofPiece, 'retail price each') : typed;
    const pieces = count.ok ? count.value : 0;
    const how = () => `${String(pieces)} × ${inSum(each.value, currency)}`;
    const label = line.what.trim() || 'an item';
    return { each, all: computed(label, pieces * each.value, currency, how, [each]) };
  });
  const grams = readGrams(quote.ownGrams);
  if (!grams.ok) problems.push({ path: 'ownGrams', sentence: grams.sentence });
  const all = lines.map((line) => line.all);
  const listed = totalOf('all items', currency, all);
  const allowed = roundHalfAwayFromZero(money('allowed', quote.allowed));
  const least = roundHalfAwayFromZero(money('least', quote.least));
  const less = given('credit for customer-supplied metal', -allowed, currency, 'as typed');
  const sum = allowed > 0 ? totalOf('quote total', currency, [...all, less]) : renamed(listed, 'quote total');
  const total =
    sum.value < least
      ? computed('quote total', least, currency, () => `${inSum(sum.value, currency)}; the minimum charge applies`, [
          sum,
          given('minimum charge', least, currency, 'as typed'),
        ])
      : sum;
  const share = readShare(quote.deposit, 'deposit');
  if (!share.ok) problems.push({ path: 'deposit', sentence: share.sentence });
  const part = given('deposit', share.ok ? share.value : 0, '', 'as typed');
  const tax = taxOf(total, charged);
  const isOnTop = charged.how === 'on-top';
  const toPay = tax && isOnTop ? totalOf('total to pay', currency, [total, tax]) : renamed(total, 'total to pay');
  const deposit = computed(
    'deposit',
    roundHalfAwayFromZero(toPay.value * part.value),
    currency,
    () => `${inSum(toPay.value, currency)} × ${inSum(part.value)}`,
    [toPay, part],
  );
  const rest = computed(
    'balance due',
    toPay.value - deposit.value,
    currency,
    () => `${inSum(toPay.value, currency)} − ${inSum(deposit.value, currency)}`,
    [toPay, deposit],
  );
  return { lines, total, tax, toPay, deposit, rest, problems };
}

// The tax as the studio charges it: on top of the prices, within them, or none.
function taxOf(total: Figure, { how, rate }: PriceRule['tax']): Figure | null {
  if (how === 'none' || rate.value === 0) return null;
  const { value, unit } = total;
  const all = inSum(value, unit);
  if (how === 'on-top') {
    const tax = roundHalfAwayFromZero(value * rate.value);
    return computed(taxName(), tax, unit, () => `${all} × ${inSum(rate.value)}`, [total, rate]);
  }
  const within = roundHalfAwayFromZero(value - value / (1 + rate.value));
  return computed(taxName(), within, unit, () => `${all} − ${all} ÷ (1 + ${inSum(rate.value)})`, [total, rate]);
}

/** A quote by its customer and what it is for; '' where it has neither. */
export function nameOfQuote({ customer, what }: Pick<Quote, 'customer' | 'what'>): string {
  return [customer.trim(), what.trim()].filter(Boolean).join(', ');
}

/** Whether a quote is still valid, and whether its metal price is. @param today  ISO day */
export function quoteStanding(
  { expires, metalFixedUntil }: Pick<Quote, 'expires' | 'metalFixedUntil'>,
  today: string,
): 'holds' | 'metal at the day' | 'expired' {
  if (expires && today > expires) return 'expired';
  return metalFixedUntil && today > metalFixedUntil ? 'metal at the day' : 'holds';
}
