// Tries batches away from the page, for the likely range of a cost.
import './strict.ts';
import { likelyRange, type LikelyRange, type StrayingCost } from '../../core/price/likely-range.ts';

export interface RangingAsked {
  readonly question: number;
  readonly cost: StrayingCost;
}

export interface RangingTold {
  readonly question: number;
  readonly range: LikelyRange;
}

addEventListener('message', ({ data: { question, cost } }: MessageEvent<RangingAsked>) => {
  postMessage({ question, range: likelyRange(cost) } satisfies RangingTold);
});
