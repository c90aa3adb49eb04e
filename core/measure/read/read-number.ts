// Reads plain numbers as typed: minutes, counts, grams, factors, shares.
import { gramsPer } from '../mass-units.ts';
import { evaluate, SumError, type UnitReader } from './arithmetic.ts';
import { read, type Reading, unread } from './reading.ts';

const minutesPerUnit: Readonly<Record<string, number>> = {
  s: 1 / 60,
  sec: 1 / 60,
  min: 1,
  mins: 1,
  minute: 1,
  minutes: 1,
  h: 60,
  hr: 60,
  hour: 60,
  hours: 60,
};

/**
 * Reads a time. A bare number is in minutes; `1h20` and `1:20` are an hour and twenty minutes.
 * @returns minutes; 0 when nothing is entered
 */
export function readMinutes(text: string): Reading {
  const spelt = text
    .replace(/(\d+):([0-5]\d)\b/g, '($1h+$2min)')
    .replace(/(\d+)\s*h\s*(\d+)(?!\s*[\d.a-z])/gi, '($1h+$2min)')
    .replace(/(\d+)\s*h\s*(\d+)\s*min\b/gi, '($1h+$2min)')
    .replace(/(\d+)\s*min\s*([0-5]?\d)(?:\s*s)?\b(?!\.)/gi, '($1min+$2s)');
  return readPlain(spelt, 'time', '12, 90 s or 1h20', (number, unit) =>
    scaled(number, minutesPerUnit[unit.toLowerCase()]),
  );
}

/**
 * Reads a mass of metal. A bare number is in grams.
 * @returns g; 0 when nothing is entered
 */
export function readGrams(text: string): Reading {
  return readPlain(text, 'weight', '3.2 g or 2 dwt', (number, unit) => scaled(number, gramsPer(unit)));
}

/**
 * Reads a count.
 * @param least  the smallest count allowed
 * @returns a whole number
 */
export function readCount(text: string, least = 1): Reading {
  const reading = readPlain(text, 'count', '24', () => undefined);
  if (!reading.ok) return reading;
  if (text.trim() === '' || reading.value < least) return unread(`Give a count of ${String(least)} or more.`);
  if (!Number.isInteger(reading.value)) return unread(`A count is a whole number; ${text.trim()} is not.`);
  if (reading.value > 100_000) return unread(`${text.trim()} is more than any bench makes. Check the count.`);
  return reading;
}

/**
 * Reads a factor such as 2.2.
 * @returns a number above 0
 */
export function readFactor(text: string, what: string): Reading {
  const reading = readPlain(text, what, '2 or 2.2', () => undefined);
  if (reading.ok && !(reading.value > 0)) return unread(`The ${what} must be above 0.`);
  return reading;
}

/**
 * Reads a share typed in per cent, with or without its sign.
 * @returns 0 to 1; 0 when nothing is entered
 */
export function readShare(text: string, what: string): Reading {
  const reading = readPlain(text, what, '85 %', (number, unit) => (unit === '%' ? number : undefined));
  if (reading.ok && reading.value > 100) return unread(`The ${what} cannot be more than 100 %.`);
  return reading.ok ? read(reading.value / 100, reading.source) : reading;
}

/**
 * Reads a markup: what is added to a cost, in per cent of it.
 * @returns 0.5 for 50 %; 0 when nothing is entered
 */
export function readMarkUp(text: string): Reading {
  const reading = readPlain(text, 'markup', '50 %', (number, unit) => (unit === '%' ? number : undefined));
  if (reading.ok && reading.value > 5000) return unread('A markup can’t be more than 5,000 %.');
  return reading.ok ? read(reading.value / 100, reading.source) : reading;
}

/**
 * Reads a density.
 * @returns g/cm³; a blank density is refused, since every mass depends on it
 */
export function readDensity(text: string): Reading {
  if (text.trim() === '')
    return unread('Give its density in g/cm³, its metals (Cu 70, Zn 30), or weigh it: 12.41 g in air, 11.22 in water.');
  const reading = readPlain(text, 'density', '8.53', () => undefined);
  if (reading.ok && !(reading.value >= 0.5 && reading.value <= 23)) {
    return unread(`No metal has a density of ${text.trim()} g/cm³; they run from 1.7 (magnesium) to 22.6 (osmium).`);
  }
  return reading;
}

/** Reads a number of 0 or more in one dimension; blank text is 0. */
export function readPlain(text: string, what: string, example: string, unit: UnitReader): Reading {
  if (text.trim() === '') return read(0, 'none entered');
  try {
    const { value, power } = evaluate(text, unit);
    if (power < 0 || power > 1) return unread(`“${text.trim()}” does not come out as a ${what}. Try ${example}.`);
    if (value < 0) return unread(`A ${what} cannot be negative; ${text.trim()} is. Try ${example}.`);
    return read(value, 'as typed');
  } catch (error) {
    if (error instanceof SumError) return unread(`${error.message} Try ${example}.`);
    throw error;
  }
}

function scaled(number: number, factor: number | undefined): number | undefined {
  return factor === undefined ? undefined : number * factor;
}
