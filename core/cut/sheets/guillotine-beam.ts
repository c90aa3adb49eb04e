// Beam search for shears: every cut goes right across what is cut. A state is a stack of open rectangles; the last one
// takes a block in its lower left corner, and one more cut makes two open rectangles of the rest. Lengths are whole
// numbers, so that exact fits fit.
import type { BeamKind, BeamPlace, BeamPlate, BeamTerms } from './beam-problem.ts';
import { type CellProblem, keyOfLeft, packInCells } from './beam-problem.ts';
import { Candidates } from './best-first.ts';
import type { ReachableLengths } from './reachable-lengths.ts';

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
  readonly reachable: ReachableLengths | null;
  readonly keys: Float64Array;
}

interface State {
  readonly open: readonly Open[];
  readonly left: Int16Array;
  /** Of the counts that are left. */
  readonly leftKey: number;
  readonly waste: number;
  /** Least waste in each open rectangle, and in all of them. */
  readonly toCome: readonly number[];
  readonly allToCome: number;
  readonly area: number;
  readonly laid: number;
  readonly parent: State | null;
  readonly places: readonly BeamPlace[];
}

/** A block in the lower left corner of the last open rectangle; null: it stays empty. */
interface Move {
  readonly block: Block | null;
  /** Whether the first cut goes up along the block. */
  readonly isUp: boolean;
}

const FLUSH = 0.06;
/** Two blanks make a block where no more than this share of it is empty. */
const PAIR_WASTE = 0.04;
/** Most blanks of one kind in a block each way, and most blocks of more than one blank. */
const MOST_IN_ROW = 8;
const MOST_BLOCKS = 300;

/** Children that are sorted for each state that is kept. */
const SORTED_SHARE = 2;

/** @returns places of all rectangles, each freed by cuts right across; null where the beam found no room for all */
export function packByGuillotine(
  kinds: readonly BeamKind[],
  plates: readonly BeamPlate[],
  terms: BeamTerms,
): readonly BeamPlace[] | null {
  return packInCells(kinds, plates, (problem) => packed(problem, terms));
}

function packed(
  { kinds, plates, total, spare, base, reachable, keys }: CellProblem,
  terms: BeamTerms,
): BeamPlace[] | null {
  const ways = waysOf(kinds);
  const problem: Problem = { ways, blocks: blocksOf(ways, spare), spare, base, reachable, keys };
  const moves = [...problem.blocks.flatMap((block): Move[] => [{ block, isUp: true }, { block, isUp: false }]), { block: null, isUp: true }]; // prettier-ignore
  const open = plates.map((plate, index) => ({ plate: index, x: 0, y: 0, ...plate })).reverse();
  const left = Int16Array.from(kinds, ({ count }) => count);
  const empty = { open, left, leftKey: keyOfLeft(left, keys), waste: 0, toCome: [], allToCome: 0, area: 0, laid: 0 };
  let level = [settled({ ...empty, parent: null, places: [] }, problem)];
  while (level.length > 0) {
    if (terms.isOver()) return null;
    const candidates = new Candidates();
    level.forEach((state, at) => {
      addMoves(state, problem, terms, candidates, at * moves.length);
    });
    const next: State[] = [];
    const seen = new Set<string>();
    for (const code of candidates.bestFirst(SORTED_SHARE * terms.width)) {
      if (next.length >= terms.width) break;
      const [state, move] = [level[Math.floor(code / moves.length)], moves[code % moves.length]];
      if (!state || !move) continue;
      const after = grown(state, move, keys);
      if (after.laid === total) return placesOf(after);
      const ready = settled(after, problem);
      if (ready.waste + ready.allToCome > spare || ready.open.length === 0) continue;
      const key = keyOf(ready);
      if (seen.has(key)) continue;
      seen.add(key);
      next.push(ready);
    }
    level = next;
  }
  return null;
}

/** Open rectangles that hold no blank any more are waste; so is what blanks side by side cannot fill of the others. */
function settled(state: State, { ways, reachable }: Problem): State {
  const open = [...state.open];
  let waste = state.waste;
  for (let last = open.at(-1); last; last = open.at(-1)) {
    const { width, height } = last;
    if (holdsAny(ways, state.left, width, height)) break;
    waste += width * height;
    open.pop();
  }
  const rests = reachable?.restsOf(state.left, state.leftKey);
  const toCome = open.map(({ width, height }) => (rests ? Math.max((rests.across[width] ?? 0) * height, (rests.up[height] ?? 0) * width) : 0)); // prettier-ignore
  return { ...state, open, waste, toCome, allToCome: toCome.reduce((sum, own) => sum + own, 0) };
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

/** Adds each move of a state: two for each block, by its first cut, and the last one to lay nothing. */
function addMoves(
  state: State,
  { ways, blocks, spare, base, reachable }: Problem,
  { largeFirst, ragged, noise, random }: BeamTerms,
  candidates: Candidates,
  from: number,
): void {
  const { open, left } = state;
  const last = open.at(-1);
  if (!last) return;
  const guideOf = (waste: number, area: number, laid: number, parts: number) =>
    ((waste + base) / (area + waste) / Math.pow(area / Math.max(1, laid), largeFirst)) *
    (1 + ragged * parts) *
    (1 + noise * random());
  const rests = reachable?.restsOf(left, state.leftKey);
  /** Least waste in a part that is left of the last rectangle. */
  const emptyIn = (width: number, height: number, block: Block) => {
    if (width === 0 || height === 0) return 0;
    if (!holdsAny(ways, left, width, height, block)) return width * height;
    return rests ? Math.max((rests.across[width] ?? 0) * height, (rests.up[height] ?? 0) * width) : 0;
  };
  const { width, height } = last;
  const others = state.waste + state.allToCome - (state.toCome.at(-1) ?? 0);
  blocks.forEach((block, at) => {
    const [w, h] = [width - block.width, height - block.height];
    if (w < 0 || h < 0 || !isThere(block, left)) return;
    const waste = others + block.width * block.height - block.area;
    if (waste > spare) return;
    const flush = Number(w === 0) + Number(h === 0);
    for (const isUp of w > 0 && h > 0 ? [true, false] : [true]) {
      // A cut up along the block leaves the right part whole; a cut across leaves the upper part whole.
      const right = emptyIn(w, isUp ? height : block.height, block);
      const upper = emptyIn(isUp ? block.width : width, h, block);
      const all = waste + right + upper;
      if (all > spare) continue;
      const guide = guideOf(all, state.area + block.area, state.laid + block.places.length, open.length + 1 - flush);
      candidates.add(guide * (1 - FLUSH * flush), from + 2 * at + Number(!isUp));
    }
  });
  const empty = others + width * height;
  // Nothing is laid here although something would fit.
  if (state.laid > 0 && empty <= spare)
    candidates.add(guideOf(empty, state.area, state.laid, open.length - 1), from + 2 * blocks.length);
}

/** The state after a move. */
function grown(state: State, { block, isUp }: Move, keys: Float64Array): State {
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
    ...state,
    // The smaller part is filled first.
    open: [...rest, ...[right, upper].filter(({ width, height }) => width > 0 && height > 0).sort((a, b) => b.width * b.height - a.width * a.height)], // prettier-ignore
    left,
    leftKey: keyOfLeft(left, keys),
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
  // Single blanks always; of the others those that waste least.
  const single = blocks.filter(({ places }) => places.length === 1);
  const more = blocks
    .filter(({ places }) => places.length > 1)
    .sort((a, b) => fillOf(b) - fillOf(a) || b.area - a.area);
  return [...single, ...more.slice(0, MOST_BLOCKS)].sort((a, b) => b.area - a.area);
}

const fillOf = ({ area, width, height }: Block) => area / (width * height);

const keyOf = ({ open, leftKey }: State) =>
  `${open.map(({ plate, width, height }) => `${String(plate)}:${String(width)}x${String(height)}`).join()}|${String(leftKey)}`;

function placesOf(state: State): BeamPlace[] {
  const places: BeamPlace[] = [];
  for (let at: State | null = state; at; at = at.parent) places.push(...at.places);
  return places;
}
