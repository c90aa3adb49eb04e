// Reads which stock is worked (forged, rolled, drawn) into which, the length or the weight that is given, and what is asked.
import type { AskSize, Question } from './question.ts';
import type { Topic } from './vocabulary.ts';

/** Sections that metal is worked from and to. */
export type WorkedForm = 'round' | 'square' | 'strip' | 'sheet' | 'half-round' | 'd' | 'triangle' | 'oval';

/** Stock before or after work. */
export interface WorkedStock {
  /** The section named; null where the words do not say. */
  readonly form: WorkedForm | null;
  /** Width and height, or the one size that the words give. */
  readonly section: readonly AskSize[];
  readonly length: AskSize | null;
}

/** What is asked of the work. */
type WorkAsked = 'length' | 'width' | 'thickness' | 'reduction' | 'anneals' | 'longer';

/** A question about work. */
export interface WorkQuestion {
  readonly before: WorkedStock;
  readonly after: WorkedStock;
  /** Of which stock the length is given, and whether the words leave that open. */
  readonly lengthOf: 'before' | 'after';
  readonly isLengthOpen: boolean;
  /** The section taken away, %; null where the stock after it is given. */
  readonly reduction: Question['numbers'][number] | null;
  readonly asks: WorkAsked | null;
}

const NAMES_WORK =
  /\b(?:forg(?:ed?|es|ing)|roll(?:s|ed|ing)?|draw(?:s|n|ing)?|drew|pull(?:ed|ing)?|hammer(?:s|ed|ing)?|flatten(?:s|ed|ing)?|upset|swag(?:ed?|ing)|work(?:ed|ing)|mill(?:ed|ing)|planish(?:ed|ing)?|reduc(?:ed?|es|ing|tion)|anneal(?:s|ed|ing)?|stretch(?:ed|es|ing)?)\b/i;
const FORMS: readonly (readonly [WorkedForm, RegExp])[] = [
  ['half-round', /\bhalf[- ]round\b/i],
  ['d', /\bd[- ](?:section|shape|wire)\b/i],
  ['triangle', /\btriang/i],
  ['oval', /\boval\b/i],
  ['square', /\bsquare\b/i],
  ['sheet', /\b(?:sheet|plate|foil)\b/i],
  ['round', /\b(?:round|rod)\b/i],
  ['strip', /\b(?:strip|flat|ribbon|rectang\w*)\b/i],
  ['round', /\bwire\b/i],
];
/** Topics whose words do not turn a question about work into another. */
const WITH_WORK: ReadonlySet<Topic> = new Set<Topic>(['work', 'gauge', 'solid', 'identify', 'melting', 'value']);

/** Links from the stock to what it becomes. */
const BECOMES =
  /\b(?:(?:down |in)?to|as|makes?|gives?|for|needed for|becomes?|get|until it is|till)\b(?! (?:long|short|anneal))/gi;
/** Links from the result to the stock that it is made of. */
const MADE_FROM = /\b(?:from|out of|using|have|start(?:ing)? with)\b/gi;
const FIRST_RESULT = /^(?:for|to (?:make|get|forge|draw|roll)|i need|need|i want|want)\b/i;
const ASKS_STOCK =
  /\b(?:how (?:much|long)|what length|have|from|start(?:ing)?|need|takes?)\b(?=[^\d]*\d)|\b(?:from|have)\b/gi;

/** A question about work; null for any other. */
export function workQuestion(question: Question): WorkQuestion | null {
  const { line, sizes, topics } = question;
  if ([...topics].some((topic) => !WITH_WORK.has(topic))) return null;
  const isNamed = NAMES_WORK.test(line);
  const percent = question.numbers.find(({ end }) => /^\s*(?:%|percent)/i.test(line.slice(end))) ?? null;
  const lines = clausesOf(question);
  if (!lines) {
    if (!isNamed || sizes.length === 0) return null;
    const all = stockOf(line, 0, line.length, sizes, false);
    const isLimit = /\banneal/i.test(line) && /\bbefore\b|\bwithout\b/i.test(line);
    if (!percent && !isLimit) return null;
    return { before: all, after: NOTHING, lengthOf: 'before', isLengthOpen: false, reduction: percent, asks: null };
  }
  const { before, after } = lines;
  if (!isNamed && !isWorkUnnamed(question, lines)) return null;
  const { lengthOf, isOpen } = lengthOfWhich(line, before, after, lines);
  return { before, after, lengthOf, isLengthOpen: isOpen, reduction: null, asks: askedOf(line, sizes) };
}

const NOTHING: WorkedStock = { form: null, section: [], length: null };

interface Clauses {
  readonly before: WorkedStock;
  readonly after: WorkedStock;
  readonly isResultFirst: boolean;
  /** Where the second clause starts. */
  readonly at: number;
  readonly link: string;
}

/** The line in two: the stock and what it becomes, in either order. */
function clausesOf(question: Question): Clauses | null {
  const { line, sizes, masses } = question;
  const firstEnd = Math.min(...[...sizes, ...masses].map(({ end }) => end));
  const lastStart = Math.max(...sizes.map(({ start }) => start));
  const linkIn = (pattern: RegExp, from: number) =>
    [...line.matchAll(pattern)].filter(({ index }) => index >= from && index < lastStart);
  const split = (at: number, link: string, isResultFirst: boolean): Clauses => {
    const [one, other] = [
      stockOf(line, 0, at, sizes, !isResultFirst),
      stockOf(line, at, line.length, sizes, isResultFirst),
    ];
    return isResultFirst
      ? { before: other, after: one, isResultFirst, at, link }
      : { before: one, after: other, isResultFirst, at, link };
  };
  const becomes = linkIn(BECOMES, firstEnd).filter(({ index, 0: link }) => leadsToSize(question, index + link.length));
  const strong = becomes.filter(({ 0: link }) => /to$/i.test(link));
  const madeFrom = linkIn(MADE_FROM, firstEnd).filter(({ index, 0: link }) => leadsToSize(question, index + link.length)); // prettier-ignore
  if (FIRST_RESULT.test(line) && strong.length === 0) {
    const asks = linkIn(ASKS_STOCK, firstEnd)[0];
    if (asks) return split(asks.index, asks[0], true);
  }
  const [to] = strong;
  if (to) return split(to.index, to[0], false);
  const [from] = madeFrom;
  if (from) return split(from.index, from[0], true);
  const [weak] = becomes;
  return weak ? split(weak.index, weak[0], false) : null;
}

/** Words that may stand between a link and the stock that it leads to. */
const LEADING =
  /^(?:\s|an?\b|the\b|be\b|down\b|some\b|stock\b|wire\b|sheet\b|strip\b|flat\b|round\b|square\b|half[- ]round\b|oval\b|triang\w*\b|d[- ](?:section|shape|wire)\b|rectang\w*|thickness\b|of\b|about\b|make\b|forge\b|draw\b|roll\b|get\b|it\b|is\b|\(|[øØ])*$/i;

function leadsToSize({ line, sizes }: Question, from: number): boolean {
  const next = sizes.find(({ start }) => start >= from);
  return next !== undefined && LEADING.test(line.slice(from, next.start));
}

/** The stock that a clause describes. */
function stockOf(line: string, from: number, to: number, all: readonly AskSize[], isSource: boolean): WorkedStock {
  const text = line.slice(from, to);
  const form = FORMS.find(([, pattern]) => pattern.test(text))?.[0] ?? null;
  const here = all.filter(({ start }) => start >= from && start < to);
  // A size that is said again is one size.
  const isAgain = ({ mm, crossed }: AskSize, at: number) =>
    !crossed && mm !== null && here.slice(0, at).some((earlier) => earlier.mm === mm);
  const sizes = here.filter((size, at) => !isAgain(size, at));
  const crossed = sizes.filter((size) => size.crossed);
  const isLong = (size: AskSize) =>
    size.role === 'long' || (!size.crossed && /^\s*(?:long\b|of\b|lengths?\b)/i.test(line.slice(size.end)));
  const said = sizes.length > 1 || isSource ? sizes.find(isLong) : undefined;
  const rest = sizes.filter((size) => size !== said);
  const [width, height] = [
    rest.find(({ role }) => role === 'wide'),
    rest.find(({ role }) => role === 'thick' || role === 'high'),
  ];
  const bySize = (group: readonly AskSize[]) => group.toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0));
  if (crossed.length > 2) {
    const longest = said ?? bySize(crossed)[0];
    return { form, section: crossed.filter((size) => size !== longest).slice(0, 2), length: longest ?? null };
  }
  // Sheet of 40 x 30 mm keeps its shorter side.
  const sheetThin =
    form === 'sheet' && crossed.length === 2 ? thinnest(rest.filter((size) => !size.crossed)) : undefined;
  const [longer, shorter] = bySize(crossed);
  if (sheetThin && longer && shorter) return { form, section: [shorter, sheetThin], length: longer };
  const pair = width && height ? [width, height] : crossed.length === 2 ? crossed : null;
  if (pair) return { form, section: pair, length: said ?? rest.find((size) => !pair.includes(size)) ?? null };
  const other = rest.filter((size) => size !== width && size !== height);
  const thin = thinnest(other);
  if ((width ?? height) && thin && (width !== undefined || takesTwo(form)))
    return {
      form,
      section: width ? [width, thin] : [thin, height ?? thin],
      length: said ?? other.find((size) => size !== thin) ?? null,
    };
  const only = width ?? height ?? thin;
  return { form, section: only ? [only] : [], length: said ?? other.find((size) => size !== only) ?? null };
}

const takesTwo = (form: WorkedForm | null) =>
  form !== null && form !== 'round' && form !== 'square' && form !== 'sheet' && form !== 'strip';

function thinnest(sizes: readonly AskSize[]): AskSize | undefined {
  return sizes.find(({ gauge }) => gauge) ?? sizes.toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0))[0];
}

/** Without a verb of work: two sections of wire, or one wire and how much longer it gets. */
function isWorkUnnamed({ line, scales, letter, masses }: Question, { before, after, link }: Clauses): boolean {
  if (scales.length > 0 || letter !== null) return false;
  if (/\b(?:times|how much) longer\b/i.test(line)) return before.section.length > 0 && after.section.length > 0;
  if (/\b(?:how many|pieces|pcs|blanks?|kerf|vs)\b/i.test(line)) return false;
  if (masses.length > 0 && before.section.length === 0) return false;
  const isIngot = /\bingot\b/i.test(line) && before.section.length === 2;
  const isWire = ({ form, section }: WorkedStock) => section.length > 0 && form !== null && form !== 'sheet';
  if (isIngot && after.section.length > 0) return true;
  const isThere = link === 'have' && before.section.length > 0;
  return (
    (isWire(after) || (after.section.length === 2 && before.form !== null)) &&
    (isWire(before) || isThere || before.section[0]?.gauge !== undefined)
  );
}

/** `50 mm of 2 mm round` and `need 50 mm` are lengths of that stock; a length at the end of the line is what is there. */
function lengthOfWhich(line: string, before: WorkedStock, after: WorkedStock, { isResultFirst, at, link }: Clauses) {
  const length = before.length ?? after.length;
  if (before.length || !length) return { lengthOf: 'before' as const, isOpen: false };
  const isSaid = /^\s*of\b/i.test(line.slice(length.end)) || isResultFirst || !/to$|as$/i.test(link);
  const isNeeded = /\b(?:for|needs?|needed|cut|want)\b/i.test(line) || /^\s*to (?:make|forge|draw|roll|get)\b/i.test(line.slice(at)); // prettier-ignore
  const isAfter = isSaid || isNeeded;
  return { lengthOf: isAfter ? ('after' as const) : ('before' as const), isOpen: !isAfter };
}

function askedOf(line: string, sizes: readonly AskSize[]): WorkAsked | null {
  if (/\banneal/i.test(line)) return 'anneals';
  if (/\breduction\b|\bpercent|%/i.test(line)) return 'reduction';
  if (/\bhow wide\b|\b(?:what|which) width\b/i.test(line)) return 'width';
  if (/\bhow thick\b|\b(?:what|which) thickness\b/i.test(line)) return 'thickness';
  if (/\blonger\b|\btimes\b/i.test(line) && !sizes.some(({ role }) => role === 'long')) return 'longer';
  return /\bhow long\b|\bwhat length\b/i.test(line) ? 'length' : null;
}
