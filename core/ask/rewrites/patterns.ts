// What the rewrites of the ask line are made of: patterns of units and measures.

/** A wording and the plainer one that says the same. */
export type Rewrite = readonly [pattern: RegExp, by: string | ((found: string, ...groups: string[]) => string)];

/** A number. */
export const NUMBER = '\\d*[.,]?\\d+';
/** A unit after a number. */
export const UNIT =
  '(?:mm|cm|m|in|inch|inches|ft|foot|feet|g|grams?|kg|oz|ozt|ounces?|lbs?|pounds?|troy|dwt|gauge|ga|k|kt|ct|karat|carat)';
/** A length with its unit. */
export const LENGTH = `${NUMBER} ?(?:mm|cm|m|metres?|meters?|in|inch|inches|ft|foot|feet)`;
/** A thickness, with or without its unit. */
export const THIN = `${NUMBER}(?: ?(?:mm|ga|gauge|swg|awg))?`;
/** A unit that can be squared. */
export const AREA_UNIT = '(?:mm|cm|in|inch|inches|millimet(?:re|er)s?|centimet(?:re|er)s?)';

/** The plain name of a metal. */
export const METAL_NAME =
  '(?:sterling|fine silver|copper|brass|bronze|platinum|palladium|titanium|niobium|aluminium|aluminum|\\d+k(?: (?:yellow|rose|white)(?: gold)?)?)';

/** 0.8 as 0.8 mm; 18 ga stays. */
export const withMm = (size: string) => (/[a-z]/i.test(size) ? size : `${size} mm`);

/** The product of two typed numbers, without digits of rounding. */
export function product(times: string, each: string): string {
  return String(Math.round(Number(times) * Number(each) * 1e6) / 1e6);
}

/**
 * What a whole-line rewrite keeps of the text around it: all of it where it holds a number, a metal or a weight that is
 * asked for, so that nothing is passed over in silence; else nothing.
 */
export const told = (...texts: readonly (string | undefined)[]) => texts.map((text) => (text && TELLS.test(text) ? ` ${text}` : '')).join(''); // prettier-ignore

const TELLS =
  /\d|\b(?:sterling|silver|gold|copper|brass|bronze|platinum|palladium|titanium|niobium|steel|stainless|nickel|alumini?um|britannia|weigh\w*|mass|heavy|grams?|ounces?|cost|value|price|worth)\b/i;
