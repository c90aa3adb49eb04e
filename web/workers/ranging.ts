// Simulates batches in a worker, for the likely range of a cost.
import { type CostVariation, likelyRange } from '../../core/price/piece/likely-range.ts';
import type { WorkerMessage } from './latest-only-worker.ts';

addEventListener('message', ({ data }: MessageEvent<WorkerMessage<null, CostVariation>>) => {
  if ('question' in data) postMessage(likelyRange(data.question));
});
