// Bare numbers that name a fineness, and the metal whose fineness it is.

/** Parts per thousand of pure metal. */
export const FINEST = 1000;
const LEAST = 300;
const PRECIOUS = ['Pt', 'Au', 'Pd', 'Ag'];

/** Whether a bare number is a fineness, ‰: smaller ones are counts, karats or sizes. */
export function isFineness(number: number): boolean {
  return number >= LEAST && number <= FINEST;
}

/** The metal whose fineness an alloy has: gold in gold with palladium; empty where there is none. */
export function preciousOf(composition: Readonly<Record<string, number>>): string {
  return PRECIOUS.find((metal) => (composition[metal] ?? 0) > 0) ?? '';
}
