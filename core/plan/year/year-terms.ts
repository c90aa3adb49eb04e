// What a simulated studio year is made of. The shares are assumptions for a small studio (common practice), not measured.

/** Chances and spreads of a studio year. */
export interface YearTerms {
  readonly days: number;
  readonly makers: number;
  /** Batches that arrive a day, on average. */
  readonly arrivals: number;
  /** Share of them that are rush orders. */
  readonly rush: number;
  /** Minutes of all work as a multiple of the standard times. */
  readonly slower: number;
  /** One standard deviation of the minutes, as a share: of a kind of work in this studio, of a maker, of a day, of a step. */
  readonly kindSpread: number;
  readonly makerSpread: number;
  readonly daySpread: number;
  readonly stepSpread: number;
  /** Chance that a step has to be done again. */
  readonly again: number;
  /** Chance that pieces are lost and made anew: the step takes half as long again. */
  readonly lost: number;
  /** Chance that a maker is ill on a day, and that a station is out of service. */
  readonly ill: number;
  readonly broken: number;
}

/** A usual year of a two-maker studio that is busy four fifths of its time. */
export const usualYear: YearTerms = {
  days: 250,
  makers: 2,
  arrivals: 2.2,
  rush: 0.05,
  slower: 1,
  kindSpread: 0.1,
  makerSpread: 0.08,
  daySpread: 0.05,
  stepSpread: 0.15,
  again: 0.04,
  lost: 0.02,
  ill: 0.02,
  broken: 0.01,
};

/** How the work is planned. */
export type Policy = 'plan' | 'first come' | 'due date' | 'one at a time';
