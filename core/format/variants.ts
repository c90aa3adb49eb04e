// Words that differ between British and American English, by the studio's country. The app is written in British
// English; `local` changes its own texts where they are shown.
import { studioFormat } from './studio-format.ts';

/** United States and Canada. */
const AMERICAN: ReadonlySet<string> = new Set(['US', 'CA']);
const GOODS_TAX: ReadonlySet<string> = new Set(['AU', 'NZ', 'CA']);

// Terms first, then spellings.
const variants: readonly (readonly [RegExp, string])[] = [
  [/\bsale or return\b/g, 'consignment'],
  [/\bOutwork\b/g, 'Outside services'],
  [/\boutwork\b/g, 'outside services'],
  [/\bLemel\b/g, 'Filings'],
  [/\blemel\b/g, 'filings'],
  [/\bStall fee\b/g, 'Booth fee'],
  [/\bstall fee\b/g, 'booth fee'],
  [/\bTakings\b/g, 'Sales'],
  [/\btakings\b/g, 'sales'],
  [/\bStocktake\b/g, 'Inventory count'],
  [/abour\b/g, 'abor'],
  [/ewellery/g, 'ewelry'],
  [/eweller/g, 'eweler'],
  [/luminium/g, 'luminum'],
  [/olour/g, 'olor'],
  [/\bgrey\b/g, 'gray'],
  [/eutralis/g, 'eutraliz'],
  [/xidis/g, 'xidiz'],
  [/ecognis/g, 'ecogniz'],
  [/nodis/g, 'nodiz'],
  [/illimetre/g, 'illimeter'],
  [/\bmetre/g, 'meter'],
  [/ancelled/g, 'anceled'],
];

/**
 * A text of ours in the words of the studio's country. Never for text that a maker typed.
 * @example local('Labour rate') // 'Labour rate'
 */
export function local(text: string): string {
  if (!AMERICAN.has(studioFormat().country)) return text;
  return variants.reduce((written, [british, american]) => written.replace(british, american), text);
}

/** The name of stock: `Stock`, `Inventory`. */
export function stockName(): string {
  return AMERICAN.has(studioFormat().country) ? 'Inventory' : 'Stock';
}

/** The usual name of the tax on sales: VAT, sales tax or GST. */
export function taxName(): string {
  const { country } = studioFormat();
  if (country === 'US') return 'sales tax';
  return GOODS_TAX.has(country) ? 'GST' : 'VAT';
}

/** A text with its first letter as a capital. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/**
 * A count with its noun.
 * @example countedNoun(1, 'piece') // '1 piece'
 * @example countedNoun(3, 'batch', 'batches') // '3 batches'
 */
export function countedNoun(count: number, one: string, many = `${one}s`): string {
  return `${String(count)} ${count === 1 ? one : many}`;
}
