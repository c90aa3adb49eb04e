// Reads amounts of money and prices per weight as typed.
import { minorDigits } from '../../figure/figure.ts';
import { showNumber } from '../../format/numbers.ts';
import { studioFormat } from '../../format/studio-format.ts';
import { GRAMS_PER_TROY_OUNCE, gramsPer } from '../mass-units.ts';
import { readPlain } from './read-number.ts';
import { read, type Reading, unread } from './reading.ts';

const MOST_MAJOR = 1_000_000_000;

/**
 * Reads an amount of money. The sign and the code of the studio's currency may stand beside it; those of another
 * currency are refused.
 * @returns minor units, possibly a fraction of one (a screw at 0.125); 0 when nothing is entered
 */
export function readMoney(text: string, currency: string, what = 'price'): Reading {
  // Most fields are blank, and a long piece has hundreds of them.
  if (text.trim() === '') return read(0, 'none entered');
  const other = otherCurrency(text, currency);
  if (other) return unread(`“${text.trim()}” is in ${other}. Give the ${what} in ${nameOf(currency)} (${currency}).`);
  const bare = signsOf(currency).reduce((rest, sign) => rest.replace(sign, ''), text);
  const reading = readPlain(bare.trim(), what, showNumber(12.5, 2), () => undefined);
  if (!reading.ok) return reading;
  if (reading.value > MOST_MAJOR) return unread(`${text.trim()} is too large a ${what}. Check the figures.`);
  return read(reading.value * 10 ** minorDigits(currency), reading.source);
}

const signs = new Map<string, readonly RegExp[]>();

// How a currency may be written beside an amount: its code, its sign at home and abroad.
function signsOf(currency: string): readonly RegExp[] {
  const known = signs.get(`${studioFormat().country} ${currency}`);
  if (known) return known;
  const displays = ['code', 'symbol', 'narrowSymbol'] as const;
  const written = displays.flatMap((currencyDisplay) =>
    [studioFormat().local, 'en'].flatMap((locale) =>
      new Intl.NumberFormat(locale, { style: 'currency', currency, currencyDisplay })
        .formatToParts(1)
        .flatMap(({ type, value }) => (type === 'currency' ? [value] : [])),
    ),
  );
  const found = [...new Set(written)]
    .sort((a, b) => b.length - a.length)
    .map((sign) => new RegExp(`(?<![a-z])${sign.replace(/[$.]/g, '\\$&')}(?![a-z])`, 'i'));
  signs.set(`${studioFormat().country} ${currency}`, found);
  return found;
}

/** The name of a currency: `British pounds`. */
function nameOf(currency: string): string {
  return new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'name' })
    .formatToParts(2)
    .filter(({ type }) => type === 'currency')
    .map(({ value }) => value)
    .join('');
}

/** Currencies that a sign may stand for, the one it usually means first. */
const bySign: Readonly<Record<string, readonly string[]>> = {
  '£': ['GBP', 'EGP', 'LBP', 'GIP', 'FKP', 'SHP'],
  $: ['USD', 'CAD', 'AUD', 'NZD', 'SGD', 'HKD', 'MXN', 'BRL', 'CLP', 'COP', 'ARS', 'TWD', 'UYU', 'JMD', 'TTD', 'BBD', 'BSD', 'BZD', 'FJD', 'NAD', 'XCD'],
  '€': ['EUR'],
  '¥': ['JPY', 'CNY'],
  '₹': ['INR'],
  '₩': ['KRW'],
  '₺': ['TRY'],
  '₪': ['ILS'],
  '฿': ['THB'],
  '₴': ['UAH'],
}; // prettier-ignore
const knownCurrencies = new Set(Intl.supportedValuesOf('currency'));

/** Another currency that the text names by sign or code; null when there is none. */
function otherCurrency(text: string, currency: string): string | null {
  const [sign] = /\p{Sc}/u.exec(text) ?? [];
  const [first] = sign === undefined ? [] : (bySign[sign] ?? []);
  if (first && sign !== undefined && !bySign[sign]?.includes(currency)) return nameOf(first);
  const codes = text.toUpperCase().match(/\b[A-Z]{3}\b/g) ?? [];
  const code = codes.find((one) => one !== currency && knownCurrencies.has(one));
  return code ? `${nameOf(code)} (${code})` : null;
}

/**
 * Reads a price per weight: `0.82`, `0.82/g`, `25.50 / ozt`, `820 per kg`.
 * @returns minor units per gram; a bare number is per gram
 */
export function readPricePerGram(text: string, currency: string, what = 'price'): Reading {
  const [, amount = text, unit = 'g'] = /^(.*?)(?:\/|\bper\b)\s*([a-z]+)\s*$/i.exec(text) ?? [];
  const grams = gramsPer(unit);
  if (grams === undefined)
    return unread(`“${unit}” is not a weight metal is priced by. Try 0.82 / g, 25.50 / ozt or 820 / kg.`);
  const reading = readMoney(amount, currency, what);
  if (!reading.ok) return reading;
  const by = grams === GRAMS_PER_TROY_OUNCE ? ', per troy ounce of 31.1034768 g' : '';
  return read(reading.value / grams, `${reading.source}${by}`);
}
