// Sums with units, as typed into any number field: `2*14+3`, `3/4in`, `1 1/2 in + 2 mm`, `18ga`, `(6.5+0.8)*2 mm`.
import { numberAtStart, readNumber, TwoReadings } from '../../format/numbers.ts';

/**
 * A number with the power of the field's dimension: 0 is a plain number, 1 a length (or a mass, a time...). A product
 * of two lengths has power 2 and fits no field.
 */
export interface Evaluated {
  readonly value: number;
  readonly power: number;
}

/**
 * Converts a number with its unit into the field's base unit.
 * @returns undefined when the unit is unknown here
 * @throws RangeError with a sentence when the unit is refused
 */
export type UnitReader = (value: number, unit: string) => number | undefined;

/** Text that cannot be read as a sum. The message is a sentence for the maker. */
export class SumError extends Error {}

type Token =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'unit'; readonly text: string }
  | { readonly kind: 'sign'; readonly text: string }
  | { readonly kind: 'root'; readonly text: string };

// A fraction counts as one number when a unit follows: 3/4in is three quarters of an inch, not 3 over 4 inches.
const FRACTION = /^(?:(\d+) )?(\d+)\/(\d+)(?=\s*(?:[a-z"″”'′]|$|[-+*×)]))/i;
// 1-1/2" is one and a half inches, as the trade writes it; without a unit after it, the hyphen subtracts.
const HYPHENATED = /^(\d+)-(\d+)\/(\d+)(?=\s*[a-z"″”'′])/i;
// After a division sign only a fraction with its unit is one number: 100/5/2 divides twice, 6 in / 3/4 in once.
const DIVISOR_FRACTION = /^(?:(\d+) )?(\d+)\/(\d+)(?=\s*[a-z"″”'′])/i;
const UNIT = /^(?:[a-z]+|["″”'′#%])/i;
const PI = /^(?:pi(?![a-z])|π)/i;
const ROOT = /^(?:sqrt(?![a-z])|√)/i;
const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
const NESTING_LIMIT = 20;

/**
 * Evaluates a typed sum.
 * @param text      as typed, numbers in the studio's format
 * @param readUnit  the field's units
 * @throws SumError with a sentence when it cannot be read, divides by zero, or mixes numbers with and without a unit
 */
export function evaluate(text: string, readUnit: UnitReader): Evaluated {
  const tokens = tokensOf(text);
  if (tokens.length === 0) throw new SumError('Nothing is entered yet.');
  let at = 0;
  let depth = 0;

  const peekSign = (signs: string) => {
    const token = tokens[at];
    return token?.kind === 'sign' && signs.includes(token.text) ? token.text : undefined;
  };

  function sumOfTerms(): Evaluated {
    let left = productOfFactors();
    for (let sign = peekSign('+-'); sign; sign = peekSign('+-')) {
      at += 1;
      const right = productOfFactors();
      if (left.power !== right.power) {
        throw new SumError(`Give each number in “${text.trim()}” its unit: one has one, another has none.`);
      }
      left = { value: sign === '+' ? left.value + right.value : left.value - right.value, power: left.power };
    }
    return left;
  }

  function productOfFactors(): Evaluated {
    let left = factor();
    for (let sign = peekSign('*/'); sign; sign = peekSign('*/')) {
      at += 1;
      const right = factor();
      if (sign === '/' && right.value === 0)
        throw new SumError('A number cannot be divided by zero. Change the number after “/”.');
      left =
        sign === '*'
          ? { value: left.value * right.value, power: left.power + right.power }
          : { value: left.value / right.value, power: left.power - right.power };
    }
    return left;
  }

  function factor(): Evaluated {
    const minus = peekSign('-');
    if (minus) {
      at += 1;
      const inner = factor();
      return { value: -inner.value, power: inner.power };
    }
    const token = tokens[at];
    at += 1;
    if (token?.kind === 'number') return withUnit({ value: token.value, power: 0 });
    if (token?.kind === 'root') return rootOf(underRoot());
    if (token?.kind === 'sign' && token.text === '(') return withUnit(restOfBracket());
    throw new SumError(
      token ? `“${textOf(token)}” does not fit there in “${text.trim()}”.` : `“${text.trim()}” stops in the middle.`,
    );
  }

  function restOfBracket(): Evaluated {
    depth += 1;
    if (depth > NESTING_LIMIT) throw new SumError('That is too many brackets to follow.');
    const inner = sumOfTerms();
    if (!peekSign(')')) throw new SumError(`A bracket is not closed in “${text.trim()}”.`);
    at += 1;
    depth -= 1;
    return inner;
  }

  // A bracket or a number; a unit behind it belongs to the root: sqrt(16) mm.
  function underRoot(): Evaluated {
    const token = tokens[at];
    if (token?.kind === 'number') {
      at += 1;
      return { value: token.value, power: 0 };
    }
    if (!peekSign('(')) throw new SumError(`Put what is under the root in brackets in “${text.trim()}”.`);
    at += 1;
    return restOfBracket();
  }

  // The root of an area is a length.
  function rootOf({ value, power }: Evaluated): Evaluated {
    if (value < 0) throw new SumError('A negative number has no square root.');
    if (power % 2 !== 0) throw new SumError('Give the number below the root no unit, or the unit of an area.');
    return withUnit({ value: Math.sqrt(value), power: power / 2 });
  }

  function withUnit(bare: Evaluated): Evaluated {
    const token = tokens[at];
    if (token?.kind !== 'unit') return bare;
    const value = bare.power === 0 ? readUnit(bare.value, token.text) : undefined;
    if (value === undefined) throw new SumError(`“${token.text}” is not a unit that fits here.`);
    at += 1;
    return withInchesAfterFeet({ value, power: 1 }, token.text);
  }

  // 1' 6" is one foot six.
  function withInchesAfterFeet(feet: Evaluated, unit: string): Evaluated {
    if (!"'′ft".includes(unit) || tokens[at]?.kind !== 'number') return feet;
    const inches = factor();
    return { value: feet.value + inches.value, power: 1 };
  }

  const result = sumOfTerms();
  const rest = tokens[at];
  if (rest) throw new SumError(`“${textOf(rest)}” does not fit there in “${text.trim()}”.`);
  if (!Number.isFinite(result.value)) throw new SumError(`“${text.trim()}” is too large a number to work with.`);
  return result;
}

function tokensOf(text: string): Token[] {
  const tokens: Token[] = [];
  let rest = text
    .replace(/\s*([½¼¾⅓⅔⅛⅜⅝⅞])/g, (_, mark: string) => ` ${VULGAR[mark] ?? ''}`)
    .replace(/[−–]/g, '-')
    .replace(/[×·]/g, '*')
    .replace(/÷/g, '/')
    .trim();
  while (rest) {
    const last = tokens.at(-1);
    const afterDivision = last?.kind === 'sign' && last.text === '/';
    const fraction = afterDivision ? DIVISOR_FRACTION.exec(rest) : (HYPHENATED.exec(rest) ?? FRACTION.exec(rest));
    const number = numberAtStart(rest);
    const unit = UNIT.exec(rest);
    let length: number;
    if (fraction) {
      if (Number(fraction[3]) === 0)
        throw new SumError('A number cannot be divided by zero. Change the number after “/”.');
      tokens.push({ kind: 'number', value: Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]) });
      length = fraction[0].length;
    } else if (number) {
      tokens.push({ kind: 'number', value: valueOf(number) });
      length = number.length;
    } else if (PI.test(rest)) {
      tokens.push({ kind: 'number', value: Math.PI });
      length = PI.exec(rest)?.[0].length ?? 1;
    } else if (ROOT.test(rest)) {
      length = ROOT.exec(rest)?.[0].length ?? 1;
      tokens.push({ kind: 'root', text: rest.slice(0, length) });
    } else if (unit) {
      tokens.push({ kind: 'unit', text: unit[0] });
      length = unit[0].length;
    } else if ('+-*/()'.includes(rest.charAt(0))) {
      tokens.push({ kind: 'sign', text: rest.charAt(0) });
      length = 1;
    } else {
      throw new SumError(`“${rest.charAt(0)}” does not belong in a number.`);
    }
    rest = rest.slice(length).trimStart();
  }
  return tokens;
}

function valueOf(number: string): number {
  try {
    return readNumber(number);
  } catch (error) {
    if (error instanceof TwoReadings || error instanceof RangeError) throw new SumError(error.message);
    throw error;
  }
}

function textOf(token: Token): string {
  return token.kind === 'number' ? String(token.value) : token.text;
}
