// Lines of more than one question: a follow-up written out, ranges and comparisons as two lines.
import type { Alloy } from '../metal/alloys.ts';
import { comparedPhrases } from './compared-phrases.ts';
import { otherCount, otherWords } from './follow-up-words.ts';
import { gaugeWords } from './grammar.ts';
import { askUnit, unitWords } from './units.ts';
import { phraseAt, vocabularyOf } from './vocabulary.ts';

// The longest first, so that `inches` is not read as `in`.
const UNITS = [...unitWords, ...gaugeWords.keys(), 'k', 'karat']
  .sort((a, b) => b.length - a.length)
  .map((word) => (/[a-z]$/.test(word) ? `${word}s?` : word))
  .join('|');
const NUMBER = '\\d+(?:[.,]\\d+)?(?:[ -]\\d+/\\d+|/\\d+)?';
/** Where `to` says what stock becomes, or sizes are a run of their own. */
const NO_RANGE =
  /\b(?:forg\w+|roll\w*|draw\w*|hammer\w*|work\w*|reduc\w+|flatten\w*|upset|times longer|rings?|bands?|sizes?|iso|us|uk|eu|jp|japanese|alloy|raise|lower|refine|convert)\b/i;
const RANGE = new RegExp(`(${NUMBER})\\s*(?:to|through|–|-)\\s*(${NUMBER})\\s*(${UNITS})(?![a-z])`, 'i');
const OR = '(?:vs\\.?|versus|or|against|compared (?:to|with))';
const VERSUS = new RegExp(`(${NUMBER})\\s*(${UNITS})?\\s+${OR}\\s+(${NUMBER})\\s*(${UNITS})(?![a-z])`, 'i');

/** One of two lines that a question asks for, and what it is told apart by. */
export interface Alternative {
  readonly label: string;
  readonly line: string;
}

/** The lines of a range (`6 to 8 inches of 20 gauge`) or a comparison (`20 gauge vs 21 gauge`); null for any other. */
export function alternativesOf(line: string, alloys: ReadonlyMap<string, Alloy>): readonly Alternative[] | null {
  const versus = VERSUS.exec(line);
  if (versus) {
    const [found, first = '', own = '', second = '', unit = ''] = versus;
    return both(line, versus.index, found, [`${first} ${own || unit}`, `${second} ${unit}`]);
  }
  const range = NO_RANGE.test(line) ? null : RANGE.exec(line);
  // 1-1/2 in is one length.
  if (range && !(/-\s*\d+\/\d+/.test(range[0]) && /^\d+$/.test(range[1] ?? ''))) {
    const [found, first = '', second = '', unit = ''] = range;
    return both(line, range.index, found, [`${first} ${unit}`, `${second} ${unit}`]);
  }
  return comparedInWords(line, alloys);
}

function both(line: string, at: number, found: string, labels: readonly string[]): readonly Alternative[] {
  return labels.map((label) => ({ label, line: line.slice(0, at) + label + line.slice(at + found.length) }));
}

/** `18 gauge sterling or 18 gauge brass per foot`: the phrases on both sides say the same kind of thing. */
function comparedInWords(line: string, alloys: ReadonlyMap<string, Alloy>): readonly Alternative[] | null {
  if (/\btimes longer\b/i.test(line)) return null;
  const word = /\b(?:compare|comparison|difference|both|between|resiz\w+|longer|heavier|more)\b/i.test(line)
    ? `(?:${OR}|and|to|with|than)`
    : OR;
  for (const found of line.matchAll(new RegExp(`\\s+${word}\\s+`, 'gi'))) {
    const compared = comparedPhrases(line.slice(0, found.index), line.slice(found.index + found[0].length), alloys);
    if (!compared) continue;
    const [before, after] = compared.around;
    return compared.phrases.map((phrase) => ({
      label: phrase,
      line: [before, phrase, after].filter(Boolean).join(' '),
    }));
  }
  return null;
}

/**
 * A follow-up written out with the question before it: `and in copper`, `x 30`, `and 22 ga`.
 * @param before  the line before, which had an answer
 * @returns null when the line is a question of its own
 */
export function followUp(line: string, before: string, alloys: ReadonlyMap<string, Alloy>): string | null {
  const times = otherCount.exec(line);
  if (before.trim() === '') return null;
  if (times) return `${before.replace(/\s*[x×*]\s*\d+\s*$/i, '')} x ${times[1] ?? ''}`;
  const said = otherWords.exec(line)?.[1]?.trim() ?? '';
  if (said === '') return null;
  const measure = new RegExp(`^(${NUMBER})\\s*(${UNITS})$`, 'i').exec(said);
  if (measure) return withMeasure(before, said, measure[2] ?? '');
  return withAlloy(before, said, alloys);
}

/** The first measure of the same unit is replaced. */
function withMeasure(before: string, said: string, unit: string): string | null {
  const isGauge = (word: string) => gaugeWords.has(word.toLowerCase());
  const isSame = (word: string) => (isGauge(unit) ? isGauge(word) : askUnit(word)?.symbol === askUnit(unit)?.symbol);
  for (const found of before.matchAll(new RegExp(`${NUMBER}\\s*(${UNITS})(?![a-z])`, 'gi')))
    if (isSame(found[1] ?? ''))
      return before.slice(0, found.index) + said + before.slice(found.index + found[0].length);
  return null;
}

function withAlloy(before: string, said: string, alloys: ReadonlyMap<string, Alloy>): string | null {
  const vocabulary = vocabularyOf(alloys);
  const lower = (words: readonly string[]) => words.map((word) => word.toLowerCase());
  const meant = said.split(/\s+/);
  const named = phraseAt(lower(meant), vocabulary);
  const isNamed =
    (named?.concept.kind === 'alloys' && named.length === meant.length) || /^\d+\s*(?:k|ct)\b/i.test(said);
  if (!isNamed) return null;
  const words = before.split(/\s+/);
  const kept: string[] = [];
  for (let at = 0; at < words.length;) {
    const phrase = phraseAt(lower(words.slice(at, at + 3)), vocabulary);
    const isGold = /^\d+(?:k|ct)$/i.test(words[at] ?? '') || phrase?.concept.kind === 'gold';
    if (phrase?.concept.kind === 'alloys' || isGold) at += isGold ? 1 : (phrase?.length ?? 1);
    else kept.push(words[at++] ?? '');
  }
  return `${kept.join(' ')} ${said}`;
}
