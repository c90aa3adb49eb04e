// Units for numbers that were typed without one, taken from their neighbours.
import type { AskQuantity, Term } from './grammar.ts';
import { type AskUnit, askUnit, dimension, plain, sameDimensions } from './units.ts';

/** Whether a quantity is a bare number. */
export const isPlain = ({ dimensions }: AskQuantity) => sameDimensions(dimensions, plain);
/** Whether a quantity is a length. */
export const isLength = ({ dimensions }: AskQuantity) => sameDimensions(dimensions, dimension.length);

/** The unit each bare number takes from the number it is crossed with, by index of the term: `20 x 30 x 2 mm`. */
export function lentUnits(terms: readonly Term[]): Map<number, AskUnit> {
  const lent = new Map<number, AskUnit>();
  const isOfWire = speaksOfWire(terms);
  for (let at = terms.length - 1; at >= 2; at -= 1) {
    const [before, cross, after] = [terms[at - 2], terms[at - 1], terms[at]];
    if (cross?.kind !== 'times' || before?.kind !== 'quantity' || after?.kind !== 'quantity') continue;
    // 40 x 35 mm of wire: forty pieces.
    if (isOfWire && Number.isInteger(before.quantity.value) && !isLink(terms, before.quantity, after.quantity))
      continue;
    const unit = lent.get(at) ?? (isLength(after.quantity) ? after.quantity.unit : null);
    if (unit && isPlain(before.quantity)) lent.set(at - 2, unit);
  }
  return lent;
}

/** 6 x 4 mm of a link is its inside. */
function isLink(terms: readonly Term[], one: AskQuantity, other: AskQuantity): boolean {
  const isNamed = terms.some((term) => term.kind === 'word' && /^(?:chains?|links?)$/.test(term.word));
  return isNamed && one.value <= LONGEST_LINK_MM && one.value <= 3 * other.value;
}

const LONGEST_LINK_MM = 30;
const WIRE_WORDS = /^(?:wires?|round|rods?)$/;
const FLAT_WORDS =
  /^(?:flat|rectang\w*|half|half-round|d|ovals?|triang\w*|square|strips?|sheets?|plates?|bezels?|cabs?|cabochons?|stones?|rings?|bands?|bangles?|forged?|roll(?:ed)?|drawn?|tub\w*)$/;

/** One crossed pair beside words for round wire alone: the number before the cross is a count. */
function speaksOfWire(terms: readonly Term[]): boolean {
  const words = terms.flatMap((term) => (term.kind === 'word' ? [term.word] : []));
  const crosses = terms.filter(({ kind }) => kind === 'times').length;
  return crosses === 1 && words.some((word) => WIRE_WORDS.test(word)) && !words.some((word) => FLAT_WORDS.test(word));
}

/**
 * Gives millimetres to bare numbers crossed with each other beside the word of an outline or another size: `bezel 10 x 8`.
 * Beside a gauge the sides of a sheet are in inches: `20 ga copper 6 x 12`.
 * @returns the unit that was given; null where there was none to give
 */
export function lendSizes(terms: readonly Term[], lent: Map<number, AskUnit>): 'mm' | 'in' | null {
  const isSheet = isSheetByGauge(terms);
  const mm = askUnit(isSheet ? 'in' : 'mm');
  const isOutline = terms.some((term) => term.kind === 'word' && OUTLINE_WORDS.test(term.word));
  const isSized = terms.some((term) => term.kind === 'gauge' || (term.kind === 'quantity' && isLength(term.quantity)));
  if (!mm || !(isOutline || isSized)) return null;
  const isBare = (at: number) => {
    const term = terms[at];
    return term?.kind === 'quantity' && isPlain(term.quantity) && !lent.has(at);
  };
  const pairs = terms.flatMap((term, at) => (term.kind === 'times' && isBare(at - 1) && isBare(at + 1) ? at : []));
  for (const at of pairs) for (const beside of [at - 1, at + 1]) lent.set(beside, mm);
  // A decimal number beside such a size is in mm too: the thickness of the strip.
  if (pairs.length > 0)
    terms.forEach((term, at) => {
      if (isBare(at) && term.kind === 'quantity' && !Number.isInteger(term.quantity.value)) lent.set(at, mm);
    });
  return pairs.length === 0 ? null : isSheet ? 'in' : 'mm';
}

/** A gauge and two whole numbers up to 24, no other measure, and no word of a narrower thing. */
function isSheetByGauge(terms: readonly Term[]): boolean {
  const quantities = terms.flatMap((term) => (term.kind === 'quantity' ? [term.quantity] : []));
  const isBlank = quantities.every(
    (one) => isPlain(one) && Number.isInteger(one.value * 2) && one.value <= LARGEST_SHEET_IN,
  );
  const isPair = quantities.length === 2 && terms.filter(({ kind }) => kind === 'times').length === 1;
  const isNamed = terms.some(({ kind }) => kind === 'gauge');
  const isNarrow = terms.some((term) => term.kind === 'word' && term.word !== 'sheet' && NARROW_WORDS.test(term.word));
  return isBlank && isPair && isNamed && !isNarrow;
}

const LARGEST_SHEET_IN = 24;
const NARROW_WORDS =
  /^(?:bezels?|cabs?|cabochons?|stones?|ovals?|half|half-round|triang\w*|cushions?|teardrops?|pears?|strips?|d|d-section|bands?|rings?|wires?|round|bangles?|cuffs?|tub\w*|discs?|domes?|washers?|us|uk|sizes?)$/;

const OUTLINE_WORDS =
  /^(bezels?|cabs?|cabochons?|stones?|ovals?|half|half-round|triang(?:le|ular)|rectangles?|cushions?|teardrops?|pears?|sheets?|strips?|d|d-section|d-shape|bands?|rings?)$/;
