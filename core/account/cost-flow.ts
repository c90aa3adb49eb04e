// What metal on hand cost, by first-in first-out and by moving average, over what came and what left.

/** Metal of one alloy that came or left, in the order of the entries. */
export interface CostEvent {
  /** Whole mg; positive when it came, negative when it left. */
  readonly mg: number;
  /** Minor units paid for what came; null when unknown. For what left: null, or what it was taken back at. */
  readonly paidMinor: number | null;
}

/** The cost of what is on hand. */
export interface OnHand {
  /** Whole mg. */
  readonly mg: number;
  /** Minor units, not rounded. */
  readonly costMinor: number;
  /** Of `mg`, what came without a price; it is not in `costMinor`. */
  readonly unpricedMg: number;
}

/** A layer of what came, as far as it is there. */
interface Layer {
  mg: number;
  readonly perMg: number | null;
}

/** Where more leaves than came, nothing is on hand, and what comes next fills the gap first. */
export class FirstInFirstOut {
  readonly #layers: Layer[] = [];
  #first = 0;
  #short = 0;

  /** @returns cost of what left, minor units; 0 for what came */
  add({ mg, paidMinor }: CostEvent): number {
    if (mg <= 0) {
      if (paidMinor !== null && this.#takeBack(-mg, paidMinor / mg)) return 0;
      return this.#take(-mg);
    }
    const perMg = paidMinor === null ? null : paidMinor / mg;
    const filled = Math.min(this.#short, mg);
    this.#short -= filled;
    if (mg > filled) this.#layers.push({ mg: mg - filled, perMg });
    return 0;
  }

  /** Takes a receipt back. @returns whether it is still there whole */
  #takeBack(mg: number, perMg: number): boolean {
    const layer = this.#layers.findLast(
      (one) => one.mg >= mg && one.perMg !== null && Math.abs(one.perMg - perMg) < 1e-9,
    );
    if (layer) layer.mg -= mg;
    return layer !== undefined;
  }

  #take(mg: number): number {
    let [toTake, costMinor] = [mg, 0];
    for (let layer = this.#layers[this.#first]; layer && toTake > 0; layer = this.#layers[this.#first]) {
      const taken = Math.min(layer.mg, toTake);
      layer.mg -= taken;
      toTake -= taken;
      costMinor += taken * (layer.perMg ?? 0);
      if (layer.mg === 0) this.#first += 1;
    }
    this.#short += toTake;
    return costMinor;
  }

  get onHand(): OnHand {
    let [mg, costMinor, unpricedMg] = [0, 0, 0];
    for (const layer of this.#layers.slice(this.#first)) {
      mg += layer.mg;
      costMinor += layer.mg * (layer.perMg ?? 0);
      if (layer.perMg === null) unpricedMg += layer.mg;
    }
    return { mg, costMinor, unpricedMg };
  }
}

/** Each receipt is averaged with what is there then; what leaves takes the average with it. */
export class MovingAverage {
  #pricedMg = 0;
  #costMinor = 0;
  #unpricedMg = 0;

  /** @returns cost of what left, minor units; 0 for what came */
  add({ mg, paidMinor }: CostEvent): number {
    if (mg > 0 && paidMinor === null) this.#unpricedMg += mg;
    else if (mg > 0 || paidMinor !== null) {
      // A receipt, or one that is taken back at its own price.
      this.#pricedMg = Math.max(0, this.#pricedMg + mg);
      this.#costMinor = Math.max(0, this.#costMinor + (paidMinor ?? 0));
    } else return this.#take(-mg);
    return 0;
  }

  /** What has a price and what has none leave in proportion. */
  #take(mg: number): number {
    const there = this.#pricedMg + this.#unpricedMg;
    const share = there === 0 ? 0 : Math.min(1, mg / there);
    const left = this.#costMinor * share;
    this.#costMinor -= left;
    this.#pricedMg *= 1 - share;
    this.#unpricedMg *= 1 - share;
    return left;
  }

  get onHand(): OnHand {
    const unpricedMg = Math.round(this.#unpricedMg);
    return { mg: Math.round(this.#pricedMg + this.#unpricedMg), costMinor: this.#costMinor, unpricedMg };
  }
}
