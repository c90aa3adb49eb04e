// The one size that is left open of stock whose weight is known: a thickness, a diameter, the side of a square.
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import type { AskSize, TopicAnswer } from '../question.ts';
import type { Slots } from '../slots.ts';

/** How the size that is asked for follows from the weight. */
interface OpenSize {
  readonly label: 'thickness' | 'diameter' | 'side';
  readonly given: readonly AskSize[];
  readonly of: 'wire' | 'sheet';
  /** A square or a circle has it twice: the root is taken. */
  readonly isSquared: boolean;
  readonly isRound: boolean;
}

/**
 * `thickness of 12 g copper 50 x 40 mm`, `diameter of 1 m sterling wire weighing 8.14 g`, `how big a square of 20 ga
 * sterling weighs 25 g`; null for any other question.
 */
export function sizeOfMass(slots: Slots): TopicAnswer | null {
  const open = openSize(slots);
  if (!open || slots.question.masses.length !== 1) return null;
  const density = slots.density(slots.alloy());
  const sizes = open.given.map((size) => slots.figure(size, 'size', open.of === 'sheet' ? 'sheet' : 'round'));
  const mass = slots.mass('mass');
  return mass && { figures: [solved(open, mass, [...sizes, density])], topics: ['disc', 'gauge', 'identify'] };
}

function solved({ label, isSquared, isRound }: OpenSize, mass: Figure, by: readonly Figure[]): Figure {
  const product = by.reduce((all, { value }) => all * value, isRound ? Math.PI / 4 : 1);
  const mm = (mass.value * 1000) / product;
  const quotient = `${inSum(mass.value)} × 1000 ÷ (${isRound ? 'π/4 × ' : ''}${by.map(({ value }) => inSum(value)).join(' × ')})`;
  return computed(label, isSquared ? Math.sqrt(mm) : mm, 'mm', isSquared ? `√(${quotient})` : quotient, [mass, ...by]);
}

function openSize({ question }: Slots): OpenSize | null {
  const { line, sizes, form } = question;
  const [size] = sizes;
  const areLengths = sizes.every(({ gauge }) => !gauge);
  if (sizes.length === 2 && areLengths && ASKS_THICKNESS.test(line))
    return { label: 'thickness', given: sizes, of: 'sheet', isSquared: false, isRound: false };
  if (!size || sizes.length !== 1) return null;
  if (areLengths && question.topics.has('disc') && /\bhow thick\b|\bthickness\b/i.test(line))
    return { label: 'thickness', given: [size, size], of: 'sheet', isSquared: false, isRound: true };
  const isWire = form === null || form === 'round' || form === 'square';
  if (areLengths && isWire && ASKS_DIAMETER.test(line)) {
    const isRound = form !== 'square';
    return { label: isRound ? 'diameter' : 'side', given: sizes, of: 'wire', isSquared: true, isRound };
  }
  const outline = ASKS_OUTLINE.exec(line)?.[1]?.toLowerCase();
  if (!outline) return null;
  const isRound = outline !== 'square';
  return { label: isRound ? 'diameter' : 'side', given: sizes, of: 'sheet', isSquared: true, isRound };
}

const ASKS_THICKNESS = /\b(?:what|how) (?:thick|thickness|gauge)\b|\bthickness (?:of|for)\b/i;
const ASKS_DIAMETER = /\bdiameter (?:of|for)\b|\b(?:what|which) (?:diameter|thickness)\b|\bhow thick\b/i;
const ASKS_OUTLINE = /\b(?:how (?:big|large|wide)|what size)(?: is)?(?: an?)? (square|discs?|disks?|circles?)\b/i;
