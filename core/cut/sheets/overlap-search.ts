// Overlap search: all blanks lie on a fixed set of sheets, some of them over each other, and moves and exchanges take the
// overlap down until there is none.

/** Inside of a sheet, mm. */
export interface SoftPlate {
  readonly width: number;
  readonly height: number;
}

/** A blank that may overlap; x and y of its middle from the lower left corner, mm. */
export interface Soft {
  readonly kind: number;
  readonly x: number;
  readonly y: number;
}

/** What the search knows of blanks: how they lie, how far they are apart, how they are pushed apart. */
export interface SoftModel<Blank extends Soft> {
  /** Half sides of the bounding box with half the gap. */
  readonly halfOf: (blank: Blank) => readonly [across: number, up: number];
  /** Distance of two blanks; below 0 where they overlap. */
  readonly distanceOf: (a: Blank, b: Blank) => number;
  /** Some ways in which the blank may lie. */
  readonly ways: (blank: Blank, random: () => number) => readonly Blank[];
  /** One way at random. */
  readonly anyWay: (blank: Blank, random: () => number) => Blank;
  /** The blanks where they came to rest, and the energy that is left. */
  readonly relaxed: (
    blanks: readonly Blank[],
    plate: SoftPlate,
    mostSteps: number,
  ) => { readonly blanks: readonly Blank[]; readonly energy: number };
}

/** No overlap left, mm². */
export const NO_OVERLAP = 1e-13;

/** What is laid already, by plate, and what has no place yet. */
export interface OverlapStart<Blank extends Soft> {
  readonly laid: readonly (readonly Blank[])[];
  readonly rest: readonly Blank[];
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

interface Plate<Blank> extends SoftPlate {
  blanks: readonly Blank[];
  energy: number;
}

/** @returns the blanks of each plate; null where some overlap was left */
export function placeByOverlap<Blank extends Soft>(
  model: SoftModel<Blank>,
  plates: readonly SoftPlate[],
  start: OverlapStart<Blank>,
  terms: OverlapTerms,
): readonly (readonly Blank[])[] | null {
  const search = new OverlapSearch(model, plates, start, terms);
  return search.run() ? search.plates.map(({ blanks }) => blanks) : null;
}

class OverlapSearch<Blank extends Soft> {
  readonly plates: Plate<Blank>[];
  readonly #model: SoftModel<Blank>;
  readonly #terms: OverlapTerms;
  readonly #rest: readonly Blank[];

  constructor(
    model: SoftModel<Blank>,
    plates: readonly SoftPlate[],
    { laid, rest }: OverlapStart<Blank>,
    terms: OverlapTerms,
  ) {
    this.#model = model;
    this.plates = plates.map((plate, at) => ({ ...plate, blanks: laid[at] ?? [], energy: 0 }));
    this.#rest = rest;
    this.#terms = terms;
  }

  run(): boolean {
    const { random, isOver } = this.#terms;
    for (const blank of this.#rest.toSorted((a, b) => this.#sizeOf(b) - this.#sizeOf(a)))
      if (!this.#insert(blank)) return false;
    for (const plate of this.plates) this.#relax(plate, FIRST_STEPS);
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
  #insert(blank: Blank): boolean {
    let best: { plate: Plate<Blank>; at: Blank; overlap: number } | null = null;
    for (const plate of this.plates)
      for (const way of this.#model.ways(blank, this.#terms.random)) {
        if (!this.#fits(way, plate)) continue;
        const { at, overlap } = this.#roomiest(plate, way, FIRST_PLACES);
        if (!best || overlap < best.overlap) best = { plate, at, overlap };
      }
    if (!best) return false;
    best.plate.blanks = [...best.plate.blanks, best.at];
    return true;
  }

  /** @returns the plates as they were before; null where the change is none */
  #change(): { plate: Plate<Blank>; blanks: readonly Blank[]; energy: number }[] | null {
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
    for (const { plate } of before) this.#relax(plate, STEPS);
    return before;
  }

  /** Index of a blank that overlaps. */
  #sore(plate: Plate<Blank>): number {
    const { random } = this.#terms;
    const { blanks } = plate;
    if (random() >= BY_OVERLAP) return Math.floor(random() * blanks.length);
    const overlaps = blanks.map((blank) =>
      blanks.reduce(
        (sum, other) => sum + (other === blank ? 0 : Math.max(0, -this.#model.distanceOf(blank, other))),
        this.#overEdges(blank, plate),
      ),
    );
    let left = random() * overlaps.reduce((sum, overlap) => sum + overlap, 0);
    const found = overlaps.findIndex((overlap) => (left -= overlap) <= 0);
    return found < 0 ? Math.max(0, blanks.length - 1) : found;
  }

  #move(from: Plate<Blank>, to: Plate<Blank>, index: number): boolean {
    const { random } = this.#terms;
    const own = from.blanks[index];
    if (!own) return false;
    const blank = this.#model.anyWay(own, random);
    from.blanks = from.blanks.toSpliced(index, 1);
    if (!this.#fits(blank, to)) return false;
    to.blanks = [...to.blanks, this.#roomiest(to, blank, PLACES).at];
    return true;
  }

  #exchange(from: Plate<Blank>, to: Plate<Blank>, index: number): boolean {
    const { random } = this.#terms;
    const one = from.blanks[index];
    if (!one) return false;
    const alike = [...to.blanks.entries()].filter(([, blank]) => {
      const ratio = this.#sizeOf(blank) / this.#sizeOf(one);
      return blank.kind !== one.kind && ratio < ALIKE ** 2 && ratio > 1 / ALIKE ** 2;
    });
    const [at, other] = alike[Math.floor(random() * alike.length)] ?? [];
    if (at === undefined || !other) return false;
    const first = this.#model.anyWay({ ...other, x: one.x, y: one.y }, random);
    const second = this.#model.anyWay({ ...one, x: other.x, y: other.y }, random);
    if (!this.#fits(first, from) || !this.#fits(second, to)) return false;
    from.blanks = from.blanks.with(index, first);
    to.blanks = to.blanks.with(at, second);
    return true;
  }

  #relax(plate: Plate<Blank>, steps: number): void {
    const { blanks, energy } = this.#model.relaxed(plate.blanks, plate, steps);
    plate.blanks = blanks;
    plate.energy = energy;
  }

  /** Of random places the one with the least overlap, or the most room. */
  #roomiest(plate: Plate<Blank>, blank: Blank, places: number): { readonly at: Blank; readonly overlap: number } {
    const { random } = this.#terms;
    const [w, h] = this.#model.halfOf(blank);
    let [best, least] = [blank, Infinity];
    for (let place = 0; place < places; place += 1) {
      const at = { ...blank, x: w + random() * (plate.width - 2 * w), y: h + random() * (plate.height - 2 * h) };
      const overlap = this.#overlapOf(at, plate.blanks, least);
      if (overlap < least) [best, least] = [at, overlap];
    }
    return { at: best, overlap: least };
  }

  /** The sum of squares of overlaps; without overlap minus the distance to the nearest. */
  #overlapOf(blank: Blank, others: readonly Blank[], limit: number): number {
    let [sum, nearest] = [0, Infinity];
    for (const other of others) {
      const distance = this.#model.distanceOf(blank, other);
      nearest = Math.min(nearest, distance);
      if (distance < 0) sum += distance * distance;
      if (sum > Math.max(0, limit)) return Infinity;
    }
    return sum > 0 ? sum : -nearest;
  }

  /** How far a blank reaches over the edges, in all. */
  #overEdges(blank: Blank, { width, height }: SoftPlate): number {
    const [w, h] = this.#model.halfOf(blank);
    const { x, y } = blank;
    return Math.max(0, w - x) + Math.max(0, x + w - width) + Math.max(0, h - y) + Math.max(0, y + h - height);
  }

  #sizeOf(blank: Blank): number {
    const [w, h] = this.#model.halfOf(blank);
    return w * h;
  }

  #fits(blank: Blank, { width, height }: SoftPlate): boolean {
    const [w, h] = this.#model.halfOf(blank);
    return 2 * w <= width + 1e-9 && 2 * h <= height + 1e-9;
  }
}
