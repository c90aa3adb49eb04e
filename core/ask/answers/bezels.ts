// Answers about bezels: a strip round a stone, or jump rings round it.
import { bezelHeightMm } from '../../blank/lengths/bezel-length.ts';
import { TURN_OVER_MM } from '../../blank/lengths/bezel-length.ts';
import { bezelLengthMm } from '../../blank/lengths/bezel-length.ts';
import { ringsAround } from '../../blank/lengths/rings-around.ts';
import { computed, type Figure, given, inSum, renamed } from '../../figure/figure.ts';
import { type Outline, outlineAreaMm2, perimeterMm } from '../../geometry/outline.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';

/** The strip round a stone, or the number of rings that stand round it. */
export function bezelAnswer(slots: Slots): TopicAnswer {
  const example = 'bezel oval 12 x 10 mm 0.3 mm strip';
  const clearance = slots.take('clearance', 'clearance') ?? given('clearance', 0, 'mm', 'none');
  const girth = slots.take('around', 'girth');
  const girdle = slots.take('high', 'height to the girdle');
  const thick = slots.take('thick', 'strip') ?? slots.take('wire', 'strip') ?? slots.take('wall', 'strip');
  const pair = girth ? null : slots.pair(['length', 'width']);
  // Beside a stone of two sides a width is that of the strip.
  const bought = pair ? slots.take('wide', 'width of the strip') : null;
  const across =
    pair || girth ? null : (slots.take('outside', 'diameter') ?? slots.take('wide', 'diameter') ?? largest(slots));
  const strip = thick ?? slots.thin('strip', 'strip') ?? assumedStrip(slots);
  const stone = girth ?? outlineFigure(slots, pair, across);
  if (!stone) throw new NotEnough('Give the stone’s size.', example);
  const length = computed(
    'bezel strip to cut',
    bezelLengthMm(stone.value, strip.value, clearance.value),
    'mm',
    `${inSum(stone.value)} + 2π × (${inSum(strip.value)} ÷ 2 + ${inSum(clearance.value)})`,
    [stone, strip, clearance],
  );
  const turnOver = given('turned over', TURN_OVER_MM, 'mm', 'common practice');
  const height = girdle
    ? [
        computed(
          'height of the strip',
          bezelHeightMm(girdle.value),
          'mm',
          `${inSum(girdle.value)} + ${inSum(TURN_OVER_MM)}`,
          [girdle, turnOver],
        ),
      ]
    : [];
  return {
    figures: [length, ...height, stone, ...stripMass(slots, length, height[0] ?? bought, strip)],
    note: 'Cut a little long: a bezel that is too small is thrown away, one too large is cut again.',
  };
}

/** Mass of the strip, where its metal and its height are known. */
function stripMass(slots: Slots, length: Figure, height: Figure | null, strip: Figure): Figure[] {
  const isWeighed = slots.question.alloys.length > 0 || /\b(?:weigh\w*|mass|grams)\b/i.test(slots.question.line);
  if (!isWeighed || !height) return [];
  const density = slots.density(slots.alloy());
  const mass = (length.value * height.value * strip.value * density.value) / 1000;
  const sizes = [length, height, strip].map(({ value }) => inSum(value)).join(' × ');
  return [computed('mass', mass, 'g', `${sizes} × ${inSum(density.value)} ÷ 1000`, [length, height, strip, density])];
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
  return computed(`around the ${shape ?? outline.shape} stone`, perimeterMm(outline), 'mm', how, from);
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

/** Circumference of a circle, an oval or another outline; null for any other question. */
export function perimeterAnswer(slots: Slots): TopicAnswer | null {
  const { line, topics, sizes, masses, shape, form } = slots.question;
  const isOutline = shape !== null || topics.has('disc');
  const isOnly = [...topics].every((topic) => topic === 'disc' || topic === 'identify');
  const isArea = /\barea of\b/i.test(line);
  if (!(isArea || /\b(?:circumference|perimeter)\b/i.test(line)) || !isOutline || !isOnly || masses.length > 0)
    return null;
  const isPlain = form === null || form === 'square' || form === 'round' || (isArea && form === 'sheet');
  if (sizes.length > 2 || !isPlain) return null;
  for (const size of sizes) size.role = null;
  const pair = slots.pair(['length', 'width']);
  const across = pair ? null : slots.next('diameter');
  if (isArea) return areaAnswer(slots, pair, across);
  const around = outlineFigure(slots, pair, across);
  return around && { figures: [renamed(around, 'circumference')], topics: ['disc', 'identify'] };
}

function areaAnswer(slots: Slots, pair: readonly [Figure, Figure] | null, across: Figure | null): TopicAnswer | null {
  const outline = outlineOf(slots, pair, across);
  if (!outline) return null;
  const from = pair ?? (across ? [across] : []);
  const sides = from.map(({ value }) => inSum(value)).join(' × ');
  const how = {
    round: `π/4 × ${sides}²`,
    oval: `π/4 × ${sides}`,
    rectangle: across ? `${sides}²` : sides,
    cushion: `${sides} less its corners`,
    teardrop: `circle of ${inSum(pair?.[1].value ?? 0)} and two tangents to the point`,
    square: '',
    polygon: '',
  }[outline.shape];
  return { figures: [computed('area', outlineAreaMm2(outline), 'mm²', how, from)], topics: ['disc', 'identify'] };
}

/** How many rings stand side by side round a girth. */
export function ringsAroundAnswer(slots: Slots): TopicAnswer | null {
  const girth = slots.take('around', 'girth');
  const outside = slots.take('outside', 'ring outside');
  const wire = slots.take('wire', 'wire') ?? slots.thin('wire', 'round');
  const inside = outside ? null : (slots.take('inside', 'ring inside') ?? slots.next('ring inside'));
  const across =
    outside ??
    (inside && wire
      ? computed(
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
      computed(
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
