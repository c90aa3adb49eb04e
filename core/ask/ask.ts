// The ask line: answers a trade sum typed on one line. Every assumption it makes is part of the answer.
import { computed, type Figure, inSum, renamed } from '../figure/figure.ts';
import { bangleAnswer, chainAnswer, hingeAnswer, twistAnswer, wrapAnswer } from './answers/bends.ts';
import { bezelAnswer, ringsAroundAnswer } from './answers/bezels.ts';
import { blanksAnswer } from './answers/blanks.ts';
import { isFineness } from './answers/fineness-number.ts';
import { densityInWaterAnswer, identifyAnswer } from './answers/identify.ts';
import { jumpRingAnswer } from './answers/jump-rings.ts';
import { conversionAnswer, gaugeAnswer, isBareMeasure, onlyGauge } from './answers/measures.ts';
import { isMix, isShare, mixAnswer, shareAnswer } from './answers/melts.ts';
import {
  alloyingAnswer,
  contentAnswer,
  contentByNumber,
  densityAnswer,
  finenessAnswer,
  finenessOrKarat,
  meltingAnswer,
  perThousandAsked,
  valueAnswer,
} from './answers/metals.ts';
import { ringAnswer } from './answers/rings.ts';
import { isOtherMetal, sameVolumeAnswer } from './answers/same-volume.ts';
import { solidAnswer } from './answers/solids.ts';
import { discAnswer, stockAnswer, stripByMassAnswer } from './answers/stock.ts';
import { ballAnswer, domeAnswer, granuleAnswer, workAnswer } from './answers/volumes.ts';
import { asAsked } from './as-asked.ts';
import { LineError, type Span } from './grammar.ts';
import { questionOf } from './interpret-terms.ts';
import type { AskBasis, Assumption, Question, TakenPart, TopicAnswer } from './question.ts';
import { normalised } from './rewrites.ts';
import { NotEnough, Slots } from './slots.ts';
import { dimension, sameDimensions } from './units.ts';
import { nearestWord, type Topic, vocabularyOf } from './vocabulary.ts';
import { alternativesOf, followUp } from './wording.ts';

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

const answers = {
  'jump-ring': jumpRingAnswer,
  aspect: jumpRingAnswer,
  bezel: bezelAnswer,
  bangle: bangleAnswer,
  cuff: bangleAnswer,
  chain: chainAnswer,
  hinge: hingeAnswer,
  twist: twistAnswer,
  wrap: wrapAnswer,
  washer: discAnswer,
  dome: domeAnswer,
  disc: discAnswer,
  ball: ballAnswer,
  granule: granuleAnswer,
  'same-volume': sameVolumeAnswer,
  solid: solidAnswer,
  work: workAnswer,
  alloying: alloyingAnswer,
  value: valueAnswer,
  density: densityAnswer,
  melting: meltingAnswer,
  fineness: finenessOrKarat,
  ring: ringAnswer,
  gauge: gaugeAnswer,
  identify: identifyAnswer,
} as const satisfies Record<Topic, (slots: Slots) => TopicAnswer>;
// When a line names two topics, the first of this list is the question (a dome of a disc, a chain of jump rings).
const order = Object.keys(answers) as Topic[];

const examples = {
  stock: '18 ga sterling round 120 mm x 24', ring: 'ring 7 us, 1.5 mm', 'jump-ring': 'jump rings 5 mm inside 1 mm wire x 100', bezel: 'bezel oval 12 x 10 mm 0.3 mm strip',
  bangle: 'bangle 65 mm inside 3 mm', cuff: 'cuff 160 mm around 2 mm thick 25 mm opening', disc: 'disc 20 mm 20 ga copper', washer: 'washer 20 mm outside 8 mm inside 1 mm thick copper',
  dome: 'dome 20 mm across 6 mm high', ball: 'ball 2 mm on 0.8 mm wire', granule: 'granule 1 mm from 0.5 mm wire', hinge: 'hinge 15 mm wide 5 knuckles 1.2 mm pin',
  twist: 'twist 2 strands 0.8 mm 3 turns per cm 200 mm long', chain: 'chain 45 cm links 5 mm inside 1 mm wire', value: 'value of 20 g sterling', identify: 'what is 0.62 g per 100 mm',
  work: 'forge 4 mm round to 6 x 1.5 mm 50 mm long', density: 'density 14k yellow', melting: 'melting point sterling', gauge: 'what gauge is 1.3 mm', aspect: 'aspect ratio 4 mm inside 18 ga',
  alloying: '100 g fine silver to sterling', fineness: '14k in fineness', wrap: 'wrap 12 turns 0.4 mm wire 1.2 mm outside', solid: 'block 50 x 20 x 5 mm sterling', 'same-volume': '6 g sterling piece, weight in 18k yellow gold', convert: '54 g in ozt',
} as const satisfies Record<Topic | 'stock' | 'convert', string>; // prettier-ignore

/** One example question of each kind, shown while the ask line is empty. */
export const askExamples: readonly string[] = Object.values(examples);

/**
 * Answers a line. A range or a comparison is answered for both of its lines.
 * @param basis   the studio's alloys and current metal prices
 * @param before  the line that was answered before, for follow-ups: `and in copper`, `x 30`
 * @returns the answer, or what is missing with the nearest questions that have an answer
 */
export function ask(line: string, basis: AskBasis, before = ''): Answer | NotUnderstood {
  const whole = followUp(line, before, basis.alloys);
  const own = normalised(whole ?? line);
  const alternatives = alternativesOf(own, basis.alloys);
  const both = alternatives?.map((one) => ({ ...one, answer: askOne(one.line, basis) }));
  const [first, second] = both ?? [];
  if (first?.answer.ok && second?.answer.ok) {
    const figures = [first, second].map(({ label, answer }) =>
      answer.ok ? answer.figures.slice(0, COMPARED).map((figure) => renamed(figure, `${label}: ${figure.label}`)) : [],
    );
    return {
      ...first.answer,
      figures: (figures[0] ?? []).flatMap((figure, at) => [figure, ...(figures[1] ?? []).slice(at, at + 1)]),
      part: null,
    };
  }
  const answer = askOne(own, basis);
  if (!answer.ok) return answer;
  const assumptions = answer.assumptions.map((assumption) => withOtherReadings(assumption, answer, basis));
  // What a follow-up was read as is part of the answer.
  return { ...answer, assumptions: whole === null ? assumptions : [{ says: whole, choices: [] }, ...assumptions] };
}

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

/** Figures of each line that are compared. */
const COMPARED = 2;

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

/** Sections whose word changes a figure: round wire, strip and sheet are assumed without one. */
const TELLING_FORMS: ReadonlySet<string> = new Set([
  'square', 'half-round', 'd', 'triangle', 'oval', 'tube', 'square-tube',
]); // prettier-ignore
/** Topics whose words say nothing of their own beside another: the disc of a dome, the value of a melt. */
const spokenWith: Readonly<Partial<Record<Topic, readonly Topic[]>>> = {
  dome: ['disc', 'ring'],
  value: ['melting'],
  bangle: ['cuff'],
};

/** A known word that changes no figure was passed over: the section, the outline, or a second topic. */
function passedOver(line: string, question: Question, found: TopicAnswer, basis: AskBasis): NotUnderstood | null {
  const { form, shape, topics } = question;
  const main = order.find((topic) => topics.has(topic));
  const isUnused = (change: Partial<Question>) => isSameWithout({ ...questionOf(line, basis), ...change }, found);
  const words: string[] = [];
  if (form !== null && TELLING_FORMS.has(form) && main !== 'work' && isUnused({ form: null }))
    words.push(`the ${form} section`);
  // A bezel without an outline is that of an oval or round stone.
  if (shape !== null && shape !== 'round' && shape !== 'square' && main !== 'bezel' && isUnused({ shape: null }))
    words.push(`the ${shape} outline`);
  for (const topic of topics) {
    if (topic === main || topic === 'identify' || main === 'same-volume' || (main && spokenWith[main]?.includes(topic)))
      continue;
    const others = new Set([...topics].filter((other) => other !== topic));
    if (isUnused({ topics: others })) words.push(`the question about ${topic.replace('-', ' ')}`);
  }
  return words.length > 0
    ? notUnderstood(question, `This would not be used in the answer: ${words.join(', ')}.`)
    : null;
}

/** A count that changed no figure: the mass, or else the main length, times the count beside it. */
function withCount(line: string, { counts }: Question, found: TopicAnswer, basis: AskBasis): readonly Figure[] {
  const count = counts.pieces ?? counts.rings ?? 1;
  if (!(count > 1) || !isSameWithout({ ...questionOf(line, basis), counts: {} }, found)) return found.figures;
  return found.figures.flatMap((figure, at) => {
    const isAmount = figure.unit === 'g' ? !/metre|foot|inch/.test(figure.label) : at === 0 && figure.unit === 'mm';
    if (!isAmount) return [figure];
    return [figure, computed(`${figure.label}, ${String(count)} pieces`, figure.value * count, figure.unit, `${inSum(figure.value)} × ${String(count)}`, [figure])]; // prettier-ignore
  });
}

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

function answerOf(question: Question, slots: Slots): TopicAnswer {
  const { topics, sizes, masses, alloys, target, scales, letter, form } = question;
  const [from, to] = [alloys.find(({ isGoal }) => !isGoal), alloys.find(({ isGoal }) => isGoal)];
  // Fine silver in 40 g sterling: what is in it, not what it becomes.
  if (from && to && masses.some(({ start }) => start > from.end && start < to.start)) return contentAnswer(slots);
  const isInWater = /\bwater\b/i.test(question.line);
  const ofMelt = isInWater ? null : meltAnswer(slots);
  if (ofMelt) return ofMelt;
  const [one, other] = alloys;
  if (
    one &&
    other &&
    masses.length === 1 &&
    sizes.length === 0 &&
    /\b(?:in|as|if)\b/i.test(question.line) &&
    isOtherMetal(one, other)
  )
    return sameVolumeAnswer(slots);
  const blanks = blanksAnswer(slots);
  if (blanks) return blanks;
  // 40 g 18k in fine gold: how much is in it.
  if (
    from &&
    to &&
    masses.length > 0 &&
    (to.alloy.fineness ?? 0) >= FINE &&
    /\bin (?:fine|pure|24)/i.test(question.line) &&
    (from.alloy.fineness ?? 0) < FINE
  )
    return contentAnswer(slots, to, from);
  const finenesses = question.numbers.filter(({ value }) => isFineness(value)).length;
  if (masses.length > 0 && question.hasTo && [from, to].filter(Boolean).length + finenesses >= 2)
    return alloyingAnswer(slots);
  if (topics.has('bezel') && topics.has('jump-ring')) {
    const found = ringsAroundAnswer(slots);
    if (found) return found;
  }
  // “What is” asks for anything; only with a weighed length does it mean which stock it is.
  const isWeighed =
    question.others.some(({ dimensions }) => sameDimensions(dimensions, dimension.massPerLength)) ||
    (masses.length > 0 && (sizes.length > 0 || isInWater));
  const named = order.filter(
    (topic) =>
      topics.has(topic) &&
      !(topic === 'identify' && !isWeighed) &&
      !(topic === 'gauge' && (topics.size > 1 || (isWeighed && (sizes.length === 0 || isOneLength(question))))),
  );
  const [topic] = named;
  if (masses.length === 2 && isInWater)
    return topics.has('density') ? densityInWaterAnswer(slots) : identifyAnswer(slots);
  // The cost of a length or a sheet: its mass, and the value of that first.
  if (topic === 'value' && masses.length === 0 && sizes.length > 0) return valueFirst(stockAnswer(slots));
  if (topic) return answers[topic](slots);
  if (isWeighed && sizes.length > 0 && target === null) {
    const found = stripByMassAnswer(slots);
    if (found) return found;
  }
  if ((scales.length > 0 || letter !== null) && (form === null || question.counts.rings !== undefined))
    return ringAnswer(slots);
  // The weight of stock in another unit: `24 ga sheet 6 x 12 in in oz`.
  const isWeightOfStock = target !== null && sameDimensions(target.dimensions, dimension.mass) && masses.length === 0;
  if (target && !(isWeightOfStock && sizes.length > 1)) return conversionAnswer(slots);
  if (sizes.length > 0 && MASS_PER_LENGTH.test(question.line)) return stockAnswer(slots);
  if (
    onlyGauge(sizes) &&
    masses.length === 0 &&
    question.numbers.length === 0 &&
    sizes.length === 1 &&
    alloys.length + (form === null ? 0 : 1) < 2
  )
    return gaugeAnswer(slots);
  if (question.systems.length > 0 && sizes.length === 1) return gaugeAnswer(slots);
  if (isWeighed && topics.has('identify')) return identifyAnswer(slots);
  if (isBareMeasure(question) && sizes.length < 2) return conversionAnswer(slots);
  if (isWeighed && (sizes.length === 0 || isOneLength(question))) return identifyAnswer(slots);
  if (sizes.length > 0) return stockAnswer(slots);
  if (masses.length > 0 && alloys.length > 0)
    return slots.question.basis.fix ? valueAnswer(slots) : conversionAnswer(slots);
  const fineness = finenessAnswer(slots);
  if (fineness) return fineness;
  if (alloys.length > 0)
    return { figures: [...densityAnswer(slots).figures.slice(0, 1), ...meltingAnswer(slots).figures.slice(0, 2)] };
  throw new NotEnough('Say what you want to know of it.', examples.stock);
}

/** Weights with a fineness each, or two weights alone; null for any other question. */
function meltAnswer(slots: Slots): TopicAnswer | null {
  const { question } = slots;
  const fineness = perThousandAsked(question);
  if (fineness) return contentByNumber(slots, fineness);
  if (isMix(question)) return mixAnswer(slots);
  return isShare(question) ? shareAnswer(slots) : null;
}

function valueFirst(found: TopicAnswer): TopicAnswer {
  const isValue = ({ label }: Figure) => label.startsWith('metal value');
  if (!found.figures.some(isValue))
    throw new NotEnough('Give the length, and enter metal prices in Settings.', examples.value);
  return {
    ...found,
    figures: [...found.figures.filter(isValue), ...found.figures.filter((figure) => !isValue(figure))],
  };
}

/** The weight of a length, not the gauge. */
const MASS_PER_LENGTH =
  /\b(?:weight|weigh|weighs|mass|grams?|g)\b.*\b(?:per|an?|each)\s+(?:foot|ft|inch|in|met(?:re|er)|m|cm|mm)\b/i;
/** Fine metal, parts per thousand. */
const FINE = 999;
/** No wire is this thick: beside a mass such a number is the length of the wire. */
const THICKEST_WIRE_MM = 15;

// A mass and a length without a thickness: the question is which wire it is.
function isOneLength({ sizes, form }: Question): boolean {
  const [size] = sizes;
  return sizes.length === 1 && (form === null || form === 'round') && (size?.mm ?? 0) >= THICKEST_WIRE_MM;
}

function notUnderstood(question: Question | null, sentence: string, example?: string): NotUnderstood {
  const topics = question ? order.filter((topic) => question.topics.has(topic)) : [];
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
