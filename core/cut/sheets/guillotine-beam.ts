// Beam search for shears: every cut goes right across what is cut. A state is a stack of open rectangles; the last one
// takes a block in its lower left corner, and one more cut makes two open rectangles of the rest. Lengths are whole
// numbers, so that exact fits fit.
import type { BeamKind, BeamPlace, BeamPlate, BeamTerms } from './skyline-beam.ts';

interface Open {
  readonly plate: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Equal blanks in rows, or two blanks side by side: one cut frees the block. */
interface Block {
  readonly width: number;
  readonly height: number;
  readonly area: number;
  readonly counts: readonly (readonly [kind: number, count: number])[];
  /** Lower left corners in the block. */
  readonly places: readonly Omit<BeamPlace, 'plate'>[];
}

/** A blank as it may lie. */
interface Way {
  readonly kind: number;
  readonly count: number;
  readonly width: number;
  readonly height: number;
  readonly isTurned: boolean;
}

interface Problem {
  readonly ways: readonly Way[];
  readonly blocks: readonly Block[];
  readonly spare: number;
  /** A little waste everywhere. */
  readonly base: number;
}

interface State {
  readonly open: readonly Open[];
  readonly left: Int16Array;
  readonly waste: number;
  readonly area: number;
  readonly laid: number;
  readonly parent: State | null;
  readonly places: readonly BeamPlace[];
}

interface Child {
  readonly state: State;
  /** null: the open rectangle stays empty. */
  readonly block: Block | null;
  readonly isUp: boolean;
  readonly guide: number;
}

/** A little waste everywhere, so that the first states differ by more than nothing. */
const BASE_WASTE = 0.003;
const FLUSH = 0.06;
/** Two blanks make a block where no more than this share of it is empty. */
const PAIR_WASTE = 0.04;
/** Most blanks of one kind in a block each way, and most blocks of a problem. */
const MOST_IN_ROW = 8;
const MOST_BLOCKS = 600;

/** @returns places of all rectangles, each freed by cuts right across; null where the beam found no room for all */
export function packByGuillotine(
  kinds: readonly BeamKind[],
  plates: readonly BeamPlate[],
  terms: BeamTerms,
): readonly BeamPlace[] | null {
  const total = kinds.reduce((sum, { count }) => sum + count, 0);
  const holds = plates.reduce((sum, { width, height }) => sum + width * height, 0);
  const spare = holds - kinds.reduce((sum, { width, height, count }) => sum + width * height * count, 0);
  if (spare < 0 || total === 0) return null;
  const ways = waysOf(kinds);
  const blocks = blocksOf(ways, spare);
  const base = (BASE_WASTE * holds) / plates.length;
  const open = plates.map((plate, index) => ({ plate: index, x: 0, y: 0, ...plate })).reverse();
  const left = Int16Array.from(kinds, ({ count }) => count);
  const root = settled({ open, left, waste: 0, area: 0, laid: 0, parent: null, places: [] }, ways);
  for (let level = [root]; level.length > 0;) {
    if (terms.isOver()) return null;
    const children = level.flatMap((state) => childrenOf(state, { ways, blocks, spare, base }, terms));
    children.sort((a, b) => a.guide - b.guide);
    const next: State[] = [];
    const seen = new Set<string>();
    for (const child of children) {
      if (next.length >= terms.width) break;
      const state = grown(child);
      if (state.laid === total) return placesOf(state);
      const ready = settled(state, ways);
      if (ready.waste > spare || ready.open.length === 0) continue;
      const key = keyOf(ready);
      if (seen.has(key)) continue;
      seen.add(key);
      next.push(ready);
    }
    level = next;
  }
  return null;
}

/** Open rectangles that hold no blank any more are waste. */
function settled(state: State, ways: readonly Way[]): State {
  const open = [...state.open];
  let waste = state.waste;
  for (let last = open.at(-1); last; last = open.at(-1)) {
    const { width, height } = last;
    if (holdsAny(ways, state.left, width, height)) break;
    waste += width * height;
    open.pop();
  }
  return { ...state, open, waste };
}

/** Whether a blank that is left fits. @param but  a block that is laid before */
function holdsAny(ways: readonly Way[], left: Int16Array, width: number, height: number, but?: Block): boolean {
  for (const way of ways) {
    if (way.width > width || way.height > height) continue;
    const used = but?.counts.find(([kind]) => kind === way.kind)?.[1] ?? 0;
    if ((left[way.kind] ?? 0) > used) return true;
  }
  return false;
}

const isThere = ({ counts }: Block, left: Int16Array) => counts.every(([kind, count]) => (left[kind] ?? 0) >= count);

function childrenOf(
  state: State,
  { ways, blocks, spare, base }: Problem,
  { largeFirst, noise, random }: BeamTerms,
): Child[] {
  const { open, left } = state;
  const last = open.at(-1);
  if (!last) return [];
  const guideOf = (waste: number, area: number, laid: number, flush: number) =>
    ((waste + base) / (area + waste) / Math.pow(area / Math.max(1, laid), largeFirst)) *
    (1 - FLUSH * flush) *
    (1 + noise * random());
  const children: Child[] = [];
  const { width, height } = last;
  for (const block of blocks) {
    const [w, h] = [width - block.width, height - block.height];
    if (w < 0 || h < 0 || !isThere(block, left)) continue;
    const waste = state.waste + block.width * block.height - block.area;
    const flush = Number(w === 0) + Number(h === 0);
    for (const isUp of w > 0 && h > 0 ? [true, false] : [true]) {
      // A cut up along the block leaves the right part whole; a cut across leaves the upper part whole.
      const [right, upper] = isUp ? [w * height, h * block.width] : [w * block.height, h * width];
      const isRightUsed = w > 0 && holdsAny(ways, left, w, isUp ? height : block.height, block);
      const isUpperUsed = h > 0 && holdsAny(ways, left, isUp ? block.width : width, h, block);
      const all = waste + (isRightUsed ? 0 : right) + (isUpperUsed ? 0 : upper);
      if (all > spare) continue;
      const guide = guideOf(all, state.area + block.area, state.laid + block.places.length, flush);
      children.push({ state, block, isUp, guide });
    }
  }
  const empty = state.waste + width * height;
  // Nothing is laid here although something would fit.
  if (state.laid > 0 && empty <= spare)
    children.push({ state, block: null, isUp: true, guide: guideOf(empty, state.area, state.laid, 0) });
  return children;
}

/** The state of a child. */
function grown({ state, block, isUp }: Child): State {
  const rest = state.open.slice(0, -1);
  const last = state.open.at(-1);
  if (!last) return state;
  if (!block) return { ...state, open: rest, waste: state.waste + last.width * last.height, parent: state, places: [] };
  const [w, h] = [last.width - block.width, last.height - block.height];
  const right = { ...last, x: last.x + block.width, width: w, height: isUp ? last.height : block.height };
  const upper = { ...last, y: last.y + block.height, height: h, width: isUp ? block.width : last.width };
  const left = state.left.slice();
  for (const [kind, count] of block.counts) left[kind] = (left[kind] ?? 0) - count;
  return {
    // The smaller part is filled first.
    open: [...rest, ...[right, upper].filter(({ width, height }) => width > 0 && height > 0).sort((a, b) => b.width * b.height - a.width * a.height)], // prettier-ignore
    left,
    waste: state.waste + block.width * block.height - block.area,
    area: state.area + block.area,
    laid: state.laid + block.places.length,
    parent: state,
    places: block.places.map((one) => ({ ...one, plate: last.plate, x: last.x + one.x, y: last.y + one.y })),
  };
}

function waysOf(kinds: readonly BeamKind[]): Way[] {
  return kinds.flatMap(({ width, height, canTurn, count }, kind) => {
    if (count === 0) return [];
    const asGiven = { kind, count, width, height, isTurned: false };
    return canTurn && width !== height
      ? [asGiven, { ...asGiven, width: height, height: width, isTurned: true }]
      : [asGiven];
  });
}

function blocksOf(ways: readonly Way[], spare: number): Block[] {
  const blocks: Block[] = [];
  for (const { kind, count, width, height, isTurned } of ways) {
    for (let across = 1; across <= Math.min(count, MOST_IN_ROW); across += 1) {
      for (let up = 1; up <= MOST_IN_ROW && across * up <= count; up += 1) {
        if (across > 1 && up > 1 && across * up > MOST_IN_ROW) break;
        blocks.push({
          width: across * width,
          height: up * height,
          area: across * up * width * height,
          counts: [[kind, across * up]],
          places: Array.from({ length: across * up }, (_, at) => {
            return { kind, isTurned, x: (at % across) * width, y: Math.floor(at / across) * height };
          }),
        });
      }
    }
  }
  for (const a of ways)
    for (const b of ways) {
      if (a.kind >= b.kind) continue;
      for (const isBeside of [true, false]) {
        const [width, height] = isBeside
          ? [a.width + b.width, Math.max(a.height, b.height)]
          : [Math.max(a.width, b.width), a.height + b.height];
        const area = a.width * a.height + b.width * b.height;
        const waste = width * height - area;
        if (waste > PAIR_WASTE * width * height || waste > spare) continue;
        const places = [
          { kind: a.kind, isTurned: a.isTurned, x: 0, y: 0 },
          { kind: b.kind, isTurned: b.isTurned, x: isBeside ? a.width : 0, y: isBeside ? 0 : a.height },
        ];
        blocks.push({ width, height, area, counts: [[a.kind, 1], [b.kind, 1]], places }); // prettier-ignore
      }
    }
  return blocks.sort((a, b) => b.area - a.area).slice(0, MOST_BLOCKS);
}

const keyOf = ({ open, left }: State) =>
  `${open.map(({ plate, width, height }) => `${String(plate)}:${String(width)}x${String(height)}`).join()}|${left.join()}`;

function placesOf(state: State): BeamPlace[] {
  const places: BeamPlace[] = [];
  for (let at: State | null = state; at; at = at.parent) places.push(...at.places);
  return places;
}
