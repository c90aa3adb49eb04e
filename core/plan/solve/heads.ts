// When each step could start and end at the soonest, were there hands and stations enough: what every schedule keeps to.
import { Decoder } from './serial-schedule-generation.ts';
import type { Shop } from '../model/indexed-problem.ts';
import { topological } from './priority-rules.ts';

export interface Earliest {
  readonly start: Float64Array;
  readonly end: Float64Array;
}

/** By chains, shifts and opening hours alone: nobody is in anybody's way. */
export function earliestEnds(shop: Shop): Earliest {
  const start = new Float64Array(shop.size);
  const end = new Float64Array(shop.size);
  const alone = new Decoder(shop);
  for (const step of topological(shop, () => 0)) {
    const fixed = shop.fixed[step];
    if (fixed) {
      [start[step], end[step]] = [fixed.start, fixed.end];
      continue;
    }
    let ready = shop.release[step] ?? 0;
    for (const other of shop.before[step] ?? []) ready = Math.max(ready, end[other] ?? 0);
    const soonest = alone.soonest(step, ready);
    [start[step], end[step]] = [soonest.start, soonest.end];
  }
  return { start, end };
}
