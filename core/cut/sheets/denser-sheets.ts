// Denser sheets: all blanks on a choice of sheets that costs less than the known plan. Rectangles alone by a beam search
// on skylines; discs, and discs with rectangles, by taking overlaps down.
import type { IndexedSheets } from './indexed-sheets.ts';
import { allTowards, type LaidBlank, laySheet, type NoFits, type Plate } from './lay-sheet.ts';
import type { SoftBlank } from './overlap-relaxation.ts';
import { placeByOverlap } from './overlap-search.ts';
import { type SheetChoice } from './sheet-choices.ts';
import type { SheetProblem } from './sheet-problem.ts';
import { packByBeam } from './skyline-beam.ts';

/** A sheet with its blanks. */
export interface Filled {
  readonly sheet: number;
  readonly laid: readonly LaidBlank[];
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
const GROWTH = 1.7;
const MOST_BEAM = 2000;
const largeFirst = [0.5, 0.3, 0.8, 1, 0.15] as const;
const NOISE = 0.1;
/** Blanks that only touch count as apart: half the gap and a hair, mm. */
const HAIR = 2e-7;
/** Orders in which the sheets are laid before overlaps are taken down. */
const ORDERS = 6;
const STRAY = 0.5;
/** Share of the area of discs that stays empty between them even where sizes mix well. */
const BETWEEN_DISCS = 0.06;

/**
 * The area all blanks need, with their gaps, mm²; discs need some more, since what lies between them stays empty.
 * @returns null where there are outlines, which are not packed like this
 */
export function needOf(problem: SheetProblem, { kinds }: IndexedSheets): number | null {
  let [need, discs] = [0, 0];
  for (const [index, { ways, count }] of kinds.entries()) {
    const [way] = ways;
    if (!way || count === 0) continue;
    if (problem.pieces[index]?.shape === 'outline') return null;
    const area = way.radius > 0 ? (Math.PI / 4) * (way.width + problem.gap) ** 2 : (way.width + problem.gap) * (way.height + problem.gap); // prettier-ignore
    need += area * count;
    if (way.radius > 0) discs += area * count;
  }
  return need + BETWEEN_DISCS * discs;
}

/** @returns the filled sheets; null where not all blanks found room in time */
export function denserSheets(
  problem: SheetProblem,
  kinds: IndexedSheets,
  choice: SheetChoice,
  terms: DenserTerms,
): Filled[] | null {
  const isAllRectangles = kinds.kinds.every(({ ways, count }) => count === 0 || (ways[0]?.radius ?? 0) === 0);
  const filled = isAllRectangles ? byBeam(problem, kinds, choice, terms) : byOverlap(problem, kinds, choice, terms);
  return filled && filled.filter(({ laid }) => laid.length > 0);
}

function byBeam(
  { sheets, gap, margin, pieces }: SheetProblem,
  { kinds }: IndexedSheets,
  choice: SheetChoice,
  { random, isOver, round }: DenserTerms,
): Filled[] | null {
  const um = (mm: number) => Math.round(mm * UM_PER_MM);
  const grown = kinds.map(({ ways, count }, index) => {
    const piece = pieces[index];
    return {
      width: um(ways[0]?.width ?? 0) + um(gap),
      height: um(ways[0]?.height ?? 0) + um(gap),
      canTurn: piece?.shape === 'rect' && piece.rotatable,
      count,
    };
  });
  const inside = (side: number) => um(side) - 2 * um(margin) + um(gap);
  const plates = choice.sheets.map((sheet) => ({
    width: inside(sheets[sheet]?.width ?? 0),
    height: inside(sheets[sheet]?.height ?? 0),
  }));
  const swapped = <Sides extends { width: number; height: number }>(rows: readonly Sides[]) =>
    rows.map((row) => ({ ...row, width: row.height, height: row.width }));
  let width = Math.min(MOST_BEAM, Math.round(FIRST_BEAM * GROWTH ** round));
  for (let turn = 0; !isOver(); turn += 1) {
    const isSwapped = turn % 2 === 1;
    const found = packByBeam(isSwapped ? swapped(grown) : grown, isSwapped ? swapped(plates) : plates, {
      width,
      largeFirst: largeFirst[Math.floor(turn / 2) % largeFirst.length] ?? 0.5,
      noise: turn < 2 ? 0 : NOISE,
      random,
      isOver,
    });
    if (turn % 4 === 0) width = Math.min(MOST_BEAM, Math.round(width * GROWTH));
    if (!found) continue;
    return choice.sheets.map((sheet, plate) => ({
      sheet,
      laid: found
        .filter((one) => one.plate === plate)
        .map(({ kind, x, y, isTurned }): LaidBlank => {
          const shape = kinds[kind]?.ways[isTurned ? 1 : 0];
          const [left, bottom] = isSwapped ? [y, x] : [x, y];
          return {
            kind,
            way: isTurned ? 1 : 0,
            x: left / UM_PER_MM + margin + (shape?.width ?? 0) / 2,
            y: bottom / UM_PER_MM + margin + (shape?.height ?? 0) / 2,
          };
        }),
    }));
  }
  return null;
}

function byOverlap(
  problem: SheetProblem,
  kinds: IndexedSheets,
  choice: SheetChoice,
  { random, isOver, noFits, round }: DenserTerms,
): Filled[] | null {
  const { sheets, gap, margin } = problem;
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
  const plates = choice.sheets.map((sheet): Plate => {
    const { width = 0, height = 0 } = sheets[sheet] ?? {};
    return { width, height, gap, margin };
  });
  const start = bestLaid(kinds, plates, { random, noFits, round });
  const rest = start.rest.map((kind) => soft(kind, 0, 0, 0));
  const laid = start.laid.map((own) => own.map(({ kind, way, x, y }) => soft(kind, way, x, y)));
  const insides = plates.map(({ width, height }) => ({ width: width - 2 * shift, height: height - 2 * shift }));
  const found = placeByOverlap(insides, { laid, rest }, { random, isOver });
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
  { random, noFits, round }: Pick<DenserTerms, 'random' | 'noFits' | 'round'>,
): { readonly laid: readonly (readonly LaidBlank[])[]; readonly rest: readonly number[] } {
  let best: { laid: LaidBlank[][]; rest: number[] } = { laid: [], rest: [] };
  let least = Infinity;
  for (let order = 0; order < ORDERS && least > 0; order += 1) {
    const isShaken = round + order > 1;
    const size = (index: number) => (kinds[index]?.areaMm2 ?? 0) * (isShaken ? 1 + STRAY * (2 * random() - 1) : 1);
    const sorted = [...kinds.keys()].map((index) => ({ index, size: size(index) })).sort((a, b) => b.size - a.size);
    const towards = allTowards[(round + order) % allTowards.length] ?? 'bottom';
    const laying = { order: sorted.map(({ index }) => index), towards, lying: 'free' } as const;
    let left = kinds.map((kind) => kind);
    const laid = plates.map((plate) => {
      const own = laySheet(plate, left, laying, noFits);
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
