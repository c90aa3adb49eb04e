// Choices of whole sheets that could hold all blanks by area, for less than a known plan costs.
import { stockChoices } from '../stock-choices.ts';
import type { SheetProblem } from './sheet-problem.ts';

/** A choice of sheets. */
export interface SheetChoice {
  /** Index of each sheet that is used. */
  readonly sheets: readonly number[];
  readonly cost: number;
  /** mm² more than needed. */
  readonly spare: number;
}

const MOST = 40;
/** Sheets of one kind beyond this are not needed by anything that is cut by hand. */
const MANY = 99;

/**
 * @param need  area of all blanks with their gaps, mm²
 * @returns the roomiest first, none cheaper than `atLeast`, all cheaper than `below`
 */
export function sheetChoices(
  { sheets, gap, margin }: SheetProblem,
  need: number,
  atLeast: number,
  below: number,
): readonly SheetChoice[] {
  const inside = (side: number) => Math.max(0, side - 2 * margin + gap);
  const holds = sheets.map(({ width, height }) => inside(width) * inside(height));
  const stock = sheets.map(({ cost, count }) => ({ cost, count: count ?? MANY }));
  const { choices } = stockChoices(stock, need, holds, atLeast, below);
  return choices
    .slice(0, MOST)
    .map(({ chosen, cost, spare }) => ({
      sheets: chosen.flatMap((count, sheet) => Array<number>(count).fill(sheet)),
      cost,
      spare,
    }))
    .sort((a, b) => b.spare - a.spare);
}
