// Pairs of one outline, the second as the first or upside down: two blanks that fit into each other are laid as one.
import { convexHull, meanPoint, type Point, polygonArea } from '../../geometry/convex-polygon.ts';
import { selfIntersections } from '../../geometry/no-fit-intersections.ts';
import { keepsGap, type Shape } from '../../geometry/no-fit-polygon.ts';
import type { IndexedSheets } from './indexed-sheets.ts';
import { type BlankKind, type LaidBlank, type Laying, laySheet, type NoFits, type Plate } from './lay-sheet.ts';

/** A pair that leaves more than this share of its hull empty is not worth laying as one. */
const MOST_EMPTY = 0.25;
/** Least gain over the hull of one blank: outlines that fill their hull well pair no better than alone. */
const ENOUGH_GAIN = 0.02;
const HALF_TURN = 180;

type Kind = IndexedSheets['kinds'][number];

/** One way of a pair: its shape, and its two blanks from the middle of it. */
interface PairWay {
  readonly shape: Shape;
  readonly blanks: readonly { readonly way: number; readonly x: number; readonly y: number }[];
}

/** What makes a good pair: the least hull, which is best where pairs fit into each other, or the least bounding box. */
export type Pairing = 'hull' | 'box';

/** Pairs that are known already, by the ways of a blank. */
const known = { hull: new WeakMap<readonly Shape[], readonly PairWay[]>(), box: new WeakMap<readonly Shape[], readonly PairWay[]>() }; // prettier-ignore

/** Lays blanks as `laySheet` does, pairs of each kind before single ones. */
export function layInPairs(
  plate: Plate,
  kinds: readonly Kind[],
  laying: Laying,
  { noFits, pairing, isOver }: { readonly noFits: NoFits; readonly pairing: Pairing; readonly isOver: () => boolean },
): LaidBlank[] {
  const pairs = kinds.flatMap((kind, base) => {
    const ways = kind.count < 2 ? [] : pairWays(kind, noFits, pairing);
    return ways.length > 0 ? [{ base, ways }] : [];
  });
  const all = [
    ...kinds,
    ...pairs.map(({ base, ways }): BlankKind => ({ ways: ways.map(({ shape }) => shape), count: 0, pairOf: base })),
  ];
  const order = laying.order.flatMap((kind) => {
    const pair = pairs.findIndex(({ base }) => base === kind);
    return pair < 0 ? [kind] : [kinds.length + pair, kind];
  });
  return laySheet(plate, all, { ...laying, order }, noFits, isOver).flatMap((blank) => {
    const pair = pairs[blank.kind - kinds.length];
    if (!pair) return [blank];
    const blanks = pair.ways[blank.way]?.blanks ?? [];
    return blanks.map(({ way, x, y }) => ({ kind: pair.base, way, x: blank.x + x, y: blank.y + y }));
  });
}

function pairWays(kind: Kind, noFits: NoFits, pairing: Pairing): readonly PairWay[] {
  let pair = known[pairing].get(kind.ways);
  if (!pair) known[pairing].set(kind.ways, (pair = bestPair(kind, noFits, pairing)));
  return pair;
}

/** The best pair, in each way its first blank may lie. */
function bestPair({ ways, turns, areaMm2 }: Kind, noFits: NoFits, pairing: Pairing): PairWay[] {
  const [first] = ways;
  const partnerOf = (way: number, by: number) => turns.findIndex((turn) => isWhole((turn - (turns[way] ?? 0) - by) / 360)); // prettier-ignore
  if (!first || ways.length < 2 || partnerOf(0, HALF_TURN) < 0) return [];
  let best: { at: Point; by: number; empty: number } | null = null;
  for (const by of [HALF_TURN, 0]) {
    const other = ways[partnerOf(0, by)];
    for (const at of other ? touching(first, other, noFits) : []) {
      const corners = [...first.parts.flat(), ...(other?.parts.flat() ?? []).map(({ x, y }) => ({ x: x + at.x, y: y + at.y }))]; // prettier-ignore
      const taken = pairing === 'hull' ? hullAreaMm2(corners) : leastBoxMm2(corners, turns);
      if (!best || taken < best.empty - 1e-9) best = { at, by, empty: taken };
    }
  }
  if (!best) return [];
  const corners = first.parts.flat();
  const alone = areaMm2 / (pairing === 'hull' ? hullAreaMm2(corners) : leastBoxMm2(corners, turns));
  const filled = (2 * areaMm2) / best.empty;
  if (filled < 1 - MOST_EMPTY || filled < alone + ENOUGH_GAIN) return [];
  const { at, by } = best;
  const second = ways[partnerOf(0, by)] ?? first;
  const between = minus(plus(at, meanOf(second)), meanOf(first));
  return ways.flatMap((shape, way): PairWay[] => {
    const other = partnerOf(way, by);
    const partner = ways[other];
    if (!partner) return [];
    // Middles are those of bounding boxes, which do not turn with the outline; the mean of its corners does.
    const turned = turnedBy(between, (turns[way] ?? 0) - (turns[0] ?? 0));
    const apart = minus(plus(turned, meanOf(shape)), meanOf(partner));
    // The same pair, turned: rounding errors of the turn must not bring its blanks too near.
    return keepsGap(noFits.of(shape, partner), apart.x, apart.y) ? [joined(shape, way, partner, other, apart)] : [];
  });
}

/** Places where the second blank touches the first with a corner, or along the middle of a side. */
function touching(still: Shape, moving: Shape, noFits: NoFits): Point[] {
  const noFit = noFits.of(still, moving);
  const places = noFit.parts.flatMap(({ lines }) =>
    lines.flatMap(({ from, to }) => [from, to, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }]),
  );
  selfIntersections({ region: noFit, x: 0, y: 0 }, (x, y) => places.push({ x, y }));
  return places.filter(({ x, y }) => keepsGap(noFit, x, y));
}

const plus = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });
const minus = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });

const meanOf = ({ parts }: Shape) => meanPoint(parts.flat());

const isWhole = (number: number) => Math.abs(number - Math.round(number)) < 1e-8;

const hullAreaMm2 = (points: readonly Point[]) => polygonArea(convexHull(points));

/** Area of the least bounding box, turned by any of the angles. */
function leastBoxMm2(points: readonly Point[], turns: readonly number[]): number {
  const boxes = turns.map((degrees) => {
    const turned = points.map((point) => turnedBy(point, degrees));
    const [xs, ys] = [turned.map(({ x }) => x), turned.map(({ y }) => y)];
    return (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  });
  return Math.min(...boxes);
}

function turnedBy({ x, y }: Point, degrees: number): Point {
  const angle = (degrees * Math.PI) / 180;
  return { x: x * Math.cos(angle) - y * Math.sin(angle), y: x * Math.sin(angle) + y * Math.cos(angle) };
}

function joined(one: Shape, way: number, other: Shape, otherWay: number, apart: Point): PairWay {
  const left = Math.min(-one.width / 2, apart.x - other.width / 2);
  const right = Math.max(one.width / 2, apart.x + other.width / 2);
  const bottom = Math.min(-one.height / 2, apart.y - other.height / 2);
  const top = Math.max(one.height / 2, apart.y + other.height / 2);
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  const moved = ({ parts }: Shape, dx: number, dy: number) =>
    parts.map((part) => part.map(({ x, y }) => ({ x: x + dx, y: y + dy })));
  const blanks = [
    { way, x: -middle.x, y: -middle.y },
    { way: otherWay, x: apart.x - middle.x, y: apart.y - middle.y },
  ] as const;
  return {
    shape: {
      parts: [...moved(one, blanks[0].x, blanks[0].y), ...moved(other, blanks[1].x, blanks[1].y)],
      radius: 0,
      width: right - left,
      height: top - bottom,
    },
    blanks,
  };
}
