// The cost of all metal that is held, alloy by alloy, carried on from entry to entry.
import { type CostEvent, FirstInFirstOut, MovingAverage, type OnHand } from './cost-flow.ts';
import type { EntryKind, MetalLine } from './entry.ts';
import { isOwned } from './place.ts';

/** An entry as far as cost goes. */
export interface CostEntry {
  readonly kind: EntryKind;
  readonly lines: readonly Pick<MetalLine, 'place' | 'alloy' | 'mg' | 'paidMinor'>[];
}

/** Cost of one alloy. */
export interface AlloyCost {
  readonly alloy: string;
  readonly first: OnHand;
  readonly moving: OnHand;
  /** Minor units per mg at the last receipt with a price; null before one. */
  readonly lastPerMg: number | null;
}

interface Pool {
  readonly first: FirstInFirstOut;
  readonly moving: MovingAverage;
  lastPerMg: number | null;
}

/** A book of costs; entries are added in order. */
export class CostBook {
  readonly #pools = new Map<string, Pool>();

  /** Moves within the studio cost nothing; metal that becomes another alloy takes its cost along. */
  add({ kind, lines }: CostEntry): void {
    const changes = new Map<string, { mg: number; paidMinor: number | null }>();
    for (const { place, alloy, mg, paidMinor } of lines) {
      const before = changes.get(alloy) ?? { mg: 0, paidMinor: null };
      const heldMg = isOwned(place) ? mg : 0;
      const paid = paidMinor === null ? before.paidMinor : (before.paidMinor ?? 0) + paidMinor;
      changes.set(alloy, { mg: before.mg + heldMg, paidMinor: paid });
    }
    const left = [...changes].filter(([, { mg }]) => mg < 0);
    const came = [...changes].filter(([, { mg }]) => mg > 0);
    let [firstMinor, movingMinor] = [0, 0];
    for (const [alloy, event] of left) {
      const pool = this.#pool(alloy);
      firstMinor += pool.first.add(event);
      movingMinor += pool.moving.add(event);
    }
    const cameMg = came.reduce((sum, [, { mg }]) => sum + mg, 0);
    for (const [alloy, event] of came) {
      const share = cameMg === 0 ? 0 : event.mg / cameMg;
      const isConverted = kind === 'converted' && left.length > 0;
      this.#receive(alloy, event, isConverted ? [firstMinor * share, movingMinor * share] : null);
    }
  }

  #receive(alloy: string, event: CostEvent, taken: readonly [number, number] | null): void {
    const pool = this.#pool(alloy);
    pool.first.add(taken ? { ...event, paidMinor: taken[0] } : event);
    pool.moving.add(taken ? { ...event, paidMinor: taken[1] } : event);
    if (event.paidMinor !== null) pool.lastPerMg = event.paidMinor / event.mg;
  }

  #pool(alloy: string): Pool {
    const known = this.#pools.get(alloy) ?? {
      first: new FirstInFirstOut(),
      moving: new MovingAverage(),
      lastPerMg: null,
    };
    this.#pools.set(alloy, known);
    return known;
  }

  costs(): AlloyCost[] {
    return [...this.#pools].map(([alloy, { first, moving, lastPerMg }]) => {
      return { alloy, first: first.onHand, moving: moving.onHand, lastPerMg };
    });
  }
}
