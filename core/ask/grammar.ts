// The grammar of the ask line: terms in any order, each a measure (with sums), a gauge, a karat, a sign or a word. The
// meaning of words is not part of the grammar; see vocabulary.ts. Documented in docs/formats/ask.md.
import { createToken, EmbeddedActionsParser, EOF, type IToken, Lexer } from 'chevrotain';
import { type AskUnit, askUnit, type Dimensions, inHouse, plain, sameDimensions, times } from './units.ts';

/** Place of a term in the line. */
export interface Span {
  readonly start: number;
  readonly end: number;
}

/** A number with the powers of its dimensions, in base units. */
export interface AskQuantity {
  readonly value: number;
  readonly dimensions: Dimensions;
  /** Unit of the first number; the answer uses it. */
  readonly unit: AskUnit | null;
}

/** One term of a line with its place. */
export type Term = Span &
  (
    | { readonly kind: 'quantity'; readonly quantity: AskQuantity }
    | { readonly kind: 'gauge'; readonly gauge: number; readonly system: 'awg' | 'swg' | null }
    | { readonly kind: 'karat'; readonly karat: number }
    /** A dash between two measures, or a cross before a count. */
    | { readonly kind: 'times' }
    | { readonly kind: 'word'; readonly word: string }
    | { readonly kind: 'sign'; readonly sign: string }
  );

/** A line that breaks off or whose sum has no answer. The message is a sentence for the maker. */
export class LineError extends Error {}

const Space = createToken({ name: 'Space', pattern: /[\s,;?!]+/, group: Lexer.SKIPPED });
const Word = createToken({ name: 'Word', pattern: /[°]?[a-zà-ÿ][a-zà-ÿ&'’-]*/i });
// A number and its karat may be written together or apart; ct is a karat only after the numbers golds are sold by.
const Karat = createToken({
  name: 'Karat',
  pattern: /(?:(?:\d{1,2}(?:\.\d)?) ?(?:kt|k|karat)|(?:8|9|10|14|15|18|20|21|22|24) ?(?:ct|carat))(?![a-z])/i,
});
const Code = createToken({ name: 'Code', pattern: /(?!x\d)[a-z]+\d+(?![\d/."″”'′])/i });
// 1 1/2, 1-1/2 and 3/4 are each one number.
const Fraction = createToken({ name: 'Fraction', pattern: /(?:\d+[ -])?\d+\/\d+|(?:\d+ ?)?[½¼¾⅓⅔⅛⅜⅝⅞]/ });
const Decimal = createToken({ name: 'Decimal', pattern: /\d+(?:\.\d+|,\d{1,2}(?!\d))?|\.\d+/ });
const Quote = createToken({ name: 'Quote', pattern: /["″”'′]/ });
const Currency = createToken({ name: 'Currency', pattern: /[£$€¥]/ });
const Cross = createToken({ name: 'Cross', pattern: /×|[xX](?![a-z])/ });
const Plus = createToken({ name: 'Plus', pattern: /\+/ });
const Minus = createToken({ name: 'Minus', pattern: /[-−–]/ });
const Star = createToken({ name: 'Star', pattern: /[*·]/ });
const Slash = createToken({ name: 'Slash', pattern: /[/÷]/ });
const Open = createToken({ name: 'Open', pattern: /\(/ });
const Close = createToken({ name: 'Close', pattern: /\)/ });
const Hash = createToken({ name: 'Hash', pattern: /#/ });
const Other = createToken({ name: 'Other', pattern: /[^\s]/u });

const tokens = [
  Space, Cross, Karat, Fraction, Decimal, Quote, Code, Word, Currency, Plus, Minus, Star, Slash, Open, Close, Hash, Other,
]; // prettier-ignore
// The checks of tokens and rules take longer than most answers; a test makes them.
const lexer = new Lexer(tokens, { positionTracking: 'onlyOffset', skipValidations: true });

/** Words for a gauge, and the system they name; null where they name none. */
export const gaugeWords: ReadonlyMap<string, 'awg' | 'swg' | null> = new Map<string, 'awg' | 'swg' | null>([
  ['ga', null],
  ['gauge', null],
  ['gage', null],
  ['awg', 'awg'],
  ['b&s', 'awg'],
  ['swg', 'swg'],
]);
const multiplying = new Set(['by']);
const dividing = new Set(['per']);
const each = new Set(['each']);
const troy = new Set(['troy']);
const vulgar: Readonly<Record<string, number>> = {
  '½': 1 / 2, '¼': 1 / 4, '¾': 3 / 4, '⅓': 1 / 3, '⅔': 2 / 3, '⅛': 1 / 8, '⅜': 3 / 8, '⅝': 5 / 8, '⅞': 7 / 8,
}; // prettier-ignore
/** Scales that an answer about a ring can be asked for in. */
const ringScales = new Set(['us', 'uk', 'iso', 'eu', 'jp', 'japan', 'japanese', 'british', 'american']);
const finenessWords = new Set(['karat', 'karats', 'fineness']);

const NESTING_LIMIT = 20;
const LONGEST_LINE = 500;

/** The gauge system a word names: null when it names none, undefined for any other word. */
function gaugeWord(token: IToken): 'awg' | 'swg' | null | undefined {
  if (token.tokenType !== Word) return undefined;
  const lower = token.image.toLowerCase();
  return gaugeWords.has(lower) ? gaugeWords.get(lower) : gaugeWords.get(lower.replace(/s$/, ''));
}

function unitOf(token: IToken): AskUnit | null {
  return token.tokenType === Word || token.tokenType === Quote ? askUnit(token.image) : null;
}

function isWord(token: IToken, words: ReadonlySet<string>): boolean {
  return token.tokenType === Word && words.has(token.image.toLowerCase());
}

/** What can follow “in” or “to”: a unit, a gauge system, a ring scale, karat or fineness. */
function isTarget(token: IToken): boolean {
  return (
    unitOf(token) !== null ||
    gaugeWord(token) !== undefined ||
    isWord(token, ringScales) ||
    isWord(token, finenessWords)
  );
}

class LineParser extends EmbeddedActionsParser {
  #depth = 0;

  constructor(skipValidations: boolean) {
    super(tokens, { maxLookahead: 2, recoveryEnabled: false, skipValidations });
    this.performSelfAnalysis();
  }

  #startsGauge(): boolean {
    const [first, second] = [this.LA(1), this.LA(2)];
    if (first.tokenType === Hash) return second.tokenType === Decimal;
    const third = this.LA(3);
    const isMeasure = unitOf(third) !== null && !(third.image.toLowerCase() === 'in' && isTarget(this.LA(4)));
    if (gaugeWord(first) !== undefined) return second.tokenType === Decimal && !isMeasure;
    return (first.tokenType === Decimal || first.tokenType === Fraction) && gaugeWord(second) !== undefined;
  }

  // “in” after a number is inches, unless the unit of the answer follows it.
  #unitFollows(): boolean {
    const token = this.LA(1);
    if (this.#isTroy()) return true;
    if (unitOf(token) === null) return false;
    if (token.image.toLowerCase() !== 'in') return true;
    const next = this.LA(2);
    return !isTarget(next) || (next.image.toLowerCase() === 'in' && isTarget(this.LA(3)));
  }

  // `3 in each, 16 ga`: each divides by a unit alone.
  #divides(): boolean {
    const isEach = isWord(this.LA(1), each);
    return this.LA(1).tokenType === Slash || isWord(this.LA(1), dividing) || (isEach && unitOf(this.LA(2)) !== null);
  }

  #factorFollows(at: number): boolean {
    const token = this.LA(at);
    return [Decimal, Fraction, Open].includes(token.tokenType) || unitOf(token) !== null;
  }

  public line = this.RULE('line', (): Term[] => {
    const terms: Term[] = [];
    this.MANY(() => {
      terms.push(this.SUBRULE(this.term));
    });
    return terms;
  });

  private term = this.RULE('term', (): Term => {
    const start = this.LA(1).startOffset;
    const found = this.OR<Bare>([
      { GATE: () => this.#startsGauge(), ALT: () => this.SUBRULE(this.gauge) },
      { ALT: () => this.SUBRULE(this.karat) },
      { GATE: () => this.#startsSum(), ALT: () => this.SUBRULE(this.measure) },
      { ALT: () => this.SUBRULE(this.cross) },
      { ALT: () => this.SUBRULE(this.word) },
      { ALT: () => this.SUBRULE(this.sign) },
    ]);
    return this.ACTION(() => ({ ...found, start, end: this.LA(0).startOffset + this.LA(0).image.length }));
  });

  // A minus before a number starts a sum only when no measure stands before it: in `18 ga - 20 ga` it is a dash.
  #startsSum(): boolean {
    const { tokenType } = this.LA(1);
    if (tokenType === Currency) return [Decimal, Fraction].includes(this.LA(2).tokenType);
    if (tokenType === Minus) return [Decimal, Fraction].includes(this.LA(2).tokenType);
    return [Decimal, Fraction, Open].includes(tokenType);
  }

  private gauge = this.RULE('gauge', (): Bare => {
    let number = '';
    let system: 'awg' | 'swg' | null = null;
    this.OR([
      {
        ALT: () => {
          this.CONSUME(Hash);
          number = this.CONSUME(Decimal).image;
        },
      },
      {
        ALT: () => {
          system = gaugeWord(this.CONSUME(Word)) ?? null;
          number = this.CONSUME1(Decimal).image;
        },
      },
      {
        ALT: () => {
          const token = this.OR1([{ ALT: () => this.CONSUME2(Decimal) }, { ALT: () => this.CONSUME(Fraction) }]);
          number = this.ACTION(() => token.image);
          system = gaugeWord(this.CONSUME1(Word)) ?? null;
        },
      },
    ]);
    return this.ACTION(() => ({ kind: 'gauge', gauge: gaugeNumber(number), system }));
  });

  private karat = this.RULE('karat', (): Bare => {
    const { image } = this.CONSUME(Karat);
    return this.ACTION(() => ({ kind: 'karat', karat: parseFloat(image) }));
  });

  private cross = this.RULE('cross', (): Bare => {
    this.CONSUME(Cross);
    return { kind: 'times' };
  });

  private word = this.RULE('word', (): Bare => {
    const token = this.OR([{ ALT: () => this.CONSUME(Word) }, { ALT: () => this.CONSUME(Code) }]);
    return this.ACTION(() => {
      const word = token.image.toLowerCase().replaceAll('’', "'");
      return multiplying.has(word) ? { kind: 'times' } : { kind: 'word', word };
    });
  });

  private sign = this.RULE('sign', (): Bare => {
    const token = this.OR([
      { ALT: () => this.CONSUME(Quote) },
      { ALT: () => this.CONSUME(Currency) },
      { ALT: () => this.CONSUME(Plus) },
      { ALT: () => this.CONSUME(Minus) },
      { ALT: () => this.CONSUME(Star) },
      { ALT: () => this.CONSUME(Slash) },
      { ALT: () => this.CONSUME(Open) },
      { ALT: () => this.CONSUME(Close) },
      { ALT: () => this.CONSUME(Hash) },
      { ALT: () => this.CONSUME(Other) },
    ]);
    return this.ACTION(() => ({ kind: 'sign', sign: token.image }));
  });

  private measure = this.RULE('measure', (): Bare => {
    const quantity = this.SUBRULE(this.sum);
    return { kind: 'quantity', quantity };
  });

  private sum = this.RULE('sum', (): AskQuantity => {
    let left = this.SUBRULE(this.product);
    this.MANY({
      GATE: () => this.#goesOn(),
      DEF: () => {
        const sign = this.OR([{ ALT: () => this.CONSUME(Plus) }, { ALT: () => this.CONSUME(Minus) }]);
        const right = this.SUBRULE1(this.product);
        left = this.ACTION(() => added(left, right, sign.tokenType === Minus ? -1 : 1));
      },
    });
    return left;
  });

  // A plus or minus continues a sum only when a number, not a gauge, follows.
  #goesOn(): boolean {
    return this.#factorFollows(2) && gaugeWord(this.LA(3)) === undefined;
  }

  private product = this.RULE('product', (): AskQuantity => {
    let left = this.SUBRULE(this.factor);
    this.MANY({
      GATE: () => (this.LA(1).tokenType === Star ? this.#factorFollows(2) : this.#divides() && this.#factorFollows(2)),
      DEF: () => {
        const multiplies = this.OR([
          { ALT: () => this.CONSUME(Star) },
          { ALT: () => this.CONSUME(Slash) },
          { ALT: () => this.CONSUME(Word) },
        ]);
        const right = this.SUBRULE1(this.factor);
        left = this.ACTION(() => multiplied(left, right, multiplies.tokenType === Star ? 1 : -1));
      },
    });
    return left;
  });

  private factor = this.RULE('factor', (): AskQuantity => {
    return this.OR<AskQuantity>([
      {
        ALT: () => {
          this.CONSUME(Minus);
          const inner = this.SUBRULE(this.factor);
          return this.ACTION(() => ({ ...inner, value: -inner.value }));
        },
      },
      {
        ALT: () => {
          this.CONSUME(Open);
          this.ACTION(() => this.#deeper());
          const inner = this.SUBRULE(this.sum);
          this.CONSUME(Close);
          this.ACTION(() => (this.#depth -= 1));
          const unit = this.SUBRULE(this.unit);
          return this.ACTION(() => withUnit(inner, unit));
        },
      },
      {
        ALT: () => {
          const before = this.OPTION(() => this.CONSUME(Currency));
          const digits = this.OR1([{ ALT: () => this.CONSUME(Decimal) }, { ALT: () => this.CONSUME(Fraction) }]);
          const after = this.OPTION3(() => this.CONSUME1(Currency));
          const sign = before ?? after;
          const unit = this.SUBRULE1(this.unit);
          // 6 ft 2 in and 1' 6" are one length.
          const inches = this.OPTION1({
            GATE: () => unit?.symbol === 'ft' && this.#inchesFollow(),
            DEF: () => this.SUBRULE1(this.factor),
          });
          return this.ACTION(() => {
            const number = { value: numberOf(digits.image), dimensions: plain, unit: null };
            if (sign) return { ...number, dimensions: { ...plain, money: 1 } };
            const whole = withUnit(number, unit);
            return inches ? { ...whole, value: whole.value + inches.value } : whole;
          });
        },
      },
      {
        // After “per”, a unit alone means one of it.
        ALT: () => {
          const token = this.OR2([{ ALT: () => this.CONSUME(Word) }, { ALT: () => this.CONSUME(Quote) }]);
          return this.ACTION(() => {
            const unit = unitOf(token);
            return { value: unit?.factor ?? NaN, dimensions: unit?.dimensions ?? plain, unit };
          });
        },
      },
    ]);
  });

  private unit = this.RULE('unit', (): AskUnit | null => {
    let unit: AskUnit | null = null;
    this.OPTION({
      GATE: () => this.#unitFollows(),
      DEF: () => {
        const isTroy = this.OPTION1({ GATE: () => this.#isTroy(), DEF: () => this.CONSUME1(Word) }) !== undefined;
        const token = this.OR([{ ALT: () => this.CONSUME(Word) }, { ALT: () => this.CONSUME(Quote) }]);
        unit = isTroy ? askUnit('ozt') : unitOf(token);
      },
    });
    return unit;
  });

  // A troy ounce, not another unit followed by an unknown word.
  #isTroy(): boolean {
    return isWord(this.LA(1), troy) && unitOf(this.LA(2))?.isBareOunce === true;
  }

  #inchesFollow(): boolean {
    return [Decimal, Fraction].includes(this.LA(1).tokenType) && unitOf(this.LA(2))?.symbol === 'in';
  }

  #deeper(): void {
    this.#depth += 1;
    if (this.#depth > NESTING_LIMIT) throw new LineError('That is too many brackets to follow.');
  }

  read(line: IToken[]): Term[] {
    this.#depth = 0;
    this.input = line;
    const terms = this.line();
    const [error] = this.errors;
    if (error) throw new LineError(sentenceOf(error.token));
    return terms;
  }
}

type Bare = Term extends infer Each ? (Each extends { readonly kind: string } ? Omit<Each, keyof Span> : never) : never;

const parser = new LineParser(true);

/** Makes the checks that reading a line leaves out. @throws Error on an ambiguous or left-recursive rule */
export function checkGrammar(): void {
  new LineParser(false);
  const { lexerDefinitionErrors } = new Lexer(tokens, {
    positionTracking: 'onlyOffset',
    deferDefinitionErrorsHandling: true,
  });
  if (lexerDefinitionErrors.length > 0) throw new Error(lexerDefinitionErrors.map(({ message }) => message).join('\n'));
}

/**
 * Reads a line into terms.
 * @throws LineError when a bracket is not closed, a sum mixes measures, or the line is longer than 500 characters
 */
export function readLine(line: string): Term[] {
  if (line.length > LONGEST_LINE) throw new LineError(`A question has ${String(LONGEST_LINE)} characters at most.`);
  return parser.read(lexer.tokenize(line).tokens);
}

function sentenceOf(token: IToken): string {
  if (token.tokenType === EOF) return 'A bracket is not closed, or the line stops in the middle of a sum.';
  return `“${token.image}” does not fit there.`;
}

function numberOf(image: string): number {
  const part = vulgar[image.slice(-1)];
  if (part !== undefined) return Number(image.slice(0, -1)) + part;
  const [, whole = '0', over, under] = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(image) ?? [];
  if (over === undefined || under === undefined) return Number(image.replace(',', '.'));
  if (Number(under) === 0) throw new LineError('A number cannot be divided by zero.');
  return Number(whole) + Number(over) / Number(under);
}

// 0000 and 4/0 are the same gauge; 0 is another gauge.
function gaugeNumber(image: string): number {
  const aughts = /^0{1,4}$/.test(image) ? image.length : /^([1-7])\/0$/.exec(image)?.[1];
  return aughts === undefined ? numberOf(image) : 1 - Number(aughts);
}

function withUnit(number: AskQuantity, unit: AskUnit | null): AskQuantity {
  if (!unit) return number;
  if (!sameDimensions(number.dimensions, plain)) throw new LineError(`“${unit.symbol}” has a unit before it already.`);
  return { value: inHouse(number.value, unit), dimensions: unit.dimensions, unit };
}

function added(left: AskQuantity, right: AskQuantity, sign: 1 | -1): AskQuantity {
  // 2*14+3 mm: a unit at the end applies to the whole sum.
  const [a, b] =
    sameDimensions(left.dimensions, plain) && right.unit ? [withUnit(left, right.unit), right] : [left, right];
  if (!sameDimensions(a.dimensions, b.dimensions))
    throw new LineError('Give each number of the sum its unit: they are not of one kind.');
  if (a.dimensions.temperature !== 0) throw new LineError('Temperatures are not added up.');
  return { value: a.value + sign * b.value, dimensions: a.dimensions, unit: a.unit ?? b.unit };
}

function multiplied(left: AskQuantity, right: AskQuantity, sign: 1 | -1): AskQuantity {
  if (sign === -1 && right.value === 0) throw new LineError('A number cannot be divided by zero.');
  return {
    value: sign === 1 ? left.value * right.value : left.value / right.value,
    dimensions: times(left.dimensions, right.dimensions, sign),
    unit: left.unit ?? right.unit,
  };
}
