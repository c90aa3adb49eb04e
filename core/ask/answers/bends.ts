// What is bent round: jump rings, bezels, bangles and cuffs, chains, hinges, twists.
import { bezelHeightMm, ringsAround, TURN_OVER_MM } from '../../blank/bezel.ts';
import {
  chainLengthMm,
  chainLinks,
  hingePinMm,
  KNUCKLE_SPARE_MM,
  knuckleLengthsMm,
  wrapLengthMm,
} from '../../blank/chain-and-hinge.ts';
import { pitchDiameterMm, twistTakeUp } from '../../blank/constant-volume.ts';
import { cuffLengthMm } from '../../blank/developed-length.ts';
import { aspectRatio, coilLengthMm, goodAspect, mandrelMm, ringOfCoilMm, ringsFrom } from '../../blank/jump-ring.ts';
import { perimeterMm, type Outline } from '../../blank/outline.ts';
import { given, inSum, reckoned, type Figure } from '../../figure/figure.ts';
import { massPerLength } from '../../stock/section.ts';
import type { Found, TakenPart } from '../question.ts';
import { takenPart, typedSize } from '../part.ts';
import type { Blank } from '../../piece/piece.ts';
import { NotEnough, type Slots, type Stock } from '../slots.ts';
import { dimension, sameDimensions } from '../units.ts';

/** How much wire for n jump rings, how many from a length, and whether they are of a good shape. */
export function jumpRingAnswer(slots: Slots): Found {
  const example = 'jump rings 5 mm inside 1 mm wire x 100';
  const long = slots.take('long', 'length of wire');
  const kerf = slots.take('kerf', 'kerf') ?? given('kerf', 0, 'mm', 'cut with shears');
  const outside = slots.take('outside', 'outside diameter');
  const wire = slots.take('wire', 'wire') ?? slots.take('thick', 'wire') ?? slots.thin('wire', 'round');
  if (!wire) throw new NotEnough('Give the wire of the rings.', example);
  const inside = insideOf(slots, outside, wire);
  if (!inside) throw new NotEnough('Give the inside diameter of the rings.', example);
  const each = reckoned(
    'wire for one ring',
    ringOfCoilMm(inside.value, wire.value),
    'mm',
    `√((π × (${inSum(inside.value)} + ${inSum(wire.value)}))² + ${inSum(wire.value)}²)`,
    [inside, wire],
  );
  const aspect = aspectOf(inside, wire);
  const extras = [each, aspect, ...springOpen(slots, inside)];
  const note = aspectNote(aspect.value);
  const stretch = long ?? slots.next('length of wire');
  if (slots.question.topics.has('aspect') && !stretch) return { figures: [aspect, each], ...note };
  if (stretch) {
    const rings = ringsFrom(stretch.value, inside.value, wire.value, kerf.value);
    const how = `${inSum(stretch.value)} ÷ (${inSum(each.value)} + ${inSum(kerf.value)}), whole rings`;
    return { figures: [reckoned('rings', rings, '', how, [stretch, each, kerf]), ...extras], ...note };
  }
  const count = slots.count('rings') ?? slots.count('pieces') ?? 1;
  const coil = reckoned(
    `wire for ${inSum(count)} rings`,
    coilLengthMm(inside.value, wire.value, count, kerf.value),
    'mm',
    `${inSum(count)} × (${inSum(each.value)} + ${inSum(kerf.value)})`,
    [given('rings', count, '', 'as asked'), each, kerf],
  );
  return {
    figures: [
      count === 1 ? each : coil,
      ...(count === 1 ? [] : [each]),
      ...extras.slice(1),
      ...massOf(slots, count === 1 ? each : coil, wire),
    ],
    part: roundPart(slots, 'Jump ring', wire, { rule: 'jump-ring', inside: typedSize(inside) }, count),
    ...note,
  };
}

function insideOf(slots: Slots, outside: Figure | null, wire: Figure): Figure | null {
  if (outside)
    return reckoned(
      'inside diameter',
      outside.value - 2 * wire.value,
      'mm',
      `${inSum(outside.value)} − 2 × ${inSum(wire.value)}`,
      [outside, wire],
    );
  return slots.take('inside', 'inside diameter') ?? slots.next('inside diameter');
}

function aspectOf(inside: Figure, wire: Figure): Figure {
  return reckoned(
    'aspect ratio',
    aspectRatio(inside.value, wire.value),
    '',
    `${inSum(inside.value)} ÷ ${inSum(wire.value)}`,
    [inside, wire],
  );
}

// A part needs its metal: without one named there is none to take.
function roundPart(slots: Slots, name: string, wire: Figure, blank: Blank, count: number): TakenPart | null {
  if (slots.question.alloys.length === 0 || slots.question.form === 'half-round') return null;
  const stock: Stock = { section: { form: 'round', diameterMm: wire.value }, sizes: [wire] };
  return takenPart(name, slots.alloy(), stock, blank, count);
}

function aspectNote(aspect: number): { note?: string } {
  if (aspect < goodAspect[0])
    return { note: `Below an aspect ratio of about ${inSum(goodAspect[0])} a ring will not close well.` };
  if (aspect > goodAspect[1])
    return { note: `Above an aspect ratio of about ${inSum(goodAspect[1])} a ring is weak unless it is soldered.` };
  return {};
}

// Spring-hard wire opens as it leaves the mandrel: some 3 % (common practice); wind a trial coil.
const SPRING_BACK: Readonly<Record<string, number>> = { 'half hard': 0.02, 'spring hard': 0.04 };

function springOpen(slots: Slots, inside: Figure): Figure[] {
  const opens = SPRING_BACK[slots.question.temper ?? ''];
  if (!opens) return [];
  const share = given('it springs open by', opens, '', 'common practice; wind a trial coil');
  return [
    reckoned('mandrel', mandrelMm(inside.value, opens), 'mm', `${inSum(inside.value)} ÷ (1 + ${inSum(opens)})`, [
      inside,
      share,
    ]),
  ];
}

// The mass of a length of round wire, when the metal is named.
function massOf(slots: Slots, length: Figure, wire: Figure): Figure[] {
  if (slots.question.alloys.length === 0) return [];
  const density = slots.density(slots.alloy());
  const mass = massPerLength({ form: 'round', diameterMm: wire.value }, density.value) * length.value;
  return [
    reckoned(
      'mass',
      mass,
      'g',
      `π/4 × ${inSum(wire.value)}² × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`,
      [wire, length, density],
    ),
  ];
}

/** The strip round a stone; or how many rings stand round it. */
export function bezelAnswer(slots: Slots): Found {
  const example = 'bezel oval 12 x 10 mm 0.3 mm strip';
  const clearance = slots.take('clearance', 'clearance') ?? given('clearance', 0, 'mm', 'none');
  const girth = slots.take('around', 'girth');
  const girdle = slots.take('high', 'height to the girdle');
  const thick = slots.take('thick', 'strip') ?? slots.take('wire', 'strip') ?? slots.take('wall', 'strip');
  const pair = girth ? null : slots.pair(['length', 'width']);
  const across =
    pair || girth ? null : (slots.take('outside', 'diameter') ?? slots.take('wide', 'diameter') ?? largest(slots));
  const strip = thick ?? slots.thin('strip', 'strip') ?? assumedStrip(slots);
  const stone = girth ?? outlineFigure(slots, pair, across);
  if (!stone) throw new NotEnough('Give the stone’s size.', example);
  const length = reckoned(
    'bezel strip to cut',
    stone.value + 2 * Math.PI * (strip.value / 2 + clearance.value),
    'mm',
    `${inSum(stone.value)} + 2π × (${inSum(strip.value)} ÷ 2 + ${inSum(clearance.value)})`,
    [stone, strip, clearance],
  );
  const turnOver = given('turned over', TURN_OVER_MM, 'mm', 'common practice');
  const height = girdle
    ? [
        reckoned(
          'height of the strip',
          bezelHeightMm(girdle.value),
          'mm',
          `${inSum(girdle.value)} + ${inSum(TURN_OVER_MM)}`,
          [girdle, turnOver],
        ),
      ]
    : [];
  return {
    figures: [length, ...height, stone],
    note: 'Cut a little long: a bezel that is too small is thrown away, one too large is cut again.',
  };
}

function largest(slots: Slots): Figure | null {
  const [size] = slots.free().toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0));
  return size && size.gauge === null ? slots.figure(size, 'diameter') : null;
}

function assumedStrip(slots: Slots): Figure {
  slots.assume('strip 0.3 mm thick', [
    ['0.25 mm', '0.25 mm strip'],
    ['0.4 mm', '0.4 mm strip'],
  ]);
  return given('strip', 0.3, 'mm', 'common practice');
}

function outlineFigure(slots: Slots, pair: readonly [Figure, Figure] | null, across: Figure | null): Figure | null {
  const { shape } = slots.question;
  const from = pair ?? (across ? [across] : []);
  const outline = outlineOf(slots, pair, across);
  if (!outline) return null;
  const [a, b] = [from[0]?.value ?? 0, from[1]?.value ?? 0];
  const how = {
    round: `π × ${inSum(a)}`,
    oval: `ellipse ${inSum(a)} × ${inSum(b)} (Ramanujan 1914)`,
    rectangle: `2 × (${inSum(a)} + ${inSum(b)})`,
    square: '',
    cushion: `2 × (${inSum(a)} + ${inSum(b)}) less its corners`,
    teardrop: `arc of ${inSum(b)} and two tangents to the point`,
    polygon: '',
  }[outline.shape];
  return reckoned(`around the ${shape ?? outline.shape} stone`, perimeterMm(outline), 'mm', how, from);
}

function outlineOf(slots: Slots, pair: readonly [Figure, Figure] | null, across: Figure | null): Outline | null {
  const { shape } = slots.question;
  if (!pair) {
    if (!across) return null;
    return shape === 'square'
      ? { shape: 'rectangle', lengthMm: across.value, widthMm: across.value }
      : { shape: 'round', diameterMm: across.value };
  }
  const [lengthMm, widthMm] = [pair[0].value, pair[1].value];
  switch (shape) {
    case 'rectangle':
    case 'square':
      return { shape: 'rectangle', lengthMm, widthMm };
    case 'cushion': {
      const cornerMm = widthMm / 4;
      slots.assume(`corners rounded by ${inSum(cornerMm)} mm`, [
        ['oval', 'oval'],
        ['rectangle', 'rectangle'],
      ]);
      return { shape: 'cushion', lengthMm, widthMm, cornerMm };
    }
    case 'teardrop':
      return { shape: 'teardrop', diameterMm: widthMm, lengthMm };
    case 'oval':
    case 'round':
    case null:
      if (shape !== 'oval')
        slots.assume('oval', [
          ['rectangle', 'rectangle'],
          ['cushion', 'cushion'],
          ['teardrop', 'teardrop'],
        ]);
      return { shape: 'oval', lengthMm, widthMm };
  }
}

/** A closed bangle, or an open cuff. */
export function bangleAnswer(slots: Slots): Found {
  const example = 'bangle 65 mm inside 3 mm';
  const opening = slots.take('opening', 'opening');
  const around = slots.take('around', 'inside circumference');
  const thick = slots.take('thick', 'thickness') ?? slots.take('wire', 'thickness') ?? slots.thin('thickness', 'round');
  const inside =
    slots.take('inside', 'inside diameter') ??
    slots.take('outside', 'inside diameter') ??
    slots.pair(['across', 'deep'])?.[0] ??
    slots.next('inside diameter');
  if (!thick || (!inside && !around)) throw new NotEnough('Give the inside and the thickness of the metal.', example);
  const closed =
    around ??
    reckoned(
      'inside circumference',
      Math.PI * (inside?.value ?? 0),
      'mm',
      `π × ${inSum(inside?.value ?? 0)}`,
      inside ? [inside] : [],
    );
  const isCuff = slots.question.topics.has('cuff') || opening !== null;
  const gap = opening ?? given('opening', isCuff ? 25 : 0, 'mm', isCuff ? 'common practice' : 'closed');
  if (isCuff && !opening) slots.assume('opening of 25 mm', [['30 mm', '30 mm opening']]);
  const how = `${inSum(closed.value)} + π × ${inSum(thick.value)}${gap.value ? ` − ${inSum(gap.value)}` : ''}`;
  const length = reckoned('length to cut', cuffLengthMm(closed.value, thick.value, gap.value), 'mm', how, [
    closed,
    thick,
    ...(gap.value ? [gap] : []),
  ]);
  const blank = { rule: 'straight', length: typedSize(length) } as const;
  const part = roundPart(slots, isCuff ? 'Cuff' : 'Bangle', thick, blank, 1);
  return { figures: [length, closed, ...massOf(slots, length, thick)], part };
}

/** Links for a length of chain, and the wire they take; or a bezel made of rings. */
export function chainAnswer(slots: Slots): Found {
  const example = 'chain 45 cm links 5 mm inside 1 mm wire';
  const long = slots.take('long', 'length of chain');
  const wire = slots.take('wire', 'wire') ?? slots.take('thick', 'wire') ?? slots.thin('wire', 'round');
  const inside = slots.take('inside', 'inside of a link') ?? smallestOfTwo(slots, long !== null);
  const length = long ?? slots.next('length of chain');
  if (!wire || !inside) throw new NotEnough('Give the length, the inside of a link and its wire.', example);
  const counted = slots.question.counts.links ?? (length ? null : slots.count('pieces'));
  if (!length) {
    if (!counted) throw new NotEnough('Give the length of the chain, or how many links.', example);
    return {
      figures: [
        reckoned(
          'length of chain',
          chainLengthMm(counted, inside.value, wire.value),
          'mm',
          `${inSum(counted)} × ${inSum(inside.value)} + 2 × ${inSum(wire.value)}`,
          [inside, wire],
        ),
      ],
    };
  }
  const links = reckoned(
    'links',
    chainLinks(length.value, inside.value, wire.value),
    '',
    `(${inSum(length.value)} − 2 × ${inSum(wire.value)}) ÷ ${inSum(inside.value)}, rounded up`,
    [length, inside, wire],
  );
  const real = reckoned(
    'chain comes to',
    chainLengthMm(links.value, inside.value, wire.value),
    'mm',
    `${inSum(links.value)} × ${inSum(inside.value)} + 2 × ${inSum(wire.value)}`,
    [links, inside, wire],
  );
  const each = reckoned(
    'wire for one link',
    ringOfCoilMm(inside.value, wire.value),
    'mm',
    `√((π × (${inSum(inside.value)} + ${inSum(wire.value)}))² + ${inSum(wire.value)}²)`,
    [inside, wire],
  );
  const all = reckoned(
    'wire for all links',
    links.value * each.value,
    'mm',
    `${inSum(links.value)} × ${inSum(each.value)}`,
    [links, each],
  );
  return { figures: [links, all, real, each, ...massOf(slots, all, wire)] };
}

function smallestOfTwo(slots: Slots, hasLength: boolean): Figure | null {
  const free = slots.free().toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0));
  const [size] = free;
  return size && (hasLength || free.length > 1 || slots.question.counts.links)
    ? slots.figure(size, 'inside of a link')
    : null;
}

/** How many rings stand side by side round a girth. */
export function ringsAroundAnswer(slots: Slots): Found | null {
  const girth = slots.take('around', 'girth');
  const outside = slots.take('outside', 'ring outside');
  const wire = slots.take('wire', 'wire') ?? slots.thin('wire', 'round');
  const inside = outside ? null : (slots.take('inside', 'ring inside') ?? slots.next('ring inside'));
  const across =
    outside ??
    (inside && wire
      ? reckoned(
          'ring outside',
          inside.value + 2 * wire.value,
          'mm',
          `${inSum(inside.value)} + 2 × ${inSum(wire.value)}`,
          [inside, wire],
        )
      : null);
  if (!girth || !across) return null;
  return {
    figures: [
      reckoned(
        'rings round it',
        ringsAround(girth.value, across.value),
        '',
        `${inSum(girth.value)} ÷ ${inSum(across.value)}, whole rings`,
        [girth, across],
      ),
    ],
    note: 'Make a couple spare.',
  };
}

/** The knuckles and the pin of a hinge. */
export function hingeAnswer(slots: Slots): Found {
  const example = 'hinge 12 mm wide 3 knuckles 1 mm pin';
  const pin = slots.take('pin', 'pin') ?? slots.take('wire', 'pin');
  const width = slots.take('wide', 'width') ?? slots.take('long', 'width') ?? slots.next('width');
  if (!width) throw new NotEnough('Give the width of the hinge.', example);
  const knuckles = slots.count('knuckles') ?? 3;
  if (slots.count('knuckles') === null) slots.assume('three knuckles', [['five', '5 knuckles']]);
  const lengths = knuckleLengthsMm(width.value, knuckles);
  const spare = given('filed back', KNUCKLE_SPARE_MM, 'mm', 'common practice');
  const inner = reckoned('inner knuckles', lengths[1] ?? NaN, 'mm', `${inSum(width.value)} ÷ ${inSum(knuckles)}`, [
    width,
  ]);
  const outer = reckoned(
    'outer knuckles, filed back after',
    lengths[0] ?? NaN,
    'mm',
    `${inSum(inner.value)} + ${inSum(KNUCKLE_SPARE_MM)}`,
    [inner, spare],
  );
  const bolt = pin ?? slots.thin('pin', 'round');
  const rod = bolt
    ? [
        reckoned(
          'pin to cut',
          hingePinMm(width.value, bolt.value),
          'mm',
          `${inSum(width.value)} + ${inSum(bolt.value)}`,
          [width, bolt],
        ),
      ]
    : [];
  return { figures: [inner, outer, ...rod], note: 'The pin must be a snug fit in the tube’s bore.' };
}

/** How much longer to cut the strands of a twist. */
export function twistAnswer(slots: Slots): Found {
  const example = 'twist 2 strands 0.8 mm 3 turns per cm 200 mm';
  const rate = slots.question.others.find(({ dimensions }) => dimensions.turn === 1 && dimensions.length === -1);
  const turnsOnly = slots.question.others.find(({ dimensions }) => sameDimensions(dimensions, dimension.turn));
  const long = slots.take('long', 'length of the twist');
  const strand = slots.take('wire', 'strand') ?? slots.take('thick', 'strand') ?? slots.thin('strand', 'round');
  const length = long ?? slots.next('length of the twist');
  const strands = slots.count('strands') ?? 2;
  if (slots.count('strands') === null) slots.assume('two strands', [['three', '3 strands']]);
  const perMm = rate?.value ?? (turnsOnly && length ? turnsOnly.value / length.value : null);
  if (!strand || perMm === null)
    throw new NotEnough('Give the strand and its turns, for example 3 turns per cm.', example);
  if (strands < 2) throw new NotEnough('A twist has two strands or more.', example);
  const pitch = reckoned(
    'circle of the strands',
    pitchDiameterMm(strands, strand.value),
    'mm',
    strands === 2 ? inSum(strand.value) : `${inSum(strand.value)} ÷ sin(π/${inSum(strands)})`,
    [strand],
  );
  const turns = given('turns in a mm', perMm, '/mm', 'as asked');
  const takeUp = reckoned(
    'each strand is longer by',
    twistTakeUp(pitch.value, perMm),
    '×',
    `√(1 + (π × ${inSum(pitch.value)} × ${inSum(perMm)})²)`,
    [pitch, turns],
  );
  if (!length) return { figures: [takeUp, pitch] };
  const each = reckoned(
    'cut each strand',
    length.value * takeUp.value,
    'mm',
    `${inSum(length.value)} × ${inSum(takeUp.value)}`,
    [length, takeUp],
  );
  const all = reckoned('wire in all', each.value * strands, 'mm', `${inSum(each.value)} × ${inSum(strands)}`, [each]);
  return { figures: [each, all, takeUp, ...massOf(slots, all, strand)] };
}

/** Wire wrapped round a core. */
export function wrapAnswer(slots: Slots): Found {
  const example = 'wrap 12 turns 0.4 mm wire core 1.2 mm';
  const turns = slots.question.others.find(({ dimensions }) => sameDimensions(dimensions, dimension.turn));
  const wire = slots.take('wire', 'wire') ?? slots.thin('wire', 'round');
  const core = slots.take('outside', 'core') ?? slots.next('core');
  if (!turns || !wire || !core) throw new NotEnough('Give the turns, the wire and the core.', example);
  const length = reckoned(
    'wire to wrap',
    wrapLengthMm(turns.value, core.value, wire.value),
    'mm',
    `${inSum(turns.value)} × π × (${inSum(core.value)} + ${inSum(wire.value)})`,
    [core, wire],
  );
  return { figures: [length, ...massOf(slots, length, wire)] };
}
