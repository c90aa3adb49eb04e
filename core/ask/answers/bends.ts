// Answers about hinges, twists and wraps.
import { hingePinMm } from '../../blank/lengths/hinge-pin-length.ts';
import { knuckleLengthsMm } from '../../blank/lengths/knuckle-lengths.ts';
import { KNUCKLE_SPARE_MM } from '../../blank/lengths/knuckle-lengths.ts';
import { pitchDiameterMm } from '../../blank/lengths/twist-take-up.ts';
import { twistTakeUp } from '../../blank/lengths/twist-take-up.ts';
import { wrapLengthMm } from '../../blank/lengths/wrap-length.ts';
import { computed, given, inSum } from '../../figure/figure.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { dimension } from '../units.ts';
import { massOf } from './round-wire.ts';

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
  if (length && strand.value >= length.value)
    throw new NotEnough('Give the strand and the length of the twist: a strand is thinner.', example);
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
  const isTotal = /\btotal\b/i.test(slots.question.line);
  return { figures: [...(isTotal ? [all, each] : [each, all]), takeUp, ...massOf(slots, all, strand)] };
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
