// The ask line: answers a trade sum typed on one line. Every assumption it makes is part of the answer.
import { distance } from 'fastest-levenshtein';
import { computed, type Figure, inSum } from '../figure/figure.ts';
import { answerOf, topicsInTurn } from './answer-of.ts';
import { asAsked } from './as-asked.ts';
import { comparedFigures } from './compared-figures.ts';
import { examples } from './examples.ts';
import { withGauge } from './gauge-or-grams.ts';
import { LineError, type Span } from './grammar.ts';
import { questionOf } from './interpret-terms.ts';
import type { AskBasis, Assumption, Question, TakenPart, TopicAnswer } from './question.ts';
import { normalised } from './rewrites.ts';
import { NotEnough, Slots } from './slots.ts';
import { askUnit } from './units.ts';
import { nearestWord, type Topic, vocabularyOf } from './vocabulary.ts';
import { type Alternative, alternativesOf, followUp } from './wording.ts';

/** An answer that was computed. */
export interface Answer {
  readonly ok: true;
  /** The main answer first. */
  readonly figures: readonly Figure[];
  readonly assumptions: readonly Assumption[];
  readonly note: string;
  /** The answer as a part that a piece can take, where there is one. */
  readonly part: TakenPart | null;
  readonly question: Question;
}

/** Why a line has no answer, and what would have one. */
export interface NotUnderstood {
  readonly ok: false;
  /** What is missing or wrong, in a sentence. */
  readonly sentence: string;
  readonly understood: readonly string[];
  readonly unknown: readonly string[];
  readonly corrections: readonly Correction[];
  /** The nearest questions that have an answer. */
  readonly nearest: readonly string[];
}

/** An unknown word, the word it may have been meant for, and the corrected line. */
export interface Correction {
  readonly word: string;
  readonly meant: string;
  readonly line: string;
}

export type { AskBasis, Assumption } from './question.ts';

/**
 * Answers a line. A range or a comparison is answered for both of its lines.
 * @param basis   the studio's alloys and current metal prices
 * @param before  the line that was answered before, for follow-ups: `and in copper`, `x 30`
 * @returns the answer, or what is missing with the nearest questions that have an answer
 */
export function ask(line: string, basis: AskBasis, before = ''): Answer | NotUnderstood {
  const whole = followUp(line, before, basis.alloys);
  const gauged = withGauge(whole ?? line);
  const answer = asked(gauged?.line ?? whole ?? line, basis);
  const read: Assumption[] = [];
  // What a follow-up or a short form was read as is part of the answer.
  if (whole !== null) read.push({ says: whole, choices: [] });
  if (gauged) read.push({ says: `${gauged.said} as a gauge`, choices: [{ label: 'grams', line: gauged.inGrams }] });
  if (answer.ok) return { ...answer, assumptions: [...read, ...answer.assumptions] };
  const [correction, ...more] = answer.corrections;
  if (!correction || more.length > 0 || answer.unknown.length > 1 || !isOneSlip(correction)) return answer;
  const corrected = asked(correction.line, basis);
  if (!corrected.ok) return answer;
  const says = `“${correction.word}” as ${correction.meant}`;
  return { ...corrected, assumptions: [{ says, choices: [] }, ...read, ...corrected.assumptions] };
}

/** In a longer word one wrong letter leaves no doubt. */
function isOneSlip({ word, meant }: Correction): boolean {
  return word.length >= LONG_WORD && distance(word.toLowerCase(), meant) === 1;
}

const LONG_WORD = 5;

/** Both lines of a range or a comparison, or else the one line. */
function asked(line: string, basis: AskBasis): Answer | NotUnderstood {
  const own = normalised(line);
  const alternatives = alternativesOf(own, basis.alloys) ?? [];
  const [first, second] = alternatives.length > 0 ? bothAnswers(alternatives, basis) : [];
  if (first?.answer.ok && second?.answer.ok) {
    const sides = [first, second].map(({ label, answer }) => ({ label, figures: answer.ok ? answer.figures : [] }));
    const known = new Set(first.answer.assumptions.map(({ says }) => says));
    const more = second.answer.assumptions.filter(({ says }) => !known.has(says)).map(({ says }) => ({ says, choices: [] })); // prettier-ignore
    const figures = comparedFigures(sides, ASKS_DIFFERENCE.test(`${line} ${own}`));
    return { ...first.answer, figures, assumptions: [...first.answer.assumptions, ...more], part: null };
  }
  const answer = askOne(own, basis);
  if (!answer.ok) return answer;
  return {
    ...answer,
    assumptions: answer.assumptions.map((assumption) => withOtherReadings(assumption, answer, basis)),
  };
}

/** Answers to both lines; a gauge and a size in mm are both said in mm. */
function bothAnswers(alternatives: readonly Alternative[], basis: AskBasis) {
  const answersTo = (more: string) => alternatives.map((one) => ({ ...one, answer: askOne(one.line + more, basis) }));
  const both = answersTo('');
  const units = new Set(both.map(({ answer }) => (answer.ok ? answer.figures[0]?.unit : null)));
  if (units.size < 2 || !units.has('mm')) return both;
  const inMm = answersTo(' in mm');
  return inMm.every(({ answer }) => answer.ok) ? inMm : both;
}

const ASKS_DIFFERENCE = /\b(?:difference|longer|heavier|more)\b/i;

/** A likelihood among fewer alloys is no other reading. */
const LIKELIHOOD = '% likely';
/** Readings that differ by more than this are shown beside each other. */
const OTHER_READING = 0.02;

function withOtherReadings({ says, choices }: Assumption, answer: Answer, basis: AskBasis): Assumption {
  const [main] = answer.figures;
  return {
    says,
    choices: choices.map((choice) => {
      const other = askOne(normalised(choice.line), basis);
      const figure = other.ok ? other.figures[0] : undefined;
      const isOther =
        figure !== undefined &&
        main !== undefined &&
        figure.unit === main.unit &&
        figure.unit !== LIKELIHOOD &&
        Math.abs(figure.value - main.value) > OTHER_READING * Math.abs(main.value);
      return isOther ? { ...choice, figure } : choice;
    }),
  };
}

function askOne(line: string, basis: AskBasis): Answer | NotUnderstood {
  let question: Question | null = null;
  try {
    question = questionOf(line, basis);
    if (question.understood.length === 0)
      return notUnderstood(question, line.trim() === '' ? '' : 'None of these words is known here.');
    if (isNumberOnly(question)) return notUnderstood(question, 'None of these words is known here.');
    const slots = new Slots(question);
    const found = answerOf(question, slots);
    const unused = [...question.unknown, ...slots.leftOver()].toSorted((a, b) => a.start - b.start);
    if (unused.length > 0) return withUnused(question, unused, basis);
    const refused = passedOver(line, question, found, basis);
    if (refused) return refused;
    if (found.figures.some(({ value }) => !Number.isFinite(value)))
      throw new LineError('That does not come out as a number. Check the measures.');
    const all = withCount(line, question, found, basis);
    return {
      ok: true,
      figures: asAsked(question, all),
      assumptions: slots.assumptions,
      note: found.note ?? '',
      part: found.part ?? null,
      question,
    };
  } catch (error) {
    if (error instanceof NotEnough) return notUnderstood(question, error.message, error.example);
    if (error instanceof LineError || error instanceof RangeError) return notUnderstood(question, error.message);
    throw error;
  }
}

// An answer that passes over words may be the answer to another question: it is refused, and the line without them is
// the nearest question.
function withUnused(question: Question, unused: readonly Span[], basis: AskBasis): NotUnderstood {
  const { line } = question;
  const words = unused.map(({ start, end }) => `“${line.slice(start, end)}”`);
  const rest = unused
    .toReversed()
    .reduce((kept, { start, end }) => `${kept.slice(0, start)} ${kept.slice(end)}`, line)
    .replace(/\s+/g, ' ')
    .trim();
  const [correction] = correctionsOf(question);
  const sentence = correction
    ? `“${correction.word}” is not known. Did you mean ${correction.meant}?`
    : `${words.join(', ')} would not be used in the answer.`;
  return notUnderstood(question, sentence, askOne(rest, basis).ok ? rest : undefined);
}

/** Outlines that stock has without a word. */
const PLAIN_SHAPES: ReadonlySet<string> = new Set(['round', 'square', 'rectangle']);
/** Sections whose word changes a figure: round wire, strip and sheet are assumed without one. */
const TELLING_FORMS: ReadonlySet<string> = new Set([
  'square', 'half-round', 'd', 'triangle', 'oval', 'tube', 'square-tube',
]); // prettier-ignore
/** Topics whose words say nothing of their own beside another: the disc of a dome, the value of a melt. */
const spokenWith: Readonly<Partial<Record<Topic, readonly Topic[]>>> = {
  ball: ['granule', 'melting'],
  aspect: ['ring', 'jump-ring'],
  dome: ['disc', 'ring'],
  value: ['melting'],
  bangle: ['cuff'],
  bezel: ['disc'],
  work: ['solid'],
  solder: ['melting'],
};

const WEIGHT = /\b(?:weighs?|weights?|how heavy|how many grams)\b/i;

/** A known word that changes no figure was passed over: the section, the outline, or a second topic. */
function passedOver(line: string, question: Question, found: TopicAnswer, basis: AskBasis): NotUnderstood | null {
  const { form, shape, topics } = question;
  const main = topicsInTurn.find((topic) => topics.has(topic));
  const isUnused = (change: Partial<Question>) => isSameWithout({ ...questionOf(line, basis), ...change }, found);
  const words: string[] = [];
  const isWork = main === 'work' || found.topics?.includes('work');
  // Bent square wire is as long as round wire of its thickness.
  const isTubeOfHinge = main === 'hinge' && form === 'tube';
  const isLengthOnly = form === 'square' && !found.figures.some(({ unit }) => unit === 'g');
  if (
    form !== null &&
    TELLING_FORMS.has(form) &&
    !isWork &&
    !isLengthOnly &&
    !isTubeOfHinge &&
    isUnused({ form: null })
  )
    words.push(`the ${form} section`);
  // A bezel without an outline is that of an oval or round stone.
  if (shape !== null && !PLAIN_SHAPES.has(shape) && main !== 'bezel' && main !== 'chain' && isUnused({ shape: null }))
    words.push(`the ${shape} outline`);
  for (const topic of topics) {
    if (
      topic === main ||
      found.topics?.includes(topic) ||
      topic === 'identify' ||
      main === 'same-volume' ||
      (main && spokenWith[main]?.includes(topic))
    )
      continue;
    const others = new Set([...topics].filter((other) => other !== topic));
    if (isUnused({ topics: others })) words.push(`the question about ${topic.replace('-', ' ')}`);
  }
  // A weight that is asked for is part of the answer, or the answer is none.
  const isWeightAsked = WEIGHT.test(line) && question.masses.length === 0 && question.others.length === 0;
  if (isWeightAsked && !found.figures.some(({ unit }) => askUnit(unit)?.dimensions.mass === 1))
    words.push('the weight');
  return words.length > 0
    ? notUnderstood(question, `This would not be used in the answer: ${words.join(', ')}.`)
    : null;
}

/** A count that changed no figure: the mass, or else the main length, times the count beside it. */
function withCount(line: string, { counts }: Question, found: TopicAnswer, basis: AskBasis): readonly Figure[] {
  const count = counts.pieces ?? counts.rings ?? 1;
  if (!(count > 1)) return found.figures;
  const isTotal = ASKS_TOTAL.test(line);
  const ofAll = (figure: Figure) => computed(`${figure.label}, ${String(count)} pieces`, figure.value * count, figure.unit, `${inSum(figure.value)} × ${String(count)}`, [figure]); // prettier-ignore
  if (!isSameWithout({ ...questionOf(line, basis), counts: {} }, found)) {
    const [main] = found.figures;
    return isTotal && main?.label === 'length to cut' ? [ofAll(main), ...found.figures] : found.figures;
  }
  return found.figures.flatMap((figure, at) => {
    const isAmount = figure.unit === 'g' ? !/metre|foot|inch/.test(figure.label) : at === 0 && figure.unit === 'mm';
    if (!isAmount) return [figure];
    return isTotal ? [ofAll(figure), figure] : [figure, ofAll(figure)];
  });
}

/** All pieces together are asked for. */
const ASKS_TOTAL = /\b(?:total|altogether|in all|for all|wire needed|how much (?:wire|metal|strip)|wire for)\b/i;

function isSameWithout(question: Question, found: TopicAnswer): boolean {
  try {
    const slots = new Slots(question);
    const { figures } = answerOf(question, slots);
    return (
      figures.length === found.figures.length && figures.every(({ value }, at) => value === found.figures[at]?.value)
    );
  } catch {
    return false;
  }
}

/** A number beside unknown words is no question. */
function isNumberOnly({ unknown, understood, numbers }: Question): boolean {
  return unknown.length > 0 && understood.length > 0 && understood.length === numbers.length;
}

function notUnderstood(question: Question | null, sentence: string, example?: string): NotUnderstood {
  const topics = question ? topicsInTurn.filter((topic) => question.topics.has(topic)) : [];
  const fitting = topics.map((topic) => examples[topic]);
  const nearest = [
    ...new Set([...(example ? [example] : []), ...fitting, examples.stock, examples.ring, examples.convert]),
  ];
  return {
    ok: false,
    sentence: sentence || 'Type a calculation, for example 18 ga sterling 120 mm.',
    understood: question?.understood ?? [],
    unknown: question?.unknown.map(({ word }) => word) ?? [],
    corrections: question ? correctionsOf(question) : [],
    nearest: nearest.slice(0, 3),
  };
}

function correctionsOf({ unknown, line, basis }: Question): Correction[] {
  return unknown.flatMap(({ word, start, end }) => {
    const meant = nearestWord(word, vocabularyOf(basis.alloys));
    return meant ? [{ word, meant, line: line.slice(0, start) + meant + line.slice(end) }] : [];
  });
}
