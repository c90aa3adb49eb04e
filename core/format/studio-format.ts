// The format of numbers, days and times: that of the studio's country, as CLDR tells it through the runtime.
//
// A process serves one studio, so the format is set once, when the studio is read, and not handed through every
// function that shows a figure (docs/decisions/012-one-format.md).

/** How a country writes numbers, days and times. */
export interface StudioFormat {
  /** ISO 3166 code: `GB`. */
  readonly country: string;
  /** BCP 47 tag of numbers and of days in figures: the country's own language, Latin digits. */
  readonly local: string;
  /** BCP 47 tag of days in words: English as the country writes it. */
  readonly english: string;
  readonly decimal: '.' | ',';
  /** Thousands separator; spaces are written as no-break spaces. */
  readonly group: string;
  /** 1 Monday to 7 Sunday. */
  readonly weekStart: number;
  readonly hours: 12 | 24;
}

/** Known beforehand, so that nothing waits for the runtime to load its tables; a test compares it with them. */
const british: StudioFormat = {
  country: 'GB',
  local: 'en-GB-u-nu-latn-ca-gregory',
  english: 'en-GB',
  decimal: '.',
  group: ',',
  weekStart: 1,
  hours: 24,
};
const known = new Map<string, StudioFormat>([['GB', british]]);

/**
 * The format of a country.
 * @param country  ISO 3166 code; an unknown one is written as in the United Kingdom
 */
export function formatOf(country: string): StudioFormat {
  const code = /^[A-Z]{2}$/.test(country) ? country : 'GB';
  let format = known.get(code);
  if (!format) known.set(code, (format = readFormat(code)));
  return format;
}

/** The format of a country as the runtime tells it. */
export function readFormat(country: string): StudioFormat {
  const { language } = new Intl.Locale(`und-${country}`).maximize();
  const local = `${language}-${country}-u-nu-latn-ca-gregory`;
  const numbers = new Intl.NumberFormat(local);
  const symbol = (type: 'decimal' | 'group', value: number) =>
    numbers.formatToParts(value).find((part) => part.type === type)?.value;
  const { hour12 } = new Intl.DateTimeFormat(local, { hour: 'numeric' }).resolvedOptions();
  return {
    country,
    local,
    english: englishOf(country),
    decimal: symbol('decimal', 0.5) === ',' ? ',' : '.',
    // Some countries group from 10 000 on only.
    group: symbol('group', 1_234_567) ?? '',
    weekStart: weekStartOf(new Intl.Locale(`${language}-${country}`)),
    hours: hour12 ? 12 : 24,
  };
}

// English where the runtime knows it for the country; elsewhere as in the United Kingdom, day before month.
function englishOf(country: string): string {
  const { locale } = new Intl.DateTimeFormat(`en-${country}`).resolvedOptions();
  return locale === 'en' && country !== 'US' ? 'en-GB' : `en-${country}`;
}

// Node has it as a property, browsers as a method.
function weekStartOf(locale: Intl.Locale): number {
  const { weekInfo, getWeekInfo } = locale as Intl.Locale & {
    weekInfo?: { firstDay: number };
    getWeekInfo?: () => { firstDay: number };
  };
  return (weekInfo ?? getWeekInfo?.call(locale))?.firstDay ?? 1;
}

let current = formatOf('GB');

/** The format in use. */
export function studioFormat(): StudioFormat {
  return current;
}

/** Sets the format for all that is shown and read from now on. */
export function setStudioFormat(country: string): void {
  current = formatOf(country);
}
