// Denser sheets: all blanks on a choice of sheets. Rectangles alone by a beam search on skylines; discs, and discs with
// rectangles, by taking overlaps down; outlines by laying in other orders; for shears by a beam search on cuts.
import type { BeamKind, BeamPlace, BeamPlate } from './beam-problem.ts';
import { packByGuillotine } from './guillotine-beam.ts';
import { fillByGuillotine } from './guillotine-fill.ts';
import { type IndexedSheets, plateOf } from './indexed-sheets.ts';
import { allTowards, type LaidBlank, type Laying, laySheet, type NoFits, type Plate } from './lay-sheet.ts';
import { layInPairs } from './outline-pairs.ts';
import { outlineModel } from './outline-relaxation.ts';
import { canTurnFreely, placeTurned } from './outlines-turned.ts';
import { roundAndRectangular, type SoftBlank } from './overlap-relaxation.ts';
import { placeByOverlap } from './overlap-search.ts';
import type { SheetChoice } from './sheet-choices.ts';
import type { SheetProblem } from './sheet-problem.ts';
import { packByBeam } from './skyline-beam.ts';

/** A sheet with its blanks. */
export interface Filled {
  readonly sheet: number;
  readonly laid: readonly LaidBlank[];
}

/** Sheets as they were filled, and the kinds to which their blanks refer. */
export interface FilledPlan {
  readonly filled: readonly Filled[];
  readonly kinds: IndexedSheets;
}

/** Terms of a search. */
export interface DenserTerms {
  readonly random: () => number;
  readonly isOver: () => boolean;
  readonly noFits: NoFits;
  /** How often this choice was tried before. */
  readonly round: number;
}

const UM_PER_MM = 1000;
/** States of the first beam, how they grow, and the most. */
const FIRST_BEAM = 20;
const GROWTH = 3;
const MOST_BEAM = 12_000;
const largeFirst = [0.5, 0.3, 0, 0.8, 0.15] as const;
const NOISE = 0.1;
const raggedness = [0.2, 0.8, 0.1, 0.4] as const;
/** Blanks that only touch count as apart: half the gap and a hair, mm. */
const HAIR = 2e-7;
/** Orders in which the sheets are laid before overlaps are taken down. */
const ORDERS = 6;
const STRAY = 0.5;
const pairings = [null, 'box', null, 'hull'] as const;
/** Changes until a search of outlines starts anew, and how that grows. */
const FIRST_LOOKS = 2000;
const MORE_LOOKS = 1.5;
/** Share of the area of discs that stays empty between them even where sizes mix well. */
const BETWEEN_DISCS = 0.06;
const BETWEEN_OUTLINES = 0.08;
const QUARTER_TURN = 90;

/**
 * The area all blanks need, with their gaps, mm²: discs and outlines need some more, since what lies between them stays
 * empty; shears cut each blank out of its bounding box.
 */
export function needOf({ pieces, gap, cutting }: SheetProblem, { kinds }: Pick<IndexedSheets, 'kinds'>): number {
  return kinds.reduce((need, { ways: [way], areaMm2, count }, index) => {
    if (!way) return need;
    const shape = cutting === 'free' ? pieces[index]?.shape : 'rect';
    if (shape === 'outline') return need + count * areaMm2 * (1 + BETWEEN_OUTLINES);
    const area = shape === 'rect' ? (way.width + gap) * (way.height + gap) : (Math.PI / 4) * (way.width + gap) ** 2 * (1 + BETWEEN_DISCS); // prettier-ignore
    return need + count * area;
  }, 0);
}

/** @returns the filled sheets; null where not all blanks found room in time */
export function denserSheets(
  problem: SheetProblem,
  kinds: IndexedSheets,
  choice: Pick<SheetChoice, 'sheets'>,
  terms: DenserTerms,
): FilledPlan | null {
  const wanted = problem.pieces.filter((_piece, index) => (kinds.kinds[index]?.count ?? 0) > 0);
  const hasOutlines = problem.cutting === 'free' && wanted.some(({ shape }) => shape === 'outline');
  const plan = hasOutlines ? byOutlines(problem, kinds, choice, terms) : { kinds, filled: filledSheets() };
  return plan?.filled ? { kinds: plan.kinds, filled: plan.filled.filter(({ laid }) => laid.length > 0) } : null;

  function filledSheets(): Filled[] | null {
    const isCornered = problem.cutting === 'guillotine' || wanted.every(({ shape }) => shape === 'rect');
    return isCornered ? byBeam(problem, kinds, choice, terms) : byOverlap(problem, kinds, choice, terms);
  }
}

const um = (mm: number) => Math.round(mm * UM_PER_MM);

/** Kinds as rectangles grown by the gap, µm. */
function grownKinds({ gap }: SheetProblem, { kinds }: Pick<IndexedSheets, 'kinds'>): BeamKind[] {
  return kinds.map(({ ways, turns, count }) => ({
    width: um(ways[0]?.width ?? 0) + um(gap),
    height: um(ways[0]?.height ?? 0) + um(gap),
    canTurn: turns[1] === QUARTER_TURN,
    count,
  }));
}

/** A sheet less its margin and plus the gap that the outermost blanks do not need, µm. */
function grownPlate({ sheets, gap, margin }: SheetProblem, sheet: number): BeamPlate {
  const inside = (side = 0) => um(side) - 2 * um(margin) + um(gap);
  return { width: inside(sheets[sheet]?.width), height: inside(sheets[sheet]?.height) };
}

function laidAt(
  { margin }: SheetProblem,
  { kinds }: Pick<IndexedSheets, 'kinds'>,
  { kind, x, y, isTurned }: Omit<BeamPlace, 'plate'>,
): LaidBlank {
  const way = isTurned ? 1 : 0;
  const { width = 0, height = 0 } = kinds[kind]?.ways[way] ?? {};
  return { kind, way, x: x / UM_PER_MM + margin + width / 2, y: y / UM_PER_MM + margin + height / 2 };
}

/** One sheet filled in an order by cuts right across. */
export function laidByGuillotine(
  problem: SheetProblem,
  kinds: Pick<IndexedSheets, 'kinds'>,
  sheet: number,
  laying: Laying,
): LaidBlank[] {
  const places = fillByGuillotine(grownKinds(problem, kinds), grownPlate(problem, sheet), laying);
  return places.map((place) => laidAt(problem, kinds, place));
}

function byBeam(
  problem: SheetProblem,
  kinds: IndexedSheets,
  choice: Pick<SheetChoice, 'sheets'>,
  { random, isOver, round }: DenserTerms,
): Filled[] | null {
  const pack = problem.cutting === 'guillotine' ? packByGuillotine : packByBeam;
  const grown = grownKinds(problem, kinds);
  const plates = choice.sheets.map((sheet) => grownPlate(problem, sheet));
  const swapped = <Sides extends { width: number; height: number }>(rows: readonly Sides[]) =>
    rows.map((row) => ({ ...row, width: row.height, height: row.width }));
  let width = Math.min(MOST_BEAM, Math.round(FIRST_BEAM * GROWTH ** round));
  for (let turn = 0; !isOver(); turn += 1) {
    const isSwapped = turn % 2 === 1;
    const found = pack(isSwapped ? swapped(grown) : grown, isSwapped ? swapped(plates) : plates, {
      width,
      largeFirst: largeFirst[Math.floor(turn / 2) % largeFirst.length] ?? 0.5,
      ragged: raggedness[Math.floor(turn / 2) % raggedness.length] ?? 0.2,
      noise: turn < 2 * largeFirst.length ? 0 : NOISE,
      random,
      isOver,
    });
    if (isSwapped) width = Math.min(MOST_BEAM, Math.round(width * GROWTH));
    if (!found) continue;
    return choice.sheets.map((sheet, plate) => ({
      sheet,
      laid: found
        .filter((one) => one.plate === plate)
        .map((one) => laidAt(problem, kinds, isSwapped ? { ...one, x: one.y, y: one.x } : one)),
    }));
  }
  return null;
}

/** Outlines: laid in some orders, then overlaps are taken down, every second time with any angle. */
function byOutlines(
  problem: SheetProblem,
  kinds: IndexedSheets,
  choice: Pick<SheetChoice, 'sheets'>,
  { random, isOver, noFits, round }: DenserTerms,
): FilledPlan | null {
  const half = problem.gap / 2 + HAIR;
  const shift = problem.margin - half;
  const plates = choice.sheets.map((sheet) => plateOf(problem, sheet));
  const insides = plates.map(({ width, height }) => ({ width: width - 2 * shift, height: height - 2 * shift }));
  const model = outlineModel(kinds.kinds, noFits, half, 2 * HAIR);
  const turns = canTurnFreely(problem);
  // Other orders now and then: a search that starts badly seldom recovers.
  for (let [turn, most] = [0, FIRST_LOOKS]; !isOver(); turn += 1, most *= MORE_LOOKS) {
    const start = bestLaid(kinds, plates, { random, noFits, isOver, round: round + turn * ORDERS }, ORDERS);
    const laid = start.laid.map((own) => own.map((blank) => ({ ...blank, x: blank.x - shift, y: blank.y - shift })));
    const rest = start.rest.map((kind): LaidBlank => ({ kind, way: 0, x: 0, y: 0 }));
    let looks = 0;
    const terms = { random, isOver: () => (looks += 1) > most || isOver() };
    const isTurned = turns && (round + turn) % 2 === 1;
    const found = isTurned
      ? placeTurned(problem, kinds, half, insides, { laid, rest }, terms)
      : { kinds, laid: placeByOverlap(model, insides, { laid, rest }, terms) };
    if (!found?.laid) continue;
    const filled = choice.sheets.map((sheet, plate): Filled => ({
      sheet,
      laid: (found.laid?.[plate] ?? []).map((blank) => ({ ...blank, x: blank.x + shift, y: blank.y + shift })),
    }));
    return { filled, kinds: found.kinds };
  }
  return null;
}

function byOverlap(
  problem: SheetProblem,
  kinds: IndexedSheets,
  choice: Pick<SheetChoice, 'sheets'>,
  { random, isOver, noFits, round }: DenserTerms,
): Filled[] | null {
  const { gap, margin } = problem;
  const half = gap / 2 + HAIR;
  const shift = margin - half;
  const soft = (kind: number, way: number, x: number, y: number): SoftBlank => {
    const ways = kinds.kinds[kind]?.ways ?? [];
    const shape = ways[way];
    const isRound = (shape?.radius ?? 0) > 0;
    return {
      kind,
      halfWidth: isRound ? 0 : (shape?.width ?? 0) / 2 + half,
      halfHeight: isRound ? 0 : (shape?.height ?? 0) / 2 + half,
      radius: isRound ? (shape?.width ?? 0) / 2 + half : 0,
      canTurn: ways.length > 1,
      isTurned: way === 1,
      x: x - shift,
      y: y - shift,
    };
  };
  const plates = choice.sheets.map((sheet) => plateOf(problem, sheet));
  const start = bestLaid(kinds, plates, { random, noFits, isOver, round }, ORDERS);
  const rest = start.rest.map((kind) => soft(kind, 0, 0, 0));
  const laid = start.laid.map((own) => own.map(({ kind, way, x, y }) => soft(kind, way, x, y)));
  const insides = plates.map(({ width, height }) => ({ width: width - 2 * shift, height: height - 2 * shift }));
  const found = placeByOverlap(roundAndRectangular, insides, { laid, rest }, { random, isOver });
  return (
    found &&
    choice.sheets.map((sheet, plate) => ({
      sheet,
      laid: (found[plate] ?? []).map(({ kind, isTurned, x, y }): LaidBlank => {
        return { kind, way: isTurned ? 1 : 0, x: x + shift, y: y + shift };
      }),
    }))
  );
}

/** Sheets laid in some orders: the one that leaves the least area. */
function bestLaid(
  { kinds }: IndexedSheets,
  plates: readonly Plate[],
  { random, noFits, round, isOver }: DenserTerms,
  orders: number,
): { readonly laid: readonly (readonly LaidBlank[])[]; readonly rest: readonly number[] } {
  let best: { laid: LaidBlank[][]; rest: number[] } = { laid: [], rest: [] };
  let least = Infinity;
  for (let order = 0; order < orders && least > 0 && !(order > 0 && isOver()); order += 1) {
    const isShaken = round + order > 1;
    const size = (index: number) => (kinds[index]?.areaMm2 ?? 0) * (isShaken ? 1 + STRAY * (2 * random() - 1) : 1);
    const sorted = [...kinds.keys()].map((index) => ({ index, size: size(index) })).sort((a, b) => b.size - a.size);
    const towards = allTowards[(round + order) % allTowards.length] ?? 'bottom';
    const laying = { order: sorted.map(({ index }) => index), towards, lying: 'free' } as const;
    let left = kinds.map((kind) => kind);
    const laid = plates.map((plate) => {
      const pairing = pairings[(round + order) % pairings.length] ?? null;
      const own = pairing ? layInPairs(plate, left, laying, { noFits, pairing, isOver }) : laySheet(plate, left, laying, noFits, isOver); // prettier-ignore
      left = left.map((kind, index) => ({ ...kind, count: kind.count - own.filter((one) => one.kind === index).length })); // prettier-ignore
      return own;
    });
    const over = left.reduce((sum, { count, areaMm2 }) => sum + count * areaMm2, 0);
    if (over >= least) continue;
    least = over;
    best = { laid, rest: left.flatMap(({ count }, kind) => Array<number>(count).fill(kind)) };
  }
  return best;
}
