// The cutting problem of one stock item of a batch, from what is in stock and what can be bought.
import type { BarProblem } from '../../cut/bars/bar-problem.ts';
import type { SheetPiece, SheetProblem } from '../../cut/sheets/sheet-problem.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { convexHull, type Point } from '../../geometry/convex-polygon.ts';
import { offsetOutline } from '../../geometry/offset-outline.ts';
import type { Outline } from '../../geometry/outline.ts';
import { readLength } from '../../measure/read/read-length.ts';
import type { CutLine, IssueLine } from '../cut-list.ts';
import { gramsOf, keyOfLot, type ShelfLot, type StockSize } from '../stock/shelf.ts';

/** How stock is cut, and what can be bought. */
export interface CutTerms {
  /** Kerf of the tool, mm: used where no part of the stock names its own. */
  readonly kerfMm: number;
  readonly keepFromMm: number;
  readonly gapMm: number;
  readonly marginMm: number;
  /** Both sides of the smallest offcut of sheet worth keeping, mm. */
  readonly keepSheetMm: { readonly short: number; readonly long: number };
  /** Shears cut right across; a saw or a laser cuts anywhere. */
  readonly sheetCutting: 'free' | 'guillotine';
  /** Whether blanks of sheet keep their direction. */
  readonly keepsGrain: boolean;
  /** A bar or sheet that can be bought in any number. */
  readonly bought: readonly { readonly id: string; readonly size: StockSize; readonly priceMinor: number | null }[];
}

/** Without any known price, metal counts by its mass alone. */
const MINOR_PER_GRAM = 100;

/** Lots of exactly this stock, offcuts first. */
function lotsFor(issue: IssueLine, lots: readonly ShelfLot[]): ShelfLot[] {
  return (
    lots
      // What a customer left is cut for nobody else.
      .filter((lot) => lot.count > 0 && lot.owner === '' && keyOfLot(lot) === issue.stock)
      .sort((a, b) => Number(b.isOffcut) - Number(a.isOffcut) || a.grams - b.grams)
  );
}

/**
 * Cost of each bar or sheet. An offcut costs nothing: it is paid for and small. Stock costs what was paid for it, or by
 * its mass. What is bought costs its price, or a little over its mass, so that stock is used first.
 */
function pricesOf(issue: IssueLine, lots: readonly ShelfLot[], terms: CutTerms) {
  const known = [
    ...terms.bought.map(({ priceMinor, size }) => ({ priceMinor, grams: gramsOf(issue.section, size, issue.alloy) })),
    ...lotsFor(issue, lots).map(({ paidMinor, grams }) => ({ priceMinor: paidMinor, grams })),
  ].find(({ priceMinor, grams }) => priceMinor !== null && grams > 0);
  const perGram = known ? (known.priceMinor ?? 0) / known.grams : MINOR_PER_GRAM;
  return {
    lot: ({ isOffcut, paidMinor, grams }: ShelfLot) =>
      isOffcut ? 0 : (paidMinor ?? roundHalfAwayFromZero(grams * perGram)),
    bought: ({ priceMinor, size }: CutTerms['bought'][number]) =>
      priceMinor ?? roundHalfAwayFromZero(gramsOf(issue.section, size, issue.alloy) * perGram) + 1,
  };
}

/**
 * Kerf between the blanks of a stock item. A part that names its kerf is weighed with it, so the plan cuts with it too.
 * @returns mm: the widest kerf its parts name, or that of the tool when none does
 */
export function kerfFor({ lines }: Pick<IssueLine, 'lines'>, { kerfMm }: Pick<CutTerms, 'kerfMm'>): number {
  const named = lines.flatMap(({ part }) => {
    const reading = readLength(part.kerf, { what: 'kerf', mayBeZero: true });
    return part.kerf.trim() && reading.ok ? [reading.value] : [];
  });
  return named.length > 0 ? Math.max(...named) : kerfMm;
}

/** The bar problem of a stock item that is cut to lengths. */
export function barProblemOf(issue: IssueLine, lots: readonly ShelfLot[], terms: CutTerms): BarProblem {
  const cost = pricesOf(issue, lots, terms);
  return {
    kerf: kerfFor(issue, terms),
    keepFrom: terms.keepFromMm,
    stock: [
      ...lotsFor(issue, lots).flatMap((lot) =>
        'lengthMm' in lot.size
          ? [{ id: lot.id, length: lot.size.lengthMm, count: lot.count, cost: cost.lot(lot) }]
          : [],
      ),
      ...terms.bought.flatMap((one) =>
        'lengthMm' in one.size ? [{ id: one.id, length: one.size.lengthMm, count: null, cost: cost.bought(one) }] : [],
      ),
    ],
    pieces: issue.lines.flatMap(({ key, cut, count }) =>
      cut.kind === 'length' && count.value > 0
        ? [{ id: key, length: toMicrometres(cut.length.value), count: count.value }]
        : [],
    ),
  };
}

/** The sheet problem of a stock item that is cut to outlines. */
export function sheetProblemOf(issue: IssueLine, lots: readonly ShelfLot[], terms: CutTerms): SheetProblem {
  const cost = pricesOf(issue, lots, terms);
  return {
    gap: terms.gapMm,
    margin: terms.marginMm,
    cutting: terms.sheetCutting,
    keepFrom: terms.keepSheetMm,
    sheets: [
      ...lotsFor(issue, lots).flatMap((lot) =>
        'widthMm' in lot.size
          ? [{ id: lot.id, width: lot.size.widthMm, height: lot.size.heightMm, count: lot.count, cost: cost.lot(lot) }]
          : [],
      ),
      ...terms.bought.flatMap((one) =>
        'widthMm' in one.size
          ? [{ id: one.id, width: one.size.widthMm, height: one.size.heightMm, count: null, cost: cost.bought(one) }]
          : [],
      ),
    ],
    pieces: issue.lines.flatMap((line) => (line.count.value > 0 ? sheetPiece(line, !terms.keepsGrain) : [])),
  };
}

// Blanks are cut to the micrometre at best: whole micrometres make exact fits fit.
const toMicrometres = (mm: number) => Math.round(mm * 1000) / 1000;

function sheetPiece({ key, cut, count }: CutLine, rotatable: boolean): SheetPiece[] {
  const own = { id: key, count: count.value };
  switch (cut.kind) {
    case 'disc': {
      const [outside, inside] = [toMicrometres(cut.diameter.value), toMicrometres(cut.hole?.value ?? 0)];
      return inside > 0
        ? [{ ...own, shape: 'washer', outside, inside }]
        : [{ ...own, shape: 'disc', diameter: outside }];
    }
    case 'rectangle':
      return [
        {
          ...own,
          shape: 'rect',
          width: toMicrometres(cut.length.value),
          height: toMicrometres(cut.width.value),
          rotatable,
        },
      ];
    case 'outline': {
      // Trim is a border all round: the blank is cut larger by it.
      return [{ ...own, shape: 'outline', points: cornersOf(cut.outline, cut.trim?.value ?? 0), rotatable }];
    }
    case 'length':
    case 'weight':
      return [];
  }
}

/** Corners of an outline grown by a border. Curves become tangents, so that no part of the outline is cut off. */
export function cornersOf(outline: Outline, border: number): [number, number][] {
  switch (outline.shape) {
    case 'polygon':
      return offsetOutline(outline.points, border);
    case 'rectangle': {
      const [w, h] = [outline.lengthMm + 2 * border, outline.widthMm + 2 * border];
      return [[0, 0], [w, 0], [w, h], [0, h]]; // prettier-ignore
    }
    case 'cushion': {
      const [a, b] = [outline.lengthMm / 2 - outline.cornerMm, outline.widthMm / 2 - outline.cornerMm];
      return byTangents((x, y) => a * Math.abs(x) + b * Math.abs(y) + outline.cornerMm + border);
    }
    case 'teardrop': {
      const radius = outline.diameterMm / 2;
      const toPoint = outline.lengthMm - radius;
      const side = Math.acos(radius / toPoint);
      return byTangents((x) => Math.max(radius, toPoint * x) + border, [side, 2 * Math.PI - side]);
    }
    case 'round':
      return byTangents(() => outline.diameterMm / 2 + border);
    case 'oval':
      return byTangents((x, y) => Math.hypot((outline.lengthMm / 2) * x, (outline.widthMm / 2) * y) + border);
  }
}

const TANGENTS = 64;

/**
 * @param reach  support function of the shape: its extent in a direction (x, y) of length 1
 * @param sides  directions of its straight sides, besides those of the tangents
 */
function byTangents(reach: (x: number, y: number) => number, sides: readonly number[] = []): [number, number][] {
  const even = Array.from({ length: TANGENTS }, (_, index) => (2 * Math.PI * index) / TANGENTS);
  const angles = [...even, ...sides].sort((a, b) => a - b);
  const corners = angles.flatMap((angle, index): Point[] => {
    const next = angles[index + 1] ?? 2 * Math.PI;
    const between = Math.sin(next - angle);
    if (between < 1e-9) return [];
    const [x, y, u, v] = [Math.cos(angle), Math.sin(angle), Math.cos(next), Math.sin(next)];
    const [first, second] = [reach(x, y), reach(u, v)];
    // Where two neighbouring tangents meet.
    return [{ x: (first * v - second * y) / between, y: (second * x - first * u) / between }];
  });
  return convexHull(corners).map(({ x, y }) => [x, y]);
}
