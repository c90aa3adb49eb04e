// Mass of a solid: a sphere, a hollow ball, a cube, a cylinder, a cone, or a block with three sides.
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { counted, valueOf } from './stock.ts';

const EXAMPLE = 'block 50 x 20 x 5 mm sterling';

/** A volume with the sum that gives it. */
interface Volume {
  readonly mm3: number;
  readonly how: string;
  readonly sizes: readonly Figure[];
}

/** Mass of a cube, a cylinder, a cone or a block. */
export function solidAnswer(slots: Slots): TopicAnswer {
  if (ASKS_PATTERN.test(slots.question.line)) return conePattern(slots);
  return ofVolume(slots, volumeOf(slots));
}

const ASKS_PATTERN = /^(?=.*\bcones?\b).*\b(?:blank|pattern|flat|sector|template|develop\w*)\b/i;

/** The sector of sheet that a cone is bent from. */
function conePattern(slots: Slots): TopicAnswer {
  const high = slots.take('high', 'height') ?? slots.take('long', 'height');
  const across = slots.take('outside', 'across') ?? slots.take('wide', 'across') ?? slots.next('across');
  const height = high ?? slots.next('height');
  if (!across || !height) throw new NotEnough('Give the diameter and the height of the cone.', EXAMPLE);
  const slant = Math.hypot(height.value, across.value / 2);
  const how = `√(${inSum(height.value)}² + (${inSum(across.value)} ÷ 2)²)`;
  const radius = computed('radius of the sector', slant, 'mm', how, [height, across]);
  const turn = `180 × ${inSum(across.value)} ÷ ${inSum(slant)}`;
  return {
    figures: [radius, computed('angle of the sector', (180 * across.value) / slant, '°', turn, [across, radius])],
    note: 'Add the seam: the sector closes edge to edge.',
  };
}

/** Mass of a solid or hollow sphere. @throws NotEnough for a hollow one without its wall */
export function sphereAnswer(slots: Slots, diameter: Figure): TopicAnswer {
  const wall =
    slots.take('wall', 'wall') ?? slots.take('thick', 'wall') ?? (isHollow(slots) ? slots.next('wall') : null);
  if (wall) {
    const bore = diameter.value - 2 * wall.value;
    if (!(wall.value > 0 && bore > 0)) throw new NotEnough('Give a wall that is less than half the diameter.', EXAMPLE);
    const how = `π/6 × (${inSum(diameter.value)}³ − ${inSum(bore)}³)`;
    return ofVolume(slots, { mm3: (Math.PI / 6) * (diameter.value ** 3 - bore ** 3), how, sizes: [diameter, wall] });
  }
  if (isHollow(slots))
    throw new NotEnough('Give the wall of the hollow ball.', 'hollow ball 12 mm, 0.6 mm wall, sterling');
  const mm3 = (Math.PI / 6) * diameter.value ** 3;
  return ofVolume(slots, { mm3, how: `π/6 × ${inSum(diameter.value)}³`, sizes: [diameter] });
}

const isHollow = ({ question }: Slots) => /\bhollow\b/i.test(question.line);

function volumeOf(slots: Slots): Volume {
  const { line } = slots.question;
  const isCone = /\bcones?\b/i.test(line);
  if (isCone || /\bcylinder/i.test(line)) {
    const long = slots.take('long', 'length') ?? slots.take('high', 'length');
    const across = slots.take('outside', 'diameter') ?? slots.take('wide', 'diameter') ?? slots.next('diameter');
    const length = long ?? slots.next('length');
    if (!across || !length)
      throw new NotEnough(`Give the diameter and the length of the ${isCone ? 'cone' : 'cylinder'}.`, EXAMPLE);
    const part = isCone ? 12 : 4;
    const how = `π/${String(part)} × ${inSum(across.value)}² × ${inSum(length.value)}`;
    return { mm3: (Math.PI / part) * across.value ** 2 * length.value, how, sizes: [across, length] };
  }
  const labels = ['long', 'wide', 'thick', 'high'] as const;
  const named = labels.flatMap((role) => slots.take(role, role) ?? []);
  const rest = slots
    .free()
    .map((size, at) => slots.figure(size, ['length', 'width', 'thickness'][at] ?? 'side', 'sheet'));
  const sizes = [...named, ...rest];
  const [side] = sizes;
  if (/\bcubes?\b/i.test(line) && side && sizes.length === 1)
    return { mm3: side.value ** 3, how: `${inSum(side.value)}³`, sizes };
  if (sizes.length !== 3) throw new NotEnough('Give the three sides.', EXAMPLE);
  return {
    mm3: sizes.reduce((product, { value }) => product * value, 1),
    how: sizes.map(({ value }) => inSum(value)).join(' × '),
    sizes,
  };
}

function ofVolume(slots: Slots, { mm3, how, sizes }: Volume): TopicAnswer {
  const alloy = slots.alloy();
  const density = slots.density(alloy);
  const sum = `${how} × ${inSum(density.value)} ÷ 1000`;
  const one = computed('mass', (mm3 * density.value) / 1000, 'g', sum, [...sizes, density]);
  const count = slots.count('pieces') ?? 1;
  return { figures: [...counted(one, count), ...valueOf(slots, alloy, one, count)] };
}
