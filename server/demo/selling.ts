// What the sample workshop sells: metal received, a price set by hand, a coming and a past winter market, two quotes.
import { dayAfter, weekdayOf } from '../../core/measure/days.ts';
import type { NewReceipt } from '../../core/metal/receipt.ts';
import { emptyFair, type Fair, type Level, newLevel } from '../../core/price/fair/fair.ts';
import { emptyQuote, newQuoteLine, type Quote } from '../../core/price/quote/quote.ts';

/** Ids of the sample's pieces by their key. */
export type PieceIds = Readonly<
  Record<'lapelPin' | 'shawlPin' | 'barometer' | 'fork' | 'cufflinks' | 'signet', string>
>;

const receipt = (
  daysAgo: number,
  alloy: string,
  form: NewReceipt['form'],
  grams: string,
  paid: string,
): Omit<NewReceipt, 'on' | 'currency' | 'source'> & { readonly daysAgo: number } => ({
  daysAgo,
  alloy,
  form,
  grams,
  paid,
});

/** Metal received by the sample workshop. */
export const demoReceipts = [
  receipt(40, 'silver-925', 'wire', '250 g', '188.40'),
  receipt(40, 'silver-925', 'sheet', '180 g', '131.20'),
  receipt(18, 'silver-925', 'wire', '120 g', '104.10'),
  receipt(6, 'silver-925', 'sheet', '90 g', '84.70'),
] as const;

const level = (id: string, fields: Partial<Level>): Level => ({ ...newLevel(id), ...fields });

const SATURDAY = 5;
const SUNDAY = 6;

/** The last such weekday on or before a day. @param weekday  0 for Monday to 6 for Sunday */
function weekdayBefore(day: string, weekday: number): string {
  return dayAfter(day, -((weekdayOf(day) - weekday + 7) % 7));
}

/** @param day  the first day of the sample */
export function demoFairs(day: string, ids: PieceIds): { readonly market: Fair; readonly regatta: Fair } {
  const market: Fair = {
    ...emptyFair,
    name: 'Winter market on the quay',
    from: weekdayBefore(dayAfter(day, 20), SATURDAY),
    days: '2',
    stallFee: '145',
    travel: '18',
    otherCosts: '22',
    hours: '21',
    channel: 'market',
    visitors: '1400',
    visitorSpread: '30 %',
    nights: '1',
    nightCost: '68',
    buyers: '2.9 %',
    levels: [
      level('bowl', {
        name: 'Lapel pins, from the bowl',
        piece: ids.lapelPin,
        price: '18 / 32 / 45',
        share: '58 %',
        second: '45 %',
        third: '35 %',
      }),
      level('pins', { name: 'Shawl pins', piece: ids.shawlPin, price: '48', share: '24 %' }),
      level('forks', { name: 'Hair forks', piece: ids.fork, price: '96', share: '12 %' }),
      level('brooch', { name: 'Barometer brooches', piece: ids.barometer, price: '140', share: '6 %' }),
    ],
    note: 'The stall by the lifeboat steps. Bring the second lamp.',
  };
  const regatta: Fair = {
    ...emptyFair,
    name: 'Regatta Sunday',
    from: weekdayBefore(dayAfter(day, -84), SUNDAY),
    days: '1',
    stallFee: '60',
    travel: '0',
    hours: '10',
    channel: 'market',
    visitors: '600',
    buyers: '6 %',
    levels: [
      level('bowl', {
        name: 'Lapel pins, from the bowl',
        piece: ids.lapelPin,
        price: '16 / 28',
        share: '60 %',
        second: '40 %',
      }),
      level('pins', { name: 'Shawl pins', piece: ids.shawlPin, price: '45', share: '25 %' }),
      level('forks', { name: 'Hair forks', piece: ids.fork, price: '92', share: '15 %' }),
    ],
    visitorsCame: '520',
    note: 'Rain until two.',
  };
  return { market, regatta };
}

/** Quotes of the sample workshop. */
export function demoQuotes(day: string, ids: PieceIds): readonly Quote[] {
  return [
    {
      ...emptyQuote,
      kind: 'commission',
      customer: 'E. Marrow',
      what: 'A signet with the harbour soundings',
      lines: [
        { ...newQuoteLine('ring'), what: 'Sounding-line signet ring', piece: ids.signet, size: 't', price: '1,490.00' },
        { ...newQuoteLine('engraving'), what: 'Engraving the soundings, sent out', price: '85' },
      ],
      deposit: '40 %',
      expires: dayAfter(day, 21),
      metalFixedUntil: dayAfter(day, 7),
      due: dayAfter(day, 9),
      note: 'Collects it herself.',
    },
    {
      ...emptyQuote,
      kind: 'repair',
      customer: 'The harbour master',
      what: 'Whistle chain, two links worn through',
      lines: [{ ...newQuoteLine('links'), what: 'Two links made and soldered', count: '2', price: '9.50' }],
      least: '28',
      ownMetal: 'his own silver chain',
      ownGrams: '31.4 g',
      deposit: '',
      expires: dayAfter(day, -3),
      note: 'Old solder near the clasp: the heat may open it again. Told.',
    },
  ];
}
