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
  if (slots.question.alloys.length === 0 || slots.question.form === 'half-round') return null;
  const stock: Stock = { section: { form: 'round', diameterMm: wire.value }, sizes: [wire] };
  return takenPart(name, slots.alloy(), stock, blank, count);
}

// The mass of a length of round wire, when the metal is named.
/** Mass of a length of round wire as a list of at most one figure; empty when no alloy is named. */
export function massOf(slots: Slots, length: Figure, wire: Figure): Figure[] {
  if (slots.question.alloys.length === 0) return [];
  const density = slots.density(slots.alloy());
  const mass = massPerLength({ form: 'round', diameterMm: wire.value }, density.value) * length.value;
  return [
    computed(
      'mass',
      mass,
      'g',
      `π/4 × ${inSum(wire.value)}² × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`,
      [wire, length, density],
    ),
  ];
}
