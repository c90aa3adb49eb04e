// noon price: weight, bench time, cost and prices of the pieces of a file, for scripts.
import { blocks } from '../../core/measure/issue.ts';
import type { Fix } from '../../core/metal/fix.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { type Rates } from '../../core/studio/rates.ts';
import { readPieceFile } from './piece-file.ts';

interface PriceJson {
  readonly name: string;
  readonly weightG: number;
  /** Attended, for one piece. */
  readonly minutes: number;
  readonly currency: string;
  /** Whole minor units; the lines add up to the cost. */
  readonly cost: number;
  readonly lines: Readonly<Record<string, number>>;
  readonly school: string;
  readonly wholesale: number;
  readonly retail: number;
  readonly left: number;
  /** null when the piece has no bench time. */
  readonly perHour: number | null;
  readonly problems: readonly { readonly path: string; readonly sentence: string }[];
}

/** Figures by piece, or why the file cannot be read. */
export type PriceOutcome = { readonly pieces: readonly PriceJson[] } | { readonly error: string };

/**
 * Counts and prices the pieces of a file.
 * @param text  JSON of one piece or several, see docs/formats/piece.md
 */
export function priceOutcome(text: string, rates: Rates, fix: Fix | null): PriceOutcome {
  const file = readPieceFile(text);
  if ('error' in file) return file;
  return {
    pieces: file.pieces.map((piece): PriceJson => {
      const { weight, minutes, column, prices, problems } = countPiece(piece, rates, fix);
      return {
        name: piece.name,
        weightG: weight.value,
        minutes: minutes.value,
        currency: rates.currency,
        cost: column.cost.value,
        lines: Object.fromEntries(column.lines.map(({ key, each }) => [key, each.value])),
        school: prices.school,
        wholesale: prices.wholesale.value,
        retail: prices.retail.value,
        left: prices.left.value,
        perHour: prices.perHour?.value ?? null,
        problems: problems.filter((problem) => blocks(problem) || problem.onlyPrice),
      };
    }),
  };
}
