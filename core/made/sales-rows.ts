// Rows of sales of a card reader or a marketplace: a product matched to a finished piece, an amount, a day.
import { minorDigits } from '../figure/figure.ts';
import { roundHalfAwayFromZero } from '../figure/round-money.ts';
import { inStudioDecimals } from '../format/numbers.ts';
import type { ImportField } from '../import/columns.ts';
import { bad, type RowReading } from '../import/row-reading.ts';
import { readMoney } from '../measure/read/read-money.ts';
import { type DayOrder, readDayCell } from './day-cell.ts';
import { itemName, type MadeItem, numberOfTag, tagCode } from './made-item.ts';

/** A sale of a file. */
export interface SaleRow {
  readonly on: string;
  /** What the file calls the sale; with the line it makes the row known again. */
  readonly reference: string;
  readonly item: string;
  /** Pieces; below zero for a refund. */
  readonly count: number;
  /** Paid for all of them, minor units; below zero for a refund. */
  readonly paidMinor: number;
  /** Fee by the file, minor units; null where it gives none. */
  readonly feeMinor: number | null;
}

/** What columns of a file of sales can hold. */
export const saleFields: readonly ImportField[] = [
  { key: 'on', label: 'day of the sale', isNeeded: true, words: ['date', 'day', 'sold on', 'created', 'datum', 'paid at', 'time'] },
  { key: 'product', label: 'product', isNeeded: true, words: ['item', 'name', 'title', 'description', 'artikel', 'produkt', 'article'] },
  { key: 'code', label: 'code', words: ['sku', 'item code', 'reference code', 'artikelnummer', 'ref'] },
  { key: 'size', label: 'size', words: ['variation', 'variant', 'option', 'options', 'groesse', 'taille'] },
  { key: 'count', label: 'quantity', isNumber: true, words: ['qty', 'pieces', 'units', 'menge', 'anzahl', 'quantite'] },
  { key: 'paid', label: 'paid', isNeeded: true, isNumber: true, words: ['amount', 'total', 'gross', 'price', 'gross sales', 'betrag', 'summe', 'montant', 'item total'] },
  { key: 'fee', label: 'fee', isNumber: true, words: ['fees', 'processing fee', 'gebuehr', 'frais', 'commission'] },
  { key: 'sale', label: 'number of the sale', words: ['order', 'order id', 'transaction', 'transaction id', 'receipt', 'bestellung', 'commande', 'payment id'] },
  { key: 'currency', label: 'currency', words: ['waehrung', 'devise'] },
  { key: 'kind', label: 'sale or refund', words: ['type', 'event', 'event type', 'status', 'art'] },
]; // prettier-ignore

interface SaleRowBasis {
  readonly items: readonly MadeItem[];
  /** Codes of designs on older tags, by id of the piece. */
  readonly codeOf: (item: MadeItem) => string;
  readonly currency: string;
  /** What one unit of another currency is worth in the ledger's; null where nobody said. */
  readonly rateOf: (currency: string) => number | null;
  readonly order: DayOrder;
  /** ISO day of today. */
  readonly today: string;
  /** References of sales that are in the ledger. */
  readonly known: ReadonlySet<string>;
  /** Name of the source: the same sale of the same source counts once. */
  readonly source: string;
}

/**
 * A reader of the rows of one file. Rows of the same sale and product are told apart by their order, so that two equal
 * lines of one file are two sales, and the same file read again adds nothing.
 */
export function saleRowReader(basis: SaleRowBasis): (cells: ReadonlyMap<string, string>) => RowReading<SaleRow> {
  const seen = new Map<string, number>();
  return (cells) => {
    const reading = readSaleRow(cells, basis);
    if (!reading.value) return reading;
    const { reference } = reading.value;
    const times = (seen.get(reference) ?? 0) + 1;
    seen.set(reference, times);
    const own = times === 1 ? reference : `${reference}|${String(times)}`;
    if (basis.known.has(own)) return { ...reading, effect: 'same', says: 'imported before', value: null };
    return { ...reading, value: { ...reading.value, reference: own } };
  };
}

function readSaleRow(cells: ReadonlyMap<string, string>, basis: SaleRowBasis): RowReading<SaleRow> {
  const cell = (key: string) => cells.get(key)?.trim() ?? '';
  const title = [cell('product'), cell('size')].filter(Boolean).join(', ') || cell('code');
  const on = readDayCell(cell('on'), basis.order);
  if (on === null) return bad(title, `“${cell('on')}” is no day.`);
  if (on > basis.today) return bad(title, 'This day is still to come.');
  const currency = cell('currency').toUpperCase() || basis.currency;
  const rate = currency === basis.currency ? 1 : basis.rateOf(currency);
  if (rate === null)
    return bad(title, `This sale is in ${currency}, the ledger in ${basis.currency}. Give the exchange rate.`);
  const converted = (minor: number) =>
    currency === basis.currency
      ? minor
      : roundHalfAwayFromZero(minor * rate * 10 ** (minorDigits(basis.currency) - minorDigits(currency)));
  const item = matchItem(basis, cell('code'), cell('product'), cell('size'));
  if (typeof item === 'string') return bad(title, item);
  const isRefund = /refund|return|erstatt|rembours/i.test(cell('kind'));
  const paid = readSigned(cell('paid'), currency);
  if (paid === null) return bad(title, `“${cell('paid')}” is no amount.`);
  const typedCount = Number(cell('count') || '1');
  if (!Number.isInteger(typedCount) || typedCount === 0)
    return bad(title, `“${cell('count')}” is no number of pieces.`);
  const sign = isRefund || paid < 0 || typedCount < 0 ? -1 : 1;
  const fee = cell('fee') ? readSigned(cell('fee'), currency) : null;
  if (cell('fee') && fee === null) return bad(title, `“${cell('fee')}” is no amount.`);
  const count = sign * Math.abs(typedCount);
  const paidMinor = sign * Math.abs(paid);
  // The amount of the file: a sale that is read again at another rate is the same sale.
  const reference = [basis.source, cell('sale') || on, tagCode(item), String(count), String(paidMinor)].join('|');
  return {
    effect: 'new',
    title: itemName(item),
    says: `${String(count)} × ${tagCode(item)}, ${on}${currency === basis.currency ? '' : `, ${cell('paid')} ${currency}`}`,
    value: {
      on,
      reference: reference.slice(0, 190),
      item: item.id,
      count,
      paidMinor: converted(paidMinor),
      feeMinor: fee === null ? null : converted(sign * Math.abs(fee)),
    },
  };
}

/** Whole minor units, with a sign or in brackets; null when it cannot be read. */
function readSigned(text: string, currency: string): number | null {
  const isNegative = /^\s*[-−(]/.test(text);
  const reading = readMoney(inStudioDecimals(text.replace(/[-−()]/g, '')), currency, 'amount');
  return reading.ok ? (isNegative ? -1 : 1) * roundHalfAwayFromZero(reading.value) : null;
}

/** The piece of a row: by the code of its tag, by the code of its design, or by name, with the size. @returns a sentence where none or several fit */
function matchItem({ items, codeOf }: SaleRowBasis, code: string, product: string, size: string): MadeItem | string {
  const number = numberOfTag(code) ?? numberOfTag(product);
  const byTag = number === null ? undefined : items.find((item) => item.number === number);
  if (byTag) return byTag;
  const plain = (text: string) =>
    text
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  const [askedCode, asked, askedSize] = [plain(code), plain(product), plain(size)];
  const fits = items.filter((item) => {
    const name = plain(item.name);
    return (askedCode && plain(codeOf(item)) === askedCode) || name === asked || plain(itemName(item)) === asked || (asked.includes(name) && asked.includes(plain(item.sizeName))); // prettier-ignore
  });
  const inSize = askedSize ? fits.filter(({ sizeName }) => plain(sizeName).replace(/^size /, '') === askedSize.replace(/^size /, '')) : fits; // prettier-ignore
  const whole = inSize.filter((item) => plain(itemName(item)) === asked);
  const best = whole.length > 0 ? whole : inSize;
  const designs = new Set(best.map(({ pieceId, name, size: id }) => `${pieceId || name} ${id}`));
  if (best.length === 0)
    return fits.length > 0 ? 'No finished piece has this size.' : 'No finished piece has this code or name.';
  if (designs.size > 1) return 'Several pieces fit. Choose a column with the code or the size.';
  // Of several versions the oldest is sold first.
  return best.reduce((first, item) => (item.number < first.number ? item : first));
}

/** Currencies of a file beside that of the ledger. @param cells  of the column of the currency */
export function otherCurrencies(cells: readonly string[], currency: string): string[] {
  const codes = cells.map((cell) => cell.trim().toUpperCase()).filter((code) => /^[A-Z]{3}$/.test(code));
  return [...new Set(codes)].filter((code) => code !== currency);
}
