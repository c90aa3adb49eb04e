// Reads amounts of money and prices per weight as typed.
import { minorDigits } from '../../figure/figure.ts';
import { GRAMS_PER_TROY_OUNCE, gramsPer } from '../mass-units.ts';
import { readPlain } from './read-number.ts';
import { read, type Reading, unread } from './reading.ts';

const MOST_MAJOR = 1_000_000_000;

/**
 * Reads an amount of money. Currency signs and the studio's own code are allowed and ignored.
 * @returns minor units, possibly a fraction of one (a screw at 0.125); 0 when nothing is entered
 */
export function readMoney(text: string, currency: string, what = 'price'): Reading {
  // Most fields are blank, and a long piece has hundreds of them.
  if (text.trim() === '') return read(0, 'none entered');
  const bare = text.replace(/[£$€¥]/g, '').replace(new RegExp(`\\b${currency}\\b`, 'gi'), '');
  // Only a certain thousands comma is removed: 1,200.50 and 1,200,000; in 12,50 it is a decimal comma.
  const plain = bare.replace(/(\d),(\d{3})(?=,\d{3}|\.\d)/g, '$1$2').replace(/(\d),(\d{3})(?=\.\d)/g, '$1$2');
  const reading = readPlain(plain, what, '12.50', () => undefined);
  if (!reading.ok) return reading;
  if (reading.value > MOST_MAJOR) return unread(`${text.trim()} is too large a ${what}. Check the figures.`);
  return read(reading.value * 10 ** minorDigits(currency), reading.source);
}

/**
 * An amount as it would be typed, without its sign.
 * @example moneyTyped(1250, 'GBP') // '12.50'
 */
export function moneyTyped(minor: number, currency: string): string {
  const digits = minorDigits(currency);
  return (minor / 10 ** digits).toFixed(digits);
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
