// Finds the two phrases that a line compares, by what their words are: `18 gauge sterling or 18 gauge brass`.
import type { Alloy } from '../metal/alloys.ts';
import { gaugeWords } from './grammar.ts';
import { askUnit } from './units.ts';
import { phraseAt, vocabularyOf } from './vocabulary.ts';

/** A piece of a line and the class of what it says; two phrases of the same classes can be compared. */
interface Chunk {
  readonly text: string;
  readonly is: string;
}

const NUMBER = /^\d+(?:[.,]\d+)?(?:\/\d+)?$/;
/** A bare number that names a metal. */
const FINENESS = /^(?:375|417|585|750|916|8\d\d|9[0-9]\d)$/;
const TOKEN = /\d+(?:[.,]\d+)?(?:\/\d+)?|[a-z][a-z'&-]*|"|[^\s]/gi;
const SMALL = new Set(['of', 'a', 'an', 'the', 'for', 'in']);
/** Classes that say what a line is about. */
const TELLING = new Set(['size', 'gauge', 'metal', 'karat', 'form', 'length', 'mass']);
const LONGEST = 8;

function chunksOf(line: string, alloys: ReadonlyMap<string, Alloy>): Chunk[] {
  const tokens = line.match(TOKEN) ?? [];
  const chunks: Chunk[] = [];
  for (let at = 0; at < tokens.length;) {
    const [word = '', next = ''] = tokens.slice(at, at + 2);
    const words = tokens.slice(at, at + 4).map((token) => token.toLowerCase());
    const found = NUMBER.test(word) ? null : phraseAt(words, vocabularyOf(alloys));
    const isMeasure = NUMBER.test(word) && classOfUnit(next) !== null;
    const length = isMeasure ? 2 : (found?.length ?? 1);
    const text = tokens.slice(at, at + length).join(' ');
    const is = isMeasure
      ? (classOfUnit(next) ?? '')
      : FINENESS.test(word)
        ? 'metal'
        : NUMBER.test(word)
          ? 'number'
          : classOf(found?.concept.kind ?? '', text);
    chunks.push({ text, is });
    at += length;
  }
  return chunks;
}

function classOfUnit(word: string): string | null {
  const lower = word.toLowerCase();
  if (gaugeWords.has(lower)) return 'gauge';
  if (/^(?:k|kt|ct|karat|carat)$/.test(lower)) return 'metal';
  const unit = askUnit(lower);
  if (!unit) return null;
  return unit.dimensions.mass === 1 ? 'mass' : 'length';
}

function classOf(kind: string, text: string): string {
  if (kind === 'alloys' || kind === 'gold') return 'metal';
  if (kind === 'form') return 'form';
  if (kind === 'scale' || /^sizes?$/i.test(text)) return 'size';
  if (/^[a-z]$/i.test(text) && !/^[ai]$/i.test(text)) return 'number';
  if (kind === 'filler') return 'small';
  return SMALL.has(text.toLowerCase()) ? 'small' : text.toLowerCase();
}

/** Golds of a karat and a colour are one metal, and small words say nothing. */
function signature(chunks: readonly Chunk[]): string {
  return chunks
    .map(({ is }) => is)
    .filter((is) => is !== 'small')
    .filter((is, at, all) => !(is === 'metal' && all[at - 1] === 'metal'))
    .join(' ');
}

/**
 * @param before, after  the line on both sides of `or`, `vs`
 * @returns the longest phrases of the same classes beside the word, and the line around them; null where there are none
 */
export function comparedPhrases(
  before: string,
  after: string,
  alloys: ReadonlyMap<string, Alloy>,
): { readonly phrases: readonly [string, string]; readonly around: readonly [string, string] } | null {
  const [left, right] = [chunksOf(before, alloys), chunksOf(after, alloys)];
  const text = (chunks: readonly Chunk[]) => chunks.map((chunk) => chunk.text).join(' ');
  for (let most = Math.min(LONGEST, left.length + right.length); most > 0; most -= 1)
    for (let n = Math.min(most, right.length); n > 0; n -= 1) {
      const [one, other] = [left.slice(-most), right.slice(0, n)];
      if (
        left.length < most ||
        ![...one, ...other].every(({ is }) => TELLING.has(is) || is === 'small' || is === 'number')
      )
        continue;
      if (one[0]?.is === 'small' || other.at(-1)?.is === 'small') continue;
      const said = signature(one);
      if (said !== signature(other) || !one.some(({ is }) => TELLING.has(is))) continue;
      return { phrases: [text(one), text(other)], around: [text(left.slice(0, -most)), text(right.slice(n))] };
    }
  return null;
}
