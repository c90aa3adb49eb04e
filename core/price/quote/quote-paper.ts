// What a customer reads on a quote: no zero, nothing internal.
import { given } from '../../figure/figure.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { showFigure, showPrice } from '../../figure/show.ts';
import { fullDay } from '../../format/days.ts';
import { inStudioDecimals } from '../../format/numbers.ts';
import { capital, taxName } from '../../format/variants.ts';
import { readGrams } from '../../measure/read/read-number.ts';
import type { PriceRule } from '../../studio/selling.ts';
import type { Quote, QuoteCount } from './quote.ts';

/** A quote as it is printed. */
export interface QuotePaper {
  /** `Quote 2026-014 B`. */
  readonly title: string;
  /** Number, date, customer, validity: each with its label. */
  readonly facts: readonly (readonly [label: string, text: string])[];
  readonly items: readonly {
    readonly what: string;
    readonly count: string;
    readonly each: string;
    readonly all: string;
  }[];
  /** Sums below the items, the total last but for deposit and balance. */
  readonly sums: readonly (readonly [label: string, amount: string])[];
  /** Sentences below the sums. */
  readonly notes: readonly string[];
}

interface QuotePaperAbout {
  readonly currency: string;
  readonly tax: PriceRule['tax'];
  /** ISO day it is printed. */
  readonly on: string;
  /** Saved version; 0 for a draft. */
  readonly revision: number;
  /** Used where a quote of an earlier version has no number. */
  readonly id: string;
  /** Names of pieces in their size, by item. */
  readonly pieceOf: (line: Quote['lines'][number]) => string;
}

/** The number of a quote; a later version adds a letter: `2026-014`, `2026-014 B`. */
function quoteNumber({ number }: Pick<Quote, 'number'>, revision: number, id: string): string {
  const plain = number || id.slice(0, 6).toUpperCase();
  // A is the first version, which stands without its letter.
  return revision > 1 ? `${plain} ${String.fromCharCode(64 + Math.min(26, revision))}` : plain;
}

/** The next number in a year. @param numbers  those given so far */
export function nextQuoteNumber(numbers: readonly string[], year: string): string {
  const taken = numbers.flatMap((number) => {
    const [of, count] = number.split('-');
    return of === year ? [Number(count)] : [];
  });
  return `${year}-${String(Math.max(0, ...taken) + 1).padStart(3, '0')}`;
}

/** Computes what a quote says on paper. */
export function quotePaper(quote: Quote, count: QuoteCount, about: QuotePaperAbout): QuotePaper {
  const { currency, tax, revision } = about;
  const money = (minor: number) => showPrice(minor, currency);
  const number = quoteNumber(quote, revision, about.id);
  const isRepair = quote.kind === 'repair';
  const credit = count.lines.reduce((sum, { all }) => sum + all.value, 0) - count.total.value;
  return {
    title: `Quote ${number}`,
    facts: facts(quote, about, number),
    items: quote.lines.map((line, index) => {
      const { each, all } = count.lines[index] ?? {};
      return {
        what: line.what.trim() || about.pieceOf(line),
        count: line.count.trim(),
        each: each ? money(each.value) : '',
        all: all ? money(all.value) : '',
      };
    }),
    sums: [
      ...(credit > 0 ? [['Credit for your metal', `−${money(credit)}`] as const] : []),
      ...(credit < 0 ? [['Minimum charge', money(count.total.value)] as const] : []),
      ['Total', money(count.total.value)],
      ...taxLines(count, tax, money),
      ...depositLines(quote.deposit, count, money),
    ],
    notes: [
      ...metalNotes(quote),
      ...(isRepair
        ? [
            'Heat may open old joints, discolour stones and soften springs. The condition of the piece is noted before work begins.',
          ]
        : []),
      ...(quote.note.trim() ? [quote.note.trim()] : []),
    ],
  };
}

function facts(quote: Quote, { on, revision }: QuotePaperAbout, number: string): [string, string][] {
  const lines: [string, string][] = [
    ['Number', number],
    ['Date', fullDay(on)],
    ['Customer', quote.customer.trim()],
    ['For', quote.what.trim()],
    ['Valid until', quote.expires && fullDay(quote.expires)],
    ['Completion date', quote.due && fullDay(quote.due)],
    ['Status', revision === 0 ? 'Draft' : ''],
  ];
  return lines.filter(([, text]) => text !== '');
}

function taxLines(
  { tax, toPay }: QuoteCount,
  { how, rate }: PriceRule['tax'],
  money: (minor: number) => string,
): (readonly [string, string])[] {
  if (!tax) return [];
  const share = `${inStudioDecimals(String(roundHalfAwayFromZero(rate.value * 10_000) / 100))} %`;
  const name = capital(taxName());
  if (how === 'included') return [[`of which ${name} ${share}`, money(tax.value)]];
  return [
    [`${name} ${share}`, money(tax.value)],
    ['Total to pay', money(toPay.value)],
  ];
}

function depositLines(
  typed: string,
  { deposit, rest }: QuoteCount,
  money: (minor: number) => string,
): (readonly [string, string])[] {
  if (deposit.value <= 0) return [];
  return [
    [`Deposit (${inStudioDecimals(typed.trim())})`, money(deposit.value)],
    ['Balance due on completion', money(rest.value)],
  ];
}

function metalNotes({ ownMetal, ownGrams, metalFixedUntil }: Quote): string[] {
  const grams = readGrams(ownGrams);
  const weight = grams.ok && grams.value > 0 ? `, ${showFigure(given('weight', grams.value, 'g', ''))}` : '';
  return [
    ...(ownMetal.trim() ? [`Metal supplied by you: ${ownMetal.trim()}${weight}.`] : []),
    ...(metalFixedUntil
      ? [
          `The metal price is held until ${fullDay(metalFixedUntil)}. After that the price of the metal may change with the market.`,
        ]
      : []),
  ];
}
