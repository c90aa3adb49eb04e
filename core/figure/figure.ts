// A figure is a number with its calculation: the sum that made it, its inputs, and their sources.
import { inStudioDecimals } from '../format/numbers.ts';

/**
 * Units of figures. Money is in minor units (pence, cents) under its ISO 4217 code: `GBP`, `GBP/g`, `GBP/h`. Until it
 * is rounded it may be a fraction of a minor unit. Everything else is in mm, g, min or °C.
 */
export type Unit = string;

/** A number with its calculation. */
export interface Figure {
  /** An input has no sum; a `sum` adds its inputs up as lines of its own unit; any other result is `reckoned`. */
  readonly kind: 'input' | 'reckoned' | 'sum';
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  /** The sum with its numbers, without the result: `π/4 × 1.024² × 120`. Empty for an input. */
  readonly how: string;
  /** Inputs of the sum, in its order. */
  readonly from: readonly Figure[];
  /** Source of an input: the caliper, a table, a price of a day, common practice. Empty for a result. */
  readonly source: string;
}

/** An input: a number that was measured, typed or looked up. */
export function given(label: string, value: number, unit: Unit, source: string): Figure {
  return { kind: 'input', label, value, unit, how: '', from: [], source };
}

/**
 * A result: a number computed from others by `how`.
 * @param how  the sum in words, or a function that makes it; it is made only when someone looks, since a key changes
 *   hundreds of figures and opens none
 */
export function computed(
  label: string,
  value: number,
  unit: Unit,
  how: string | (() => string),
  from: readonly Figure[],
): Figure {
  return new Result('reckoned', label, value, unit, how, from);
}

/** A sum of lines in one unit; without lines it is 0. */
export function totalOf(label: string, unit: Unit, lines: readonly Figure[]): Figure {
  return sumTo(
    label,
    unit,
    lines,
    lines.reduce((sum, line) => sum + line.value, 0),
  );
}

/**
 * A sum of lines whose total is known.
 * @param lines  or a function that makes them, once someone looks
 */
export function sumTo(label: string, unit: Unit, lines: Lines, value: number): Figure {
  return new Result('sum', label, value, unit, null, lines);
}

/** The same figure with another label. Figures must not be copied by spread: the calculation would be lost. */
export function renamed(figure: Figure, label: string): Figure {
  return figure instanceof Result ? figure.renamed(label) : { ...figure, label };
}

type Lines = readonly Figure[] | (() => readonly Figure[]);

// A class, since a key makes hundreds of figures: an object with its own getter takes ten times the memory.
class Result implements Figure {
  readonly kind: 'reckoned' | 'sum';
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  readonly source = '';
  #from: Lines;
  /** Null for a plain sum of the lines. */
  readonly #how: string | (() => string) | null;

  constructor(
    kind: 'reckoned' | 'sum',
    label: string,
    value: number,
    unit: Unit,
    how: string | (() => string) | null,
    from: Lines,
  ) {
    this.kind = kind;
    this.label = label;
    this.value = value;
    this.unit = unit;
    this.#how = how;
    this.#from = from;
  }

  get from(): readonly Figure[] {
    if (typeof this.#from === 'function') this.#from = this.#from();
    return this.#from;
  }

  get how(): string {
    if (this.#how === null) return sumOf(this.from);
    return typeof this.#how === 'string' ? this.#how : this.#how();
  }

  renamed(label: string): Figure {
    return new Result(this.kind, label, this.value, this.unit, this.#how, this.#from);
  }
}

// `7.19 + 2.86 + (−1.36)`; `0` without lines.
function sumOf(lines: readonly Figure[]): string {
  return (
    lines.map(({ value, unit }) => (value < 0 ? `(${inSum(value, unit)})` : inSum(value, unit))).join(' + ') || '0'
  );
}

/**
 * A number inside a sum: five significant digits, so that the sum can be repeated on paper; money in major units.
 * @param unit  for money the value is in minor units
 */
export function inSum(value: number, unit: Unit = ''): string {
  const text = isMoney(unit) ? majorText(value, minorDigits(currencyOf(unit))) : String(Number(value.toPrecision(5)));
  return inStudioDecimals(text.startsWith('-') ? `−${text.slice(1)}` : text);
}

// Money has at least as many places as its coins: 0.20, not 0.2.
function majorText(minor: number, digits: number): string {
  const major = minor / 10 ** digits;
  const text = String(Number(major.toPrecision(5)));
  return (text.split('.')[1]?.length ?? 0) < digits ? major.toFixed(digits) : text;
}

/** Whether a unit is money or a rate of money. */
export function isMoney(unit: Unit): boolean {
  return /^[A-Z]{3}(\/|$)/.test(unit);
}

/** The ISO 4217 code of a money unit: `GBP` of `GBP/g`. */
export function currencyOf(unit: Unit): string {
  return unit.slice(0, 3);
}

const digitsByCurrency = new Map<string, number>();

/**
 * Minor-unit digits of a currency: 2 for GBP, 0 for JPY, 3 for KWD (ISO 4217, by way of CLDR in the runtime).
 * @throws RangeError when `currency` is not three letters
 */
export function minorDigits(currency: string): number {
  let digits = digitsByCurrency.get(currency);
  if (digits === undefined) {
    const format = new Intl.NumberFormat('en', { style: 'currency', currency });
    digits = format.resolvedOptions().maximumFractionDigits ?? 2;
    digitsByCurrency.set(currency, digits);
  }
  return digits;
}
