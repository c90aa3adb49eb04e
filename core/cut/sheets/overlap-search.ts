// Overlap search: all blanks lie on a fixed set of sheets, some of them over each other, and moves and exchanges take the
// overlap down until there is none.
import { distanceOf, NO_OVERLAP, overEdges, relaxed, type SoftBlank, type SoftPlate } from './overlap-relaxation.ts';

/** What is laid already, by plate, and what has no place yet. */
export interface OverlapStart {
  readonly laid: readonly (readonly SoftBlank[])[];
  readonly rest: readonly SoftBlank[];
}

/** Terms of a search. */
export interface OverlapTerms {
  readonly random: () => number;
  readonly isOver: () => boolean;
}

const FIRST_STEPS = 300;
const STEPS = 120;
const [FIRST_PLACES, PLACES] = [200, 60];
/** Share of moves that start at a blank in proportion to its overlap, and of moves to another place; else two change. */
const BY_OVERLAP = 0.7;
const MOVE = 0.55;
/** Blanks that change places are about as large: at most so many times. */
const ALIKE = 2;
/** Temperature as a share of the energy. */
const HEAT = 0.02;
const LEAST_HEAT = 0.01;

interface Plate extends SoftPlate {
  blanks: readonly SoftBlank[];
  energy: number;
}

/** @returns the blanks of each plate; null where some overlap was left */
export function placeByOverlap(
  plates: readonly SoftPlate[],
  start: OverlapStart,
  terms: OverlapTerms,
): readonly (readonly SoftBlank[])[] | null {
  const search = new OverlapSearch(plates, start, terms);
  return search.run() ? search.plates.map(({ blanks }) => blanks) : null;
}

class OverlapSearch {
  readonly plates: Plate[];
  readonly #terms: OverlapTerms;
  readonly #rest: readonly SoftBlank[];

  constructor(plates: readonly SoftPlate[], { laid, rest }: OverlapStart, terms: OverlapTerms) {
    this.plates = plates.map((plate, at) => ({ ...plate, blanks: laid[at] ?? [], energy: 0 }));
    this.#rest = rest;
    this.#terms = terms;
  }

  run(): boolean {
    const { random, isOver } = this.#terms;
    for (const blank of this.#rest.toSorted((a, b) => sizeOf(b) - sizeOf(a))) if (!this.#insert(blank)) return false;
    for (const plate of this.plates) relax(plate, FIRST_STEPS);
    const none = NO_OVERLAP * this.plates.length;
    let energy = this.#energy();
    while (energy > none) {
      if (isOver()) return false;
      const touched = this.#change();
      if (!touched) continue;
      const after = this.#energy();
      const heat = HEAT * Math.max(energy, LEAST_HEAT);
      if (after <= energy || random() < Math.exp((energy - after) / heat)) energy = after;
      else for (const { plate, blanks, energy: was } of touched) [plate.blanks, plate.energy] = [blanks, was];
    }
    return true;
  }

  #energy(): number {
    return this.plates.reduce((sum, { energy }) => sum + energy, 0);
  }

  /** Puts a blank where it overlaps least, whatever its turn. */
  #insert(blank: SoftBlank): boolean {
    let best: { plate: Plate; at: SoftBlank; overlap: number } | null = null;
    for (const plate of this.plates)
      for (const way of blank.canTurn ? [blank, turned(blank)] : [blank]) {
        if (!fits(way, plate)) continue;
        const { at, overlap } = roomiest(plate, way, FIRST_PLACES, this.#terms.random);
        if (!best || overlap < best.overlap) best = { plate, at, overlap };
      }
    if (!best) return false;
    best.plate.blanks = [...best.plate.blanks, best.at];
    return true;
  }

  /** @returns the plates as they were before; null where the change is none */
  #change(): { plate: Plate; blanks: readonly SoftBlank[]; energy: number }[] | null {
    const { random } = this.#terms;
    const bad = this.plates.filter(({ energy }) => energy > NO_OVERLAP / 10);
    const from = bad[Math.floor(random() * bad.length)];
    const to = this.plates[Math.floor(random() * this.plates.length)];
    if (!from || !to) return null;
    const before = [...new Set([from, to])].map((plate) => ({ plate, blanks: plate.blanks, energy: plate.energy }));
    const one = this.#sore(from);
    const isChanged = random() < MOVE ? this.#move(from, to, one) : this.#exchange(from, to, one);
    if (!isChanged) {
      for (const { plate, blanks } of before) plate.blanks = blanks;
      return null;
    }
    for (const { plate } of before) relax(plate, STEPS);
    return before;
  }

  /** Index of a blank that overlaps. */
  #sore(plate: Plate): number {
    const { random } = this.#terms;
    const { blanks } = plate;
    if (random() >= BY_OVERLAP) return Math.floor(random() * blanks.length);
    const overlaps = blanks.map((blank) =>
      blanks.reduce(
        (sum, other) => sum + (other === blank ? 0 : Math.max(0, -distanceOf(blank, other))),
        overEdges(blank, plate),
      ),
    );
    let left = random() * overlaps.reduce((sum, overlap) => sum + overlap, 0);
    const found = overlaps.findIndex((overlap) => (left -= overlap) <= 0);
    return found < 0 ? Math.max(0, blanks.length - 1) : found;
  }

  #move(from: Plate, to: Plate, index: number): boolean {
    const { random } = this.#terms;
    const own = from.blanks[index];
    if (!own) return false;
    const blank = own.canTurn && random() < 0.5 ? turned(own) : own;
    from.blanks = from.blanks.toSpliced(index, 1);
    if (!fits(blank, to)) return false;
    to.blanks = [...to.blanks, roomiest(to, blank, PLACES, random).at];
    return true;
  }

  #exchange(from: Plate, to: Plate, index: number): boolean {
    const { random } = this.#terms;
    const one = from.blanks[index];
    if (!one) return false;
    const alike = [...to.blanks.entries()].filter(([, blank]) => {
      const ratio = sizeOf(blank) / sizeOf(one);
      return blank.kind !== one.kind && ratio < ALIKE ** 2 && ratio > 1 / ALIKE ** 2;
    });
    const [at, other] = alike[Math.floor(random() * alike.length)] ?? [];
    if (at === undefined || !other) return false;
    const lying = (blank: SoftBlank) => (blank.canTurn && random() < 0.5 ? turned(blank) : blank);
    const [first, second] = [lying({ ...other, x: one.x, y: one.y }), lying({ ...one, x: other.x, y: other.y })];
    if (!fits(first, from) || !fits(second, to)) return false;
    from.blanks = from.blanks.with(index, first);
    to.blanks = to.blanks.with(at, second);
    return true;
  }
}

function relax(plate: Plate, steps: number): void {
  const { blanks, energy } = relaxed(plate.blanks, plate, steps);
  plate.blanks = blanks;
  plate.energy = energy;
}

/** Of random places the one with the least overlap, or the most room. */
function roomiest(
  plate: Plate,
  blank: SoftBlank,
  places: number,
  random: () => number,
): { readonly at: SoftBlank; readonly overlap: number } {
  const [w, h] = [blank.halfWidth + blank.radius, blank.halfHeight + blank.radius];
  let [best, least] = [blank, Infinity];
  for (let place = 0; place < places; place += 1) {
    const at = { ...blank, x: w + random() * (plate.width - 2 * w), y: h + random() * (plate.height - 2 * h) };
    const overlap = overlapOf(at, plate.blanks, least);
    if (overlap < least) [best, least] = [at, overlap];
  }
  return { at: best, overlap: least };
}

/** The sum of squares of overlaps; without overlap minus the distance to the nearest. */
function overlapOf(blank: SoftBlank, others: readonly SoftBlank[], limit: number): number {
  let [sum, nearest] = [0, Infinity];
  for (const other of others) {
    const distance = distanceOf(blank, other);
    nearest = Math.min(nearest, distance);
    if (distance < 0) sum += distance * distance;
    if (sum > Math.max(0, limit)) return Infinity;
  }
  return sum > 0 ? sum : -nearest;
}

const sizeOf = ({ halfWidth, halfHeight, radius }: SoftBlank) => (halfWidth + radius) * (halfHeight + radius);

const turned = (blank: SoftBlank): SoftBlank => ({
  ...blank,
  halfWidth: blank.halfHeight,
  halfHeight: blank.halfWidth,
  isTurned: !blank.isTurned,
});

const fits = ({ halfWidth, halfHeight, radius }: SoftBlank, { width, height }: SoftPlate) =>
  2 * (halfWidth + radius) <= width + 1e-9 && 2 * (halfHeight + radius) <= height + 1e-9;
