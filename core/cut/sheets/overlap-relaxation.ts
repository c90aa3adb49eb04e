// Relaxation of overlaps: blanks on one sheet are pushed apart until none overlaps, as far as that goes. A blank is a
// rectangle with round corners: a disc has no rectangle, a rectangle no radius. The energy is the sum of the squares of
// all overlaps.
import { type Energy, minimise, wallEnergy } from './lbfgs.ts';
import { NO_OVERLAP, type Soft, type SoftModel, type SoftPlate } from './overlap-search.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** A blank to be moved; mm. */
export interface SoftBlank extends Soft {
  /** Half sides of its rectangle, and the radius around it. */
  readonly halfWidth: number;
  readonly halfHeight: number;
  readonly radius: number;
  readonly canTurn: boolean;
  readonly isTurned: boolean;
}

/** Pairs farther apart than this are not looked at until something has moved by some of it, mm. */
const NEAR = 2.5;
const MOVED = 0.4;
/** Distance of two blanks; below 0 where they overlap. */
function distanceOf(a: SoftBlank, b: SoftBlank): number {
  const across = Math.abs(a.x - b.x) - a.halfWidth - b.halfWidth;
  const up = Math.abs(a.y - b.y) - a.halfHeight - b.halfHeight;
  const apart = across <= 0 && up <= 0 ? Math.max(across, up) : Math.hypot(Math.max(0, across), Math.max(0, up));
  return apart - a.radius - b.radius;
}

/** @returns the blanks where they came to rest, and the energy that is left */
function relaxed(
  blanks: readonly SoftBlank[],
  plate: SoftPlate,
  mostSteps: number,
): { readonly blanks: readonly SoftBlank[]; readonly energy: number } {
  const relaxation = new Relaxation(blanks, plate);
  const energy = minimise(relaxation, mostSteps, NO_OVERLAP / 100);
  const { at } = relaxation;
  return { blanks: blanks.map((blank, index) => ({ ...blank, x: at[2 * index]!, y: at[2 * index + 1]! })), energy };
}

const turned = (blank: SoftBlank): SoftBlank => ({
  ...blank,
  halfWidth: blank.halfHeight,
  halfHeight: blank.halfWidth,
  isTurned: !blank.isTurned,
});

/** Discs and rectangles. */
export const roundAndRectangular: SoftModel<SoftBlank> = {
  halfOf: ({ halfWidth, halfHeight, radius }) => [halfWidth + radius, halfHeight + radius],
  distanceOf,
  ways: (blank) => (blank.canTurn ? [blank, turned(blank)] : [blank]),
  anyWay: (blank, random) => (blank.canTurn && random() < 0.5 ? turned(blank) : blank),
  relaxed,
};

class Relaxation implements Energy {
  /** x and y of each blank in turn. */
  readonly at: Float64Array;
  readonly #plate: SoftPlate;
  readonly #halfWidth: Float64Array;
  readonly #halfHeight: Float64Array;
  readonly #radius: Float64Array;
  readonly slope: Float64Array;
  readonly #listedAt: Float64Array;
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
    this.slope = new Float64Array(size);
    this.#listedAt = new Float64Array(size);
    this.#listPairs();
  }

  refresh(): boolean {
    if (!this.#hasMoved()) return false;
    this.#listPairs();
    return true;
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

  value(): number {
    const { at } = this;
    const pairs = this.#pairs;
    const [halfWidth, halfHeight, radius, slope] = [this.#halfWidth, this.#halfHeight, this.#radius, this.slope];
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
      energy += wallEnergy(this, index, this.#halfWidth[index / 2]! + radius, width);
      energy += wallEnergy(this, index + 1, this.#halfHeight[index / 2]! + radius, height);
    }
    return energy;
  }
}
