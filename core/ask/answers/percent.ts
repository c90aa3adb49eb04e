// A percentage of a weight or a length: a loss taken off, or an extra put on.
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import type { Amount, Question, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { valueOf } from './stock.ts';

const LESS = /\b(?:loss|lost|lose|loses|waste|wasted|scrap|shrinkage|less|minus|off)\b/i;
const MORE = /\b(?:plus|add|added|extra|more|on top|allowance|markup|mark-up)\b/i;

/** A share of the value that a buyer pays. */
const OF_VALUE =
  /\bat \d+(?:\.\d+)? ?(?:%|percent)|(?:%|percent) of (?:the )?(?:spot|value|melt value|metal value|price)\b/i;

/** The number before a percent sign, beside a word for less or more; null where the line has none. */
export function percentOf({ line, numbers }: Question): Amount | null {
  const percent = numbers.find(({ end }) => /^\s*(?:%|percent)/i.test(line.slice(end)));
  return percent && (LESS.test(line) || MORE.test(line) || OF_VALUE.test(line)) ? percent : null;
}

/** A weight or a length less or plus a percentage: the only measure of the line, or the mass it asks for. */
export function percentAnswer(slots: Slots, percent: Amount, ofRest: (rest: Question) => TopicAnswer): TopicAnswer {
  if (OF_VALUE.test(slots.question.line)) return shareOfValue(slots, percent);
  const { line, masses, sizes, numbers, alloys, topics } = slots.question;
  percent.used = true;
  const isOne = !topics.has('value') && masses.length + sizes.length === 1 && !sizes[0]?.gauge;
  const rest = isOne ? null : ofRest({ ...slots.question, numbers: numbers.filter((number) => number !== percent) });
  const whole = isOne
    ? (massOfAll(slots) ?? slots.next('whole'))
    : rest?.figures.find(({ unit }) => /^(?:g|mm|[A-Z]{3})$/.test(unit));
  if (!whole) throw new NotEnough('A percentage is taken of a weight or a length.', '85 g plus 10 %');
  if (isOne) for (const alloy of alloys) alloy.used = true;
  const isLess = LESS.test(line) && !/\b(?:plus|add|added|extra|on top)\b/i.test(line);
  const share = given('share', percent.value, '%', 'as asked');
  const part = computed(isLess ? 'loss' : 'extra', (whole.value * percent.value) / 100, whole.unit, `${inSum(whole.value)} × ${inSum(percent.value)} %`, [whole, share]); // prettier-ignore
  const sign = isLess ? '−' : '+';
  const left = computed(isLess ? 'left' : 'altogether', whole.value + (isLess ? -part.value : part.value), whole.unit, `${inSum(whole.value)} ${sign} ${inSum(part.value)}`, [whole, part]); // prettier-ignore
  // A loss is asked for; `120 g less 12 %` asks for what is left.
  const isLossFirst = isLess && isOne && !/\b(?:less|minus|off)\b/i.test(line);
  const figures = isLossFirst ? [part, left] : [left, part];
  return { figures: [...figures, ...(rest?.figures ?? [])], topics: ['melting', 'alloying'] };
}

/** The mass of the line, times the count where it is that of each. */
function massOfAll(slots: Slots): Figure | null {
  const one = slots.mass('whole');
  const { counts, line } = slots.question;
  const count = counts.pieces ?? counts.rings ?? 1;
  if (!one || count === 1 || !/\b(?:each|apiece)\b/i.test(line)) return one;
  return computed('whole', one.value * count, 'g', `${inSum(count)} × ${inSum(one.value)}`, [one]);
}

function shareOfValue(slots: Slots, percent: Amount): TopicAnswer {
  percent.used = true;
  const mass = slots.mass('mass');
  const [value, ...rest] = mass ? valueOf(slots, slots.alloy(), mass) : [];
  if (!value)
    throw new NotEnough('Give the weight and the metal, and enter metal prices in Settings.', '50 g 18k at 95 %');
  const share = given('share', percent.value, '%', 'as asked');
  const how = `${inSum(value.value, value.unit)} × ${inSum(percent.value)} %`;
  const paid = computed(`${inSum(percent.value)} % of the metal value`, (value.value * percent.value) / 100, value.unit, how, [value, share]); // prettier-ignore
  return { figures: [paid, value, ...rest], topics: ['value', 'melting'] };
}
