// Which answer a question gets: by what its words name, or else by the measures it holds.
import { type Figure } from '../figure/figure.ts';
import { isFromBlank } from './answers/backwards.ts';
import { bangleAnswer } from './answers/bangles.ts';
import { hingeAnswer, twistAnswer, wrapAnswer } from './answers/bends.ts';
import { bezelAnswer, perimeterAnswer, ringsAroundAnswer } from './answers/bezels.ts';
import { blanksAnswer, stockForBlanksAnswer } from './answers/blanks.ts';
import { chainAnswer } from './answers/chains.ts';
import { densityInWaterAnswer, identifyAnswer } from './answers/identify.ts';
import { jumpRingAnswer } from './answers/jump-rings.ts';
import { conversionAnswer, gaugeAnswer, isBareMeasure, onlyGauge } from './answers/measures.ts';
import { isMix, isShare, meltAnswer, mixAnswer, shareAnswer } from './answers/melts.ts';
import { densityAnswer, finenessAnswer, finenessOrKarat, meltingAnswer, valueAnswer } from './answers/metals.ts';
import { percentAnswer, percentOf } from './answers/percent.ts';
import { ringAnswer } from './answers/rings.ts';
import { isOtherMetal, sameVolumeAnswer } from './answers/same-volume.ts';
import { sheetCountAnswer } from './answers/sheet-counts.ts';
import { sizeOfMass } from './answers/size-of-mass.ts';
import { solderAnswer } from './answers/solder.ts';
import { solidAnswer } from './answers/solids.ts';
import { discAnswer, massOfEach, stockAnswer, stripByMassAnswer, valueOf } from './answers/stock.ts';
import { volumeAnswer } from './answers/volume.ts';
import { ballAnswer, domeAnswer, granuleAnswer } from './answers/volumes.ts';
import { workAnswer, workedAnswer } from './answers/work.ts';
import { examples } from './examples.ts';
import { meltQuestion } from './melt-question.ts';
import type { Question, TopicAnswer } from './question.ts';
import type { Slots } from './slots.ts';
import { NotEnough } from './slots.ts';
import { dimension, type Dimensions, sameDimensions } from './units.ts';
import { type Topic } from './vocabulary.ts';
import { workQuestion } from './work-question.ts';

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
  solder: solderAnswer,
  work: workAnswer,
  solid: solidAnswer,
  alloying: alloyingMissing,
  value: valueAnswer,
  density: densityAnswer,
  melting: meltingAnswer,
  fineness: finenessOrKarat,
  ring: ringAnswer,
  gauge: gaugeAnswer,
  identify: identifyAnswer,
} as const satisfies Record<Topic, (slots: Slots) => TopicAnswer>;
/** Topics in turn: when a line names two, the first is the question (a dome of a disc, a chain of jump rings). */
export const topicsInTurn = Object.keys(answers) as Topic[];

/** Ways to an answer, tried in turn. */
const ways = [
  ofSolder,
  ofWork,
  ofVolume,
  ofPercent,
  ofMelt,
  ofOtherMetal,
  ofCounts,
  ofWeighed,
  ofTopic,
  ofRing,
  ofMeasures,
] as const;

/**
 * The answer to a question.
 * @throws NotEnough when something is missing; LineError or RangeError when a measure cannot be
 */
export function answerOf(question: Question, slots: Slots): TopicAnswer {
  for (const way of ways) {
    const found = way(question, slots);
    if (found) return found;
  }
  throw new NotEnough('Say what you want to know of it.', examples.stock);
}

function ofSolder({ topics }: Question, slots: Slots): TopicAnswer | null {
  return topics.has('solder') ? solderAnswer(slots) : null;
}

function ofVolume(_question: Question, slots: Slots): TopicAnswer | null {
  return volumeAnswer(slots);
}

/** Stock that is worked into another section. */
function ofWork(question: Question, slots: Slots): TopicAnswer | null {
  const asked = workQuestion(question);
  return asked && workedAnswer(slots, asked);
}

function ofPercent(question: Question, slots: Slots): TopicAnswer | null {
  const percent = percentOf(question);
  return percent && percentAnswer(slots, percent, (rest) => answerOf(rest, slots));
}

/** Weights with a metal each, two weights alone, or one weight of one metal. */
function ofMelt(question: Question, slots: Slots): TopicAnswer | null {
  if (isInWater(question) || question.topics.has('same-volume')) return null;
  if (isMix(question)) return mixAnswer(slots);
  if (isShare(question)) return shareAnswer(slots);
  const asked = meltQuestion(question);
  // The value of a weight is asked for, not the metal in it.
  if (asked?.kind === 'content' && question.topics.has('value')) return null;
  return asked && meltAnswer(slots, asked);
}

/** One weight and two metals of which none becomes the other. */
function ofOtherMetal({ alloys, masses, sizes, line, hasTo, topics }: Question, slots: Slots): TopicAnswer | null {
  const [one, other] = alloys;
  if (!one || !other || masses.length !== 1 || sizes.length > 0 || !isOtherMetal(one, other)) return null;
  if (AS_IT_IS.test(line)) return sameVolumeAnswer(slots);
  if (!hasTo) return null;
  if (topics.has('alloying') || one.alloy.fineness === null) return alloyingMissing(slots);
  slots.assume(`the same piece in ${(other.isGoal ? other : one).alloy.name}`, []);
  return sameVolumeAnswer(slots);
}

/** How many blanks or rings, and the circumference of an outline. */
function ofCounts({ topics }: Question, slots: Slots): TopicAnswer | null {
  const found =
    massOfEach(slots) ??
    blanksAnswer(slots) ??
    stockForBlanksAnswer(slots) ??
    sheetCountAnswer(slots) ??
    perimeterAnswer(slots);
  if (found) return found;
  return topics.has('bezel') && topics.has('jump-ring') ? ringsAroundAnswer(slots) : null;
}

/** What was weighed in water, or weighed and measured: its density, or which metal it is. */
function ofWeighed(question: Question, slots: Slots): TopicAnswer | null {
  const { topics, masses, alloys, line } = question;
  if (masses.length === 2 && isInWater(question))
    return topics.has('density') ? densityInWaterAnswer(slots) : identifyAnswer(slots);
  if (isWeighed(question) && alloys.length === 0 && ASKS_METAL.test(line)) return identifyAnswer(slots);
  return null;
}

/** What the words name; where the value is asked for, that comes first. */
function ofTopic(question: Question, slots: Slots): TopicAnswer | null {
  const { topics, masses, sizes, target } = question;
  const [topic, next] = topicsAsked(question);
  if (topics.has('value') && /\bwax(?:es)?\b/i.test(question.line)) return valueFirst(slots, sameVolumeAnswer(slots));
  // The value of a weight: what it is made into says nothing.
  if (topics.has('value') && masses.length === 1 && sizes.length === 0 && question.scales.length === 0)
    return { ...valueAnswer(slots), topics: [...topics] };
  // The cost of a length or a sheet: its mass, and the value of that first.
  if (topic === 'value' && masses.length === 0 && (sizes.length > 0 || next))
    return valueFirst(slots, next ? answers[next](slots) : stockAnswer(slots));
  const size = sizeOfMass(slots);
  if (size) return size;
  if (topic && topic !== 'value' && topics.has('value') && masses.length === 0)
    return { ...valueFirst(slots, answers[topic](slots)), topics: ['value'] };
  if (topic) return answers[topic](slots);
  return isWeighed(question) && sizes.length > 0 && target === null ? stripByMassAnswer(slots) : null;
}

/** A size on a scale of ring sizes. */
function ofRing({ scales, letter, form, counts, numbers, sizes }: Question, slots: Slots): TopicAnswer | null {
  const isSized = letter !== null || numbers.length > 0;
  const isBand = form === null || form === 'sheet' || counts.rings !== undefined || (isSized && sizes.length > 0);
  return (scales.length > 0 || letter !== null) && (isBand || isFromBlank(slots)) ? ringAnswer(slots) : null;
}

/** Measures alone: a conversion, a gauge, stock, or what is known of a metal. */
function ofMeasures(question: Question, slots: Slots): TopicAnswer | null {
  const { topics, sizes, masses, alloys, target, line, basis } = question;
  // The weight of stock in another unit: `24 ga sheet 6 x 12 in in oz`.
  const isWeightOfStock = target !== null && sameDimensions(target.dimensions, dimension.mass) && masses.length === 0;
  // The length of a weight of stock: `1 lb of 18 ga copper in feet`.
  const isLengthOfStock = target !== null && sameDimensions(target.dimensions, dimension.length) && masses.length === 1 && sizes.length > 0; // prettier-ignore
  const isOfStock = isLengthOfStock || (isWeightOfStock && (sizes.length > 1 || PER_LENGTH.test(line)));
  if (target && !isOfStock) return conversionAnswer(slots);
  const isPerLength = MASS_PER_LENGTH.test(line) || (alloys.length > 0 && PER_LENGTH.test(line));
  if (sizes.length > 0 && isPerLength) return stockAnswer(slots);
  if (isGaugeAlone(question)) return gaugeAnswer(slots);
  if (isWeighed(question) && topics.has('identify')) return identifyAnswer(slots);
  const isMetal = (one: Dimensions) => sameDimensions(one, dimension.massPerLength) || sameDimensions(one, dimension.massPerVolume); // prettier-ignore
  if (
    alloys.length === 0 &&
    !target &&
    question.others.some(({ dimensions }) => isMetal(dimensions)) &&
    masses.length + sizes.length === 0
  )
    return identifyAnswer(slots);
  if (isBareMeasure(question) && sizes.length < 2) return conversionAnswer(slots);
  if (isWeighed(question) && (sizes.length === 0 || isOneLength(question))) return identifyAnswer(slots);
  if (sizes.length > 0) return stockAnswer(slots);
  if (masses.length > 0 && alloys.length > 0) return basis.fix ? valueAnswer(slots) : conversionAnswer(slots);
  const fineness = finenessAnswer(slots);
  if (fineness || alloys.length === 0) return fineness;
  return { figures: [...densityAnswer(slots).figures.slice(0, 1), ...meltingAnswer(slots).figures.slice(0, 2)] };
}

function topicsAsked(question: Question): Topic[] {
  const { topics, sizes } = question;
  const weighed = isWeighed(question);
  // “What is” asks for anything; only with a weighed length does it mean which stock it is.
  const isAsked = (topic: Topic) =>
    !(topic === 'identify' && !weighed) &&
    !(topic === 'gauge' && (topics.size > 1 || (weighed && (sizes.length === 0 || isOneLength(question)))));
  return topicsInTurn.filter((topic) => topics.has(topic) && isAsked(topic));
}

function isGaugeAlone({ sizes, masses, numbers, alloys, form, systems, line }: Question): boolean {
  if (systems.length > 0 && sizes.length === 1) return true;
  const isOfStock = alloys.length + (form === null ? 0 : 1) >= 2 && !/\bthick(?:ness)?\b/i.test(line);
  return onlyGauge(sizes) && masses.length === 0 && numbers.length === 0 && !isOfStock;
}

function isInWater({ line }: Question): boolean {
  return /\bwater\b/i.test(line);
}

function isWeighed(question: Question): boolean {
  const { others, masses, sizes } = question;
  return (
    others.some(({ dimensions }) => sameDimensions(dimensions, dimension.massPerLength)) ||
    (masses.length > 0 && (sizes.length > 0 || isInWater(question)))
  );
}

/** A word of alloying without all that it takes. */
function alloyingMissing({ question }: Slots): never {
  const [one, other] = question.alloys;
  if (one && other && isOtherMetal(one, other))
    throw new NotEnough(`${one.alloy.name} does not become ${other.alloy.name}.`, examples.alloying);
  throw new NotEnough('Give the weight, what it is and what it is to become.', examples.alloying);
}

function valueFirst(slots: Slots, found: TopicAnswer): TopicAnswer {
  const isValue = ({ label }: Figure) => label.startsWith('metal value');
  const mass = found.figures.find(({ unit }) => unit === 'g');
  const values = found.figures.some(isValue) || !mass ? [] : valueOf(slots, slots.alloy(), mass);
  const figures = [...values, ...found.figures];
  if (!figures.some(isValue))
    throw new NotEnough('Give the length, and enter metal prices in Settings.', examples.value);
  return {
    ...found,
    figures: [...figures.filter(isValue), ...figures.filter((figure) => !isValue(figure))],
  };
}

/** The piece stays as it is, in another metal. */
const AS_IT_IS = /\b(?:in|as|if|convert|ring|pendant|piece|model|casting|same)\b/i;
/** The weight of a length, not the gauge. */
const MASS_PER_LENGTH =
  /\b(?:weight|weigh|weighs|mass|grams?|g)\b.*\b(?:per|an?|each)\s+(?:foot|ft|inch|in|met(?:re|er)|m|cm|mm)\b/i;
/** Which metal it is, not what it weighs. */
const ASKS_METAL = /\b(?:what|which) (?:metal|alloy|wire|stock)\b|\bwhat is this\b|\bidentify\b/i;
/** Of metal: its weight. */
const PER_LENGTH = /\b(?:per|each) (?:foot|ft|inch|in|met(?:re|er)|m|cm|mm)\b/i;
/** No wire is this thick: beside a mass such a number is the length of the wire. */
const THICKEST_WIRE_MM = 15;

// A mass and a length without a thickness: the question is which wire it is.
function isOneLength({ sizes, form }: Question): boolean {
  const [size] = sizes;
  return sizes.length === 1 && (form === null || form === 'round') && (size?.mm ?? 0) >= THICKEST_WIRE_MM;
}
