// Countries and currencies by name, from the runtime's tables (CLDR), and likely settings for a place.
import type { FirstRun } from '../../core/studio/studio.ts';

export interface Named {
  readonly code: string;
  readonly name: string;
}

type Place = Pick<FirstRun, 'country' | 'currency' | 'units'>;

// Where the euro is used (European Union, 2026), and a few other places with many small studios.
const euroCountries = 'AT BE BG CY DE EE ES FI FR GR HR IE IT LT LU LV MT NL PT SI SK';
const currencyByCountry: Readonly<Record<string, string>> = {
  ...Object.fromEntries(euroCountries.split(' ').map((country) => [country, 'EUR'])),
  GB: 'GBP', US: 'USD', CA: 'CAD', AU: 'AUD', NZ: 'NZD', JP: 'JPY', CH: 'CHF', SE: 'SEK', NO: 'NOK', DK: 'DKK', IS: 'ISK', PL: 'PLN',
  CZ: 'CZK', HU: 'HUF', RO: 'RON', IN: 'INR', ZA: 'ZAR', MX: 'MXN', BR: 'BRL', KR: 'KRW', TR: 'TRY', IL: 'ILS', SG: 'SGD', TH: 'THB',
}; // prettier-ignore

/**
 * The likely settings of a studio in a place; each can be changed. Gauge and inches in North America (common practice).
 */
export function guess(language: string): Place {
  const region = new Intl.Locale(language).maximize().region ?? 'GB';
  const country = currencyByCountry[region] ? region : 'GB';
  return {
    country,
    currency: currencyByCountry[country] ?? 'GBP',
    units: country === 'US' || country === 'CA' ? 'inch' : 'mm',
  };
}

/** Every country, by name. */
export function countries(): readonly Named[] {
  const names = new Intl.DisplayNames('en', { type: 'region' });
  const letters = Array.from('ABCDEFGHIJKLMNOPQRSTUVWXYZ');
  // The runtime has no list of countries, but names codes that are one; groupings and reserved codes are left out.
  return letters
    .flatMap((first) => letters.map((second) => first + second))
    .filter((code) => !['EU', 'EZ', 'UN', 'UK', 'ZZ', 'XA', 'XB', 'QO'].includes(code))
    .flatMap((code) => {
      const name = names.of(code);
      return name && name !== code && new Intl.Locale(`und-${code}`).maximize().region === code ? [{ code, name }] : [];
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** Every currency in use, by code. */
export function currencies(): readonly Named[] {
  const names = new Intl.DisplayNames('en', { type: 'currency' });
  return Intl.supportedValuesOf('currency').map((code) => ({ code, name: names.of(code) ?? code }));
}
