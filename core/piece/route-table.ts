// The proposed route of a piece as a table: what is done to what, how often, and for how long.
import { readCount } from '../measure/read/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import { hasSizes, sizesOf } from './all-sizes.ts';
import { driverNames, type StepComputation, stepEach, unattendedMin } from './bench-time.ts';
import { computeRecipe } from './compute-recipe.ts';
import type { Piece } from './piece.ts';
import { pieceInSize } from './piece-in-size.ts';
import { type Proposal, proposeRoute } from './propose-route.ts';
import { stepKindOf, targetsOf } from './step.ts';
import { cautionsFor, inspectionOf } from './step-care.ts';

/** A step of a proposed route. Minutes are for one piece, made in the usual batch. */
export interface RouteLine {
  readonly name: string;
  /** Kind of work: a file name in `core/work/kinds`. */
  readonly kind: string;
  /** Names of what it is done to; `piece` for the finished piece. */
  readonly to: string;
  /** Number of `unit` in one piece. */
  readonly count: number;
  readonly unit: string;
  /** Once a batch. */
  readonly setUpMin: number;
  /** For each unit. */
  readonly eachMin: number;
  readonly attendedMin: number;
  readonly unattendedMin: number;
  readonly station: string;
  readonly cautions: readonly string[];
  /** What is looked at; '' for nothing in particular. */
  readonly inspect: string;
  /** Paths of the rows of the recipe it comes from: `parts.0`, `joins.1`, `work.0`. */
  readonly from: readonly string[];
}

/** The proposed route of a piece, in its first size. */
export function routeTable(typed: Piece, alloys: ReadonlyMap<string, Alloy>): RouteLine[] {
  const [size] = sizesOf(typed);
  const piece = size && hasSizes(typed) ? pieceInSize(typed, size) : typed;
  const steps = proposeRoute(computeRecipe(piece, alloys)).map((step, index) => ({ ...step, id: `s${String(index)}` }));
  const { steps: times } = computeRecipe({ ...piece, steps }, alloys);
  const usual = readCount(piece.batchSize);
  const batch = usual.ok ? usual.value : 1;
  return steps.flatMap((step, index): RouteLine[] => {
    const time = times[index];
    return time ? [lineOf(step, time, piece, batch)] : [];
  });
}

function lineOf(step: Proposal, time: StepComputation, piece: Piece, batch: number): RouteLine {
  const rows = [...piece.parts, ...piece.findings, ...piece.groups, ...piece.joins];
  const targets = targetsOf(step);
  const names = targets.map((id) => rows.find((row) => row.id === id)?.name.trim() || id);
  const counted = step.per === 'piece' || step.per === 'load' || step.per === 'batch';
  return {
    name: step.name,
    kind: stepKindOf(step),
    to: names.join(', ') || 'piece',
    count: rounded(counted ? 1 : time.drivers),
    unit: driverNames[step.per],
    setUpMin: rounded(time.setUpMin),
    eachMin: rounded(counted ? time.eachMin || time.loadMin : time.drivers > 0 ? time.eachMin / time.drivers : 0),
    attendedMin: rounded(stepEach(step, time, batch).value),
    unattendedMin: rounded(unattendedMin(time, batch) / batch),
    station: step.station,
    cautions: cautionsFor(step, piece).map(({ id }) => id),
    inspect: inspectionOf(step, piece),
    from: pathsOf(step, piece),
  };
}

// Whole-piece work comes from every part and join.
function pathsOf(step: Proposal, piece: Piece): string[] {
  const lists = ['parts', 'findings', 'groups', 'joins'] as const;
  const targets = new Set(targetsOf(step));
  const own = piece.work.flatMap(({ id }, index) => (step.from === `work:${id}` ? [`work.${String(index)}`] : []));
  const named = lists.flatMap((list) =>
    piece[list].flatMap(({ id }, index) => (targets.has(id) ? [`${list}.${String(index)}`] : [])),
  );
  if (own.length > 0 || named.length > 0) return [...own, ...named];
  return (['parts', 'joins'] as const).flatMap((list) => piece[list].map((_, index) => `${list}.${String(index)}`));
}

function rounded(value: number): number {
  return Math.round(value * 1000) / 1000;
}
