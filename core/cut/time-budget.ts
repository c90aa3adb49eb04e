// How long a planner of cutting may take.

export interface TimeBudget {
  /** In all. */
  readonly seconds: number;
  /** Seconds since the start. */
  readonly elapsed: () => number;
}
