// Relaxation of overlaps: blanks on one sheet are pushed apart until none overlaps, as far as that goes. A blank is a
// rectangle with round corners: a disc has no rectangle, a rectangle no radius. The energy is the sum of the squares of
// all overlaps; L-BFGS takes it down (Nocedal 1980).

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** A blank to be moved; mm. */
export interface SoftBlank {
  readonly kind: number;
  /** Half sides of its rectangle, and the radius around it. */
  readonly halfWidth: number;
  readonly halfHeight: number;
  readonly radius: number;
  readonly canTurn: boolean;
  readonly isTurned: boolean;
  /** Of its middle, from the lower left corner. */
  readonly x: number;
  readonly y: number;
}

/** Inside of a sheet, mm. */
export interface SoftPlate {
  readonly width: number;
  readonly height: number;
}

/** Pairs farther apart than this are not looked at until something has moved by some of it, mm. */
const NEAR = 2.5;
const MOVED = 0.4;
/** Pairs of steps that L-BFGS remembers, and its longest step, mm. */
const MEMORY = 6;
const LONGEST = 3;
const FIRST_STEP = 0.25;
const MOST_HALVINGS = 12;
const ENOUGH = 1e-4;
/** After so many steps a run that no longer gains ends. */
const PATIENCE = 40;
const HARDLY = 0.99999;
const HIGH = 1e-6;
/** No overlap left, mm². */
export const NO_OVERLAP = 1e-13;

/** Distance of two blanks; below 0 where they overlap. */
export function distanceOf(a: SoftBlank, b: SoftBlank): number {
  const across = Math.abs(a.x - b.x) - a.halfWidth - b.halfWidth;
  const up = Math.abs(a.y - b.y) - a.halfHeight - b.halfHeight;
  const apart = across <= 0 && up <= 0 ? Math.max(across, up) : Math.hypot(Math.max(0, across), Math.max(0, up));
  return apart - a.radius - b.radius;
}

/** How far a blank reaches over the edges, in all. */
export function overEdges({ halfWidth, halfHeight, radius, x, y }: SoftBlank, { width, height }: SoftPlate): number {
  const [w, h] = [halfWidth + radius, halfHeight + radius];
  return Math.max(0, w - x) + Math.max(0, x + w - width) + Math.max(0, h - y) + Math.max(0, y + h - height);
}

/** @returns the blanks where they came to rest, and the energy that is left */
export function relaxed(
  blanks: readonly SoftBlank[],
  plate: SoftPlate,
  mostSteps: number,
): { readonly blanks: readonly SoftBlank[]; readonly energy: number } {
  const relaxation = new Relaxation(blanks, plate);
  const energy = relaxation.run(mostSteps);
  const { at } = relaxation;
  return { blanks: blanks.map((blank, index) => ({ ...blank, x: at[2 * index]!, y: at[2 * index + 1]! })), energy };
}

class Relaxation {
  /** x and y of each blank in turn. */
  readonly at: Float64Array;
  readonly #blanks: readonly SoftBlank[];
  readonly #plate: SoftPlate;
  readonly #slope: Float64Array;
  readonly #listedAt: Float64Array;
  #pairs: number[] = [];

  constructor(blanks: readonly SoftBlank[], plate: SoftPlate) {
    this.#blanks = blanks;
    this.#plate = plate;
    this.at = Float64Array.from(blanks.flatMap(({ x, y }) => [x, y]));
    this.#slope = new Float64Array(this.at.length);
    this.#listedAt = new Float64Array(this.at.length);
  }

  run(mostSteps: number): number {
    const { at } = this;
    const slope = this.#slope;
    const memory: { step: Float64Array; change: Float64Array; rho: number }[] = [];
    this.#listPairs();
    let energy = this.#energy();
    for (let step = 0; step < mostSteps && energy > NO_OVERLAP / 100; step += 1) {
      const direction = directionOf(slope, memory);
      let descent = -dot(slope, direction);
      if (descent >= 0) {
        memory.length = 0;
        for (let index = 0; index < slope.length; index += 1) direction[index] = slope[index]! * FIRST_STEP;
        descent = -dot(slope, direction);
      }
      const longest = direction.reduce((most, one) => Math.max(most, Math.abs(one)), 0);
      const before = at.slice();
      const slopeBefore = slope.slice();
      const energyBefore = energy;
      if (!this.#stepAlong(direction, longest > LONGEST ? LONGEST / longest : 1, before, energyBefore, descent)) {
        at.set(before);
        return this.#energy();
      }
      energy = this.#energy();
      remember(memory, at, before, slope, slopeBefore);
      if (this.#hasMoved()) {
        this.#listPairs();
        energy = this.#energy();
      }
      if (step > PATIENCE && energy > HARDLY * energyBefore && energy > HIGH) break;
    }
    return energy;
  }

  /** Halves the step until the energy falls enough. */
  #stepAlong(direction: Float64Array, first: number, from: Float64Array, energy: number, descent: number): boolean {
    const { at } = this;
    for (let halving = 0, length = first; halving < MOST_HALVINGS; halving += 1, length /= 2) {
      for (let index = 0; index < at.length; index += 1) at[index] = from[index]! - length * direction[index]!;
      if (this.#energy() <= energy + ENOUGH * length * descent) return true;
    }
    return false;
  }

  #hasMoved(): boolean {
    for (let index = 0; index < this.at.length; index += 1)
      if (Math.abs(this.at[index]! - this.#listedAt[index]!) > MOVED) return true;
    return false;
  }

  #listPairs(): void {
    const blanks = this.#blanks;
    const { at } = this;
    this.#listedAt.set(at);
    this.#pairs = [];
    for (let one = 0; one < blanks.length; one += 1)
      for (let other = one + 1; other < blanks.length; other += 1) {
        const [a, b] = [blanks[one]!, blanks[other]!];
        const reach = a.radius + b.radius + NEAR;
        if (Math.abs(at[2 * one]! - at[2 * other]!) >= a.halfWidth + b.halfWidth + reach) continue;
        if (Math.abs(at[2 * one + 1]! - at[2 * other + 1]!) >= a.halfHeight + b.halfHeight + reach) continue;
        this.#pairs.push(one, other);
      }
  }

  /** The energy; its slope is kept in a field. */
  #energy(): number {
    const blanks = this.#blanks;
    const pairs = this.#pairs;
    const { at } = this;
    const slope = this.#slope;
    slope.fill(0);
    let energy = 0;
    for (let pair = 0; pair < pairs.length; pair += 2) {
      const [one, other] = [pairs[pair]!, pairs[pair + 1]!];
      const [a, b] = [blanks[one]!, blanks[other]!];
      const [dx, dy] = [at[2 * one]! - at[2 * other]!, at[2 * one + 1]! - at[2 * other + 1]!];
      const radii = a.radius + b.radius;
      const across = Math.abs(dx) - a.halfWidth - b.halfWidth;
      const up = Math.abs(dy) - a.halfHeight - b.halfHeight;
      if (across >= radii || up >= radii) continue;
      let [overlap, x, y] = [0, 0, 0];
      if (across <= 0 && up <= 0) {
        // Rectangles overlap: along the shallower axis.
        if (across > up) [overlap, x] = [radii - across, dx < 0 ? -1 : 1];
        else [overlap, y] = [radii - up, dy < 0 ? -1 : 1];
      } else {
        const [px, py] = [Math.max(0, across), Math.max(0, up)];
        const apart = Math.sqrt(px * px + py * py);
        if (apart >= radii) continue;
        overlap = radii - apart;
        x = ((dx < 0 ? -1 : 1) * px) / apart;
        y = ((dy < 0 ? -1 : 1) * py) / apart;
      }
      energy += overlap * overlap;
      slope[2 * one] = slope[2 * one]! - 2 * overlap * x;
      slope[2 * one + 1] = slope[2 * one + 1]! - 2 * overlap * y;
      slope[2 * other] = slope[2 * other]! + 2 * overlap * x;
      slope[2 * other + 1] = slope[2 * other + 1]! + 2 * overlap * y;
    }
    return energy + this.#walls();
  }

  #walls(): number {
    const { at } = this;
    const { width, height } = this.#plate;
    let energy = 0;
    this.#blanks.forEach(({ halfWidth, halfHeight, radius }, index) => {
      energy += this.#wall(2 * index, halfWidth + radius, width, at) + this.#wall(2 * index + 1, halfHeight + radius, height, at); // prettier-ignore
    });
    return energy;
  }

  #wall(index: number, half: number, length: number, at: Float64Array): number {
    const slope = this.#slope;
    const [low, high] = [half - at[index]!, at[index]! + half - length];
    let energy = 0;
    if (low > 0) {
      energy += low * low;
      slope[index] = slope[index]! - 2 * low;
    }
    if (high > 0) {
      energy += high * high;
      slope[index] = slope[index]! + 2 * high;
    }
    return energy;
  }
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let index = 0; index < a.length; index += 1) sum += a[index]! * b[index]!;
  return sum;
}

/** The two-loop recursion. */
function directionOf(
  slope: Float64Array,
  memory: readonly { step: Float64Array; change: Float64Array; rho: number }[],
): Float64Array {
  const direction = slope.slice();
  const alphas = memory.map(() => 0);
  for (let at = memory.length - 1; at >= 0; at -= 1) {
    const { step, change, rho } = memory[at]!;
    const alpha = rho * dot(step, direction);
    alphas[at] = alpha;
    for (let index = 0; index < direction.length; index += 1)
      direction[index] = direction[index]! - alpha * change[index]!;
  }
  const last = memory.at(-1);
  const scale = last ? 1 / (last.rho * dot(last.change, last.change)) : FIRST_STEP;
  for (let index = 0; index < direction.length; index += 1) direction[index] = direction[index]! * scale;
  memory.forEach(({ step, change, rho }, at) => {
    const rest = alphas[at]! - rho * dot(change, direction);
    for (let index = 0; index < direction.length; index += 1)
      direction[index] = direction[index]! + rest * step[index]!;
  });
  return direction;
}

function remember(
  memory: { step: Float64Array; change: Float64Array; rho: number }[],
  at: Float64Array,
  before: Float64Array,
  slope: Float64Array,
  slopeBefore: Float64Array,
): void {
  const step = at.map((one, index) => one - before[index]!);
  const change = slope.map((one, index) => one - slopeBefore[index]!);
  const product = dot(step, change);
  if (product <= 1e-14) {
    memory.length = 0;
    return;
  }
  memory.push({ step, change, rho: 1 / product });
  if (memory.length > MEMORY) memory.shift();
}
