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
/** Steps along which the slope hardly changes say nothing. */
const LEAST_CURVATURE = 1e-14;
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
  readonly #plate: SoftPlate;
  readonly #halfWidth: Float64Array;
  readonly #halfHeight: Float64Array;
  readonly #radius: Float64Array;
  readonly #slope: Float64Array;
  readonly #listedAt: Float64Array;
  readonly #memory: Memory;
  /** Pairs that are near, and by pair the sums of their halves and radii. */
  #pairs: Int32Array = new Int32Array(0);
  #count = 0;

  constructor(blanks: readonly SoftBlank[], plate: SoftPlate) {
    this.#plate = plate;
    const size = 2 * blanks.length;
    this.at = new Float64Array(size);
    blanks.forEach(({ x, y }, index) => {
      this.at[2 * index] = x;
      this.at[2 * index + 1] = y;
    });
    this.#halfWidth = Float64Array.from(blanks, ({ halfWidth }) => halfWidth);
    this.#halfHeight = Float64Array.from(blanks, ({ halfHeight }) => halfHeight);
    this.#radius = Float64Array.from(blanks, ({ radius }) => radius);
    this.#slope = new Float64Array(size);
    this.#listedAt = new Float64Array(size);
    this.#memory = new Memory(size);
  }

  run(mostSteps: number): number {
    const { at } = this;
    const slope = this.#slope;
    const memory = this.#memory;
    const size = at.length;
    const direction = new Float64Array(size);
    const before = new Float64Array(size);
    const slopeBefore = new Float64Array(size);
    this.#listPairs();
    let energy = this.#energy();
    for (let step = 0; step < mostSteps && energy > NO_OVERLAP / 100; step += 1) {
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
      energy = this.#stepAlong(direction, longest > LONGEST ? LONGEST / longest : 1, before, energyBefore, descent);
      if (energy === Infinity) {
        at.set(before);
        return this.#energy();
      }
      memory.remember(at, before, slope, slopeBefore);
      if (this.#hasMoved()) {
        this.#listPairs();
        energy = this.#energy();
      }
      if (step > PATIENCE && energy > HARDLY * energyBefore && energy > HIGH) break;
    }
    return energy;
  }

  /** Halves the step until the energy falls enough. @returns the energy; Infinity where it does not fall */
  #stepAlong(direction: Float64Array, first: number, from: Float64Array, energy: number, descent: number): number {
    const { at } = this;
    for (let halving = 0, length = first; halving < MOST_HALVINGS; halving += 1, length /= 2) {
      for (let index = 0; index < at.length; index += 1) at[index] = from[index]! - length * direction[index]!;
      const after = this.#energy();
      if (after <= energy + ENOUGH * length * descent) return after;
    }
    return Infinity;
  }

  #hasMoved(): boolean {
    for (let index = 0; index < this.at.length; index += 1)
      if (Math.abs(this.at[index]! - this.#listedAt[index]!) > MOVED) return true;
    return false;
  }

  #listPairs(): void {
    const { at } = this;
    const count = at.length / 2;
    if (this.#pairs.length === 0) this.#pairs = new Int32Array(count * (count - 1));
    this.#listedAt.set(at);
    this.#count = 0;
    for (let one = 0; one < count; one += 1)
      for (let other = one + 1; other < count; other += 1) {
        const reach = this.#radius[one]! + this.#radius[other]! + NEAR;
        const across = this.#halfWidth[one]! + this.#halfWidth[other]! + reach;
        if (Math.abs(at[2 * one]! - at[2 * other]!) >= across) continue;
        const up = this.#halfHeight[one]! + this.#halfHeight[other]! + reach;
        if (Math.abs(at[2 * one + 1]! - at[2 * other + 1]!) >= up) continue;
        this.#pairs[this.#count] = one;
        this.#pairs[this.#count + 1] = other;
        this.#count += 2;
      }
  }

  /** The energy; its slope is kept in a field. */
  #energy(): number {
    const { at } = this;
    const pairs = this.#pairs;
    const [halfWidth, halfHeight, radius, slope] = [this.#halfWidth, this.#halfHeight, this.#radius, this.#slope];
    slope.fill(0);
    let energy = this.#walls();
    for (let pair = 0; pair < this.#count; pair += 2) {
      const one = pairs[pair]!;
      const other = pairs[pair + 1]!;
      const dx = at[2 * one]! - at[2 * other]!;
      const dy = at[2 * one + 1]! - at[2 * other + 1]!;
      const radii = radius[one]! + radius[other]!;
      const across = Math.abs(dx) - halfWidth[one]! - halfWidth[other]!;
      const up = Math.abs(dy) - halfHeight[one]! - halfHeight[other]!;
      if (across >= radii || up >= radii) continue;
      let overlap: number;
      let x = 0;
      let y = 0;
      if (across <= 0 && up <= 0) {
        // Rectangles overlap: along the shallower axis.
        if (across > up) x = dx < 0 ? -1 : 1;
        else y = dy < 0 ? -1 : 1;
        overlap = radii - Math.max(across, up);
      } else {
        const px = across > 0 ? across : 0;
        const py = up > 0 ? up : 0;
        const square = px * px + py * py;
        if (square >= radii * radii) continue;
        const apart = Math.sqrt(square);
        overlap = radii - apart;
        x = (dx < 0 ? -px : px) / apart;
        y = (dy < 0 ? -py : py) / apart;
      }
      energy += overlap * overlap;
      const [pushX, pushY] = [2 * overlap * x, 2 * overlap * y];
      slope[2 * one] = slope[2 * one]! - pushX;
      slope[2 * one + 1] = slope[2 * one + 1]! - pushY;
      slope[2 * other] = slope[2 * other]! + pushX;
      slope[2 * other + 1] = slope[2 * other + 1]! + pushY;
    }
    return energy;
  }

  #walls(): number {
    const { at } = this;
    const { width, height } = this.#plate;
    let energy = 0;
    for (let index = 0; index < at.length; index += 2) {
      const radius = this.#radius[index / 2]!;
      energy += this.#wall(index, this.#halfWidth[index / 2]! + radius, width);
      energy += this.#wall(index + 1, this.#halfHeight[index / 2]! + radius, height);
    }
    return energy;
  }

  #wall(index: number, half: number, length: number): number {
    const [low, high] = [half - this.at[index]!, this.at[index]! + half - length];
    let energy = 0;
    if (low > 0) {
      energy += low * low;
      this.#slope[index] = -2 * low;
    }
    if (high > 0) {
      energy += high * high;
      this.#slope[index] = this.#slope[index]! + 2 * high;
    }
    return energy;
  }
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
