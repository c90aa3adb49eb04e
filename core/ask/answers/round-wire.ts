// Shared by the answers about bent wire: the mass of the wire, and the part it makes.
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import type { PartTyped } from '../../piece/part.ts';
import { massPerLength } from '../../stock/section.ts';
import { takenPart } from '../part.ts';
import type { TakenPart } from '../question.ts';
import type { Slots, Stock } from '../slots.ts';

// A part needs an alloy: without one named there is no part.
/** A part of round wire that a piece can take, or null when no alloy is named. */
export function roundPart(
  slots: Slots,
  name: string,
  wire: Figure,
  blank: PartTyped['blank'],
  count: number,
): TakenPart | null {
  const { alloys, form } = slots.question;
  if (alloys.length === 0 || (form !== null && form !== 'round')) return null;
  const stock: Stock = { section: { form: 'round', diameterMm: wire.value }, sizes: [wire] };
  return takenPart(name, slots.alloy(), stock, blank, count);
}

/** Mass of a length of round or square wire as a list of at most one figure; empty when no alloy is named. */
export function massOf(slots: Slots, length: Figure, wire: Figure): Figure[] {
  if (slots.question.alloys.length === 0) return [];
  const density = slots.density(slots.alloy());
  const isSquare = slots.question.form === 'square';
  const section = isSquare
    ? ({ form: 'square', sideMm: wire.value } as const)
    : ({ form: 'round', diameterMm: wire.value } as const);
  const mass = massPerLength(section, density.value) * length.value;
  return [
    computed(
      'mass',
      mass,
      'g',
      `${isSquare ? '' : 'π/4 × '}${inSum(wire.value)}² × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`,
      [wire, length, density],
    ),
  ];
}

/** The inside of a ring of wire whose outside is named; null where it is not: `diameter` alone is the inside. */
export function insideOfOutside(slots: Slots, thick: Figure | null): Figure | null {
  if (!thick || !/\b(?:outside|outer|od|overall)\b/i.test(slots.question.line)) return null;
  const outside = slots.take('outside', 'outside diameter');
  if (!outside) return null;
  const how = `${inSum(outside.value)} − 2 × ${inSum(thick.value)}`;
  return computed('inside diameter', outside.value - 2 * thick.value, 'mm', how, [outside, thick]);
}
