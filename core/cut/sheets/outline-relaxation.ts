// Relaxation of overlaps between outlines: the overlap of two outlines is that of the convex parts of their no-fit polygon,
// each as deep as the way out to its nearest edge. The energy is the sum of the squares of all depths.
import type { NoFitPolygon, Shape } from '../../geometry/no-fit-polygon.ts';
import type { BlankKind, LaidBlank, NoFits } from './lay-sheet.ts';
import { type Energy, minimise, wallEnergy } from './lbfgs.ts';
import { NO_OVERLAP, type SoftModel, type SoftPlate } from './overlap-search.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** Pairs farther apart than this are not looked at until something has moved by some of it, mm. */
const NEAR = 2.5;
const MOVED = 0.4;
/** Ways that are tried for a blank without a place. */
const SOME_WAYS = 8;

/** A convex part of a no-fit polygon: by edge its start, its direction of length 1, and its length. */
interface SoftPart {
  readonly edges: Float64Array;
  readonly radius: number;
  readonly reach: readonly [left: number, right: number, bottom: number, top: number];
}

/** The no-fit polygon of a pair, with how far it reaches. */
interface SoftPair {
  readonly parts: readonly SoftPart[];
  readonly reachX: number;
  readonly reachY: number;
}

const EDGE = 5;
const pairsOf = new WeakMap<NoFitPolygon, SoftPair>();

/**
 * Outlines, and any other blanks, by their no-fit polygons.
 * @param half  half the gap and a hair, mm
 * @param hair  blanks that only touch count as apart: this much more than the gap, mm
 */
export function outlineModel(
  kinds: readonly BlankKind[],
  noFits: NoFits,
  half: number,
  hair: number,
): SoftModel<LaidBlank> {
  const shapeOf = ({ kind, way }: LaidBlank): Shape => kinds[kind]!.ways[way]!;
  const pairOf = (a: LaidBlank, b: LaidBlank) => softPair(noFits.of(shapeOf(a), shapeOf(b)), hair);
  const waysOf = ({ kind }: LaidBlank) => kinds[kind]!.ways.length;
  return {
    halfOf: (blank) => [shapeOf(blank).width / 2 + half, shapeOf(blank).height / 2 + half],
    distanceOf: (a, b) => distanceAt(pairOf(a, b), b.x - a.x, b.y - a.y),
    ways: (blank, random) => {
      const count = waysOf(blank);
      if (count <= SOME_WAYS) return Array.from({ length: count }, (_, way) => ({ ...blank, way }));
      const first = Math.floor(random() * count);
      return Array.from({ length: SOME_WAYS }, (_, at) => ({
        ...blank,
        way: (first + Math.floor((at * count) / SOME_WAYS)) % count,
      }));
    },
    anyWay: (blank, random) => {
      const count = waysOf(blank);
      return count > 1 && random() < 0.5 ? { ...blank, way: Math.floor(random() * count) } : blank;
    },
    relaxed: (blanks, plate, mostSteps) => {
      const relaxation = new OutlineRelaxation(
        blanks,
        blanks.map((blank) => [shapeOf(blank).width / 2 + half, shapeOf(blank).height / 2 + half] as const),
        pairOf,
        plate,
      );
      const energy = minimise(relaxation, mostSteps, NO_OVERLAP / 100);
      const { at } = relaxation;
      return { blanks: blanks.map((blank, index) => ({ ...blank, x: at[2 * index]!, y: at[2 * index + 1]! })), energy };
    },
  };
}

function softPair(noFit: NoFitPolygon, hair: number): SoftPair {
  let pair = pairsOf.get(noFit);
  if (pair) return pair;
  const parts = noFit.parts.map(({ core, radius, left, right, bottom, top }): SoftPart => {
    const edges = new Float64Array(core.length * EDGE);
    core.forEach((from, index) => {
      const to = core[(index + 1) % core.length]!;
      const length = Math.hypot(to.x - from.x, to.y - from.y);
      edges.set([from.x, from.y, length ? (to.x - from.x) / length : 0, length ? (to.y - from.y) / length : 0, length], index * EDGE); // prettier-ignore
    });
    return { edges, radius: radius + hair, reach: [left - hair, right + hair, bottom - hair, top + hair] };
  });
  pair = { parts, reachX: noFit.reachX + hair, reachY: noFit.reachY + hair };
  pairsOf.set(noFit, pair);
  return pair;
}

/** Where the way out of the last part looked at leads, of length 1. */
const out = { x: 0, y: 0 };

/** Distance from a part, less its radius: below 0 inside, Infinity where it is surely outside. It sets `out`. */
function distanceFrom({ edges, radius, reach }: SoftPart, x: number, y: number): number {
  if (x <= reach[0] || x >= reach[1] || y <= reach[2] || y >= reach[3]) return Infinity;
  if (edges.length === EDGE) {
    const [px, py] = [x - edges[0]!, y - edges[1]!];
    const away = Math.hypot(px, py) || 1e-12;
    out.x = px / away;
    out.y = py / away;
    return away - radius;
  }
  let deepest = -Infinity;
  let nearest = Infinity;
  let deepX = 0;
  let deepY = 0;
  let nearX = 0;
  let nearY = 0;
  for (let at = 0; at < edges.length; at += EDGE) {
    const dx = edges[at + 2]!;
    const dy = edges[at + 3]!;
    const px = x - edges[at]!;
    const py = y - edges[at + 1]!;
    // The outside lies to the right of a counter-clockwise edge.
    const beyond = px * dy - py * dx;
    if (beyond >= radius) return Infinity;
    if (beyond > deepest) {
      deepest = beyond;
      deepX = dy;
      deepY = -dx;
    }
    if (beyond < 0) continue;
    const length = edges[at + 4]!;
    const along = px * dx + py * dy;
    const held = along < 0 ? 0 : along > length ? length : along;
    const ex = px - dx * held;
    const ey = py - dy * held;
    const away = ex * ex + ey * ey;
    if (away < nearest) {
      nearest = away;
      nearX = ex;
      nearY = ey;
    }
  }
  if (deepest <= 0) {
    out.x = deepX;
    out.y = deepY;
    return deepest - radius;
  }
  const away = Math.sqrt(nearest) || 1e-12;
  out.x = nearX / away;
  out.y = nearY / away;
  return away - radius;
}

/** Distance of two outlines whose middles are so far apart: the least over the parts. */
function distanceAt({ parts, reachX, reachY }: SoftPair, dx: number, dy: number): number {
  const beyond = Math.max(Math.abs(dx) - reachX, Math.abs(dy) - reachY);
  if (beyond >= 0) return beyond;
  // Outside the boxes of all parts they are apart, as far as that is known.
  return parts.reduce((least, part) => Math.min(least, distanceFrom(part, dx, dy)), NEAR);
}

class OutlineRelaxation implements Energy {
  readonly at: Float64Array;
  readonly slope: Float64Array;
  readonly #halves: readonly (readonly [number, number])[];
  readonly #plate: SoftPlate;
  readonly #listedAt: Float64Array;
  /** The no-fit polygon of each pair. */
  readonly #pairs: readonly (readonly SoftPair[])[];
  #near: Int32Array;
  #count = 0;

  constructor(
    blanks: readonly LaidBlank[],
    halves: readonly (readonly [number, number])[],
    pairOf: (a: LaidBlank, b: LaidBlank) => SoftPair,
    plate: SoftPlate,
  ) {
    this.at = new Float64Array(2 * blanks.length);
    blanks.forEach(({ x, y }, index) => {
      this.at[2 * index] = x;
      this.at[2 * index + 1] = y;
    });
    this.slope = new Float64Array(this.at.length);
    this.#listedAt = new Float64Array(this.at.length);
    this.#halves = halves;
    this.#plate = plate;
    this.#pairs = blanks.map((one, index) => blanks.slice(index + 1).map((other) => pairOf(one, other)));
    this.#near = new Int32Array(blanks.length * (blanks.length - 1));
    this.#listPairs();
  }

  refresh(): boolean {
    for (let index = 0; index < this.at.length; index += 1)
      if (Math.abs(this.at[index]! - this.#listedAt[index]!) > MOVED) {
        this.#listPairs();
        return true;
      }
    return false;
  }

  #listPairs(): void {
    const { at } = this;
    this.#listedAt.set(at);
    this.#count = 0;
    for (let one = 0; one < this.#pairs.length; one += 1)
      for (let other = one + 1; other < this.#pairs.length; other += 1) {
        const { reachX, reachY } = this.#pairs[one]![other - one - 1]!;
        if (Math.abs(at[2 * one]! - at[2 * other]!) >= reachX + NEAR) continue;
        if (Math.abs(at[2 * one + 1]! - at[2 * other + 1]!) >= reachY + NEAR) continue;
        this.#near[this.#count] = one;
        this.#near[this.#count + 1] = other;
        this.#count += 2;
      }
  }

  value(): number {
    const { at, slope } = this;
    slope.fill(0);
    let energy = this.#walls();
    for (let pair = 0; pair < this.#count; pair += 2) {
      const one = this.#near[pair]!;
      const other = this.#near[pair + 1]!;
      const dx = at[2 * other]! - at[2 * one]!;
      const dy = at[2 * other + 1]! - at[2 * one + 1]!;
      for (const part of this.#pairs[one]![other - one - 1]!.parts) {
        const distance = distanceFrom(part, dx, dy);
        if (distance >= 0) continue;
        energy += distance * distance;
        const [pushX, pushY] = [2 * distance * out.x, 2 * distance * out.y];
        slope[2 * other] = slope[2 * other]! + pushX;
        slope[2 * other + 1] = slope[2 * other + 1]! + pushY;
        slope[2 * one] = slope[2 * one]! - pushX;
        slope[2 * one + 1] = slope[2 * one + 1]! - pushY;
      }
    }
    return energy;
  }

  #walls(): number {
    const { width, height } = this.#plate;
    return this.#halves.reduce(
      (energy, [across, up], index) =>
        energy + wallEnergy(this, 2 * index, across, width) + wallEnergy(this, 2 * index + 1, up, height),
      0,
    );
  }
}
