// A quote for a commission or a repair: lines of pieces or of words, what is asked before it is begun, and until when it
// holds. What is usual is offered here; what binds is for the local rule and the maker's own terms to say.
import { z } from 'zod';
import { given, inSum, computed, renamed, totalOf, type Figure } from '../../figure/figure.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { isoDateSchema, nameSchema, noteSchema, rowIdSchema, typedSchema } from '../../measure/typed.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { readCount, readGrams, readShare } from '../../measure/read/read-number.ts';
import type { Issue } from '../../measure/issue.ts';

const quoteLineSchema = z.strictObject({
  id: rowIdSchema,
  /** What it is, in words. */
  what: nameSchema,
  /** A piece of the book, and the revision it is quoted from; blank for a line of words. */
  piece: z.string().max(40),
  size: z.string().max(40),
  count: typedSchema,
  /** Price of one, typed; blank takes the retail price of the piece. */
  price: typedSchema,
});

export const quoteSchema = z.strictObject({
  kind: z.enum(['commission', 'repair']),
  /** A name only. */
  customer: nameSchema,
  what: nameSchema,
  lines: z.array(quoteLineSchema).max(40, 'A quote has 40 lines at most.'),
  /** The least a job is done for. */
  least: typedSchema,
  /** The customer's own metal: what it is, its weight, and what is allowed for it. */
  ownMetal: nameSchema,
  ownGrams: typedSchema,
  allowed: typedSchema,
  /** Asked before it is begun, as a share. */
  deposit: typedSchema,
  expires: z.union([isoDateSchema, z.literal('')]),
  /** The metal's price is fixed until this day, then it is that of the day; blank: as long as the quote holds. */
  metalFixedUntil: z.union([isoDateSchema, z.literal('')]),
  due: z.union([isoDateSchema, z.literal('')]),
  note: noteSchema,
  /** Batches it became when it was taken. */
  batches: z.array(z.string().max(40)).max(40),
});

export type Quote = z.infer<typeof quoteSchema>;
export type QuoteLine = Quote['lines'][number];

export const emptyQuote: Quote = {
  kind: 'commission',
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

export const newQuoteLine = (id: string): QuoteLine => ({ id, what: '', piece: '', size: '', count: '1', price: '' });

export interface QuoteCount {
  /** In the order of the lines; each price of one, and for all of it. */
  readonly lines: readonly { readonly each: Figure; readonly all: Figure }[];
  readonly total: Figure;
  readonly deposit: Figure;
  /** Due when it is done. */
  readonly rest: Figure;
  readonly problems: readonly Issue[];
}

/** @param retailOf  the retail price of a piece in a size, minor units; null when it is not in the book */
export function countQuote(
  quote: Quote,
  currency: string,
  retailOf: (piece: string, size: string) => Figure | null,
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
    const typed = given(
      'price of one',
      roundHalfAwayFromZero(money(`${path}.price`, line.price)),
      currency,
      'as typed',
    );
    const ofPiece = line.piece && !line.price.trim() ? retailOf(line.piece, line.size) : null;
    if (line.piece && !line.price.trim() && !ofPiece)
      problems.push({ path: `${path}.price`, sentence: 'This piece is not in the book any more. Type its price.' });
    const each = ofPiece ? renamed(ofPiece, 'retail price of one') : typed;
    const pieces = count.ok ? count.value : 0;
    const how = () => `${String(pieces)} × ${inSum(each.value, currency)}`;
    const label = line.what.trim() || 'a line';
    return { each, all: computed(label, pieces * each.value, currency, how, [each]) };
  });
  const grams = readGrams(quote.ownGrams);
  if (!grams.ok) problems.push({ path: 'ownGrams', sentence: grams.sentence });
  const all = lines.map((line) => line.all);
  const listed = totalOf('all lines', currency, all);
  const allowed = roundHalfAwayFromZero(money('allowed', quote.allowed));
  const least = roundHalfAwayFromZero(money('least', quote.least));
  const less = given('allowed for the customer’s metal', -allowed, currency, 'as typed');
  const sum = allowed > 0 ? totalOf('the job', currency, [...all, less]) : renamed(listed, 'the job');
  const total =
    sum.value < least
      ? computed('the job', least, currency, () => `${inSum(sum.value, currency)}, but the least a job is done for`, [
          sum,
          given('least charge', least, currency, 'as typed'),
        ])
      : sum;
  const share = readShare(quote.deposit, 'deposit');
  if (!share.ok) problems.push({ path: 'deposit', sentence: share.sentence });
  const part = given('deposit', share.ok ? share.value : 0, '', 'as typed');
  const deposit = computed(
    'deposit',
    roundHalfAwayFromZero(total.value * part.value),
    currency,
    () => `${inSum(total.value, currency)} × ${inSum(part.value)}`,
    [total, part],
  );
  const rest = computed(
    'when it is done',
    total.value - deposit.value,
    currency,
    () => `${inSum(total.value, currency)} − ${inSum(deposit.value, currency)}`,
    [total, deposit],
  );
  return { lines, total, deposit, rest, problems };
}

/** Whether a quote still holds, and its metal with it. @param today  ISO day */
export function quoteStanding(
  { expires, metalFixedUntil }: Pick<Quote, 'expires' | 'metalFixedUntil'>,
  today: string,
): 'holds' | 'metal at the day' | 'expired' {
  if (expires && today > expires) return 'expired';
  return metalFixedUntil && today > metalFixedUntil ? 'metal at the day' : 'holds';
}
