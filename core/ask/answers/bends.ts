// Answers about bent and wound metal: bangles, cuffs, chains, hinges, twists and wraps.
import { ringOfCoilMm } from '../../blank/jump-ring.ts';
import { chainLengthMm } from '../../blank/lengths/chain-length.ts';
import { chainLinks } from '../../blank/lengths/chain-length.ts';
import { cuffLengthMm } from '../../blank/lengths/cuff-length.ts';
import { hingePinMm } from '../../blank/lengths/hinge-pin-length.ts';
import { knuckleLengthsMm } from '../../blank/lengths/knuckle-lengths.ts';
import { KNUCKLE_SPARE_MM } from '../../blank/lengths/knuckle-lengths.ts';
import { pitchDiameterMm } from '../../blank/lengths/twist-take-up.ts';
import { twistTakeUp } from '../../blank/lengths/twist-take-up.ts';
import { linksOfPitch } from '../../blank/lengths/woven-links.ts';
import { wrapLengthMm } from '../../blank/lengths/wrap-length.ts';
import { computed, type Figure, given, inSum, renamed } from '../../figure/figure.ts';
import { ellipsePerimeterMm } from '../../geometry/outline.ts';
import { massPerLength, sectionArea } from '../../stock/section.ts';
import { typedSize } from '../part.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots, type Stock } from '../slots.ts';
import { dimension } from '../units.ts';
import { chainOfSample, insideOfBlank, isFromBlank, isFromSample } from './backwards.ts';
import { insideOfOutside, massOf, roundPart } from './round-wire.ts';

/** A closed bangle, or an open cuff. */
export function bangleAnswer(slots: Slots): TopicAnswer {
  const example = 'bangle 65 mm inside 3 mm';
  if (isFromBlank(slots)) {
    if (slots.question.topics.has('cuff')) return cuffOfBlank(slots);
    const { inside: across, mass } = insideOfBlank(slots, 'bangle from a 214 mm blank, 3 mm thick');
    const how = `π × ${inSum(across.value)}`;
    return {
      figures: [computed('inside circumference', Math.PI * across.value, 'mm', how, [across]), across, ...mass],
    };
  }
  if (slots.question.topics.has('work')) return forgedBangle(slots);
  // The circumference of a bangle of so many mm across.
  const [only] = slots.question.sizes;
  const isAround = only?.role === 'around' || /\bcircumference\b/i.test(slots.question.line);
  if (only && slots.question.sizes.length === 1 && isAround && (only.mm ?? 0) <= WIDEST_WRIST_MM)
    return { figures: [roundInside(slots.figure(only, 'inside diameter'))] };
  const opening = slots.take('opening', 'opening');
  const { form, shape } = slots.question;
  const oval = shape === 'oval' && form !== 'oval' ? slots.pair(['across', 'deep']) : null;
  const around = (oval && roundOval(...oval)) ?? slots.take('around', 'inside circumference') ?? wrist(slots);
  // 6 x 2 mm beside the inside: flat stock.
  const { sizes } = slots.question;
  const isWide = sizes.some(({ role }) => role === 'wide');
  const isFlat =
    form === null && !oval && sizes.length > 2 && (isWide || sizes.filter(({ crossed }) => crossed).length === 2);
  const profile = isFlat || (form !== null && PROFILES.has(form)) ? slots.section(isFlat ? 'strip' : null) : null;
  const thick =
    profile?.sizes.at(-1) ??
    slots.take('thick', 'thickness') ??
    slots.take('wire', 'thickness') ??
    slots.thin('thickness', 'round');
  const typedInside = slots.take('inside', 'inside diameter');
  // No wrist is so wide: such a measure goes round the inside.
  const isDiameter = /\binside diameter\b/i.test(slots.question.line);
  const isRound = typedInside !== null && around === null && typedInside.value > WIDEST_WRIST_MM && !isDiameter;
  if (isRound) {
    const line = slots.question.line.replace(/\b(?:inside|id|inner)\b/i, 'inside diameter');
    const says = `${inSum(typedInside.value)} mm is the inside circumference`;
    slots.assumptions.push({ says, choices: [{ label: 'the diameter', line }] });
  }
  const inside =
    typedInside ??
    insideOfOutside(slots, thick) ??
    slots.take('outside', 'inside diameter') ??
    slots.pair(['across', 'deep'])?.[0] ??
    slots.next('inside diameter');
  if (!thick && around && opening && slots.free().length === 0) return thinCuff(slots, around, opening);
  if (!thick || (!inside && !around)) throw new NotEnough('Give the inside and the thickness of the metal.', example);
  const closed = around ?? (isRound ? renamed(typedInside, 'inside circumference') : roundInside(inside));
  const isCuff = slots.question.topics.has('cuff') || opening !== null;
  const gap = opening ?? (isCuff ? usualOpening(slots) : given('opening', 0, 'mm', 'closed'));
  const how = `${inSum(closed.value)} + π × ${inSum(thick.value)}${gap.value ? ` − ${inSum(gap.value)}` : ''}`;
  const length = computed('length to cut', cuffLengthMm(closed.value, thick.value, gap.value), 'mm', how, [
    closed,
    thick,
    ...(gap.value ? [gap] : []),
  ]);
  const blank = { rule: 'straight', length: typedSize(length) } as const;
  const part = roundPart(slots, isCuff ? 'Cuff' : 'Bangle', thick, blank, 1);
  if (profile) return { figures: [length, closed, ...massOfSection(slots, length, profile)] };
  return { figures: [length, closed, ...massOf(slots, length, thick)], part };
}

function roundInside(inside: Figure | null): Figure {
  const across = inside?.value ?? 0;
  const how = `π × ${inSum(across)}`;
  return computed('inside circumference', Math.PI * across, 'mm', how, inside ? [inside] : []);
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

/** Links for a length of chain and their wire, or a bezel made of jump rings. */
export function chainAnswer(slots: Slots): TopicAnswer {
  if (isFromSample(slots)) return { figures: chainOfSample(slots) };
  const pitch = slots.take('pitch', 'pitch of a link, measured');
  if (pitch) return wovenChain(slots, pitch);
  const example = 'chain 45 cm links 5 mm inside 1 mm wire';
  const long = slots.take('long', 'length of chain');
  const oval = slots.pair(['inside of a link', 'width inside']);
  // In 6 x 4 mm inside 0.8 mm the word belongs to the pair.
  const afterPair = oval && slots.take('inside', 'wire');
  const gauged = slots.free().find(({ gauge }) => gauge);
  const wire = slots.take('wire', 'wire') ?? slots.take('thick', 'wire') ?? afterPair ?? (gauged ? slots.figure(gauged, 'wire') : slots.thin('wire', 'round')); // prettier-ignore
  const inside = oval?.[0] ?? slots.take('inside', 'inside of a link') ?? smallestOfTwo(slots, long !== null);
  const length = long ?? slots.next('length of chain');
  if (!inside && /\bfor (?:an? |the )?chains?\b/i.test(slots.question.line) && slots.question.alloys.length > 0)
    return stockOfChain(slots, wire, length);
  if (!wire || !inside) throw new NotEnough('Give the length, the inside of a link and its wire.', example);
  const counted = slots.question.counts.links ?? (length ? null : slots.count('pieces'));
  if (!length) {
    if (!counted) return { figures: linkOf(inside, wire) };
    return {
      figures: [
        computed(
          'length of chain',
          chainLengthMm(counted, inside.value, wire.value),
          'mm',
          `${inSum(counted)} × ${inSum(inside.value)} + 2 × ${inSum(wire.value)}`,
          [inside, wire],
        ),
      ],
    };
  }
  const links = computed(
    'links',
    chainLinks(length.value, inside.value, wire.value),
    '',
    `(${inSum(length.value)} − 2 × ${inSum(wire.value)}) ÷ ${inSum(inside.value)}, rounded up`,
    [length, inside, wire],
  );
  const real = computed(
    'chain length',
    chainLengthMm(links.value, inside.value, wire.value),
    'mm',
    `${inSum(links.value)} × ${inSum(inside.value)} + 2 × ${inSum(wire.value)}`,
    [links, inside, wire],
  );
  const each =
    (oval && ovalLink(oval, wire)) ??
    computed(
      'wire for one link',
      ringOfCoilMm(inside.value, wire.value),
      'mm',
      `√((π × (${inSum(inside.value)} + ${inSum(wire.value)}))² + ${inSum(wire.value)}²)`,
      [inside, wire],
    );
  const all = computed(
    'wire for all links',
    links.value * each.value,
    'mm',
    `${inSum(links.value)} × ${inSum(each.value)}`,
    [links, each],
  );
  return { figures: [links, all, real, each, ...massOf(slots, all, wire)] };
}

/** Wire that is only said to be for a chain. */
function stockOfChain(slots: Slots, wire: Figure | null, length: Figure | null): TopicAnswer {
  if (!wire || !length) throw new NotEnough('Give the wire and its length.', '5 m of 0.9 mm fine silver');
  return { figures: massOf(slots, length, wire) };
}

function ovalLink([along, across]: readonly [Figure, Figure], wire: Figure): Figure {
  const how = `ellipse of ${inSum(along.value + wire.value)} × ${inSum(across.value + wire.value)} through the middle of the wire (Ramanujan 1914)`; // prettier-ignore
  return computed(
    'wire for one link',
    ellipsePerimeterMm(along.value + wire.value, across.value + wire.value),
    'mm',
    how,
    [along, across, wire],
  );
}

// One link of a mandrel: how long it is, and what it adds to a chain.
function linkOf(inside: Figure, wire: Figure): Figure[] {
  const how = `${inSum(inside.value)} + 2 × ${inSum(wire.value)}`;
  return [
    computed('length of a link', inside.value + 2 * wire.value, 'mm', how, [inside, wire]),
    { ...inside, label: 'each link adds to a chain' },
  ];
}

// Wrapped or woven links each add their measured pitch.
function wovenChain(slots: Slots, pitch: Figure): TopicAnswer {
  const length = slots.take('long', 'length of chain') ?? slots.next('length of chain');
  if (!length) throw new NotEnough('Give the length of the chain.', 'chain 45 cm 4.2 mm pitch');
  const how = `${inSum(length.value)} ÷ ${inSum(pitch.value)}, rounded up`;
  return { figures: [computed('links', linksOfPitch(length.value, pitch.value), '', how, [length, pitch])] };
}

function smallestOfTwo(slots: Slots, hasLength: boolean): Figure | null {
  const free = slots.free().toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0));
  const [size] = free;
  return size && (hasLength || free.length > 1 || slots.question.counts.links)
    ? slots.figure(size, 'inside of a link')
    : null;
}

/** The knuckles and the pin of a hinge. */
export function hingeAnswer(slots: Slots): TopicAnswer {
  const example = 'hinge 15 mm wide 5 knuckles 1.2 mm pin';
  const pin = slots.take('pin', 'pin') ?? slots.take('wire', 'pin');
  const width = slots.take('wide', 'width') ?? slots.take('long', 'width') ?? slots.next('width');
  if (!width) throw new NotEnough('Give the width of the hinge.', example);
  const knuckles = slots.count('knuckles') ?? 3;
  if (slots.count('knuckles') === null) slots.assume('three knuckles', [['five', '5 knuckles']]);
  const lengths = knuckleLengthsMm(width.value, knuckles);
  const spare = given('filed back', KNUCKLE_SPARE_MM, 'mm', 'common practice');
  const inner = computed('inner knuckles', lengths[1] ?? NaN, 'mm', `${inSum(width.value)} ÷ ${inSum(knuckles)}`, [
    width,
  ]);
  const outer = computed(
    'outer knuckles, filed back after',
    lengths[0] ?? NaN,
    'mm',
    `${inSum(inner.value)} + ${inSum(KNUCKLE_SPARE_MM)}`,
    [inner, spare],
  );
  const bolt = pin ?? slots.thin('pin', 'round');
  const rod = bolt
    ? [
        computed(
          'pin to cut',
          hingePinMm(width.value, bolt.value),
          'mm',
          `${inSum(width.value)} + ${inSum(bolt.value)}`,
          [width, bolt],
        ),
      ]
    : [];
  const isPinAsked = /\b(?:how long|length)\b.*\bpin\b|\bpin length\b/i.test(slots.question.line);
  return {
    figures: isPinAsked ? [...rod, inner, outer] : [inner, outer, ...rod],
    note: 'The pin must be a snug fit in the tube’s bore.',
  };
}

/** How much longer to cut the strands of a twist. */
export function twistAnswer(slots: Slots): TopicAnswer {
  const example = 'twist 2 strands 0.8 mm 3 turns per cm 200 mm';
  const rate = slots.rate(dimension.turnsPerLength);
  const turnsOnly = slots.rate(dimension.turn);
  const long = slots.take('long', 'length of the twist');
  const strand = slots.take('wire', 'strand') ?? slots.take('thick', 'strand') ?? slots.thin('strand', 'round');
  const length = long ?? slots.next('length of the twist');
  const strands = slots.count('strands') ?? 2;
  if (slots.count('strands') === null) slots.assume('two strands', [['three', '3 strands']]);
  const asked = rate ?? (turnsOnly !== null && length ? turnsOnly / length.value : null);
  // A medium twist: one turn in six diameters of the strand (common practice).
  const usual = strand && length ? Math.round(1000 / (USUAL_PITCH * strand.value)) / 1000 : null;
  if (asked === null && usual !== null)
    slots.assume(`${inSum(usual * 10)} turns per cm, a medium twist`, [
      ['tighter', `${inSum(Math.round(usual * 15))} turns per cm`],
    ]);
  const perMm = asked ?? usual;
  if (!strand || perMm === null)
    throw new NotEnough('Give the strand and its turns, for example 3 turns per cm.', example);
  if (strands < 2) throw new NotEnough('A twist has two strands or more.', example);
  const pitch = computed(
    'circle of the strands',
    pitchDiameterMm(strands, strand.value),
    'mm',
    strands === 2 ? inSum(strand.value) : `${inSum(strand.value)} ÷ sin(π/${inSum(strands)})`,
    [strand],
  );
  const turns = given('turns in a mm', perMm, '/mm', 'as asked');
  const takeUp = computed(
    'each strand is longer by',
    twistTakeUp(pitch.value, perMm),
    '×',
    `√(1 + (π × ${inSum(pitch.value)} × ${inSum(perMm)})²)`,
    [pitch, turns],
  );
  if (!length) return { figures: [takeUp, pitch] };
  const each = computed(
    'cut each strand',
    length.value * takeUp.value,
    'mm',
    `${inSum(length.value)} × ${inSum(takeUp.value)}`,
    [length, takeUp],
  );
  const all = computed('total wire', each.value * strands, 'mm', `${inSum(each.value)} × ${inSum(strands)}`, [each]);
  return { figures: [each, all, takeUp, ...massOf(slots, all, strand)] };
}

const USUAL_PITCH = 6;

/** Wire wrapped round a core. */
export function wrapAnswer(slots: Slots): TopicAnswer {
  const example = 'wrap 12 turns 0.4 mm wire core 1.2 mm';
  const turns = slots.rate(dimension.turn);
  const wire = slots.take('wire', 'wire') ?? slots.thin('wire', 'round');
  const core = slots.take('outside', 'core') ?? slots.take('inside', 'core') ?? slots.next('core');
  if (turns !== null && wire && !core) {
    slots.assume('wound close', []);
    const how = `${inSum(turns)} × ${inSum(wire.value)}`;
    return { figures: [computed('length of the coil', turns * wire.value, 'mm', how, [wire])] };
  }
  if (turns === null || !wire || !core) throw new NotEnough('Give the turns, the wire and the core.', example);
  const length = computed(
    'wire to wrap',
    wrapLengthMm(turns, core.value, wire.value),
    'mm',
    `${inSum(turns)} × π × (${inSum(core.value)} + ${inSum(wire.value)})`,
    [core, wire],
  );
  return { figures: [length, ...massOf(slots, length, wire)] };
}
