// Values all pieces in a worker: the page asks once and receives progress.
import { weakMapMemoize } from '@reduxjs/toolkit';
import type { Fix } from '../../core/metal/fix.ts';
import type { Receipt } from '../../core/metal/receipt.ts';
import { computeStep, stepEach } from '../../core/piece/bench-time.ts';
import { computeJoin } from '../../core/piece/compute-join.ts';
import { computePart } from '../../core/piece/compute-part.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { type Valuation, valuePiece } from '../../core/price/book/valuation.ts';
import { readRates, withReceipts } from '../../core/studio/rates.ts';
import type { Studio } from '../../core/studio/studio.ts';

export interface ValuingAsked {
  /** Names the question: an answer to an older one is ignored. */
  readonly question: number;
  readonly studio: Studio;
  readonly revision: number;
  readonly receipts: readonly Receipt[];
  readonly fix: Fix;
  readonly pieces: readonly Piece[];
}

export interface ValuingTold {
  readonly question: number;
  /** In the order of the pieces, as many as are computed. */
  readonly valued: readonly (Valuation | null)[];
  readonly isDone: boolean;
}

/** ms between two reports. */
const TOLD_MS = 120;

addEventListener('message', ({ data }: MessageEvent<ValuingAsked>) => {
  const { question, studio, revision, receipts, fix, pieces } = data;
  const rates = withReceipts(readRates(studio, revision), receipts);
  // Doubling a metal price counts an unchanged piece again; its rows are memoized.
  const compute = {
    part: weakMapMemoize(computePart),
    join: weakMapMemoize(computeJoin),
    step: weakMapMemoize(computeStep),
    minutes: weakMapMemoize(stepEach),
  };
  let valued: (Valuation | null)[] = [];
  let told = performance.now();
  const tell = (isDone: boolean) => {
    postMessage({ question, valued, isDone } satisfies ValuingTold);
    valued = [];
    told = performance.now();
  };
  for (const piece of pieces) {
    valued.push(valuePiece(piece, rates, fix, { compute }));
    if (performance.now() - told > TOLD_MS) tell(false);
  }
  tell(true);
});
