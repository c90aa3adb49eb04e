// L-BFGS (Nocedal 1980): takes an energy down along its slope, with the last steps for its curvature.

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** An energy of coordinates, mm². */
export interface Energy {
  /** Coordinates, mm; changed in place. */
  readonly at: Float64Array;
  /** Slope at the coordinates of the last value. */
  readonly slope: Float64Array;
  /** The energy at `at`; it sets the slope. */
  value(): number;
  /** Looks for near pairs again where something has moved far enough. @returns whether it did */
  refresh(): boolean;
}

/** Pairs of steps that are remembered, and the longest step, mm. */
const MEMORY = 6;
const LONGEST = 3;
const FIRST_STEP = 0.25;
const MOST_HALVINGS = 12;
const ENOUGH = 1e-4;
/** Steps along which the slope hardly changes say nothing. */
const LEAST_CURVATURE = 1e-14;
/** After so many steps a run that no longer gains ends. */
const PATIENCE = 40;
const HARDLY = 0.99999;
const HIGH = 1e-6;

/**
 * Energy of a coordinate that reaches over an edge, whose slope it sets: half a blank, mm, inside a length from 0, mm.
 * @returns mm²
 */
export function wallEnergy({ at, slope }: Energy, index: number, half: number, length: number): number {
  const [low, high] = [half - at[index]!, at[index]! + half - length];
  let energy = 0;
  if (low > 0) {
    energy += low * low;
    slope[index] = -2 * low;
  }
  if (high > 0) {
    energy += high * high;
    slope[index] = slope[index]! + 2 * high;
  }
  return energy;
}

/** Takes the energy down until it is below `enough`, no longer falls, or after so many steps. @returns the energy left */
export function minimise(of: Energy, mostSteps: number, enough: number): number {
  const { at, slope } = of;
  const size = at.length;
  const memory = new Memory(size);
  const direction = new Float64Array(size);
  const before = new Float64Array(size);
  const slopeBefore = new Float64Array(size);
  let energy = of.value();
  for (let step = 0; step < mostSteps && energy > enough; step += 1) {
    memory.direct(slope, direction);
    let descent = -dot(slope, direction);
    if (descent >= 0) {
      memory.clear();
      for (let index = 0; index < size; index += 1) direction[index] = slope[index]! * FIRST_STEP;
      descent = -dot(slope, direction);
    }
    let longest = 0;
    for (let index = 0; index < size; index += 1) longest = Math.max(longest, Math.abs(direction[index]!));
    before.set(at);
    slopeBefore.set(slope);
    const energyBefore = energy;
    energy = stepAlong(of, direction, longest > LONGEST ? LONGEST / longest : 1, before, energyBefore, descent);
    if (energy === Infinity) {
      at.set(before);
      return of.value();
    }
    memory.remember(at, before, slope, slopeBefore);
    if (of.refresh()) energy = of.value();
    if (step > PATIENCE && energy > HARDLY * energyBefore && energy > HIGH) break;
  }
  return energy;
}

/** Halves the step until the energy falls enough. @returns the energy; Infinity where it does not fall */
function stepAlong(
  of: Energy,
  direction: Float64Array,
  first: number,
  from: Float64Array,
  energy: number,
  descent: number,
): number {
  const { at } = of;
  for (let halving = 0, length = first; halving < MOST_HALVINGS; halving += 1, length /= 2) {
    for (let index = 0; index < at.length; index += 1) at[index] = from[index]! - length * direction[index]!;
    const after = of.value();
    if (after <= energy + ENOUGH * length * descent) return after;
  }
  return Infinity;
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let index = 0; index < a.length; index += 1) sum += a[index]! * b[index]!;
  return sum;
}

/** The last steps of L-BFGS, the oldest overwritten first. */
class Memory {
  readonly #steps: readonly Float64Array[];
  readonly #changes: readonly Float64Array[];
  readonly #rho = new Float64Array(MEMORY);
  readonly #alphas = new Float64Array(MEMORY);
  #size = 0;
  #next = 0;

  constructor(size: number) {
    this.#steps = Array.from({ length: MEMORY }, () => new Float64Array(size));
    this.#changes = Array.from({ length: MEMORY }, () => new Float64Array(size));
  }

  clear(): void {
    this.#size = 0;
  }

  remember(at: Float64Array, before: Float64Array, slope: Float64Array, slopeBefore: Float64Array): void {
    const step = this.#steps[this.#next]!;
    const change = this.#changes[this.#next]!;
    let product = 0;
    for (let index = 0; index < at.length; index += 1) {
      step[index] = at[index]! - before[index]!;
      change[index] = slope[index]! - slopeBefore[index]!;
      product += step[index]! * change[index]!;
    }
    if (product <= LEAST_CURVATURE) {
      this.#size = 0;
      return;
    }
    this.#rho[this.#next] = 1 / product;
    this.#next = (this.#next + 1) % MEMORY;
    this.#size = Math.min(MEMORY, this.#size + 1);
  }

  /** The two-loop recursion. */
  direct(slope: Float64Array, direction: Float64Array): void {
    direction.set(slope);
    const size = direction.length;
    for (let back = 1; back <= this.#size; back += 1) {
      const slot = (this.#next - back + MEMORY) % MEMORY;
      const alpha = this.#rho[slot]! * dot(this.#steps[slot]!, direction);
      const change = this.#changes[slot]!;
      this.#alphas[slot] = alpha;
      for (let index = 0; index < size; index += 1) direction[index] = direction[index]! - alpha * change[index]!;
    }
    const last = (this.#next - 1 + MEMORY) % MEMORY;
    const change = this.#changes[last]!;
    const scale = this.#size > 0 ? 1 / (this.#rho[last]! * dot(change, change)) : FIRST_STEP;
    for (let index = 0; index < size; index += 1) direction[index] = direction[index]! * scale;
    for (let back = this.#size; back >= 1; back -= 1) {
      const slot = (this.#next - back + MEMORY) % MEMORY;
      const rest = this.#alphas[slot]! - this.#rho[slot]! * dot(this.#changes[slot]!, direction);
      const step = this.#steps[slot]!;
      for (let index = 0; index < size; index += 1) direction[index] = direction[index]! + rest * step[index]!;
    }
  }
}
