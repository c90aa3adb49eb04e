// Numbers without a unit that are measures all the same: `wall 0.6`, `rolled to 0.8`, `3/16 id`.
import { MM_PER_INCH } from '../measure/length-units.ts';
import type { Term } from './grammar.ts';
import { isLength, isPlain } from './lent-units.ts';
import type { AskSize } from './question.ts';
import type { Topic } from './vocabulary.ts';

/** Words right before a measure. */
const MEASURED = /^(?:od|id|wall|thick|thickness|width|height|diameter|dia|length|long|kerf|opening|gap)$/;
/** A thicker wire or sheet is always given with its unit, mm. */
const THICKEST_MM = 15;
/** A smaller number beside inches is in inches. */
const THINNEST_MM = 0.1;
/** Larger numbers after `drawn to` are gauges. */
const THICKEST_DRAWN_MM = 10;

/** A decimal above this beside measures in mm is no thickness. */
const THICKEST_DECIMAL_MM = 3;
/** Words whose numbers are no measures. */
const COUNTED_IN =
  /^(?:sizes?|us|uk|iso|eu|jp|japanese|american|british|ratio|ar|aspect|times|turns?|twists?|percent|g|grams?|density|pitch)$/;

/** What is known of the line when the number is reached. */
export interface LineSoFar {
  readonly line: string;
  /** All terms of the line. */
  readonly terms: readonly Term[];
  /** Read before the number. */
  readonly topics: ReadonlySet<Topic>;
  readonly sizes: readonly AskSize[];
  readonly hasScale: boolean;
}

/**
 * The measure that the number at this place stands for.
 * @param value the number as typed
 * @returns mm, and whether it was read as inches; null when the number is no measure
 */
export function bareMeasure(seen: LineSoFar, at: number, value: number): { mm: number; isInches: boolean } | null {
  if (!isMeasuredAs(seen, at) && !isThickness(seen, at, value)) return null;
  const besideInches = seen.terms.some((term) => term.kind === 'quantity' && term.quantity.unit?.symbol === 'in');
  const isInches = isFractionOfInch(seen, at) || (value < THINNEST_MM && besideInches);
  return { mm: value * (isInches ? MM_PER_INCH : 1), isInches };
}

/** `wall 0.6`, `0.6 wall`: a number without a unit beside the word of a measure is in mm. */
function isMeasuredAs(seen: LineSoFar, at: number): boolean {
  const [earlier, before, after] = [seen.terms[at - 2], seen.terms[at - 1], seen.terms[at + 1]];
  if (after?.kind === 'times' || before?.kind === 'times' || seen.hasScale) return false;
  if (after?.kind === 'word' && after.word === 'wall') return true;
  if (isDecimalBesideMm(seen, at)) return true;
  if (isWorkedTo(seen, at) || isFollowedByMeasure(seen, at) || isFractionOfInch(seen, at)) return true;
  // In `6 mm id 200 pcs` the word belongs to the measure before it.
  const isMeasure = earlier?.kind === 'gauge' || (earlier?.kind === 'quantity' && !isPlain(earlier.quantity));
  const isTaken = isMeasure && !(before && seen.line.slice(earlier.end, before.start).includes(','));
  const isCount = after?.kind === 'word' && /^(?:pieces|pcs|jump|rings|links|strands|off)$/.test(after.word);
  return before?.kind === 'word' && MEASURED.test(before.word) && !isTaken && !isCount;
}

/** `12 x 8 mm bezel 0.4`: beside measures in mm a small decimal is in mm, unless it may be a size, a ratio or turns. */
function isDecimalBesideMm(seen: LineSoFar, at: number): boolean {
  const term = seen.terms[at];
  const value = term?.kind === 'quantity' ? term.quantity.value : NaN;
  const isTyped = term?.kind === 'quantity' && /^\d*[.,]\d+$/.test(seen.line.slice(term.start, term.end));
  if (!isTyped || !(value < THICKEST_DECIMAL_MM) || seen.topics.has('aspect')) return false;
  const inMm = seen.terms.some((one) => one.kind === 'quantity' && one.quantity.unit?.symbol === 'mm');
  return inMm && !seen.terms.some((one) => one.kind === 'karat' || (one.kind === 'word' && COUNTED_IN.test(one.word)));
}

/** `rolled to 0.8`. */
function isWorkedTo(seen: LineSoFar, at: number): boolean {
  const [before, term] = [seen.terms[at - 1], seen.terms[at]];
  const value = term?.kind === 'quantity' ? term.quantity.value : 0;
  const isTo = before?.kind === 'word' && before.word === 'to';
  return isTo && seen.topics.has('work') && value < THICKEST_DRAWN_MM;
}

/** `3/16 id`: a fraction beside its word is in inches. */
function isFractionOfInch(seen: LineSoFar, at: number): boolean {
  const [term, after] = [seen.terms[at], seen.terms[at + 1]];
  const isFraction = term !== undefined && /\d\/\d|[½¼¾⅓⅔⅛⅜⅝⅞]/.test(seen.line.slice(term.start, term.end));
  return (
    isFraction &&
    after?.kind === 'word' &&
    /^(?:od|id|wide|across|inside|outside|diameter|dia|gap|opening)$/.test(after.word)
  );
}

/** `22 wide`, beside a measure with its unit; not `3 wide bands`. */
function isFollowedByMeasure(seen: LineSoFar, at: number): boolean {
  const [after, next] = [seen.terms[at + 1], seen.terms[at + 2]];
  if (after?.kind !== 'word' || !/^(?:wide|thick|high|tall|deep|od|id|long|across|inside|outside)$/.test(after.word))
    return false;
  const before = seen.terms[at - 1];
  if (before?.kind === 'word' && /^(?:sizes?|us|uk|iso|eu|jp|japanese|ar|ratio|aspect)$/.test(before.word))
    return false;
  const isNoun = next?.kind === 'word' && /s$/.test(next.word);
  return (
    !isNoun && seen.terms.some((term) => term.kind === 'gauge' || (term.kind === 'quantity' && isLength(term.quantity)))
  );
}

/** `2 metres of 0.8 sterling wire`: beside a long length a decimal without a unit is a thickness in mm. */
function isThickness(seen: LineSoFar, at: number, value: number): boolean {
  const isLong = seen.sizes.length > 0 && seen.sizes.every(({ mm }) => mm !== null && mm > THICKEST_MM);
  const [before, after] = [seen.terms[at - 1], seen.terms[at + 1]];
  const isFree =
    before?.kind !== 'times' && after?.kind !== 'times' && !(before?.kind === 'word' && before.word === 'kerf');
  return (
    isFree &&
    isLong &&
    !Number.isInteger(value) &&
    value < THICKEST_MM &&
    [...seen.topics].every((topic) => topic === 'disc' || topic === 'washer') &&
    !seen.hasScale
  );
}
