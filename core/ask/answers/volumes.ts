// Answers by constant volume: domes, balls, granules, forged and rolled stock.
import { balledEndMm } from '../../blank/lengths/balled-end.ts';
import { domeDiscMm } from '../../blank/lengths/dome-disc.ts';
import { snippetMm } from '../../blank/lengths/granule-size.ts';
import { granuleMm } from '../../blank/lengths/granule-size.ts';
import { workedLengthMm } from '../../blank/lengths/worked-length.ts';
import { annealsBetween, reduction, REDUCTION_BETWEEN_ANNEALS } from '../../blank/reduction.ts';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { massPerArea, sectionArea } from '../../stock/section.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { cutOffWire } from './backwards.ts';
import { massOf } from './round-wire.ts';
import { sphereAnswer } from './solids.ts';

/** The flat disc for a dome. */
export function domeAnswer(slots: Slots): TopicAnswer {
  const example = 'dome 20 mm across 6 mm high';
  if (OF_DISC.test(slots.question.line)) return hemisphereOf(slots);
  const height = slots.take('high', 'height');
  const thick = slots.take('thick', 'thickness') ?? gauged(slots);
  const across = slots.take('outside', 'across') ?? slots.take('wide', 'across') ?? slots.next('across');
  // Beside a metal the last measure is the sheet, not the height.
  const isSheet = !height && !thick && slots.question.alloys.length > 0 && slots.free().length === 1;
  const isHalf = across !== null && /\bhemisphere|\bhalf (?:sphere|ball)/i.test(slots.question.line);
  const rise = isHalf
    ? computed('height, half of the diameter', across.value / 2, 'mm', `${inSum(across.value)} ÷ 2`, [across])
    : isSheet
      ? null
      : (height ?? slots.next('height'));
  if (!across || !rise) throw new NotEnough('Give the dome’s diameter and its height.', example);
  const disc = computed(
    'disc to cut',
    domeDiscMm(across.value, rise.value),
    'mm',
    `√(${inSum(across.value)}² + 4 × ${inSum(rise.value)}²)`,
    [across, rise],
  );
  if (!thick) return { figures: [disc] };
  const density = slots.density(slots.alloy());
  const mass = (Math.PI / 4) * disc.value ** 2 * massPerArea(thick.value, density.value);
  const how = `π/4 × ${inSum(disc.value)}² × ${inSum(thick.value)} × ${inSum(density.value)} ÷ 1000`;
  return { figures: [disc, computed('mass', mass, 'g', how, [disc, thick, density])] };
}

/** The disc is given, not the dome. */
const OF_DISC = /\b(?:disc|disk)\b.*\binto\b|\bfrom (?:an? )?[\d./ ]+ ?(?:mm|cm|in|inch|") (?:disc|disk)\b/i;

/** The hemisphere that a flat disc makes. */
function hemisphereOf(slots: Slots): TopicAnswer {
  const [largest] = slots.question.sizes.filter(({ gauge }) => !gauge).toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0));
  if (!largest) throw new NotEnough('Give the diameter of the disc.', 'dome from a 25 mm disc');
  const disc = slots.figure(largest, 'disc');
  slots.assume('a hemisphere, as thick as the disc', []);
  const across = computed('dome, across', disc.value / Math.SQRT2, 'mm', `${inSum(disc.value)} ÷ √2`, [disc]);
  for (const size of slots.question.sizes) size.used = true;
  for (const alloy of slots.question.alloys) alloy.used = true;
  return { figures: [across] };
}

function gauged(slots: Slots): Figure | null {
  const size = slots.free().find(({ gauge }) => gauge);
  return size ? slots.figure(size, 'thickness', 'sheet') : null;
}

/** Wire that a ball at its end takes up. */
export function ballAnswer(slots: Slots): TopicAnswer {
  const example = 'ball 2 mm on 0.8 mm wire';
  const cut = cutOffWire(slots);
  if (cut) return { figures: [melted('ball', cut.wire, cut.length)] };
  const { sizes, alloys } = slots.question;
  if (
    sizes.length === 1 &&
    sizes[0]?.role !== 'wire' &&
    (alloys.length > 0 || /\bsphere|\bweigh/i.test(slots.question.line))
  ) {
    const diameter = slots.take('outside', 'diameter') ?? slots.next('diameter');
    if (diameter) return sphereAnswer(slots, diameter);
  }
  const wire = slots.take('wire', 'wire') ?? slots.thin('wire', 'round');
  const ball = slots.take('outside', 'ball') ?? slots.next('ball');
  if (!wire || !ball) throw new NotEnough('Give the ball and the wire it is melted on.', example);
  if (ball.value <= wire.value) throw new NotEnough('A ball is larger than its wire.', example);
  const how = `2 × ${inSum(ball.value)}³ ÷ (3 × ${inSum(wire.value)}²)`;
  const eaten = computed('wire it eats', balledEndMm(ball.value, wire.value), 'mm', how, [ball, wire]);
  return { figures: [eaten, ...massOf(slots, eaten, wire)] };
}

// What a length of wire melts into.
function melted(label: string, wire: Figure, length: Figure): Figure {
  const how = `∛(1.5 × ${inSum(wire.value)}² × ${inSum(length.value)})`;
  return computed(label, granuleMm(wire.value, length.value), 'mm', how, [wire, length]);
}

/** The granule of a pallion, or the pallion for a granule. */
export function granuleAnswer(slots: Slots): TopicAnswer {
  const example = 'granule 1 mm from 0.5 mm wire';
  const cut = cutOffWire(slots);
  const isSnippet = /\bsnippets?\s+(?:of\s+)?\d/i.test(slots.question.line);
  const long = cut?.length ?? slots.take('long', 'snippet') ?? (isSnippet ? slots.next('snippet') : null);
  const wire = cut?.wire ?? slots.take('wire', 'wire') ?? slots.thin('wire', 'round');
  if (!wire) throw new NotEnough('Give the wire the granule is cut from.', example);
  if (long)
    return {
      figures: [melted('granule', wire, long)],
      note: 'Snippets of one size still vary: cut extra and sort.',
    };
  const granule = slots.take('outside', 'granule') ?? slots.next('granule');
  if (!granule) throw new NotEnough('Give the granule’s diameter, or the length of the snippet.', example);
  return {
    figures: [
      computed(
        'snippet to cut',
        snippetMm(granule.value, wire.value),
        'mm',
        `2 × ${inSum(granule.value)}³ ÷ (3 × ${inSum(wire.value)}²)`,
        [granule, wire],
      ),
    ],
    note: 'Snippets of one size still vary: cut extra and sort.',
  };
}

/** Stock forged, rolled or drawn into another section. */
export function workAnswer(slots: Slots): TopicAnswer {
  const example = 'forge 4 mm round to 6 x 1.5 mm 50 mm long';
  const { line, sizes } = slots.question;
  const firstEnd = sizes[0]?.end ?? 0;
  const said = line.slice(firstEnd).search(/\b(?:in)?to\b/i);
  const goesTo = said < 0 ? -1 : firstEnd + said;
  const flattened = goesTo < 0 ? null : flattenedWire(slots, goesTo);
  if (flattened) return flattened;
  if (goesTo < 0) throw new NotEnough('Say what it is worked to.', example);
  const long = slots.take('long', 'length');
  const [before, after] = [
    sizes.filter(({ start, used }) => start < goesTo && !used),
    sizes.filter(({ start, used }) => start > goesTo && !used),
  ];
  const [isOf, becomes] = [line.slice(0, goesTo), line.slice(goesTo)];
  const from = sectionOf(slots, stockSizes(before), formIn(isOf) ?? 'round');
  const to = sectionOf(slots, stockSizes(after), formIn(becomes) ?? (hasOne(after) ? formIn(isOf) : null) ?? 'round');
  if (!from || !to) throw new NotEnough('Give the section it starts from and the one it is worked to.', example);
  const length = long ?? slots.next('length');
  // Between two flat sections of the same width, the reduction is of the thickness.
  const worked = 1 - to.mm2 / from.mm2;
  const share = computed('reduction', reduction(from.mm2, to.mm2) * 100, '%', `(1 − ${to.how} ÷ (${from.how})) × 100`, [
    ...from.sizes,
    ...to.sizes,
  ]);
  const anneals = computed(
    'anneals on the way',
    annealsBetween(from.mm2, to.mm2),
    '',
    `one about every ${inSum(REDUCTION_BETWEEN_ANNEALS * 100)} %`,
    [share, given('reduction between anneals', REDUCTION_BETWEEN_ANNEALS * 100, '%', 'common practice')],
  );
  const grown = worked < 0 ? { note: 'It would have to grow: working only takes a section down.' } : {};
  if (!length) {
    const longer = computed('it grows longer', from.mm2 / to.mm2, '×', `${from.how} ÷ (${to.how})`, [
      ...from.sizes,
      ...to.sizes,
    ]);
    const figures = /\banneal/i.test(line) ? [anneals, share, longer] : /\breduction\b/i.test(line) ? [share, longer, anneals] : [longer, share, anneals]; // prettier-ignore
    return { figures, ...grown };
  }
  const longAfter = /\bfor\b|\bneed|\bcut\b/i.test(line);
  const [a, b] = longAfter ? [to, from] : [from, to];
  const value = workedLengthMm(length.value, a.mm2, b.mm2);
  return {
    figures: [
      computed(
        longAfter ? 'length to start from' : 'length afterwards',
        value,
        'mm',
        `${inSum(length.value)} × (${a.how}) ÷ (${b.how})`,
        [length, ...from.sizes, ...to.sizes],
      ),
      share,
      anneals,
    ],
    ...grown,
  };
}

/** Round wire flattened to a thickness: as wide as its area allows where it grows no longer; null for other work. */
function flattenedWire(slots: Slots, goesTo: number): TopicAnswer | null {
  const { line, sizes } = slots.question;
  const [wire, thick, ...more] = sizes;
  if (!/\bflatten/i.test(line) || !wire || !thick || more.length > 0 || thick.start < goesTo) return null;
  const [before, after] = [slots.figure(wire, 'wire'), slots.figure(thick, 'thickness')];
  slots.assume('it grows wider, not longer', []);
  const how = `π/4 × ${inSum(before.value)}² ÷ ${inSum(after.value)}`;
  return {
    figures: [computed('width', ((Math.PI / 4) * before.value ** 2) / after.value, 'mm', how, [before, after])],
  };
}

type Sizes = readonly Parameters<Slots['figure']>[0][];

/** The sizes of the section: two that are crossed, or else the smallest, beside which stands the length. */
function stockSizes(sizes: Sizes): Sizes {
  const crossed = sizes.filter((size) => size.crossed);
  // 50 x 20 x 2 mm: the longest side is the length.
  const longest = crossed.toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0))[0];
  if (crossed.length > 2) return crossed.filter((size) => size !== longest);
  if (crossed.length > 1) return crossed.slice(0, 2);
  const flat = (['wide', 'thick'] as const).flatMap((role) => sizes.find((size) => size.role === role) ?? []);
  if (flat.length > 1) return flat;
  return sizes.toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0)).slice(0, 1);
}

const hasOne = (sizes: Sizes) => stockSizes(sizes).length === 1;

const FORMS = [
  ['half-round', /\bhalf[- ]round\b/i],
  ['d', /\bd[- ](?:section|shape|wire)\b/i],
  ['triangle', /\btriang/i],
  ['oval', /\boval\b/i],
  ['square', /\bsquare\b/i],
  ['round', /\bround\b|\brod\b/i],
] as const;

function formIn(words: string) {
  return FORMS.find(([, pattern]) => pattern.test(words))?.[0] ?? null;
}

function sectionOf(slots: Slots, sizes: Sizes, form: (typeof FORMS)[number][0]) {
  const figures = sizes.map((size) => slots.figure(size, 'size', slots.question.form ?? 'round'));
  const [a, b] = figures;
  if (!a) return null;
  if (b) {
    const isFlat = form === 'round' || form === 'square';
    const flat = { mm2: a.value * b.value, how: `${inSum(a.value)} × ${inSum(b.value)}` };
    return { ...(isFlat ? flat : sectionArea({ form, widthMm: a.value, heightMm: b.value })), sizes: figures };
  }
  if (slots.question.form === 'sheet') return { mm2: a.value, how: inSum(a.value), sizes: figures };
  if (form !== 'round' && form !== 'square')
    throw new NotEnough(
      `Give the width and the height of the ${form} section.`,
      'roll 4 mm round to half-round 4 x 2 mm',
    );
  const section = form === 'square' ? { form, sideMm: a.value } : { form, diameterMm: a.value };
  return { ...sectionArea(section), sizes: figures };
}
