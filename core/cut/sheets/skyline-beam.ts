// Beam search on skylines: packs rectangles into a fixed set of sheets, the lowest gap first, and keeps the states that
// waste least and are least ragged. Lengths are whole numbers, so that exact fits fit. docs/decisions/018 says what was
// measured.
import {
  type BeamKind,
  type BeamPlace,
  type BeamPlate,
  type BeamTerms,
  type CellProblem,
  keyOfLeft,
  packInCells,
} from './beam-problem.ts';
import { Candidates } from './best-first.ts';
import type { ReachableLengths, UnreachableRests } from './reachable-lengths.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

interface State {
  readonly plate: number;
  /** Heights and lengths of the skyline, from the left. */
  readonly heights: number[];
  readonly lengths: number[];
  readonly left: Int16Array;
  /** Of the counts that are left. */
  readonly leftKey: number;
  waste: number;
  /** Least waste that is still to come. */
  toCome: number;
  readonly area: number;
  readonly laid: number;
  readonly parent: State | null;
  readonly place: BeamPlace | null;
  /** The segment to fill next. */
  lowest: number;
}

/** A rectangle put on the lowest segment, or −1: the segment stays empty. */
interface Move {
  readonly kind: number;
  readonly isTurned: boolean;
  readonly width: number;
  readonly height: number;
}

/** Bonus for each edge that is flush. */
const FLUSH = 0.06;
/** Children that are sorted for each state that is kept. */
const SORTED_SHARE = 2;

/** @returns places of all rectangles; null where the beam found no room for all */
export function packByBeam(
  kinds: readonly BeamKind[],
  plates: readonly BeamPlate[],
  terms: BeamTerms,
): readonly BeamPlace[] | null {
  return packInCells(kinds, plates, (problem) => new SkylineBeam(problem, terms).run());
}

class SkylineBeam {
  readonly #kinds: readonly BeamKind[];
  readonly #plates: readonly BeamPlate[];
  readonly #terms: BeamTerms;
  readonly #moves: readonly Move[];
  readonly #total: number;
  readonly #spare: number;
  readonly #base: number;
  readonly #reachable: ReachableLengths | null;
  readonly #keys: Float64Array;

  constructor({ kinds, plates, total, spare, base, reachable, keys }: CellProblem, terms: BeamTerms) {
    this.#kinds = kinds;
    this.#plates = plates;
    this.#terms = terms;
    this.#moves = kinds.flatMap(({ width, height, canTurn, count }, kind): Move[] => {
      if (count === 0) return [];
      const ways = canTurn && width !== height ? [false, true] : [false];
      return ways.map((isTurned) => ({ kind, isTurned, width: isTurned ? height : width, height: isTurned ? width : height })); // prettier-ignore
    });
    this.#total = total;
    this.#spare = spare;
    this.#base = base;
    this.#reachable = reachable;
    this.#keys = keys;
  }

  run(): readonly BeamPlace[] | null {
    const [plate] = this.#plates;
    if (!plate) return null;
    const left = Int16Array.from(this.#kinds, ({ count }) => count);
    const root = this.#settled({
      plate: 0,
      heights: [0],
      lengths: [plate.width],
      left,
      leftKey: keyOfLeft(left, this.#keys),
      waste: 0,
      toCome: 0,
      area: 0,
      laid: 0,
      parent: null,
      place: null,
      lowest: 0,
    });
    let level = root ? [root] : [];
    while (level.length > 0) {
      if (this.#terms.isOver()) return null;
      const next: State[] = [];
      const seen = new Set<number>();
      for (const { state, move } of this.#bestFirst(level)) {
        if (next.length >= this.#terms.width) break;
        const grown = this.#grown(state, move);
        if (grown.laid === this.#total) return placesOf(grown);
        const settled = this.#settled(grown);
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

  /** The children of a level, the best first. */
  *#bestFirst(level: readonly State[]): Generator<{ readonly state: State; readonly move: Move | null }> {
    const ways = this.#moves.length + 1;
    const candidates = new Candidates();
    level.forEach((state, at) => {
      this.#addMoves(state, candidates, at * ways);
    });
    for (const code of candidates.bestFirst(SORTED_SHARE * this.#terms.width))
      yield { state: level[Math.floor(code / ways)]!, move: this.#moves[code % ways] ?? null };
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
      if (this.#fitsAny(state, state.lengths[lowest]!, plate.height - state.heights[lowest]!)) break;
      this.#raise(state);
      if (state.waste > this.#spare) return null;
    }
    const rests = this.#restsOf(state);
    if (rests) state.toCome = wasteToCome(state, this.#plates[state.plate]!.height, rests);
    return state.waste + state.toCome > this.#spare ? null : state;
  }

  #restsOf({ left, leftKey }: State): UnreachableRests | null {
    return this.#reachable?.restsOf(left, leftKey) ?? null;
  }

  #fitsAny({ left }: State, width: number, height: number): boolean {
    for (const move of this.#moves)
      if (move.width <= width && move.height <= height && left[move.kind]! > 0) return true;
    return false;
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

  /** Sides of the lowest segment: how far its walls go up, its length, and the room above it. */
  #gapOf({ heights, lengths, lowest, plate }: State) {
    const { height } = this.#plates[plate]!;
    const y = heights[lowest]!;
    const [leftWall, rightWall] = [(heights[lowest - 1] ?? height) - y, (heights[lowest + 1] ?? height) - y];
    const isRight = rightWall > leftWall;
    const [high, low] = isRight ? [rightWall, leftWall] : [leftWall, rightWall];
    return { y, length: lengths[lowest]!, room: height - y, high, low, isRight };
  }

  /** Adds each move of a state for which there is room; the last move is to lay nothing. */
  #addMoves(state: State, candidates: Candidates, from: number): void {
    const { left, laid, heights } = state;
    const { length, room, high, low } = this.#gapOf(state);
    const narrowest = this.#narrowest(left);
    const rests = this.#restsOf(state);
    for (let move = 0; move < this.#moves.length; move += 1) {
      const { kind, width, height } = this.#moves[move]!;
      if (left[kind]! === 0 || width > length || height > room) continue;
      const rest = length - width;
      const over = room - height;
      // Blanks lie against the higher wall: the rest is as deep as the lower one.
      const beside = (rests ? rests.across[rest]! : rest < narrowest ? rest : 0) * Math.min(height, low);
      const above = (rests ? rests.up[over]! : over < narrowest ? over : 0) * width;
      const waste = state.waste + Math.max(state.toCome, beside + above);
      if (waste > this.#spare) continue;
      const isLevel = height === high || height === low;
      const flush = (rest === 0 ? 1 : 0) + (isLevel ? 1 : 0);
      const steps = heights.length + (rest > 0 ? 1 : 0) - (height === high ? 1 : 0) - (rest === 0 && height === low ? 1 : 0); // prettier-ignore
      const guide = this.#guide(waste, state.area + width * height, laid + 1, steps);
      candidates.add(guide * (1 - FLUSH * flush), from + move);
    }
    const waste = state.waste + Math.max(state.toCome, low * length);
    // Nothing is laid here although something would fit.
    if (laid > 0 && waste <= this.#spare)
      candidates.add(this.#guide(waste, state.area, laid, heights.length - 1), from + this.#moves.length);
  }

  #guide(waste: number, area: number, laid: number, steps: number): number {
    const { largeFirst, ragged, noise, random } = this.#terms;
    const share = (waste + this.#base) / (area + waste);
    const size = Math.pow(area / laid, largeFirst);
    return (share / size) * (1 + ragged * Math.max(0, steps - 1)) * (1 + noise * random());
  }

  #narrowest(left: Int16Array): number {
    let least = Infinity;
    for (const { kind, width } of this.#moves) if (left[kind]! > 0 && width < least) least = width;
    return least;
  }

  #grown(state: State, move: Move | null): State {
    return move ? this.#withBlank(state, move) : this.#withGap(state);
  }

  /** The lowest segment stays empty. */
  #withGap(state: State): State {
    const grown = { ...state, heights: state.heights.slice(), lengths: state.lengths.slice(), parent: state, place: null }; // prettier-ignore
    this.#raise(grown);
    return grown;
  }

  #withBlank(state: State, { kind, isTurned, width, height }: Move): State {
    const { y, length, isRight } = this.#gapOf(state);
    const rest = length - width;
    const heights: number[] = [];
    const lengths: number[] = [];
    const add = (top: number, run: number) => {
      if (run === 0) return;
      const last = heights.length - 1;
      if (last >= 0 && heights[last] === top) lengths[last] = lengths[last]! + run;
      else {
        heights.push(top);
        lengths.push(run);
      }
    };
    let x = isRight ? rest : 0;
    for (let at = 0; at < state.heights.length; at += 1) {
      if (at !== state.lowest) {
        add(state.heights[at]!, state.lengths[at]!);
        if (at < state.lowest) x += state.lengths[at]!;
      } else if (isRight) {
        add(y, rest);
        add(y + height, width);
      } else {
        add(y + height, width);
        add(y, rest);
      }
    }
    const left = state.left.slice();
    left[kind] = left[kind]! - 1;
    // Field by field: a spread takes several times as long.
    return {
      plate: state.plate,
      heights,
      lengths,
      left,
      leftKey: state.leftKey - this.#keys[kind]!,
      waste: state.waste,
      toCome: state.toCome,
      area: state.area + width * height,
      laid: state.laid + 1,
      parent: state,
      place: { plate: state.plate, kind, x, y, isTurned },
      lowest: state.lowest,
    };
  }
}

/**
 * Least waste above a skyline. Every upright line crosses blanks one above the other, every level line between two walls
 * crosses blanks side by side; what their sides cannot make stays empty.
 */
function wasteToCome({ heights, lengths }: State, top: number, { across, up }: UnreachableRests): number {
  let upright = 0;
  for (let at = 0; at < heights.length; at += 1) upright += up[top - heights[at]!]! * lengths[at]!;
  let level = 0;
  // From the lowest level to the next, up to the top.
  for (let y = lowestAbove(heights, -1); y < top;) {
    const next = Math.min(top, lowestAbove(heights, y));
    let [run, empty] = [0, 0];
    for (let at = 0; at < heights.length; at += 1) {
      if (heights[at]! <= y) run += lengths[at]!;
      else {
        empty += across[run]!;
        run = 0;
      }
    }
    level += (empty + across[run]!) * (next - y);
    y = next;
  }
  return Math.max(upright, level);
}

function lowestAbove(heights: readonly number[], floor: number): number {
  let lowest = Infinity;
  for (const height of heights) if (height > floor && height < lowest) lowest = height;
  return lowest;
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

/** A hash of the plate, the skyline and what is left: two numbers of 32 bits, mixed. */
function keyOf({ plate, heights, lengths, leftKey }: State): number {
  let one = Math.imul(plate + 1, MIX) ^ (leftKey % HALF);
  let other = Math.imul(plate + 7, MIX) ^ Math.floor(leftKey / HALF);
  for (let at = 0; at < heights.length; at += 1) {
    one = Math.imul(one ^ heights[at]!, MIX) ^ lengths[at]!;
    one ^= one >>> 15;
    other = Math.imul(other ^ lengths[at]!, OTHER_MIX) + heights[at]!;
    other ^= other >>> 13;
  }
  return (one >>> 0) * 2 ** 20 + ((other >>> 0) & (2 ** 20 - 1));
}

const HALF = 2 ** 30;
const [MIX, OTHER_MIX] = [0x9e3779b1, 0x85ebca6b];

function placesOf(state: State): BeamPlace[] {
  const places: BeamPlace[] = [];
  for (let at: State | null = state; at; at = at.parent) if (at.place) places.push(at.place);
  return places;
}
