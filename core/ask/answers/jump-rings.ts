// Answers about jump rings: wire for a number of rings, rings from a length, and whether they close well.
import { aspectRatio, coilLengthMm, goodAspect, mandrelMm, ringOfCoilMm, ringsFrom } from '../../blank/jump-ring.ts';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { massPerLength } from '../../stock/section.ts';
import { typedSize } from '../part.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { massOf, roundPart } from './round-wire.ts';

/** Wire for a number of jump rings, or the number of rings from a length, with their aspect ratio. */
export function jumpRingAnswer(slots: Slots): TopicAnswer {
  const example = 'jump rings 5 mm inside 1 mm wire x 100';
  const ofAspect = insideOfAspect(slots);
  if (ofAspect) return ofAspect;
  const long = slots.take('long', 'length of wire');
  const kerf = slots.take('kerf', 'kerf') ?? given('kerf', 0, 'mm', 'cut with shears');
  const outside = slots.take('outside', 'outside diameter');
  const wire = slots.take('wire', 'wire') ?? slots.take('thick', 'wire') ?? slots.thin('wire', 'round');
  if (!wire) throw new NotEnough('Give the wire of the rings.', example);
  const inside = insideOf(slots, outside, wire);
  if (!inside) throw new NotEnough('Give the inside diameter of the rings.', example);
  const each = computed(
    'wire for one ring',
    ringOfCoilMm(inside.value, wire.value),
    'mm',
    `√((π × (${inSum(inside.value)} + ${inSum(wire.value)}))² + ${inSum(wire.value)}²)`,
    [inside, wire],
  );
  const aspect = aspectOf(inside, wire);
  const extras = [each, aspect, ...springOpen(slots, inside)];
  const note = aspectNote(aspect.value);
  const stretch = long ?? slots.next('length of wire') ?? lengthOfMass(slots, wire);
  if (slots.question.topics.has('aspect') && !stretch) return { figures: [aspect, each], ...note };
  if (stretch) {
    const rings = ringsFrom(stretch.value, inside.value, wire.value, kerf.value);
    const how = `${inSum(stretch.value)} ÷ (${inSum(each.value)} + ${inSum(kerf.value)}), whole rings`;
    return { figures: [computed('rings', rings, '', how, [stretch, each, kerf]), ...extras], ...note };
  }
  const count = slots.count('rings') ?? slots.count('pieces') ?? 1;
  const coil = computed(
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

/** The inside diameter of a ratio: `aspect ratio 4.5 with 16 ga`. */
function insideOfAspect(slots: Slots): TopicAnswer | null {
  const { topics, sizes, numbers } = slots.question;
  const [size] = sizes;
  if (!topics.has('aspect') || !size || sizes.length !== 1 || numbers.length !== 1) return null;
  const ratio = slots.number() ?? NaN;
  const wire = slots.figure(size, 'wire');
  const asked = given('aspect ratio', ratio, '', 'as asked');
  const how = `${inSum(ratio)} × ${inSum(wire.value)}`;
  const inside = computed('inside diameter', ratio * wire.value, 'mm', how, [asked, wire]);
  return { figures: [inside], ...aspectNote(ratio), topics: ['jump-ring', 'ring', 'gauge'] };
}

// The number of rings from a mass of wire.
function lengthOfMass(slots: Slots, wire: Figure): Figure | null {
  const mass = slots.mass('wire in stock');
  if (!mass) return null;
  const density = slots.density(slots.alloy());
  const length = mass.value / massPerLength({ form: 'round', diameterMm: wire.value }, density.value);
  const how = `${inSum(mass.value)} × 1000 ÷ (π/4 × ${inSum(wire.value)}² × ${inSum(density.value)})`;
  return computed('length of wire', length, 'mm', how, [mass, wire, density]);
}

function insideOf(slots: Slots, outside: Figure | null, wire: Figure): Figure | null {
  if (outside)
    return computed(
      'inside diameter',
      outside.value - 2 * wire.value,
      'mm',
      `${inSum(outside.value)} − 2 × ${inSum(wire.value)}`,
      [outside, wire],
    );
  return slots.take('inside', 'inside diameter') ?? slots.next('inside diameter');
}

function aspectOf(inside: Figure, wire: Figure): Figure {
  return computed(
    'aspect ratio',
    aspectRatio(inside.value, wire.value),
    '',
    `${inSum(inside.value)} ÷ ${inSum(wire.value)}`,
    [inside, wire],
  );
}

function aspectNote(aspect: number): { note?: string } {
  if (aspect < goodAspect[0])
    return { note: `Below an aspect ratio of about ${inSum(goodAspect[0])} a ring will not close well.` };
  if (aspect > goodAspect[1])
    return { note: `Above an aspect ratio of about ${inSum(goodAspect[1])} a ring is weak unless it is soldered.` };
  return {};
}

// Spring-hard wire opens by about 3 % when it leaves the mandrel (common practice): wind a trial coil.
const SPRING_BACK: Readonly<Record<string, number>> = { 'half hard': 0.02, 'spring hard': 0.04 };

function springOpen(slots: Slots, inside: Figure): Figure[] {
  const opens = SPRING_BACK[slots.question.temper ?? ''];
  if (!opens) return [];
  const share = given('it springs open by', opens, '', 'common practice; wind a trial coil');
  return [
    computed('mandrel', mandrelMm(inside.value, opens), 'mm', `${inSum(inside.value)} ÷ (1 + ${inSum(opens)})`, [
      inside,
      share,
    ]),
  ];
}
