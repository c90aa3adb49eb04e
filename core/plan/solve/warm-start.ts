// A schedule found elsewhere, by the solver or by hand, taken up by the decoder: its steps in the order of their starts, by
// the same hands. What it leaves idle is closed up, so it never ends later for it.
import { Decoder } from './serial-schedule-generation.ts';
import { topological } from './priority-rules.ts';
import { foundOf, type Found } from './solution.ts';
import type { Shop } from '../model/indexed-problem.ts';

export interface Placed {
  readonly start: number;
  /** Index; −1 for none or whoever. */
  readonly maker: number;
}

/** @param placed  by step; a step that is not in it comes after all that are. @returns null when there is no place for all */
export function takenUp(shop: Shop, placed: ReadonlyMap<number, Placed>): Found | null {
  const decoder = new Decoder(shop);
  const order = topological(shop, (step) => placed.get(step)?.start ?? Infinity);
  for (const [step, { maker }] of placed) decoder.chosen[step] = shop.able[step]?.includes(maker) ? maker : -1;
  return decoder.decode(order) ? foundOf(decoder, order) : null;
}
