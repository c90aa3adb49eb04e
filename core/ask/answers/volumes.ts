// Answers by constant volume: domes, balls, granules.
import { balledEndMm } from '../../blank/lengths/balled-end.ts';
import { domeDiscMm } from '../../blank/lengths/dome-disc.ts';
import { snippetMm } from '../../blank/lengths/granule-size.ts';
import { granuleMm } from '../../blank/lengths/granule-size.ts';
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import { massPerArea } from '../../stock/section.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { cutOffWire, stockOfMany } from './backwards.ts';
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
  const sheet = thick ?? (slots.question.alloys.length > 0 ? slots.next('thickness') : null);
  return { figures: sheet ? [disc, massOfDisc(slots, disc, sheet)] : [disc] };
}

function massOfDisc(slots: Slots, disc: Figure, sheet: Figure): Figure {
  const density = slots.density(slots.alloy());
  const mass = (Math.PI / 4) * disc.value ** 2 * massPerArea(sheet.value, density.value);
  const how = `π/4 × ${inSum(disc.value)}² × ${inSum(sheet.value)} × ${inSum(density.value)} ÷ 1000`;
  return computed('mass', mass, 'g', how, [disc, sheet, density]);
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
  const thick = slots.take('thick', 'thickness') ?? gauged(slots) ?? slots.next('thickness');
  return { figures: thick ? [across, massOfDisc(slots, disc, thick)] : [across] };
}

function gauged(slots: Slots): Figure | null {
  const size = slots.free().find(({ gauge }) => gauge);
  return size ? slots.figure(size, 'thickness', 'sheet') : null;
}

/** The ball that a weight of metal melts to. */
function ballOfMass(slots: Slots, mass: Figure): TopicAnswer {
  const density = slots.density(slots.alloy());
  const across = Math.cbrt((6 * mass.value * 1000) / (Math.PI * density.value));
  const how = `∛(6 × ${inSum(mass.value)} × 1000 ÷ (π × ${inSum(density.value)}))`;
  return { figures: [computed('ball', across, 'mm', how, [mass, density])] };
}

/** Wire that a ball at its end takes up. */
export function ballAnswer(slots: Slots): TopicAnswer {
  const example = 'ball 2 mm on 0.8 mm wire';
  const cut = cutOffWire(slots);
  if (cut) return { figures: [melted('ball', cut.wire, cut.length), ...massOf(slots, cut.length, cut.wire)] };
  const { sizes, alloys } = slots.question;
  const mass = sizes.length === 0 ? slots.mass('mass') : null;
  if (mass) return ballOfMass(slots, mass);
  const isHollow = /\bhollow\b/i.test(slots.question.line);
  if (isHollow && sizes.length === 2) {
    const [largest] = slots.question.sizes.filter(({ gauge }) => !gauge).toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0));
    if (largest) return sphereAnswer(slots, slots.figure(largest, 'diameter'));
  }
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

function granulesOf(stock: Figure, snippet: Figure): TopicAnswer {
  const how = `${inSum(stock.value)} ÷ ${inSum(snippet.value)}, whole snippets`;
  return { figures: [computed('granules', Math.floor(stock.value / snippet.value + 1e-9), '', how, [stock, snippet]), snippet] }; // prettier-ignore
}

/** The granule of a pallion, or the pallion for a granule. */
export function granuleAnswer(slots: Slots): TopicAnswer {
  const example = 'granule 1 mm from 0.5 mm wire';
  const stock = stockOfMany(slots);
  const cut = cutOffWire(slots);
  const isSnippet = /\bsnippets?\s+(?:of\s+)?\d/i.test(slots.question.line);
  const long = cut?.length ?? slots.take('long', 'snippet') ?? (isSnippet ? slots.next('snippet') : null);
  const wire = cut?.wire ?? slots.take('wire', 'wire') ?? slots.thin('wire', 'round');
  if (!wire) throw new NotEnough('Give the wire the granule is cut from.', example);
  if (long)
    return {
      figures: [melted('granule', wire, long), ...massOf(slots, long, wire)],
      note: 'Snippets of one size still vary: cut extra and sort.',
    };
  const granule = slots.take('outside', 'granule') ?? slots.next('granule');
  if (!granule) throw new NotEnough('Give the granule’s diameter, or the length of the snippet.', example);
  const how = `2 × ${inSum(granule.value)}³ ÷ (3 × ${inSum(wire.value)}²)`;
  if (stock) return granulesOf(stock, computed('snippet to cut', snippetMm(granule.value, wire.value), 'mm', how, [granule, wire])); // prettier-ignore
  const snippet = computed('snippet to cut', snippetMm(granule.value, wire.value), 'mm', how, [granule, wire]);
  return {
    figures: [snippet, ...massOf(slots, snippet, wire)],
    note: 'Snippets of one size still vary: cut extra and sort.',
  };
}
