// Fills one sheet: each blank goes where it touches two others or an edge, to the first such place by a rule.
import { intersections, intersectionsWithEdges, selfIntersections } from '../../geometry/no-fit-intersections.ts';
import { keepsGap, type NoFitPolygon, noFitPolygon, type Shape } from '../../geometry/no-fit-polygon.ts';

/** A kind of blank with its orientations. */
export interface BlankKind {
  /** As given, turned, ... */
  readonly ways: readonly Shape[];
  readonly count: number;
  /** Index of the kind of which this is a pair: it takes two of that one's count. */
  readonly pairOf?: number;
}

/** A blank on a sheet. */
export interface LaidBlank {
  readonly kind: number;
  readonly way: number;
  /** Of its middle, mm. */
  readonly x: number;
  readonly y: number;
}

/** The sheet that is filled. */
export interface Plate {
  readonly width: number;
  readonly height: number;
  readonly gap: number;
  readonly margin: number;
}

/**
 * Which free place comes first: the lowest, the leftmost, the next of the lowest row (discs then stand in a square
 * grid), or the one nearest to an edge.
 */
export const allTowards = ['bottom', 'left', 'rows', 'walls'] as const;
type Towards = (typeof allTowards)[number];

/** How a sheet is filled. */
export interface Laying {
  /** Indices of kinds; each is laid as often as it is wanted and fits. */
  readonly order: readonly number[];
  readonly towards: Towards;
  /** How a blank that may be turned lies: as uses least of the sheet, or all alike. */
  readonly lying: 'free' | 'flat' | 'upright';
}

const SLACK = 1e-9;
/** Nearer places are one place, 1/mm. */
const SAME_PLACE = 1e4;

const keyOf = (x: number, y: number) => Math.round(x * SAME_PLACE) * 1e8 + Math.round(y * SAME_PLACE);

/** No-fit polygons of pairs of shapes, computed once for all sheets of a problem. */
export class NoFits {
  readonly #gap: number;
  readonly #known = new Map<Shape, Map<Shape, NoFitPolygon>>();

  constructor(gap: number) {
    this.#gap = gap;
  }

  of(still: Shape, moving: Shape): NoFitPolygon {
    let row = this.#known.get(still);
    if (!row) this.#known.set(still, (row = new Map<Shape, NoFitPolygon>()));
    let region = row.get(moving);
    if (!region) row.set(moving, (region = noFitPolygon(still, moving, this.#gap)));
    return region;
  }
}

interface Places {
  readonly shape: Shape;
  readonly kind: number;
  readonly way: number;
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
  free: { x: number; y: number }[];
  readonly known: Set<number>;
}

/** Lays as many blanks as fit, kind by kind, until it is over. */
export function laySheet(
  plate: Plate,
  kinds: readonly BlankKind[],
  laying: Laying,
  noFits: NoFits,
  isOver: () => boolean = () => false,
): LaidBlank[] {
  const { order } = laying;
  const laid: (LaidBlank & { readonly shape: Shape })[] = [];
  const left = kinds.map(({ count }) => count);
  const waiting = order.map((kind) => kinds[kind]?.ways.map((shape, way) => placesOf(plate, shape, kind, way)) ?? []);
  order.forEach((kind, at) => {
    const pairOf = kinds[kind]?.pairOf;
    const [source, each] = pairOf === undefined ? [kind, 1] : [pairOf, 2];
    for (; (left[source] ?? 0) >= each && !isOver(); left[source] = (left[source] ?? 0) - each) {
      const best = place(waiting[at] ?? [], laying);
      if (!best) break;
      laid.push({ kind, way: best.of.way, x: best.x, y: best.y, shape: best.of.shape });
      // Kinds still to be laid must keep clear of it, its own kind included.
      for (const places of waiting.slice(at).flat()) follow(places, laid, noFits);
    }
  });
  return laid.map(({ kind, way, x, y }) => ({ kind, way, x, y }));
}

function placesOf({ width, height, margin }: Plate, shape: Shape, kind: number, way: number): Places {
  const [left, bottom] = [margin + shape.width / 2, margin + shape.height / 2];
  const [right, top] = [width - left, height - bottom];
  const fits = right >= left - SLACK && top >= bottom - SLACK;
  const corners = [left, right].flatMap((x) => [bottom, top].map((y) => ({ x, y })));
  return { shape, kind, way, left, right, bottom, top, free: fits ? corners : [], known: new Set() };
}

function place(ways: readonly Places[], { towards, lying }: Laying): { x: number; y: number; of: Places } | null {
  if (lying === 'free') return firstOf(ways, towards);
  const wide = (places: Places) => (lying === 'flat' ? places.shape.width : places.shape.height);
  for (const places of ways.toSorted((a, b) => wide(b) - wide(a))) {
    const best = firstOf([places], towards);
    if (best) return best;
  }
  return null;
}

function firstOf(ways: readonly Places[], towards: Laying['towards']): { x: number; y: number; of: Places } | null {
  let best: { x: number; y: number; of: Places } | null = null;
  let least: readonly [number, number] = [Infinity, Infinity];
  for (const of of ways) {
    for (const { x, y } of of.free) {
      const rank = rankOf(of, x, y, towards);
      if (rank[0] < least[0] - SLACK || (rank[0] < least[0] + SLACK && rank[1] < least[1] - SLACK)) {
        best = { x, y, of };
        least = rank;
      }
    }
  }
  return best;
}

function rankOf({ shape, left, right, bottom, top }: Places, x: number, y: number, towards: Towards): [number, number] {
  switch (towards) {
    // By the edge that is farthest in, so that a blank is turned the way that uses least of the sheet.
    case 'bottom':
      return [y + shape.height / 2, x];
    case 'left':
      return [x + shape.width / 2, y];
    case 'rows':
      return [Math.ceil((y - bottom) / shape.height - SAME_ROW), x];
    case 'walls':
      return nearestFirst(Math.min(x - left, right - x), Math.min(y - bottom, top - y));
  }
}

// Corners first, then along the edges from them.
const nearestFirst = (a: number, b: number): [number, number] => (a < b ? [a, b] : [b, a]);

/** Rows whose gap is less than this share of a blank count as the next row. */
const SAME_ROW = 0.2;

// The blank laid last covers some places and makes new ones.
function follow(places: Places, laid: readonly { x: number; y: number; shape: Shape }[], noFits: NoFits): void {
  const newest = laid.at(-1);
  if (!newest || (places.free.length === 0 && places.right < places.left - SLACK)) return;
  const { shape } = places;
  const region = noFits.of(newest.shape, shape);
  places.free = places.free.filter(({ x, y }) => {
    const isFree = keepsGap(region, x - newest.x, y - newest.y);
    // A free place may lie a hair beside it: where blanks fit exactly, sums err to both sides.
    if (!isFree) places.known.delete(keyOf(x, y));
    return isFree;
  });
  const near = laid.flatMap((blank) => {
    const other = noFits.of(blank.shape, shape);
    const isNear =
      Math.abs(blank.x - newest.x) <= region.reachX + other.reachX &&
      Math.abs(blank.y - newest.y) <= region.reachY + other.reachY;
    return isNear ? [{ region: other, x: blank.x, y: blank.y }] : [];
  });
  const add = (x: number, y: number) => {
    if (x < places.left - SLACK || x > places.right + SLACK || y < places.bottom - SLACK || y > places.top + SLACK)
      return;
    const key = keyOf(x, y);
    if (places.known.has(key)) return;
    if (!near.every((other) => keepsGap(other.region, x - other.x, y - other.y))) return;
    places.known.add(key);
    places.free.push({ x, y });
  };
  const own = { region, x: newest.x, y: newest.y };
  intersectionsWithEdges(own, [places.left, places.right], [places.bottom, places.top], add);
  selfIntersections(own, add);
  for (const other of near) if (other.x !== own.x || other.y !== own.y) intersections(own, other, add);
}
