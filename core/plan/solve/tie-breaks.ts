// Of plans alike in lateness and end: fewer set-ups first, then less work in hand.
import { Decoder } from './serial-schedule-generation.ts';
import type { Found } from './solution.ts';
import type { Shop } from '../model/indexed-problem.ts';

/** Set-ups first, then work in hand: one set-up outweighs any minutes between steps. */
export function tidiness(decoder: Decoder): number {
  return setUps(decoder) * 1e6 + workInHand(decoder);
}

const remembered = new WeakMap<Found, number>();

/** The same of a plan that was found. */
export function tidinessOf(best: Found, shop: Shop): number {
  const known = remembered.get(best);
  if (known !== undefined) return known;
  const decoder = new Decoder(shop);
  decoder.chosen.set(best.chosen);
  decoder.decode(best.order);
  const value = tidiness(decoder);
  remembered.set(best, value);
  return value;
}

/** How often somebody has to set up: a step of another kind than the one before it. */
function setUps({ shop, start, maker }: Decoder): number {
  const steps = Array.from({ length: shop.size }, (_, step) => step).filter((step) => (maker[step] ?? -1) >= 0);
  steps.sort((a, b) => (maker[a] ?? 0) - (maker[b] ?? 0) || (start[a] ?? 0) - (start[b] ?? 0));
  return steps.filter((step, at) => {
    const last = steps[at - 1];
    const kind = shop.kind[step] ?? -1;
    return kind < 0 || last === undefined || maker[last] !== maker[step] || shop.kind[last] !== kind;
  }).length;
}

/** Minutes that begun jobs lie about until they are done, of all jobs. */
function workInHand({ shop, start, end }: Decoder): number {
  let minutes = 0;
  for (const steps of shop.stepsOf) {
    let [first, last] = [Infinity, 0];
    for (const step of steps) {
      first = Math.min(first, start[step] ?? 0);
      last = Math.max(last, end[step] ?? 0);
    }
    if (last > first) minutes += last - first;
  }
  return minutes;
}
