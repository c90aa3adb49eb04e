// The steps of a batch as they are done at the bench: by piece and by load, each with its minutes and what it waits
// for.
import type { MadeLine } from '../batch/batch-run.ts';
import { quantityOf } from '../batch/count-batch.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import { hasSizes, sizesOf } from '../piece/all-sizes.ts';
import { loadsOf, type StepComputation } from '../piece/bench-time.ts';
import { computeRecipe } from '../piece/compute-recipe.ts';
import type { Piece } from '../piece/piece.ts';
import { pieceInSize } from '../piece/piece-in-size.ts';
import { scopeOf } from '../piece/scope.ts';
import { type Step, type StepKind, stepKindOf } from '../piece/step.ts';

/** A step, or one load of it. */
export interface BenchStep {
  /** `line/step`, and `line/step#2` for the second load: stable while the batch exists. */
  readonly key: string;
  /** Index among all steps of the batch, one piece after the other. */
  readonly index: number;
  readonly name: string;
  readonly piece: string;
  readonly step: Step;
  readonly kind: StepKind;
  /** Number of pieces: of the batch, or of the load. */
  readonly pieces: number;
  /** Which load of how many; null for a single one. */
  readonly load: readonly [number, number] | null;
  readonly station: string;
  /** Id of the maker it is assigned to; '' for any. */
  readonly maker: string;
  /** Whole minutes. */
  readonly attendedMin: number;
  readonly unattendedMin: number;
  /** Variation of its minutes, as a share; null for the studio's. */
  readonly spread: number | null;
  /** What it takes of a full load, above 0 to 1; null where all go in at once. */
  readonly share: number | null;
  /** Of the attended minutes, those needed once a load, whatever is in it. */
  readonly onceMin: number;
  /** Attended minutes before they are rounded up, and of those the minutes that do not grow with the pieces. */
  readonly exactMin: number;
  readonly exactOnceMin: number;
  /** Number of what its minutes are counted by, in all its pieces: joints, cuts, centimetres. */
  readonly drivers: number;
  /** Alloy families of the piece: metals that do not belong into one load. */
  readonly metals: string;
  /** Keys of steps that end before it starts. */
  readonly after: readonly string[];
}

/** @param made  lines of the batch with their pieces, in order */
export function benchSteps(made: readonly MadeLine[], alloys: ReadonlyMap<string, Alloy>): BenchStep[] {
  const all: BenchStep[] = [];
  let index = 0;
  for (const line of made) {
    all.push(...stepsOfLine(line, alloys, index));
    index += line.piece.steps.length;
  }
  return all;
}

function stepsOfLine({ line, piece }: MadeLine, alloys: ReadonlyMap<string, Alloy>, firstIndex: number): BenchStep[] {
  const sizes = hasSizes(piece) ? sizesOf(piece) : [null];
  const counts = sizes.map((size) => countOf(line, piece, size?.id ?? ''));
  const quantity = counts.reduce((sum, count) => sum + count, 0);
  if (quantity === 0) return [];
  // Sizes differ little at the bench: the one with the largest quantity stands for all.
  const size = sizes[counts.indexOf(Math.max(...counts))] ?? null;
  const times = computeRecipe(size ? pieceInSize(piece, size) : piece, alloys).steps;
  const waits = waitsOf(piece);
  const metals = metalsOf(piece, alloys);
  const loads: Load[][] = [];
  return piece.steps.flatMap((step, at): BenchStep[] => {
    const time = times[at];
    if (!time) return [];
    const before = [...(waits[at] ?? [])];
    const handedOn = before.find((earlier) => piece.steps[earlier]?.transfer === 'each');
    const parts = loadsFor(step, time, quantity, loads[handedOn ?? -1]).map((range, load): Load => {
      return { ...range, key: `${line.id}/${step.id}${load > 0 ? `#${String(load + 1)}` : ''}` };
    });
    loads[at] = parts;
    return parts.map((part, load): BenchStep => {
      const { key, from, to } = part;
      // A load needs the pieces in it, or all pieces where that is set.
      const after = before.flatMap((earlier) =>
        (loads[earlier] ?? [])
          .filter((one) => piece.steps[earlier]?.transfer === 'all' || (one.from < to && one.to > from))
          .map((one) => one.key),
      );
      return {
        ...minutesOf(time, part, parts.length, quantity),
        key,
        index: firstIndex + at,
        name: step.name.trim() || 'step',
        piece: piece.name.trim() || 'Unnamed piece',
        step,
        kind: stepKindOf(step),
        load: parts.length > 1 ? [load + 1, parts.length] : null,
        station: step.station.trim().toLowerCase(),
        maker: step.maker,
        spread: time.spread,
        metals,
        // Loads follow each other as the station has room; no order is fixed.
        after,
      };
    });
  });
}

function countOf(line: MadeLine['line'], piece: Piece, size: string): number {
  const reading = readCount(quantityOf(line, piece, size), 0);
  return reading.ok ? reading.value : 0;
}

function metalsOf({ parts }: Piece, alloys: ReadonlyMap<string, Alloy>): string {
  return [...new Set(parts.flatMap(({ alloy }) => alloys.get(alloy)?.family ?? []))].sort().join(' ');
}

/** Whole minutes, never less than the work takes. */
const whole = (minutes: number) => Math.max(0, Math.ceil(minutes - 1e-6));

/** The pieces of a load, by number: from `from` up to, not including, `to`. */
interface Range {
  readonly from: number;
  readonly to: number;
}
interface Load extends Range {
  readonly key: string;
}

/** @param handedOn  loads of an earlier step that passes each load on: attended work follows them as they come */
function loadsFor(step: Step, time: StepComputation, quantity: number, handedOn: readonly Range[] = []): Range[] {
  const inLoads = time.unattendedMin > 0 || step.transfer === 'each';
  if (!inLoads && time.load === Infinity && handedOn.length > 1) return handedOn.map(({ from, to }) => ({ from, to }));
  const size = inLoads ? Math.min(time.load, quantity) : quantity;
  return Array.from({ length: inLoads ? loadsOf(time, quantity) : 1 }, (_, load) => {
    return { from: load * size, to: Math.min((load + 1) * size, quantity) };
  });
}

function minutesOf(
  time: StepComputation,
  { from, to }: Range,
  loads: number,
  quantity: number,
): Pick<
  BenchStep,
  'pieces' | 'attendedMin' | 'unattendedMin' | 'share' | 'onceMin' | 'exactMin' | 'exactOnceMin' | 'drivers'
> {
  const pieces = to - from;
  // A step that cannot be paused may still be done in several loads.
  const fillings = loads === 1 ? loadsOf(time, quantity) : 1;
  const once = (from === 0 ? time.setUpMin : 0) + time.loadMin * fillings;
  const isLoad = time.unattendedMin > 0 && Number.isFinite(time.load) && fillings === 1;
  return {
    pieces,
    attendedMin: whole(once + time.eachMin * pieces),
    unattendedMin: whole(time.unattendedMin),
    share: isLoad ? Math.min(1, pieces / time.load) : null,
    onceMin: Math.floor(once + 1e-6),
    exactMin: once + time.eachMin * pieces,
    exactOnceMin: once,
    drivers: time.drivers * pieces,
  };
}

/**
 * Which earlier steps each step waits for: the last ones on the same parts. Sub-assemblies run in parallel and meet
 * where something is done to both. A step that may overlap waits for what the step before it waits for.
 */
function waitsOf(piece: Piece): ReadonlySet<number>[] {
  const last = new Map<string, readonly number[]>();
  const waits: Set<number>[] = [];
  const touched = piece.steps.map((step) => {
    const { parts, joins } = scopeOf(step, piece);
    const keys = [...parts.map((at) => `part ${String(at)}`), ...joins.map((at) => `join ${String(at)}`)];
    // A join ties its parts together: work on one is work on all.
    const joined = joins.flatMap((at) =>
      (piece.joins[at]?.parts ?? []).map((id) => `part ${String(piece.parts.findIndex((part) => part.id === id))}`),
    );
    return step.of ? [...new Set([...keys, ...joined])] : ['all'];
  });
  piece.steps.forEach((step, at) => {
    const keys = touched[at] ?? [];
    const isWhole = keys.includes('all');
    const before = isWhole ? [...last.values()].flat() : [...keys, 'all'].flatMap((key) => last.get(key) ?? []);
    const own = step.overlaps && at > 0 ? (waits[at - 1] ?? new Set<number>()) : new Set(before);
    waits.push(new Set(own));
    // The next step waits for this one, and for the one it overlaps with.
    if (isWhole && !step.overlaps) last.clear();
    for (const key of keys) last.set(key, step.overlaps ? [...(last.get(key) ?? []), at] : [at]);
  });
  return waits;
}
