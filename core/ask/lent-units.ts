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
  for (let at = terms.length - 1; at >= 2; at -= 1) {
    const [before, cross, after] = [terms[at - 2], terms[at - 1], terms[at]];
    if (cross?.kind !== 'times' || before?.kind !== 'quantity' || after?.kind !== 'quantity') continue;
    const unit = lent.get(at) ?? (isLength(after.quantity) ? after.quantity.unit : null);
    if (unit && isPlain(before.quantity)) lent.set(at - 2, unit);
  }
  return lent;
}

/** Gives millimetres to bare numbers crossed beside the word of an outline: `bezel 10 x 8`. @returns whether any were */
export function lendMm(terms: readonly Term[], lent: Map<number, AskUnit>): boolean {
  const mm = askUnit('mm');
  const isOutline = terms.some((term) => term.kind === 'word' && OUTLINE_WORDS.test(term.word));
  if (!mm || !isOutline) return false;
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
  return pairs.length > 0;
}

const OUTLINE_WORDS =
  /^(bezels?|cabs?|cabochons?|stones?|ovals?|half|half-round|triang(?:le|ular)|rectangles?|cushions?|teardrops?|pears?|sheets?|strips?)$/;
