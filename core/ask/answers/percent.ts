// A percentage of a weight or a length: a loss taken off, or an extra put on.
import { computed, given, inSum } from '../../figure/figure.ts';
import type { Amount, Question, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';

const LESS = /\b(?:loss|lost|lose|loses|waste|wasted|scrap|shrinkage|less|minus|off)\b/i;
const MORE = /\b(?:plus|add|added|extra|more|on top|allowance|markup|mark-up)\b/i;

/** The number before a percent sign, beside a word for less or more; null where the line has none. */
export function percentOf({ line, numbers }: Question): Amount | null {
  const percent = numbers.find(({ end }) => /^\s*(?:%|percent)/i.test(line.slice(end)));
  return percent && (LESS.test(line) || MORE.test(line)) ? percent : null;
}

/** A weight or a length less or plus a percentage: the only measure of the line, or the mass it asks for. */
export function percentAnswer(slots: Slots, percent: Amount, ofRest: (rest: Question) => TopicAnswer): TopicAnswer {
  const { line, masses, sizes, numbers, alloys, topics } = slots.question;
  percent.used = true;
  const isOne = !topics.has('value') && masses.length + sizes.length === 1 && !sizes[0]?.gauge;
  const rest = isOne ? null : ofRest({ ...slots.question, numbers: numbers.filter((number) => number !== percent) });
  const whole = isOne
    ? (slots.mass('whole') ?? slots.next('whole'))
    : rest?.figures.find(({ unit }) => /^(?:g|mm|[A-Z]{3})$/.test(unit));
  if (!whole) throw new NotEnough('A percentage is taken of a weight or a length.', '85 g plus 10 %');
  if (isOne) for (const alloy of alloys) alloy.used = true;
  const isLess = LESS.test(line);
  const share = given('share', percent.value, '%', 'as asked');
  const part = computed(isLess ? 'loss' : 'extra', (whole.value * percent.value) / 100, whole.unit, `${inSum(whole.value)} × ${inSum(percent.value)} %`, [whole, share]); // prettier-ignore
  const sign = isLess ? '−' : '+';
  const left = computed(isLess ? 'left' : 'altogether', whole.value + (isLess ? -part.value : part.value), whole.unit, `${inSum(whole.value)} ${sign} ${inSum(part.value)}`, [whole, part]); // prettier-ignore
  const figures = isLess && isOne ? [part, left] : [left, part];
  return { figures: [...figures, ...(rest?.figures ?? [])], topics: ['melting', 'alloying'] };
}
