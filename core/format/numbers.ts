// Numbers as the studio's country writes them: shown and read by the same format.
import { type StudioFormat, studioFormat } from './studio-format.ts';

const formats = new Map<string, Intl.NumberFormat>();

/**
 * A number in the studio's format, rounded half away from zero, with a true minus sign.
 * @param least  decimals at least
 * @param most  decimals at most
 * @example showNumber(1234.5, 2) // '1,234.50'
 */
export function showNumber(value: number, least: number, most = least): string {
  const { local } = studioFormat();
  const key = `${local} ${String(least)} ${String(most)}`;
  let format = formats.get(key);
  if (!format) {
    format = new Intl.NumberFormat(local, {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      useGrouping: 'always',
    });
    formats.set(key, format);
  }
  // Fonts have the no-break space, not always its narrow form.
  const text = format.format(Math.abs(value)).replace(/\u202f/g, '\u00a0');
  return value < 0 && /[1-9]/.test(text) ? `−${text}` : text;
}

/** A plain number of a sum, `1204.5`, with the studio's decimal sign and no thousands separators. */
export function inStudioDecimals(plain: string): string {
  return studioFormat().decimal === ',' ? plain.replace('.', ',') : plain;
}

/** A number that can be read two ways: 1.234 where the studio writes 1 234,5. */
export class TwoReadings extends Error {
  /** As typed. */
  readonly text: string;
  /** Both readings, in the studio's format. */
  readonly readings: readonly [string, string];

  constructor(text: string, readings: readonly [string, string]) {
    super(`“${text}” can be read as ${readings[0]} or as ${readings[1]}.`);
    this.text = text;
    this.readings = readings;
  }
}

const SPACE = String.raw`[ \u00a0\u202f\u2009]`;
/** Digits with anything that may separate them, from the start of a text. */
const NUMBER = new RegExp(
  String.raw`^(?:\d{1,3}(?:${SPACE}\d{3})+(?![\d/])(?:[.,]\d+)?|\d{1,3}(?:['’]\d{3})+(?:[.,]\d+)?|\d+(?:[.,]\d+)*|[.,]\d+)`,
);

/** The number at the start of a text, as typed; null when there is none. */
export function numberAtStart(text: string): string | null {
  return NUMBER.exec(text)?.[0] ?? null;
}

/**
 * Reads a number with decimals and thousands separators. A separator that can only be one of both is taken as that;
 * otherwise the studio's format says which.
 * @param text  as `numberAtStart` gives it
 * @throws TwoReadings when the format does not say
 * @throws RangeError with a sentence when the separators fit no reading
 */
export function readNumber(text: string, format: StudioFormat = studioFormat()): number {
  const bare = text.replace(/[ \u00a0\u202f\u2009'’]/g, '');
  const signs = Array.from(bare.replace(/\d/g, ''));
  const [first, second] = [signs[0], signs.at(-1)];
  if (first === undefined || second === undefined) return Number(bare);
  if (signs.length === 1) return oneSign(bare, first, format);
  // Several of one sign can only be thousands.
  if (signs.every((sign) => sign === first)) return Number(withoutGroups(bare, first, text));
  if (signs.slice(0, -1).some((sign) => sign !== first)) throw notANumber(text);
  // Of two signs the last is the decimal sign.
  const [whole = '', decimals = ''] = bare.split(second);
  return Number(`${withoutGroups(whole, first, text)}.${decimals}`);
}

function oneSign(bare: string, sign: string, { decimal, group }: StudioFormat): number {
  const asDecimal = Number(bare.replace(sign, '.'));
  // 1,20 and 0,125 and 1234,5 hold no thousands.
  if (sign === decimal || !/^[1-9]\d{0,2}[.,]\d{3}$/.test(bare)) return asDecimal;
  const asGroup = Number(bare.replace(sign, ''));
  if (sign === group) return asGroup;
  const digits = bare.length - bare.indexOf(sign) - 1;
  throw new TwoReadings(bare, [showNumber(asDecimal, digits), showNumber(asGroup, 0)]);
}

function withoutGroups(text: string, sign: string, typed: string): string {
  const groups = text.split(sign);
  const fits = groups.every((digits, index) =>
    // India groups by two above the thousands.
    index === 0
      ? /^\d{1,3}$/.test(digits)
      : index === groups.length - 1
        ? digits.length === 3
        : /^\d{2,3}$/.test(digits),
  );
  if (!fits) throw notANumber(typed);
  return groups.join('');
}

function notANumber(text: string): RangeError {
  return new RangeError(`“${text}” is not a number: check its points and commas.`);
}

/**
 * A text with a number that can be read two ways, written both ways so that either is clear.
 * @returns null when every number in it is clear
 */
export function bothReadings(text: string): readonly [string, string] | null {
  for (let at = 0; at < text.length; at += 1) {
    const number = numberAtStart(text.slice(at));
    if (!number) continue;
    const clear = clearly(number);
    const [before, after] = [text.slice(0, at), text.slice(at + number.length)];
    if (clear) return [before + clear[0] + after, before + clear[1] + after];
    at += number.length - 1;
  }
  return null;
}

function clearly(number: string): readonly [string, string] | null {
  try {
    readNumber(number);
    return null;
  } catch (error) {
    if (!(error instanceof TwoReadings)) return null;
    return [error.readings[0], error.readings[1].replace(/\D/g, '')];
  }
}
