// The paper of a country.

/** Paper sizes. */
export type Paper = 'A4' | 'Letter';

/** Countries that print on Letter (CLDR, paper sizes by territory). */
const LETTER: ReadonlySet<string> = new Set(['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE']); // prettier-ignore

/** The usual paper of a country. @param country  ISO 3166 code */
export function paperOf(country: string): Paper {
  return LETTER.has(country) ? 'Letter' : 'A4';
}
