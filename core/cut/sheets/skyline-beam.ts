// Beam search on skylines: packs rectangles into a fixed set of sheets, the lowest gap first, and keeps the states that
// waste least. Lengths are whole numbers, so that exact fits fit. docs/decisions/018 says what was measured.

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** A rectangle that is wanted, grown by the gap. */
export interface BeamKind {
  readonly width: number;
  readonly height: number;
  readonly canTurn: boolean;
  readonly count: number;
}

/** A plate to fill. */
export interface BeamPlate {
  readonly width: number;
  readonly height: number;
}

/** Where a rectangle lies: lower left corner. */
export interface BeamPlace {
  readonly plate: number;
  readonly kind: number;
  readonly x: number;
  readonly y: number;
  readonly isTurned: boolean;
}

/** Terms of a search. */
export interface BeamTerms {
  /** States kept at each level. */
  readonly width: number;
  /** How much large rectangles are preferred first: 0 not at all to 1. */
  readonly largeFirst: number;
  /** Random share of the guide. */
  readonly noise: number;
  readonly random: () => number;
  readonly isOver: () => boolean;
}

interface State {
  readonly plate: number;
  /** Heights and lengths of the skyline, from the left. */
  readonly heights: number[];
  readonly lengths: number[];
  readonly left: Int16Array;
  waste: number;
  readonly area: number;
  readonly laid: number;
  readonly parent: State | null;
  readonly place: BeamPlace | null;
  /** The segment to fill next. */
  lowest: number;
}

interface Child {
  readonly state: State;
  readonly guide: number;
  /** −1: the segment stays empty. */
  readonly kind: number;
  readonly isTurned: boolean;
  readonly isRight: boolean;
}

/** A little waste everywhere, so that the first states differ by more than nothing. */
const BASE_WASTE = 0.003;
/** Bonus for each edge that is flush. */
const FLUSH = 0.06;

/** @returns places of all rectangles; null where the beam found no room for all */
export function packByBeam(
  kinds: readonly BeamKind[],
  plates: readonly BeamPlate[],
  terms: BeamTerms,
): readonly BeamPlace[] | null {
  return new SkylineBeam(kinds, plates, terms).run();
}

class SkylineBeam {
  readonly #kinds: readonly BeamKind[];
  readonly #plates: readonly BeamPlate[];
  readonly #terms: BeamTerms;
  readonly #total: number;
  readonly #spare: number;
  readonly #base: number;

  constructor(kinds: readonly BeamKind[], plates: readonly BeamPlate[], terms: BeamTerms) {
    this.#kinds = kinds;
    this.#plates = plates;
    this.#terms = terms;
    this.#total = kinds.reduce((sum, { count }) => sum + count, 0);
    const holds = plates.reduce((sum, { width, height }) => sum + width * height, 0);
    this.#spare = holds - kinds.reduce((sum, { width, height, count }) => sum + width * height * count, 0);
    this.#base = (BASE_WASTE * holds) / plates.length;
  }

  run(): readonly BeamPlace[] | null {
    const [plate] = this.#plates;
    if (!plate || this.#spare < 0) return null;
    const root = this.#settled({
      plate: 0,
      heights: [0],
      lengths: [plate.width],
      left: Int16Array.from(this.#kinds, ({ count }) => count),
      waste: 0,
      area: 0,
      laid: 0,
      parent: null,
      place: null,
      lowest: 0,
    });
    let level = root ? [root] : [];
    while (level.length > 0) {
      if (this.#terms.isOver()) return null;
      const children = level.flatMap((state) => this.#childrenOf(state));
      children.sort((a, b) => a.guide - b.guide);
      const next: State[] = [];
      const seen = new Set<string>();
      for (const child of children) {
        if (next.length >= this.#terms.width) break;
        const state = this.#grown(child);
        if (state.laid === this.#total) return placesOf(state);
        const settled = this.#settled(state);
        if (!settled) continue;
        const key = keyOf(settled);
        if (seen.has(key)) continue;
        seen.add(key);
        next.push(settled);
      }
      level = next;
    }
    return null;
  }

  /** Raises the lowest segment until something fits; goes to the next plate when this one is full. */
  #settled(start: State): State | null {
    let state = start;
    for (;;) {
      const plate = this.#plates[state.plate]!;
      let lowest = 0;
      for (let at = 1; at < state.heights.length; at += 1) if (state.heights[at]! < state.heights[lowest]!) lowest = at;
      if (state.heights[lowest]! >= plate.height) {
        const next = this.#plates[state.plate + 1];
        if (!next) return null;
        state = { ...state, plate: state.plate + 1, heights: [0], lengths: [next.width] };
        continue;
      }
      state.lowest = lowest;
      if (this.#fitsAny(state, state.lengths[lowest]!, plate.height - state.heights[lowest]!)) return state;
      this.#raise(state);
      if (state.waste > this.#spare) return null;
    }
  }

  #fitsAny({ left }: State, width: number, height: number): boolean {
    return this.#kinds.some(
      (kind, index) =>
        left[index]! > 0 &&
        ((kind.width <= width && kind.height <= height) ||
          (kind.canTurn && kind.height <= width && kind.width <= height)),
    );
  }

  /** The lowest segment goes up to its lower neighbour; what is below it is waste. */
  #raise(state: State): void {
    const { heights, lengths, lowest } = state;
    const { height } = this.#plates[state.plate]!;
    const [before, after] = [heights[lowest - 1] ?? height, heights[lowest + 1] ?? height];
    const to = Math.min(before, after, height);
    state.waste += (to - heights[lowest]!) * lengths[lowest]!;
    heights[lowest] = to;
    join(heights, lengths);
  }

  #childrenOf(state: State): Child[] {
    const { heights, lengths, lowest, left } = state;
    const plate = this.#plates[state.plate]!;
    const y = heights[lowest]!;
    const [length, room] = [lengths[lowest]!, plate.height - y];
    const [leftWall, rightWall] = [
      (heights[lowest - 1] ?? plate.height) - y,
      (heights[lowest + 1] ?? plate.height) - y,
    ];
    const isRight = rightWall > leftWall;
    const narrowest = this.#narrowest(left);
    const children: Child[] = [];
    this.#kinds.forEach((kind, index) => {
      if (left[index]! === 0) return;
      for (const isTurned of kind.canTurn && kind.width !== kind.height ? [false, true] : [false]) {
        const [width, height] = isTurned ? [kind.height, kind.width] : [kind.width, kind.height];
        if (width > length || height > room) continue;
        let waste = state.waste;
        const rest = length - width;
        if (rest > 0 && rest < narrowest) waste += rest * Math.min(height, isRight ? leftWall : rightWall);
        if (room > height && room - height < narrowest) waste += width * (room - height);
        if (waste > this.#spare) continue;
        const flush = Number(rest === 0) + Number(height === leftWall || height === rightWall);
        const guide = this.#guide(waste, state.area + width * height, state.laid + 1) * (1 - FLUSH * flush);
        children.push({ state, guide, kind: index, isTurned, isRight });
      }
    });
    const empty = state.waste + Math.min(leftWall, rightWall) * length;
    // Nothing is laid here although something would fit.
    if (state.laid > 0 && empty <= this.#spare)
      children.push({
        state,
        guide: this.#guide(empty, state.area, state.laid),
        kind: -1,
        isTurned: false,
        isRight,
      });
    return children;
  }

  #guide(waste: number, area: number, laid: number): number {
    const { largeFirst, noise, random } = this.#terms;
    const share = (waste + this.#base) / (area + waste);
    return (share / Math.pow(area / laid, largeFirst)) * (1 + noise * random());
  }

  #narrowest(left: Int16Array): number {
    return this.#kinds.reduce(
      (least, { width, height, canTurn }, index) =>
        left[index]! === 0 ? least : Math.min(least, width, canTurn ? height : Infinity),
      Infinity,
    );
  }

  #grown({ state, kind, isTurned, isRight }: Child): State {
    const heights = state.heights.slice();
    const lengths = state.lengths.slice();
    if (kind < 0) {
      const grown = { ...state, heights, lengths, parent: state, place: null };
      this.#raise(grown);
      return grown;
    }
    const { lowest } = state;
    const own = this.#kinds[kind]!;
    const [width, height] = isTurned ? [own.height, own.width] : [own.width, own.height];
    const y = heights[lowest]!;
    const rest = lengths[lowest]! - width;
    let x = isRight ? rest : 0;
    for (let at = 0; at < lowest; at += 1) x += lengths[at]!;
    if (rest === 0) heights[lowest] = y + height;
    else {
      const [first, second] = isRight ? [rest, width] : [width, rest];
      heights.splice(lowest, 1, isRight ? y : y + height, isRight ? y + height : y);
      lengths.splice(lowest, 1, first, second);
    }
    join(heights, lengths);
    const left = state.left.slice();
    left[kind] = left[kind]! - 1;
    return {
      ...state,
      heights,
      lengths,
      left,
      area: state.area + width * height,
      laid: state.laid + 1,
      parent: state,
      place: { plate: state.plate, kind, x, y, isTurned },
    };
  }
}

/** Segments of one height are one. */
function join(heights: number[], lengths: number[]): void {
  for (let at = heights.length - 2; at >= 0; at -= 1) {
    if (heights[at] !== heights[at + 1]) continue;
    lengths[at] = lengths[at]! + lengths[at + 1]!;
    heights.splice(at + 1, 1);
    lengths.splice(at + 1, 1);
  }
}

const keyOf = ({ plate, heights, lengths, left }: State) =>
  `${String(plate)}:${heights.join()}|${lengths.join()}|${left.join()}`;

function placesOf(state: State): BeamPlace[] {
  const places: BeamPlace[] = [];
  for (let at: State | null = state; at; at = at.parent) if (at.place) places.push(at.place);
  return places;
}
