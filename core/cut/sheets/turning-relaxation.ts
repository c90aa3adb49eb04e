// Relaxation of overlaps between outlines that may turn by any angle: place and angle of each blank are coordinates. Two
// convex parts are as far apart as the best of their sides parts them (separating axes); the energy is the sum of the
// squares of what is missing to the gap.
import { type Energy, minimise } from './lbfgs.ts';
import { NO_OVERLAP, type Soft, type SoftModel, type SoftPlate } from './overlap-search.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** A kind of blank about its middle: convex parts, counter-clockwise, x and y in turn, mm; a disc is a point. */
export interface TurningKind {
  readonly parts: readonly Float64Array[];
  /** Of a disc; 0 for outlines. */
  readonly radius: number;
  /** How far it reaches from its middle. */
  readonly reach: number;
  /** Angles it is tried at, radians; where it may not turn freely these are all. */
  readonly angles: readonly number[];
  readonly canTurn: boolean;
}

/** A blank that may overlap, at an angle in radians. */
export interface TurnedBlank extends Soft {
  readonly angle: number;
}

const NEAR = 2.5;
const MOVED = 0.4;
const SOME_WAYS = 8;
/** Share of moves that turn a blank, and of those that turn it to any angle. */
const TURNS = 0.5;
const ANY_TURN = 0.5;

/**
 * The model of blanks that turn.
 * @param half  half the gap and a hair, mm
 */
export function turningModel(kinds: readonly TurningKind[], half: number): SoftModel<TurnedBlank> {
  const kindOf = ({ kind }: TurnedBlank) => kinds[kind]!;
  const turnAt = (blank: TurnedBlank, random: () => number): TurnedBlank => {
    const { angles, canTurn } = kindOf(blank);
    if (canTurn && random() < ANY_TURN) return { ...blank, angle: 2 * Math.PI * random() };
    return { ...blank, angle: angles[Math.floor(random() * angles.length)] ?? blank.angle };
  };
  return {
    halfOf: (blank) => {
      const { parts, radius } = kindOf(blank);
      const [cos, sin] = [Math.cos(blank.angle), Math.sin(blank.angle)];
      let [left, right, bottom, top] = [Infinity, -Infinity, Infinity, -Infinity];
      for (const part of parts)
        for (let at = 0; at < part.length; at += 2) {
          const x = part[at]! * cos - part[at + 1]! * sin;
          const y = part[at]! * sin + part[at + 1]! * cos;
          left = Math.min(left, x);
          right = Math.max(right, x);
          bottom = Math.min(bottom, y);
          top = Math.max(top, y);
        }
      return [(right - left) / 2 + radius + half, (top - bottom) / 2 + radius + half];
    },
    distanceOf: (a, b) => {
      const [one, other] = [placed(kindOf(a), a), placed(kindOf(b), b)];
      const surely = Math.hypot(a.x - b.x, a.y - b.y) - one.reach - other.reach - 2 * half;
      if (surely > 0) return surely;
      let least = Infinity;
      for (const part of one.parts)
        for (const against of other.parts)
          least = Math.min(least, separation(part, one.radius, against, other.radius) - 2 * half);
      return least;
    },
    ways: (blank, random) => {
      const { angles } = kindOf(blank);
      if (angles.length <= SOME_WAYS) return angles.map((angle) => ({ ...blank, angle }));
      const first = Math.floor(random() * angles.length);
      return Array.from({ length: SOME_WAYS }, (_, at) => ({ ...blank, angle: angles[(first + Math.floor((at * angles.length) / SOME_WAYS)) % angles.length]! })); // prettier-ignore
    },
    anyWay: (blank, random) => (random() < TURNS ? turnAt(blank, random) : blank),
    relaxed: (blanks, plate, mostSteps) => {
      const relaxation = new TurningRelaxation(blanks, blanks.map(kindOf), half, plate);
      const energy = minimise(relaxation, mostSteps, NO_OVERLAP / 100);
      return { blanks: relaxation.blanks(), energy };
    },
  };
}

interface PlacedKind {
  readonly parts: readonly Float64Array[];
  readonly radius: number;
  readonly reach: number;
}

function placed({ parts, radius, reach }: TurningKind, { x, y, angle }: TurnedBlank): PlacedKind {
  return { parts: parts.map((part) => turnInto(new Float64Array(part.length), part, x, y, angle)), radius, reach };
}

function turnInto(to: Float64Array, part: Float64Array, x: number, y: number, angle: number): Float64Array {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  for (let at = 0; at < part.length; at += 2) {
    to[at] = x + part[at]! * cos - part[at + 1]! * sin;
    to[at + 1] = y + part[at]! * sin + part[at + 1]! * cos;
  }
  return to;
}

/** Where the last separation was measured: its direction from the first part to the second, and a corner. */
const contact = { nx: 0, ny: 0, px: 0, py: 0 };

/** How far two convex parts are apart, mm; below 0 where they overlap. It sets `contact`. */
function separation(a: Float64Array, ra: number, b: Float64Array, rb: number): number {
  const radii = ra + rb;
  if (a.length === 2 && b.length === 2) {
    const [dx, dy] = [b[0]! - a[0]!, b[1]! - a[1]!];
    const away = Math.hypot(dx, dy) || 1e-12;
    setContact(dx / away, dy / away, b[0]!, b[1]!);
    return away - radii;
  }
  if (b.length === 2) return fromPoint(a, b[0]!, b[1]!) - radii;
  if (a.length === 2) {
    const away = fromPoint(b, a[0]!, a[1]!);
    setContact(-contact.nx, -contact.ny, contact.px, contact.py);
    return away - radii;
  }
  const first = widestSide(a, b);
  const { nx, ny, px, py } = contact;
  const second = widestSide(b, a);
  if (first >= second) setContact(nx, ny, px, py);
  else setContact(-contact.nx, -contact.ny, contact.px, contact.py);
  return Math.max(first, second);
}

function setContact(nx: number, ny: number, px: number, py: number): void {
  contact.nx = nx;
  contact.ny = ny;
  contact.px = px;
  contact.py = py;
}

/** The side of a polygon beyond which the other one lies farthest. */
function widestSide(a: Float64Array, b: Float64Array): number {
  let widest = -Infinity;
  for (let at = 0; at < a.length; at += 2) {
    const next = at + 2 === a.length ? 0 : at + 2;
    const [dx, dy] = [a[next]! - a[at]!, a[next + 1]! - a[at + 1]!];
    const length = Math.sqrt(dx * dx + dy * dy);
    if (length < 1e-9) continue;
    const [nx, ny] = [dy / length, -dx / length];
    const from = nx * a[at]! + ny * a[at + 1]!;
    let [nearest, corner] = [Infinity, 0];
    for (let other = 0; other < b.length; other += 2) {
      const beyond = nx * b[other]! + ny * b[other + 1]! - from;
      if (beyond < nearest) {
        nearest = beyond;
        corner = other;
        if (nearest <= widest) break;
      }
    }
    if (nearest <= widest) continue;
    widest = nearest;
    setContact(nx, ny, b[corner]!, b[corner + 1]!);
  }
  return widest;
}

/** Distance of a point from a polygon; below 0 inside. */
function fromPoint(polygon: Float64Array, x: number, y: number): number {
  let [deepest, nearest] = [-Infinity, Infinity];
  let [deepX, deepY, nearX, nearY] = [0, 0, 0, 0];
  for (let at = 0; at < polygon.length; at += 2) {
    const next = at + 2 === polygon.length ? 0 : at + 2;
    const [dx, dy] = [polygon[next]! - polygon[at]!, polygon[next + 1]! - polygon[at + 1]!];
    const length = Math.sqrt(dx * dx + dy * dy);
    if (length < 1e-9) continue;
    const [px, py] = [x - polygon[at]!, y - polygon[at + 1]!];
    const beyond = (px * dy - py * dx) / length;
    if (beyond > deepest) {
      deepest = beyond;
      deepX = dy / length;
      deepY = -dx / length;
    }
    const along = Math.max(0, Math.min(1, (px * dx + py * dy) / (length * length)));
    const [ex, ey] = [px - along * dx, py - along * dy];
    const away = ex * ex + ey * ey;
    if (away < nearest) [nearest, nearX, nearY] = [away, ex, ey];
  }
  if (deepest <= 0) {
    setContact(deepX, deepY, x, y);
    return deepest;
  }
  const away = Math.sqrt(nearest) || 1e-12;
  setContact(nearX / away, nearY / away, x, y);
  return away;
}

const EACH = 3;

/** Coordinates of a blank: x, y, and its angle times its reach, all in mm. */
class TurningRelaxation implements Energy {
  readonly at: Float64Array;
  readonly slope: Float64Array;
  readonly #of: readonly TurnedBlank[];
  readonly #kinds: readonly TurningKind[];
  readonly #half: number;
  readonly #plate: SoftPlate;
  readonly #placed: readonly Float64Array[][];
  readonly #listedAt: Float64Array;
  #pairs: number[] = [];

  constructor(of: readonly TurnedBlank[], kinds: readonly TurningKind[], half: number, plate: SoftPlate) {
    this.#of = of;
    this.#kinds = kinds;
    this.#half = half;
    this.#plate = plate;
    this.at = new Float64Array(of.length * EACH);
    of.forEach(({ x, y, angle }, index) => {
      this.at.set([x, y, angle * kinds[index]!.reach], index * EACH);
    });
    this.slope = new Float64Array(this.at.length);
    this.#listedAt = new Float64Array(this.at.length);
    this.#placed = kinds.map(({ parts }) => parts.map((part) => new Float64Array(part.length)));
    this.#listPairs();
  }

  blanks(): TurnedBlank[] {
    return this.#of.map((blank, index) => ({
      ...blank,
      x: this.at[index * EACH]!,
      y: this.at[index * EACH + 1]!,
      angle: this.at[index * EACH + 2]! / this.#kinds[index]!.reach,
    }));
  }

  refresh(): boolean {
    for (let index = 0; index < this.at.length; index += 1) {
      if (index % EACH === 2 || Math.abs(this.at[index]! - this.#listedAt[index]!) <= MOVED) continue;
      this.#listPairs();
      return true;
    }
    return false;
  }

  #listPairs(): void {
    this.#listedAt.set(this.at);
    this.#pairs = [];
    this.#kinds.forEach((one, a) => {
      for (let b = a + 1; b < this.#kinds.length; b += 1) {
        const [dx, dy] = [this.at[a * EACH]! - this.at[b * EACH]!, this.at[a * EACH + 1]! - this.at[b * EACH + 1]!];
        if (Math.hypot(dx, dy) < one.reach + this.#kinds[b]!.reach + 2 * this.#half + NEAR) this.#pairs.push(a, b);
      }
    });
  }

  value(): number {
    const { at, slope } = this;
    slope.fill(0);
    let energy = 0;
    this.#kinds.forEach(({ parts, reach }, index) => {
      const angle = at[index * EACH + 2]! / reach;
      parts.forEach((part, own) => turnInto(this.#placed[index]![own]!, part, at[index * EACH]!, at[index * EACH + 1]!, angle)); // prettier-ignore
      energy += this.#walls(index);
    });
    for (let pair = 0; pair < this.#pairs.length; pair += 2)
      energy += this.#between(this.#pairs[pair]!, this.#pairs[pair + 1]!);
    this.#kinds.forEach(({ canTurn }, index) => {
      if (!canTurn) slope[index * EACH + 2] = 0;
    });
    return energy;
  }

  #between(a: number, b: number): number {
    const [one, other] = [this.#kinds[a]!, this.#kinds[b]!];
    const [dx, dy] = [this.at[a * EACH]! - this.at[b * EACH]!, this.at[a * EACH + 1]! - this.at[b * EACH + 1]!];
    const far = one.reach + other.reach + 2 * this.#half;
    if (dx * dx + dy * dy >= far * far) return 0;
    let energy = 0;
    for (const part of this.#placed[a]!)
      for (const against of this.#placed[b]!) {
        const overlap = 2 * this.#half - separation(part, one.radius, against, other.radius);
        if (overlap <= 0) continue;
        energy += overlap * overlap;
        const { nx, ny, px, py } = contact;
        const push = 2 * overlap;
        this.#push(a, push * nx, push * ny, px, py);
        this.#push(b, -push * nx, -push * ny, px, py);
      }
    return energy;
  }

  /** Slope by a force on a blank at a point of the sheet. */
  #push(index: number, fx: number, fy: number, px: number, py: number): void {
    const { at, slope } = this;
    const first = index * EACH;
    slope[first] = slope[first]! + fx;
    slope[first + 1] = slope[first + 1]! + fy;
    const turn = fy * (px - at[first]!) - fx * (py - at[first + 1]!);
    slope[first + 2] = slope[first + 2]! + turn / this.#kinds[index]!.reach;
  }

  /** What reaches over each edge of the sheet: the outermost corner. */
  #walls(index: number): number {
    const { width, height } = this.#plate;
    const border = this.#half + this.#kinds[index]!.radius;
    const extremes = [Infinity, -Infinity, Infinity, -Infinity];
    const points = [0, 0, 0, 0, 0, 0, 0, 0];
    for (const part of this.#placed[index]!)
      for (let at = 0; at < part.length; at += 2) {
        const [x, y] = [part[at]!, part[at + 1]!];
        if (x < extremes[0]!) [extremes[0], points[0], points[1]] = [x, x, y];
        if (x > extremes[1]!) [extremes[1], points[2], points[3]] = [x, x, y];
        if (y < extremes[2]!) [extremes[2], points[4], points[5]] = [y, x, y];
        if (y > extremes[3]!) [extremes[3], points[6], points[7]] = [y, x, y];
      }
    const over = [border - extremes[0]!, extremes[1]! + border - width, border - extremes[2]!, extremes[3]! + border - height]; // prettier-ignore
    let energy = 0;
    over.forEach((by, edge) => {
      if (by <= 0) return;
      energy += by * by;
      const force = edge % 2 === 0 ? -2 * by : 2 * by;
      this.#push(index, edge < 2 ? force : 0, edge < 2 ? 0 : force, points[2 * edge]!, points[2 * edge + 1]!);
    });
    return energy;
  }
}
