// Tries batches away from the page, for the likely range of a cost.
import './strict.ts';
import { likelyRange, type StrayingCost } from '../../core/price/piece/likely-range.ts';
import type { Asked } from './latest-only-worker.ts';

addEventListener('message', ({ data }: MessageEvent<Asked<null, StrayingCost>>) => {
  if ('question' in data) postMessage(likelyRange(data.question));
});
