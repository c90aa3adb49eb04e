// Numbers and days of a studio, against the tables of CLDR 45 (Unicode) as published in the cldr packages. The runtime
// has CLDR 48; of these countries both say the same.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import fc from 'fast-check';
import { afterEach, describe, expect, test } from 'vitest';
import { minorDigits } from '../figure/figure.ts';
import { showPrice, showValue } from '../figure/show.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readMoney } from '../measure/read/read-money.ts';
import { readGrams } from '../measure/read/read-number.ts';
import { clockInWords, dayInFigures, dayInWords, fullDay, hourInFigures, readDay, shortDay } from './days.ts';
import { bothReadings, showNumber } from './numbers.ts';
import { formatOf, readFormat, setStudioFormat, studioFormat } from './studio-format.ts';

/** Country, CLDR locale, currency. */
const places = [
  ['GB', 'en-GB', 'GBP'],
  ['US', 'en', 'USD'],
  ['DE', 'de', 'EUR'],
  ['FR', 'fr', 'EUR'],
  ['CH', 'de-CH', 'CHF'],
  ['SE', 'sv', 'SEK'],
  ['PL', 'pl', 'PLN'],
  ['NO', 'nb', 'NOK'],
  ['JP', 'ja', 'JPY'],
] as const;

const require = createRequire(import.meta.url);
const cldr = (path: string) => JSON.parse(readFileSync(require.resolve(path), 'utf8')) as never;
interface Numbers {
  main: Record<string, { numbers: Record<string, { decimal: string; group: string }> }>;
}
interface Dates {
  main: Record<string, { dates: { calendars: { gregorian: { dateFormats: { short: string } } } } }>;
}
interface Weeks {
  supplemental: { weekData: { firstDay: Record<string, string> }; timeData: Record<string, { _preferred: string }> };
}

afterEach(() => setStudioFormat('GB'));

describe.each(places)('in %s', (country, locale, currency) => {
  test('the decimal sign, the thousands separator, the week and the clock are those of CLDR', () => {
    const symbols = cldr(`cldr-numbers-modern/main/${locale}/numbers.json`) as Numbers;
    const { decimal, group } = symbols.main[locale]?.numbers['symbols-numberSystem-latn'] ?? {};
    const format = formatOf(country);
    expect(format.decimal).toBe(decimal);
    // CLDR changed the space of some countries between versions; a space stays a space.
    const plain = (text = '') => text.replace(/\s/g, ' ').replace('’', "'");
    expect(plain(format.group)).toBe(plain(group));
    const weeks = cldr('cldr-core/supplemental/weekData.json') as Weeks;
    const names = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
    const { firstDay } = weeks.supplemental.weekData;
    expect(format.weekStart).toBe(names.indexOf(firstDay[country] ?? firstDay['001'] ?? '') + 1);
    const times = cldr('cldr-core/supplemental/timeData.json') as Weeks;
    expect(format.hours).toBe(times.supplemental.timeData[country]?._preferred.startsWith('h') ? 12 : 24);
  });

  test('a day in figures has the order and the separators of CLDR', () => {
    setStudioFormat(country);
    const dates = cldr(`cldr-dates-modern/main/${locale}/ca-gregorian.json`) as Dates;
    const pattern = dates.main[locale]?.dates.calendars.gregorian.dateFormats.short ?? '';
    const order = Array.from(pattern.replace(/[^dMy]/g, '')).filter((letter, at, all) => all.indexOf(letter) === at);
    const shown = dayInFigures('2031-04-27');
    const parts = { d: '27', M: '04', y: '2031' } as Record<string, string>;
    expect(shown.match(/\d+/g)).toEqual(order.map((letter) => parts[letter]));
  });

  test('what is shown is read back: numbers, money, lengths', () => {
    setStudioFormat(country);
    const digits = minorDigits(currency);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999_999_999 }), fc.integer({ min: 0, max: 4 }), (whole, places_) => {
        const value = whole / 10 ** places_;
        const shown = showNumber(value, places_);
        expect(readGrams(shown)).toMatchObject({ ok: true, value });
        if (value < 1_000_000) expect(readLength(`${shown} mm`, { what: 'length' })).toMatchObject({ ok: true, value });
        const minor = { ok: true, value: whole };
        expect(readMoney(showValue(whole, currency), currency)).toMatchObject(closeTo(minor));
        expect(readMoney(showPrice(whole, currency), currency)).toMatchObject(closeTo(minor));
        expect(readMoney(showValue(whole, currency), currency)).toMatchObject(closeTo(minor));
        expect(readMoney(`${showValue(whole, currency)} ${currency}`, currency)).toMatchObject(closeTo(minor));
        expect(showNumber(value, places_).replace(/\D/g, '')).toBe(String(whole).padStart(places_ + 1, '0'));
      }),
    );
    expect(digits).toBeGreaterThanOrEqual(0);
  });

  test('every day is read back as it is shown', () => {
    setStudioFormat(country);
    const days = fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true });
    fc.assert(
      fc.property(days, (date) => {
        const day = date.toISOString().slice(0, 10);
        expect(readDay(fullDay(day), '2026-11-29')).toBe(day);
        expect(readDay(dayInFigures(day), '2026-11-29')).toBe(day);
        expect(readDay(shortDay(day), `${day.slice(0, 4)}-01-01`)).toBe(day);
        expect(readDay(dayInWords(day), `${day.slice(0, 4)}-01-01`)).toBe(day);
      }),
    );
  });
});

const closeTo = ({ value }: { value: number }): object => ({ ok: true, value: expect.closeTo(value, 6) as number });

describe('numbers as typed', () => {
  test.each([
    ['GB', '1,200', 1200],
    ['GB', '1,200.50', 1200.5],
    ['GB', '1.200,50', 1200.5],
    ['GB', '1 200', 1200],
    ['GB', '1,5', 1.5],
    ['GB', '1,20', 1.2],
    ['GB', '0,125', 0.125],
    ['GB', '1,234,567', 1_234_567],
    ['US', '.5', 0.5],
    ['DE', '1.200', 1200],
    ['DE', '1.200,50', 1200.5],
    ['DE', '1,200', 1.2],
    ['DE', '0.5', 0.5],
    ['FR', '1 200,50', 1200.5],
    ['FR', '1,200', 1.2],
    ['CH', "1'200.50", 1200.5],
    ['CH', '1’200', 1200],
    ['IN', '12,34,567.5', 1_234_567.5],
  ])('in %s, %s is %d', (country, text, value) => {
    setStudioFormat(country);
    expect(readGrams(text)).toMatchObject({ ok: true, value });
  });

  test.each([
    ['FR', '1.200', ['1,200', '1200']],
    ['SE', '2.500 mm', ['2,500 mm', '2500 mm']],
    ['CH', '1,200', ['1.200', '1200']],
  ])('in %s, %s can be read two ways, and both are offered', (country, text, both) => {
    setStudioFormat(country);
    expect(bothReadings(text)).toEqual(both);
    expect(readLength(text, { what: 'length' }).ok).toBe(false);
    for (const reading of both) expect(bothReadings(reading)).toBeNull();
  });

  test.each(['1,2,3', '1.2.3', '12,34.56,7', '1,200,5', '1,,2'])('%s is no number', (text) => {
    expect(readGrams(text).ok).toBe(false);
  });
});

describe('money as typed', () => {
  test.each([
    ['£120', 12_000],
    ['120 GBP', 12_000],
    ['gbp 1,200.50', 120_050],
    ['1,200', 120_000],
    ['2*14+3', 3100],
  ])('in pounds, %s is %d pence', (text, minor) => {
    expect(readMoney(text, 'GBP')).toMatchObject({ ok: true, value: minor });
  });

  test.each([
    ['€120', 'GBP', /euros/],
    ['120 EUR', 'GBP', /EUR/],
    ['$40', 'GBP', /US dollars/],
    ['£40', 'USD', /British/],
    ['40 usd', 'CAD', /USD/],
  ])('%s is refused where the studio uses %s', (text, currency, named) => {
    const reading = readMoney(text, currency);
    expect(reading.ok ? '' : reading.sentence).toMatch(named);
  });

  test('a dollar sign is the studio’s own dollar', () => {
    for (const currency of ['USD', 'CAD', 'AUD', 'NZD'])
      expect(readMoney('$12.50', currency)).toMatchObject({ ok: true, value: 1250 });
    expect(readMoney('CA$12.50', 'CAD')).toMatchObject({ ok: true, value: 1250 });
  });
});

describe('days as typed', () => {
  test.each([
    ['GB', '3/12/2026', '2026-12-03'],
    ['US', '3/12/2026', '2026-03-12'],
    ['US', '12/24', '2026-12-24'],
    ['GB', '24/12', '2026-12-24'],
    ['DE', '24.12.', '2026-12-24'],
    ['GB', '13 Dec', '2026-12-13'],
    ['GB', '13th December 2027', '2027-12-13'],
    ['US', 'Dec 13, 2026', '2026-12-13'],
    ['GB', 'Sun 13 Dec', '2026-12-13'],
    ['GB', '1 Mar', '2027-03-01'],
    ['SE', '2026-12-03', '2026-12-03'],
    ['GB', '3.12.26', '2026-12-03'],
  ])('in %s, %s is %s', (country, text, day) => {
    setStudioFormat(country);
    expect(readDay(text, '2026-11-29')).toBe(day);
  });

  test.each(['', '32/12/2026', '29/2/2027', 'soon', '13', '12/2026/13'])('%s is no day', (text) => {
    expect(readDay(text, '2026-11-29')).toBeNull();
  });
});

test('times follow the clock of the country', () => {
  expect(clockInWords(845)).toBe('14:05');
  setStudioFormat('US');
  expect(['0', '540', '720', '845'].map((minute) => clockInWords(Number(minute)))).toEqual([
    '12:00\u00a0am',
    '9:00\u00a0am',
    '12:00\u00a0pm',
    '2:05\u00a0pm',
  ]);
  expect(dayInWords('2026-12-13')).toBe('Sun, Dec 13');
});

test('an unknown country is written as in the United Kingdom', () => {
  setStudioFormat('');
  expect(studioFormat().country).toBe('GB');
  expect(dayInWords('2026-12-13')).toBe('Sun 13 Dec');
});

test('a small mass keeps its digits', () => {
  expect(showValue(0.00375, 'g')).toBe('0.0038');
  expect(showValue(0.042, 'g')).toBe('0.042');
  expect(showValue(0.1, 'g')).toBe('0.10');
  expect(showValue(0, 'g')).toBe('0.00');
});

test('the hours of an axis have 12 or 24 hours, as the studio’s clock', () => {
  setStudioFormat('US');
  expect([0, 9, 12, 13, 24].map(hourInFigures)).toEqual(['12', '9', '12', '1', '12']);
  setStudioFormat('GB');
  expect([0, 9, 12, 13].map(hourInFigures)).toEqual(['0', '9', '12', '13']);
});

test('the British format that is known beforehand is that of the runtime', () => {
  expect(formatOf('GB')).toEqual(readFormat('GB'));
});
