// Answers about bangles and cuffs: closed, open, forged, or read back from a blank.
import { cuffLengthMm } from '../../blank/lengths/cuff-length.ts';
import { computed, type Figure, given, inSum, renamed } from '../../figure/figure.ts';
import { ellipsePerimeterMm } from '../../geometry/outline.ts';
import { massPerLength, sectionArea } from '../../stock/section.ts';
import { typedSize } from '../part.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots, type Stock } from '../slots.ts';
import { insideOfBlank, isFromBlank } from './backwards.ts';
import { insideOfOutside, massOf, roundPart } from './round-wire.ts';

/** A closed bangle, or an open cuff. */
export function bangleAnswer(slots: Slots): TopicAnswer {
  if (isFromBlank(slots)) return bangleOfBlank(slots);
  if (slots.question.topics.has('work')) return forgedBangle(slots);
  if (isOnlyCircumference(slots)) return circumferenceAnswer(slots);
  const opening = slots.take('opening', 'opening');
  const around = ovalAround(slots) ?? slots.take('around', 'inside circumference') ?? wrist(slots);
  const profile = profileOf(slots);
  const thick =
    profile?.sizes.at(-1) ??
    slots.take('thick', 'thickness') ??
    slots.take('wire', 'thickness') ??
    slots.thin('thickness', 'round');
  const closed = around ?? insideAround(slots, thick);
  if (!thick && around && opening && slots.free().length === 0) return thinCuff(slots, around, opening);
  if (!thick || !closed)
    throw new NotEnough('Give the inside and the thickness of the metal.', 'bangle 65 mm inside 3 mm');
  const isCuff = slots.question.topics.has('cuff') || opening !== null;
  const gap = opening ?? (isCuff ? usualOpening(slots) : given('opening', 0, 'mm', 'closed'));
  const how = `${inSum(closed.value)} + π × ${inSum(thick.value)}${gap.value ? ` − ${inSum(gap.value)}` : ''}`;
  const length = computed('length to cut', cuffLengthMm(closed.value, thick.value, gap.value), 'mm', how, [
    closed,
    thick,
    ...(gap.value ? [gap] : []),
  ]);
  if (profile) return { figures: [length, closed, ...massOfSection(slots, length, profile)] };
  const blank = { rule: 'straight', length: typedSize(length) } as const;
  const part = roundPart(slots, isCuff ? 'Cuff' : 'Bangle', thick, blank, 1);
  return { figures: [length, closed, ...massOf(slots, length, thick)], part };
}

function bangleOfBlank(slots: Slots): TopicAnswer {
  if (slots.question.topics.has('cuff')) return cuffOfBlank(slots);
  const { inside: across, mass } = insideOfBlank(slots, 'bangle from a 214 mm blank, 3 mm thick');
  return { figures: [roundInside(across), across, ...mass] };
}

/** The circumference of a bangle of so many mm across. */
function isOnlyCircumference({ question: { sizes, line } }: Slots): boolean {
  const [only] = sizes;
  const isAround = only?.role === 'around' || /\bcircumference\b/i.test(line);
  return only !== undefined && sizes.length === 1 && isAround && (only.mm ?? 0) <= WIDEST_WRIST_MM;
}

function circumferenceAnswer(slots: Slots): TopicAnswer {
  const [only] = slots.question.sizes;
  return { figures: only ? [roundInside(slots.figure(only, 'inside diameter'))] : [] };
}

/** An oval inside of two measures. */
function ovalAround(slots: Slots): Figure | null {
  const { form, shape } = slots.question;
  const oval = shape === 'oval' && form !== 'oval' ? slots.pair(['across', 'deep']) : null;
  return oval && roundOval(...oval);
}

/** The section of the metal, unless it is round or square. `6 x 2 mm` beside the inside is flat stock. */
function profileOf(slots: Slots): Stock | null {
  const { form, shape, sizes } = slots.question;
  const isOval = shape === 'oval' && form !== 'oval';
  const isWide = sizes.some(({ role }) => role === 'wide');
  const isFlat =
    form === null && !isOval && sizes.length > 2 && (isWide || sizes.filter(({ crossed }) => crossed).length === 2);
  return isFlat || (form !== null && PROFILES.has(form)) ? slots.section(isFlat ? 'strip' : null) : null;
}

/** The inside circumference, from the inside or the outside across it. */
function insideAround(slots: Slots, thick: Figure | null): Figure | null {
  const typed = slots.take('inside', 'inside diameter');
  // No wrist is so wide: such a measure goes round the inside.
  const isDiameter = /\binside diameter\b/i.test(slots.question.line);
  if (typed && typed.value > WIDEST_WRIST_MM && !isDiameter) {
    const line = slots.question.line.replace(/\b(?:inside|id|inner)\b/i, 'inside diameter');
    const says = `${inSum(typed.value)} mm is the inside circumference`;
    slots.assumptions.push({ says, choices: [{ label: 'the diameter', line }] });
    return renamed(typed, 'inside circumference');
  }
  const inside =
    typed ??
    insideOfOutside(slots, thick) ??
    slots.take('outside', 'inside diameter') ??
    slots.pair(['across', 'deep'])?.[0] ??
    slots.next('inside diameter');
  return inside && roundInside(inside);
}

function roundInside(inside: Figure): Figure {
  return computed('inside circumference', Math.PI * inside.value, 'mm', `π × ${inSum(inside.value)}`, [inside]);
}

function usualOpening(slots: Slots): Figure {
  slots.assume('opening of 25 mm', [['30 mm', '30 mm opening']]);
  return given('opening', 25, 'mm', 'common practice');
}

/** A cuff of metal so thin that its thickness does not count. */
function thinCuff(slots: Slots, around: Figure, opening: Figure): TopicAnswer {
  slots.assume('thin metal: add 3.1 × its thickness', []);
  const how = `${inSum(around.value)} − ${inSum(opening.value)}`;
  return { figures: [computed('length to cut', around.value - opening.value, 'mm', how, [around, opening]), around] };
}

/** The wrist that a strip for a cuff goes round. */
function cuffOfBlank(slots: Slots): TopicAnswer {
  const example = 'cuff from a 150 mm blank, 4 x 2 mm, gap 25 mm';
  const gap = slots.take('opening', 'opening') ?? usualOpening(slots);
  const [length] = slots.free().toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0));
  if (!length) throw new NotEnough('Give the length of the blank.', example);
  const blank = slots.figure(length, 'length of the blank');
  const isProfiled = slots.free().length > 1 || slots.question.form !== null;
  const stock = slots.free().length > 0 ? slots.section(isProfiled ? 'strip' : 'round') : null;
  const thick = stock?.sizes.at(-1);
  if (!stock || !thick) throw new NotEnough('Give the thickness of the metal.', example);
  const how = `${inSum(blank.value)} + ${inSum(gap.value)} − π × ${inSum(thick.value)}`;
  const inside = computed('inside circumference', blank.value + gap.value - Math.PI * thick.value, 'mm', how, [
    blank,
    gap,
    thick,
  ]);
  return { figures: [...massOfSection(slots, blank, stock), inside], topics: ['bangle'] };
}

function roundOval(across: Figure, deep: Figure): Figure {
  const how = `ellipse of ${inSum(across.value)} × ${inSum(deep.value)} (Ramanujan 1914)`;
  return computed('inside circumference', ellipsePerimeterMm(across.value, deep.value), 'mm', how, [across, deep]);
}

/** Sections of a bangle that are neither round nor square. */
const PROFILES = new Set(['half-round', 'd', 'triangle', 'oval', 'strip']);
/** The widest inside diameter of a bangle or cuff, mm. */
const WIDEST_WRIST_MM = 100;

function massOfSection(slots: Slots, length: Figure, { section }: Stock): Figure[] {
  if (section.form === 'sheet') return [];
  const density = slots.density(slots.alloy());
  const mass = massPerLength(section, density.value) * length.value;
  const how = `${sectionArea(section).how} × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`;
  return [computed('mass', mass, 'g', how, [length, density])];
}

// A bangle forged to its section: the bar it is cut from, by volume.
function forgedBangle(slots: Slots): TopicAnswer {
  const example = 'forged bangle 62 mm inside 5 x 2.5 mm from 4 mm round';
  const { line } = slots.question;
  const [width, thick] = slots.pair(['width', 'thickness']) ?? [];
  const from = line.search(/\bfrom\b/i);
  const stock = slots.free().find(({ start }) => from >= 0 && start > from);
  const inside = slots.take('inside', 'inside diameter') ?? slots.next('inside diameter');
  if (!width || !thick || !stock || !inside)
    throw new NotEnough('Give the inside, the forged width and thickness, and the bar it is forged from.', example);
  const bar = slots.figure(stock, 'bar');
  const isSquare = /\bsquare\b/i.test(line.slice(from));
  const barMm2 = (isSquare ? 1 : Math.PI / 4) * bar.value ** 2;
  const finished = computed(
    'finished length',
    Math.PI * (inside.value + thick.value),
    'mm',
    `π × (${inSum(inside.value)} + ${inSum(thick.value)})`,
    [inside, thick],
  );
  const how = `${inSum(finished.value)} × ${inSum(width.value)} × ${inSum(thick.value)} ÷ (${isSquare ? '' : 'π/4 × '}${inSum(bar.value)}²)`;
  const length = (finished.value * width.value * thick.value) / barMm2;
  return { figures: [computed('bar to cut', length, 'mm', how, [finished, width, thick, bar]), finished] };
}

// No arm is this thick, so a longer measure is the length round it.
function wrist(slots: Slots): Figure | null {
  const size = slots.free().find(({ mm }) => mm !== null && mm >= WIDEST_INSIDE_MM);
  if (!size) return null;
  slots.assume('measured round the inside', [['across the inside', 'inside']]);
  return slots.figure(size, 'inside circumference');
}

const WIDEST_INSIDE_MM = 110;
